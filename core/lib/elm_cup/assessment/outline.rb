# frozen_string_literal: true

module ElmCup
  class Assessment
    # The figures of a formula that can be wished for and what goes with them, as they are shown: what an answer of Balance is set beside.
    class Outline
      NUTRITION = %i[kcal sugars_g free_sugars_g protein_g fat_g fibre_g saturates_g carbohydrate_g salt_g].freeze
      # A part with its texture: name, texture id, verdict (Binding::Verdict) or nil.
      NOTHING = {allergens: [].freeze, diets: [].freeze}.freeze

      # assessment: Assessment.
      def initialize(assessment)
        @assessment = assessment
      end

      # key => figure; what there is none of is left out.
      def figures
        @figures ||= {
          grams: @assessment.grams.round(2), pieces: pieces&.count, piece_grams: pieces&.piece_grams&.round(2),
          sweetness_pct: @assessment.nutrition.sweetness&.round(1), **per_piece, cost: cost&.piece&.to_f&.round(3),
          cost_batch: cost&.batch&.to_f&.round(2),
          holds_to_c: @assessment.section("cold").holds_to_c, water_activity: activity&.round(2),
          unpriced: (cost.unpriced if cost&.unpriced&.any?)
        }.compact
      end

      # Parts that are judged: components, then what is folded into flavours.
      def parts = @assessment.judged_parts

      def allergens = @assessment.diets.allergens

      def diets = @assessment.diets.kept

      private

      def pieces = @assessment.pieces.together

      def cost = @assessment.cost.amounts

      # The highest of all accounts and parts: what a wish goes by.
      def activity
        parts = @assessment.components.select(&:in_piece?).reject { |part| part.bowl.empty? }
        parts.filter_map { |part| Mixture::WaterActivity.of(part.bowl)&.high }.max
      end

      def per_piece
        figures = @assessment.nutrition.per_piece or return {}
        NUTRITION.to_h { |field| [field, figures[field].round(2)] }
      end
    end
  end
end
