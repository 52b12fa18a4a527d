# frozen_string_literal: true

require "json"

module ElmCup
  module Document
    # A formula document as a schema.org Recipe. Each component is a part of it (hasPart, a Recipe too); the very document goes
    # along as an encoding, so that it comes back the same. Source of the shape: schema.org/Recipe (from memory).
    module JsonLdWriter
      DIETS = {"vegan" => "VeganDiet", "vegetarian" => "VegetarianDiet", "gluten-free" => "GlutenFreeDiet"}.freeze

      # A Hash ready for JSON. `answer` is the document's assessment.
      def self.call(document, answer)
        {
          "@context" => "https://schema.org", "@type" => "Recipe", **said(document), **yielded(answer),
          "suitableForDiet" => diets(answer), "nutrition" => nutrition(answer),
          "encoding" => [{"@type" => "MediaObject", "encodingFormat" => JsonLd::FORMAT, "text" => JSON.generate(document)}]
        }.reject { |_, value| value.nil? || value == [] }
      end

      # The part that is the document's own words; what is read back is compared with it.
      def self.said(document)
        parts = document["components"].map { |part| part(part["name"], part["type"] || "dough", part["lines"]) } +
          (document["splits"] || []).map { |split| part(flavour(split, document), "flavour", (split["lines"] || []) + (split["topping"] || [])) }
        {
          "name" => document["name"], "recipeIngredient" => parts.flat_map { |part| part["recipeIngredient"] },
          "recipeInstructions" => (document["notes"] || []).map { |text| {"@type" => "HowToStep", "text" => text} },
          **((parts.size > 1) ? {"hasPart" => parts} : {})
        }
      end

      class << self
        private

        def part(name, category, lines) = {"@type" => "Recipe", "name" => name, "recipeCategory" => category, "recipeIngredient" => lines.map { |line| text(line) }}

        # As the Markdown card heads it, so that it is known again.
        def flavour(split, document)
          percent = Quantity::FractionText.decimal(Rational(split["share"].to_s) * 100)
          "Flavour: #{split["name"]} (#{percent} % of #{split["component"] || Leading.name(document["components"])})"
        end

        def text(line) = line["text"] || "#{Quantity::FractionText.decimal(Rational(line["grams"].to_s))} g #{line["ingredient"].tr("-", " ")}"

        def yielded(answer)
          count = answer.dig("pieces", "count")
          count ? {"recipeYield" => "#{count} pieces"} : {}
        end

        def diets(answer) = answer["diets"].filter_map { |diet| DIETS[diet]&.then { |name| "https://schema.org/#{name}" } }

        def nutrition(answer)
          piece = answer["nutrition_per_piece"] or return
          grams = ->(key) { "#{piece[key].round(1)} g" }
          {
            "@type" => "NutritionInformation", "calories" => "#{piece["kcal"].round} kcal",
            "servingSize" => "1 piece (#{answer.dig("pieces", "piece_grams").round(1)} g)",
            "proteinContent" => grams["protein_g"], "fatContent" => grams["fat_g"], "saturatedFatContent" => grams["saturates_g"],
            "carbohydrateContent" => grams["carbohydrate_g"], "sugarContent" => grams["sugars_g"], "fiberContent" => grams["fibre_g"],
            "sodiumContent" => "#{(piece["salt_g"] * 400).round} mg"
          }
        end
      end
    end
  end
end
