# frozen_string_literal: true

module ElmCup
  module SecondLook
    # Whole flax neither binds nor is digested; ground it does both. Common practice.
    module WholeFlax
      ID = "whole-flax"

      # Findings about a Table; empty where there is nothing to say.
      def self.look(table)
        table.read_lines.select { |line, _| line.entry.like == "flaxseed" && line.form == "whole" }.map do |line, index|
          text = "#{LineRemedy.grams_text(line.grams)} ground flax"
          Finding.new(rule: ID, component: table.name, remedy_text: "Use #{text} instead",
            message: "Whole flax takes up nothing and passes through; grind it.",
            patch: LineRemedy.replace(table, index, {"text" => text, "ingredient" => "flax-ground"}))
        end
      end
    end
  end
end
