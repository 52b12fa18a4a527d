# frozen_string_literal: true

module ElmCup
  module SecondLook
    # Whole flax neither binds nor is digested; ground it does both. Common practice.
    module WholeFlax
      ID = "whole-flax"

      # Findings about a Table; empty where there is nothing to say.
      def self.look(table)
        table.read_lines.select { |line, _| line.entry.like == "flaxseed" && line.form == "whole" }.map do |line, index|
          Finding.mended_by(rule: ID, component: table.name, message: "Whole flax takes up nothing; grind it.",
            **LineRemedy.instead(table, index, "#{LineRemedy.grams_text(line.grams)} ground flax", "flax-ground"))
        end
      end
    end
  end
end
