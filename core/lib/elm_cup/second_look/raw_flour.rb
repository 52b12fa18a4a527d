# frozen_string_literal: true

module ElmCup
  module SecondLook
    # Flour that nobody says is heat-treated. A caution that is given everywhere: raw flour carries what baking would have killed.
    module RawFlour
      ID = "raw-flour"
      FLOURS = %w[flour-wheat rice-flour chickpea-flour].freeze
      SAID = /(?<!not |un|un-)\b(?:heat[- ]treated|toasted|baked|roasted)\b/i
      MESSAGE = "Raw flour is not for eating: buy it heat-treated, or bake it through and let it cool first."

      # Findings about a Table; empty where there is nothing to say.
      def self.look(table)
        table.read_lines.select { |line, _| FLOURS.include?(line.entry.like) && !line.label.match?(SAID) }.map do |line, index|
          Finding.mended_by(rule: ID, component: table.name, message: MESSAGE, remedy_text: "Write that it is heat-treated",
            patch: LineRemedy.replace(table, index,
              {"text" => "#{line.text || LineRemedy.weighed_text(line)}, heat-treated", "ingredient" => line.entry.id}))
        end
      end
    end
  end
end
