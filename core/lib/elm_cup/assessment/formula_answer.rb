# frozen_string_literal: true

module ElmCup
  module Assessment
    # The whole answer: components, pieces, practice, nutrition, what must be said about it.
    class FormulaAnswer
      include Figures

      # formula: Document::Formula; components: ReadComponents.
      def initialize(formula, components)
        @formula = formula
        @components = components
        @piece_bowl = Mixture::Bowl.new(components.select(&:in_piece?).flat_map(&:lines))
        @whole_bowl = Mixture::Bowl.new(components.flat_map(&:lines))
      end

      def to_h
        {
          "elm_cup" => "assessment/1", "name" => @formula.name, "grams" => round(@whole_bowl.grams, 2),
          "components" => @components.map { |each| ComponentAnswer.new(each).to_h },
          **pieces, **nutrition,
          "allergens" => @whole_bowl.allergens, "diets" => Mixture::Diets.kept(@whole_bowl),
          "findings" => @components.flat_map(&:findings).map { |finding| finding_answer(finding) }, "notes" => notes
        }.compact
      end

      private

      # Pieces wait until every line of what is rolled is read.
      def balls
        return @balls if defined?(@balls)

        shape = @formula.shape
        @balls = if shape && known?
          Piece::Ball.new(density: Mixture::Density.of(@piece_bowl), piece_grams: shape.piece_grams, scoop_ml: shape.scoop_ml, pieces: shape.pieces).of(@piece_bowl.grams)
        end
      end

      def known? = @piece_bowl.complete? && !@piece_bowl.empty?

      def pieces
        return {} unless balls

        {
          "pieces" => {"count" => balls.count, "piece_grams" => round(balls.piece_grams, 2), "diameter_mm" => round(balls.diameter_mm), "over_grams" => round(balls.over_grams)},
          "practice" => Cold::Practice.for(@formula.shape.kind, balls.diameter_mm).map { |custom| custom.to_h.transform_keys(&:to_s) }
        }
      end

      def nutrition
        return {} unless known?

        figures = Mixture::Nutrition.new(@piece_bowl)
        {
          "nutrition_per_piece" => (round_all(figures.for_mass(balls.piece_grams), 2) if balls&.count&.positive?),
          "nutrition_per_100g" => round_all(figures.for_mass(100.0), 2),
          "sweetness_pct" => round(Mixture::Sweetness.percent(@piece_bowl))
        }.compact
      end

      def finding_answer(finding)
        {"rule" => finding.rule, "component" => finding.component, "message" => finding.message, "remedy" => {"text" => finding.remedy_text, "patch" => finding.patch}}
      end

      def notes
        flagged = @whole_bowl.complete? ? nil : "Allergens and diets are not complete while a line waits to be mended."
        apart = @components.reject(&:in_piece?).map(&:name)
        [
          flagged,
          ("#{apart.join(", ")}: not counted into the pieces and their nutrition." if apart.any?),
          ("One piece is heavier than the whole bowl." if balls&.count&.zero?)
        ].compact
      end
    end
  end
end
