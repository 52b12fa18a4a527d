# frozen_string_literal: true

module ElmCup
  module SecondLook
    # More pieces than a tray of this kitchen holds. Common practice: a plate fits where a tray does not.
    module TrayTooSmall
      ID = "tray-too-small"
      WHAT = "tray"

      # Findings about a Whole; empty where there is nothing to say.
      def self.look(whole)
        whole.assessment.section("choices").rounds.select { |round| round.what == WHAT && round.rounds > 1 }.map do |round|
          Finding.mended_by(rule: ID, component: round.of || whole.tables.first.name, message: "Not all of it fits on the tray at once: #{round.words}. Chill it in rounds, or on a second tray.",
            remedy_text: "Do it in rounds", patch: LineRemedy.mute(whole, ID))
        end
      end
    end
  end
end
