# frozen_string_literal: true

module ElmCup
  module SecondLook
    # Findings about what a tool of this kitchen does not take at once.
    module InRounds
      # rule: its id; what: a Piece::Rounds::Round's; the block gives the message, from the words of a Round.
      def self.of(whole, rule, what)
        whole.assessment.section("choices").rounds.select { |round| round.what == what && round.rounds > 1 }.map do |round|
          Finding.mended_by(rule: rule, component: round.of || whole.tables.first.name, message: yield(round.words),
            remedy_text: "Do it in rounds", patch: LineRemedy.mute(whole, rule))
        end
      end
    end
  end
end
