# frozen_string_literal: true

module ElmCup
  module Mixture
    # What the batch and a piece cost. The batch is everything; a piece is its share of what goes into the pieces and onto them.
    class CostSection < Section
      # Money of the batch and of a piece (nil where there is none), its currency, names of what has no price.
      Amounts = Value.of(:batch, :piece, :currency, :unpriced) do
        self::DIGITS = {batch: 2, piece: 3}.freeze
      end

      named "cost", needs: %w[pieces coat]
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
        shares = [[assessment.formed_whole, grams], *coat.extras.map { |extra| [extra.bowl, extra.grams] }]
        sums = shares.filter_map { |bowl, mass| Cost.of(bowl, assessment.library)&.then { |sum| sum.money.to_f * mass / bowl.grams } }
        sums.sum if sums.any?
      end
    end
  end
end
