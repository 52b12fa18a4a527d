# frozen_string_literal: true

module ElmCup
  module Door
    # An Assessment::Outline as a Hash.
    module OutlineWriter
      def self.call(outline)
        parts = outline.parts.map { |part| part(part) }
        outline.figures.transform_keys(&:to_s).merge("components" => parts, "allergens" => outline.allergens, "diets" => outline.diets)
      end

      def self.part(part)
        verdict = part.verdict or return {"name" => part.name}
        saturation = verdict.saturation
        {
          "name" => part.name, "texture" => saturation.texture, "saturation" => (SaturationWriter.call(verdict) if part.estimable?),
          "grease" => Json.round(saturation.grease, 2), "tack" => Json.round(saturation.tack, 2)
        }.compact
      end
      private_class_method :part
    end
  end
end
