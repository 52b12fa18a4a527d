# frozen_string_literal: true

module ElmCup
  module Mixture
    # What is in a piece, and in 100 g of all that goes into pieces; nothing while a line of that is not read.
    class NutritionSection < Section
      named "nutrition", needs: %w[pieces]
      key("nutrition_per_piece", digits: 2) { per_piece }
      key("nutrition_per_100g", digits: 2) { per_100g }
      key("label") { label }
      key("sugar_of_day", digits: 1) { per_piece && DaySugar.of(per_piece) }
      key("sweetness_pct", digits: 1) { sweetness }

      # Figures of Nutrition for one piece; nil where there is none.
      def per_piece = @per_piece ||= pieces.piece_grams && of_mass(pieces.piece_grams)

      # The same for 100 g; nil where nothing is known.
      def per_100g = @per_100g ||= of_mass(100.0)

      # Sucrose-equivalent per cent; nil where nothing is known.
      def sweetness = (Sweetness.percent(assessment.formed_whole) if assessment.formed_known?)

      # The figures of one piece of one of the `formed` bowls, by its index; nil where there is none.
      def per_piece_of(index)
        piece = pieces.yields&.at(index)
        Nutrition.new(assessment.formed[index].bowl).for_mass(piece.piece_grams) if piece&.count&.positive?
      end

      private

      def of_mass(grams) = (figures.for_mass(grams) if assessment.formed_known?)

      def figures = @figures ||= Nutrition.new(assessment.formed_whole)

      def label
        {us_per_piece: per_piece && LabelRounding.us(per_piece), eu_per_100g: LabelRounding.eu(per_100g)}.compact if per_100g
      end
    end
  end
end
