# frozen_string_literal: true

module ElmCup
  module Door
    # What a list shows of an Assessment, as a Hash: the leading component stands for its texture.
    module SummaryWriter
      def self.call(assessment)
        leading = assessment.leading
        diets = assessment.diets
        {
          "grams" => Json.round(assessment.grams, 2), "want" => leading.want, **texture(leading),
          "pieces" => Json.of(assessment.pieces.together),
          "diets" => diets.kept, "allergens" => diets.allergens, "flagged" => assessment.flags.size,
          "kcal_per_piece" => Json.round(assessment.nutrition.per_piece&.fetch(:kcal), 2), "components" => assessment.components.size,
          "breaches" => diets.breaches.map(&:need).uniq, "keep" => keep(assessment)
        }
      end

      # Of a document that cannot be judged: how many parts it has, where it has any, and how many faults.
      def self.unjudged(document, faults)
        parts = document["components"] if document.is_a?(Hash)
        {"grams" => 0.0, "flagged" => faults, "components" => Array(parts).size, "diets" => [], "allergens" => [], "breaches" => []}
      end

      class << self
        private

        # Where it lives and for how many days there; nil where nothing is read.
        def keep(assessment)
          kept = assessment.section("keep")
          {"place" => kept.place, "days" => kept.days[kept.place]} if kept.parts.any?
        end

        # The keys stay where there is nothing to say, so that a list has one shape.
        def texture(part)
          saturation = part.verdict&.saturation
          {
            "texture" => saturation&.texture, "saturation" => (SaturationWriter.call(part.verdict) if part.estimable?),
            "binder_split_ml" => saturation && PartWriter.split(saturation), "demand_ml" => Json.round(saturation&.demand)
          }
        end
      end
    end
  end
end
