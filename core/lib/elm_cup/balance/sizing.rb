# frozen_string_literal: true

module ElmCup
  module Balance
    # A batch of another size is the same bowl made larger or smaller, and the least change is counted from there: every line that
    # is not locked times one factor, each brought to an amount that exists.
    class Sizing
      # A wish for so many pieces aims a little over, so that rounding leaves none short.
      OVER = 0.25
      # Factors that a batch may be made larger or smaller by.
      FACTORS = (Rational(1, 50)..50)

      # The Situation that `wishes` set out from.
      def self.of(situation, wishes) = new(situation, wishes).situation

      def initialize(situation, wishes)
        @situation = situation
        @wishes = wishes
        @problem = Problem.new(situation, wishes)
      end

      # The Situation, as it is where no wish for a size is open.
      def situation
        wish = @wishes.find { |each| each.size? && !@situation.met.key?(each.text) && each.ratio(@problem.rows) } or return @situation
        factor = factor(wish)
        FACTORS.cover?(factor) ? scaled(factor, wish) : @situation
      end

      private

      def factor(wish)
        sum = wish.ratio(@problem.rows).over
        grams = all.map { |amount| amount.line? ? amount.grams : 0.0 }
        now = sum.at(grams)
        still = sum.at(grams.each_with_index.map { |weight, at| scales?(all[at]) ? 0.0 : weight })
        return Rational(wish.value / now) if counted?(wish)

        target = wish.value + (if wish.in_pieces?
                                 @situation.pieces.lost + ((wish.op == "<=") ? 0.0 : OVER)
                               else
                                 0.0
                 end)
        (now > still) ? ((target - still) / (now - still)).rationalize(Rational(1, 10_000)) : 1r
      end

      # Pieces are said as a number, and the size of one stays.
      def counted?(wish) = wish.in_pieces? && !@situation.pieces.fixed_count.nil?

      def all = @situation.all

      def scales?(amount) = !amount.steps.nil? && !@problem.locked?(amount)

      def scaled(factor, wish)
        pieces = counted?(wish) ? @situation.pieces.with_count(wish.value.round) : @situation.pieces
        amounts, candidates = [@situation.amounts, @situation.candidates].map { |list| list.map { |amount| larger(amount, factor) } }
        @situation.with(amounts: amounts, candidates: candidates, pieces: pieces, times: factor)
      end

      # What there is of it allows no more.
      def most(amount) = amount.cap_grams ? [Rational(amount.cap_grams.to_s) / amount.steps.grams, 1].max : FACTORS.last

      def larger(amount, factor)
        return amount unless scales?(amount)
        return amount.with(most_up: (amount.most_up * factor).ceil) unless amount.steps.start.positive?

        amount.with(steps: amount.steps.scaled([factor, most(amount)].min, most: amount.cap_grams))
      end
    end
  end
end
