# frozen_string_literal: true

module ElmCup
  module Assessment
    # Reads how much of its source a share is.
    module TakeReader
      # The Taken of a Document::Take; `standard` is the kitchen's CupStandard.
      def self.read(take, source, at, standard)
        taken = Taken.new(take: take, source: source, at: at)
        return taken.with(fraction: take.share) if take.share
        return taken.with(message: "It waits until every line of “#{source.name}” is read.") if source.flagged?

        grams, assumptions, message = take.grams ? [take.grams, []] : measured(take.text, source, standard)
        return taken.with(message: message) if message
        return taken.with(message: "There is nothing in “#{source.name}” to take yet.") if source.bowl.empty?
        return taken.with(message: too_much(grams, source)) if grams > source.grams

        taken.with(fraction: grams / source.grams, assumptions: assumptions)
      end

      class << self
        private

        # [grams, assumptions, nil], or [nil, nil, what is wrong].
        def measured(text, source, standard)
          reading = Quantity::LineReader.read("#{text} of it")
          terms = reading.terms
          return unsaid(text) unless reading.readable? && terms.any?
          return [terms.sum(&:grams), []] if terms.all?(&:grams)

          ml = terms.map { |term| term.millilitres(standard) }
          return unsaid(text) unless ml.all?

          density = Mixture::Density.of(source.bowl) or return [0, []]
          [ml.sum * Rational(density.round(3).to_s), ["“#{source.name}” is taken to weigh #{density.round(2)} g a mL, give or take a tenth"]]
        end

        def unsaid(text) = [nil, nil, "“#{text}” is no measure to take by; write a share, grams, or spoons and cups, such as “1/4 cup”"]

        def too_much(grams, source)
          "It takes #{grams.to_f.round} g of “#{source.name}”, and only #{source.grams.to_f.round} g are mixed; take less, or mix more."
        end
      end
    end
  end
end
