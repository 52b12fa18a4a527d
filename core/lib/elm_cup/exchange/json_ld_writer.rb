# frozen_string_literal: true

require "json"

module ElmCup
  module Exchange
    # A formula document as a schema.org Recipe. Each component is a part of it (hasPart, a Recipe too); the very document goes
    # along as an encoding, so that it comes back the same. Source of the shape: schema.org/Recipe (from memory).
    module JsonLdWriter
      DIETS = {"vegan" => "VeganDiet", "vegetarian" => "VegetarianDiet", "gluten-free" => "GlutenFreeDiet"}.freeze

      # A Hash ready for JSON. assessment: the document's.
      def self.call(document, assessment)
        {
          "@context" => "https://schema.org", "@type" => "Recipe", **said(document), **yielded(assessment), **shaped(assessment),
          "suitableForDiet" => diets(assessment), "nutrition" => nutrition(assessment),
          "encoding" => [{"@type" => "MediaObject", "encodingFormat" => JsonLd::FORMAT, "text" => JSON.generate(document)}]
        }.reject { |_, value| value.nil? || value == [] }
      end

      # The part that is the document's own words; what is read back is compared with it.
      def self.said(document)
        parts = Document::Parts.new(document)
        said = parts.components.map { |each| part(each.name, each.type.id, each.lines) } +
          parts.splits.map { |split| part(flavour(split, parts), "flavour", split.folded.lines + split.topping.lines) }
        {
          "name" => document["name"], "recipeIngredient" => said.flat_map { |each| each["recipeIngredient"] },
          "recipeInstructions" => (document["notes"] || []).map { |text| {"@type" => "HowToStep", "text" => text} },
          **((said.size > 1) ? {"hasPart" => said} : {})
        }.reject { |_, value| value == [] }
      end

      class << self
        private

        def part(name, category, lines)
          {"@type" => "Recipe", "name" => name, "recipeCategory" => category, "recipeIngredient" => lines.map { |line| text(line) }}
        end

        # As the Markdown card heads it, so that it is known again.
        def flavour(split, parts)
          "Flavour: #{split.name} (#{Quantity::FractionText.decimal(split.share * 100)} % of #{parts.components[split.base].name})"
        end

        def text(line) = line.text || "#{Quantity::FractionText.decimal(Rational(line.grams.to_s))} g #{line.ingredient.tr("-", " ")}"

        def yielded(assessment)
          count = assessment.pieces.together&.count
          count ? {"recipeYield" => "#{count} pieces"} : {}
        end

        # Size, cut and coat in words, and the tin as a tool.
        def shaped(assessment)
          pieces = assessment.pieces.together or return {}
          need = assessment.coat.need
          tin = pieces.tin && {"@type" => "HowToTool", "name" => pieces.tin.words, "requiredQuantity" => pieces.tin.count}
          {"description" => [(ShapeWords.pieces(pieces) if pieces.count.positive?), (ShapeWords.coat(need) if need)].compact.join(" "), "tool" => tin}
        end

        def diets(assessment) = assessment.diets.kept.filter_map { |diet| DIETS[diet]&.then { |name| "https://schema.org/#{name}" } }

        def nutrition(assessment)
          piece = assessment.nutrition.per_piece or return
          grams_of_one = assessment.coat.finished_grams
          grams = ->(key) { "#{piece[key].round(2).round(1)} g" }
          {
            "@type" => "NutritionInformation", "calories" => "#{piece[:kcal].round(2).round} kcal",
            "servingSize" => "1 piece (#{grams_of_one.round(2).round(1)} g)",
            "proteinContent" => grams[:protein_g], "fatContent" => grams[:fat_g], "saturatedFatContent" => grams[:saturates_g],
            "carbohydrateContent" => grams[:carbohydrate_g], "sugarContent" => grams[:sugars_g], "fiberContent" => grams[:fibre_g],
            "sodiumContent" => "#{(piece[:salt_g].round(2) * 400).round} mg"
          }
        end
      end
    end
  end
end
