# frozen_string_literal: true

module ElmCup
  module SecondLook
    # One piece would take more than there is: a cavity larger than the batch, a ball of more than the dough.
    module PiecesTooLarge
      ID = "pieces-too-large"
      # More than rounding.
      OVER = 1.005
      LEAST_GRAMS = 1.0

      # Findings about a Whole; empty where there is nothing to say.
      def self.look(whole)
        pieces = whole.assessment.pieces.together
        shape = whole.assessment.formula.shape
        grams = whole.assessment.formed_layers.grams
        return [] unless pieces && grams >= LEAST_GRAMS

        wanted = pieces.count.zero? ? pieces.piece_grams : shape.fixed_grams
        return [] unless wanted && wanted > OVER * grams

        [Finding.mended_by(rule: ID, component: whole.tables.first.name, remedy_text: "Make one of #{grams.round} g",
          message: "One piece would take #{wanted.round} g, and all there is weighs #{grams.round} g. Make it smaller, or make more.",
          patch: shape.with_count(1).patch(shape))]
      end
    end
  end
end
