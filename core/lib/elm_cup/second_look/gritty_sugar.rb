# frozen_string_literal: true

module ElmCup
  module SecondLook
    # Granulated sweetener where fat leads does not dissolve and stays gritty. Common practice: use powdered.
    # Brown sugar is left out: moist, and wanted for its bite in doughs.
    module GrittySugar
      ID = "gritty-sugar"
      SUGAR = ["powdered sugar", "sugar-powdered"].freeze
      ERYTHRITOL = ["powdered erythritol", "erythritol-powdered"].freeze
      POWDERED = {
        "sugar-granulated" => SUGAR, "sugar-coconut" => SUGAR, "allulose" => SUGAR,
        "erythritol" => ERYTHRITOL, "xylitol" => ERYTHRITOL, "monk-fruit-blend" => ERYTHRITOL, "maltitol" => ERYTHRITOL
      }.freeze

      # Findings about a Table; empty where there is nothing to say.
      def self.look(table)
        return [] unless table.mix&.saturation&.fat_leads?

        table.read_lines.select { |line, _| POWDERED.key?(line.entry.like) && line.form == "granulated" }.map do |line, index|
          words, id = POWDERED.fetch(line.entry.like)
          Finding.mended_by(rule: ID, component: table.name,
            message: "#{line.entry.name} does not dissolve where fat leads; it will stay gritty.",
            **LineRemedy.instead(table, index, "#{LineRemedy.grams_text(line.grams)} #{words}", id))
        end
      end
    end
  end
end
