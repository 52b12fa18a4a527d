# frozen_string_literal: true

module ElmCup
  module Piece
    # How many pieces it makes and how large: of each bowl that is shaped for itself, and together.
    class PiecesSection < Section
      named "pieces"
      key("pieces") { together }

      # One Yield of them all; nil without a shape, or while a line of what is shaped is not read.
      def together = @together ||= yields && Yield.together(yields, shape.class.method(:counted))

      # The Yields of the assessment's `formed` bowls, in their order; nil as `together`.
      def yields
        return @yields if defined?(@yields)

        @yields = (if shape && assessment.formed_known?
                     shape.yields_of(assessment.formed.map(&:layers), whole: assessment.formed_layers,
                       inset: inset)
        end)
      end

      # Grams of one piece without its coat; nil where there is none.
      def piece_grams = (together.piece_grams if together&.count&.positive?)

      private

      def shape = assessment.formula.shape

      def inset = assessment.formula.coat&.inset || Inset::NONE
    end
  end
end
