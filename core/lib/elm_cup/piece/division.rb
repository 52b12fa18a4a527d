# frozen_string_literal: true

module ElmCup
  module Piece
    # A whole number divided by weights, none lost: the largest remainders get what rounding leaves.
    module Division
      # Integers that come to `count`; weights: numbers, in the same order.
      def self.of(count, weights)
        sum = weights.sum
        return weights.map { 0 } if sum.zero?

        exact = weights.map { |weight| count * weight / sum }
        shares = exact.map(&:floor)
        exact.each_index.sort_by { |at| [shares[at] - exact[at], at] }.first(count - shares.sum).each { |at| shares[at] += 1 }
        shares
      end
    end
  end
end
