# frozen_string_literal: true

module ElmCup
  module Piece
    # How many pieces it makes and how large: of each bowl that is shaped for itself, and together.
    class PiecesSection < Section
      named "pieces"
      key("pieces") { together }

      # One Yield of them all; nil without a shape, or while a line of what is shaped is not read.
      def together = @together ||= yields && yields.first.class.together(yields)

      # The Yields of the assessment's `formed` bowls, in their order; nil as `together`.
      def yields
        return @yields if defined?(@yields)

        shape = assessment.formula.shape
        @yields = (shape.yields_of(assessment.formed.map(&:bowl), whole: assessment.formed_whole) if shape && assessment.formed_known?)
      end

      # Grams of one piece; nil where there is none.
      def piece_grams = (together.piece_grams if together&.count&.positive?)
    end
  end
end
