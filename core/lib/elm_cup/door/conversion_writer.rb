# frozen_string_literal: true

module ElmCup
  module Door
    # An Ingredient::Conversion as a Hash ("convert/1").
    module ConversionWriter
      def self.call(conversion)
        line = conversion.line
        nearest = conversion.nearest
        {
          "elm_cup" => "convert/1", "grams" => Json.round(line.grams, 2), "ingredient" => line.entry.id, "name" => line.entry.name,
          "form" => line.form,
          **amount(conversion), "text" => conversion.text, "kitchen" => nearest &&
            {"text" => nearest.text, "error_pct" => Json.round(100 * nearest.error)},
          "confidence" => line.confidence, "assumptions" => line.assumptions
        }.compact
      end

      def self.amount(conversion) = conversion.amount ? {"amount" => Json.round(conversion.amount, 4), "unit" => conversion.unit} : {}
      private_class_method :amount
    end
  end
end
