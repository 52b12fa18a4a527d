# frozen_string_literal: true

module ElmCup
  module SecondLook
    # More than a processor of this kitchen takes. Common practice: a small one is loaded in rounds.
    module ProcessorTooSmall
      ID = "processor-too-small"
      WHAT = "processor"

      # Findings about a Whole; empty where there is nothing to say.
      def self.look(whole)
        whole.assessment.section("choices").rounds.select { |round| round.what == WHAT && round.rounds > 1 }.map do |round|
          Finding.mended_by(rule: ID, component: round.of || whole.tables.first.name, message: "The processor is too small for all of it at once: #{round.words}. Grind it in rounds, each with its share of everything.",
            remedy_text: "Do it in rounds", patch: LineRemedy.mute(whole, ID))
        end
      end
    end
  end
end
