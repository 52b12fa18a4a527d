# frozen_string_literal: true

module ElmCup
  class Assessment
    # Reads how much of its source a share is.
    module TakeReader
      # How far a measure of a mixed part may be off: its density is reckoned.
      NOTHING = [0, []].freeze

      # The Taking of a Document::Take; `standard` is the kitchen's CupStandard.
      def self.read(take, source, at, standard)
        taking = Taking.new(take: take, source: source, at: at)
        return taking.with(fraction: take.share) if take.share
        grams, assumptions = take.grams ? [take.grams, []] : measured(take.text, source, standard)
        return waiting(taking, :take_no_measure, text: take.text) unless grams
        return waiting(taking, :take_of_nothing, name: source.name) if source.bowl.empty?
        if grams > source.grams
          return waiting(taking, :take_too_much, grams: grams.to_f.round, name: source.name,
            mixed: source.grams.to_f.round)
        end

        taking.with(fraction: grams / source.grams, assumptions: assumptions)
      end

      class << self
        private

        def waiting(taking, code, **facts) = taking.with(message: FaultWords.say(code, facts))

        # [grams, assumptions], nil where the text is no measure.
        def measured(text, source, standard)
          reading = Quantity::LineReader.read("#{text} of it")
          terms = reading.terms
          return unless reading.readable? && terms.any?
          return [terms.sum(&:grams), []] if terms.all?(&:grams)

          ml = terms.map { |term| term.millilitres(standard) }
          return unless ml.all?

          density = Mixture::Density.of(source.bowl) or return NOTHING
          [ml.sum * Rational(density.round(3).to_s),
            ["“#{source.name}” is taken to weigh #{density.round(2)} g a mL, give or take a tenth"]]
        end
      end
    end
  end
end
