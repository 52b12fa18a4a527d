# frozen_string_literal: true

module ElmCup
  module Balance
    # What of an assessment's parts is in its finished pieces, as shares of the parts. Pieces are counted with the rest that makes no whole
    # one, as the sums count them.
    class Finish
      def initialize(assessment)
        @assessment = assessment
        @together = (assessment.pieces.together if assessment.pieces.piece_grams)
        @extras = @together ? assessment.coat.extras : []
      end

      # The share of what is shaped that pieces are made of; less than all where their number is fixed and they do not take it all.
      def kept
        return 1.0 unless @together && fixed_count

        [fixed_count * @together.piece_grams / formed_grams, 1.0].min
      end

      # The share of a part that comes onto the pieces as their coat, or is strewn on them.
      def on_pieces(part)
        @extras.select { |extra| extra.part.equal?(part) }.sum(0.0) { |extra| extra.grams * pieces / part.bowl.grams }
      end

      private

      def fixed_count = @assessment.formula.shape.fixed_count

      def formed_grams = @assessment.formed_layers.grams

      def pieces = fixed_count || formed_grams / @together.piece_grams
    end
  end
end
