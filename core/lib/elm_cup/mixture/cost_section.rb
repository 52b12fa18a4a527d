# frozen_string_literal: true

module ElmCup
  module Mixture
    # What the batch and a piece cost. The batch is everything; a piece is its share of what goes into the pieces.
    class CostSection < Section
      # Money of the batch and of a piece (nil where there is none), its currency, names of what has no price.
      Amounts = Value.of(:batch, :piece, :currency, :unpriced) do
        self::DIGITS = {batch: 2, piece: 3}.freeze
      end

      named "cost", needs: %w[pieces]
      key("cost") { amounts }

      # Amounts; nil where nothing in it has a price.
      def amounts
        return @amounts if defined?(@amounts)

        batch = Cost.of(assessment.bowl, assessment.library)
        @amounts = batch && Amounts.new(batch: batch.money, piece: piece, currency: assessment.library.currency, unpriced: batch.unpriced)
      end

      private

      def piece
        grams = pieces.piece_grams or return
        whole = Cost.of(assessment.formed_whole, assessment.library)
        whole && whole.money.to_f * grams / assessment.formed_whole.grams
      end
    end
  end
end
