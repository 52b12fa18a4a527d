# frozen_string_literal: true

module ElmCup
  module SecondLook
    # Patches that a remedy is made of.
    module LineRemedy
      # Adds a line at the end of the component.
      def self.add(table, text, ingredient)
        [{"op" => "add", "path" => "/components/#{table.index}/lines/-", "value" => {"text" => text, "ingredient" => ingredient}}]
      end

      # Puts another line in the place of line `index`.
      def self.replace(table, index, value)
        [{"op" => "replace", "path" => "/components/#{table.index}/lines/#{index}", "value" => value}]
      end

      # "12.5 g": grams as a cook would weigh them.
      def self.grams_text(grams) = "#{grams.to_f.round((grams < 10) ? 1 : 0).to_s.delete_suffix(".0")} g"
    end
  end
end
