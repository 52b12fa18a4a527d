# frozen_string_literal: true

module ElmCup
  module SecondLook
    # Pieces too small for a hand to make, or one that would take more than there is.
    module SmallPieces
      ID = "small-pieces"
      # Grams under which nobody rolls or cuts one. Common practice.
      LEAST_GRAMS = 1.0

      # Findings about a Whole; empty where there is nothing to say.
      def self.look(whole)
        pieces = whole.assessment.pieces.together
        shape = whole.assessment.formula.shape
        grams = whole.assessment.formed_layers.grams
        return [] unless pieces && shape.fixed_count && grams >= LEAST_GRAMS && grams / shape.fixed_count < LEAST_GRAMS

        most = grams.floor
        [Finding.mended_by(rule: ID, component: whole.tables.first.name, remedy_text: "Make #{most} of 1 g",
          message: "A piece would weigh #{pieces.piece_grams.round(2)} g; this makes #{most} of 1 g at the most.",
          patch: shape.with_count(most).patch(shape))]
      end
    end
  end
end
