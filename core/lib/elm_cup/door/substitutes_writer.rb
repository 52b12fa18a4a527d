# frozen_string_literal: true

module ElmCup
  module Door
    # Balance::Substitutes as a Hash ("substitute/1").
    module SubstitutesWriter
      def self.call(substitutes)
        {
          "elm_cup" => "substitute/1", "ingredient" => substitutes.entry.id, "name" => substitutes.entry.name,
          "line" => substitutes.line.label,
          "reason" => substitutes.reason, "candidates" => substitutes.answers.map { |tried| candidate(tried, substitutes) },
          "refused" => substitutes.refused.map { |tried| refused(tried.entry) }, "notes" => substitutes.notes
        }
      end

      class << self
        private

        def candidate(tried, substitutes)
          entry = tried.entry
          change = tried.answer.changes.find { |each| each.kind == :instead }
          BalanceWriter.answer(tried.answer)
            .merge("ingredient" => entry.id, "name" => entry.name, "text" => change.now, "family" => entry.family,
              "source" => entry.source, "here" => substitutes.here?(entry))
        end

        def refused(entry) = {"ingredient" => entry.id, "name" => entry.name, "why" => Balance::Substitutes::KEEPS_NO_TEXTURE}
      end
    end
  end
end
