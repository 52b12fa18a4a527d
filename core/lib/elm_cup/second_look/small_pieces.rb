# frozen_string_literal: true

module ElmCup
  module SecondLook
    # Pieces too small for a hand to make.
    module SmallPieces
      ID = "small-pieces"
      # Grams under which nobody rolls or cuts one. Common practice.
      LEAST_GRAMS = 1.0

      # Findings about a Whole; empty where there is nothing to say.
      def self.look(whole)
        pieces = whole.assessment.pieces.together
        shape = whole.assessment.formula.shape
        grams = whole.assessment.formed_layers.grams
        return [] unless pieces&.count&.positive? && grams >= LEAST_GRAMS && pieces.piece_grams < LEAST_GRAMS

        most = most(shape, grams.floor)
        words = "Make #{most} of #{LineRemedy.grams_text(grams / most)}"
        [Finding.mended_by(rule: ID, component: whole.tables.first.name, remedy_text: words,
          message: "A piece would weigh #{pieces.piece_grams.round(2)} g: too small to roll or to cut. There is enough for #{most}.",
          patch: shape.with_count(most).patch(shape))]
      end

      # The largest number up to `count` that a knife can cut as well.
      def self.most(shape, count)
        count /= 2 until count < 2 || shape.class.sense_faults(shape.with_count(count).said, "").empty?
        [count, 1].max
      end
      private_class_method :most
    end
  end
end
