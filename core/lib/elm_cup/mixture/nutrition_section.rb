# frozen_string_literal: true

module ElmCup
  module Mixture
    # What is in a piece with its coat, and in 100 g of that; where there are no pieces, in 100 g of all that would go into them.
    class NutritionSection < Section
      named "nutrition", needs: %w[pieces coat]
      key("nutrition_per_piece", digits: 2) { per_piece }
      key("nutrition_per_100g", digits: 2) { per_100g }
      key("label") { label }
      key("sugar_of_day", digits: 1) { per_piece && DaySugar.of(per_piece) }
      key("sweetness_pct", digits: 1) { sweetness }

      # Figures of Nutrition for one piece; nil where there is none.
      def per_piece = @per_piece ||= pieces.piece_grams && with_extras(of_mass(pieces.piece_grams), coat.extras)

      # The same for 100 g; nil where nothing is known.
      def per_100g
        @per_100g ||= bare? ? of_mass(100.0) : per_piece.transform_values { |figure| figure * 100 / coat.finished_grams }
      end

      # Sucrose-equivalent per cent; nil where nothing is known.
      def sweetness
        return unless assessment.formed_known?
        own = Sweetness.percent(assessment.formed_whole)
        return own if bare?

        (own * pieces.piece_grams + coat.extras.sum { |extra| Sweetness.percent(extra.bowl) * extra.grams }) / coat.finished_grams
      end

      # The figures of one piece of one of the `formed` bowls, by its index; nil where there is none.
      def per_piece_of(index)
        piece = pieces.yields&.at(index)
        return unless piece&.count&.positive?

        with_extras(Nutrition.new(assessment.formed[index].bowl).for_mass(piece.piece_grams), coat.extras_of(index))
      end

      private

      # Nothing is on the pieces, or there are none.
      def bare? = pieces.piece_grams.nil? || coat.extras.empty?

      def with_extras(figures, extras)
        extras.inject(figures) { |sums, extra| sums.merge(Nutrition.new(extra.bowl).for_mass(extra.grams)) { |_, one, other| one + other } }
      end

      def of_mass(grams) = (figures.for_mass(grams) if assessment.formed_known?)

      def figures = @figures ||= Nutrition.new(assessment.formed_whole)

      def label
        {us_per_piece: per_piece && LabelRounding.us(per_piece), eu_per_100g: LabelRounding.eu(per_100g)}.compact if per_100g
      end
    end
  end
end
