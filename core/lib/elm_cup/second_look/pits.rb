# frozen_string_literal: true

module ElmCup
  module SecondLook
    # Dates that nobody says are pitted: a missed pit breaks teeth, and a processor's blade. Common practice.
    module Pits
      ID = "pits"
      SAID = /\b(?:pitted|stoned|stoneless|pit removed|pits removed|without pits?)\b/i

      # Findings about a Table; empty where there is nothing to say.
      def self.look(table)
        table.read_lines.select { |line, _| pits?(line) }.map do |line, index|
          Finding.mended_by(rule: ID, component: table.name, remedy_text: "Write that they are pitted",
            message: "Feel every date for its pit: a missed one breaks teeth.",
            patch: LineRemedy.replace(table, index,
              {"text" => "#{line.text || LineRemedy.weighed_text(line)}, pitted", "ingredient" => line.entry.id}))
        end
      end

      def self.pits?(line) = line.entry.family == "dates" && line.entry.like != "dates-paste" && !line.label.match?(SAID)
      private_class_method :pits?
    end
  end
end
