# frozen_string_literal: true

module ElmCup
  module Quantity
    # Reads a number or a range of two, "2", "2-3", "2 to 3", and refuses what no kitchen weighs.
    class RangeReader
      RANGE = /\s*[-–—]\s*(?=[\d.½⅓⅔¼¾⅛⅜⅝⅞])|\s+(?:to|or)\s+(?!an?\b)/i
      NEGATIVE = /\s*[-−]\s?[\d.½¼¾⅓⅔]/
      MOST = 1_000_000
      MOST_DIGITS = 12

      def initialize(scan)
        @scan = scan
      end

      # [lower, higher] Numbers, the same one twice where no range stands; nil where no number does.
      def read
        return if negative?

        @scan.skip(/\s*/)
        low = number or return
        high = far_end || low
        [low, high].sort_by(&:value) unless @scan.fault
      end

      # The Number behind a dash, "to" or "or" that stands here; nil with the place unchanged.
      def far_end = @scan.attempt { @scan.skip(RANGE) && number }

      private

      def number
        from = @scan.charpos
        number = NumberReader.read(@scan)
        return if number.nil?

        wrong = fault(number)
        wrong ? @scan.refuse(from, @scan.charpos, wrong) : number
      end

      def fault(number)
        return "Nothing can be divided by zero; write the fraction again" if number == :zero_denominator
        return "That number is not one a kitchen uses; write it out plainly, such as 250" if absurd?(number)

        "The amount is zero; say how much, or take the line out" if number.value.zero?
      end

      def absurd?(number)
        long = number.style != :word && number.to - number.from > MOST_DIGITS
        long || number.value > MOST || @scan.check(/[eE][+-]?\d/)
      end

      def negative?
        return false unless @scan.check(NEGATIVE)

        @scan.skip(/\s*/)
        from = @scan.charpos
        @scan.skip(/[-−]\s?[\d.,\/½¼¾⅓⅔]+/)
        @scan.refuse(from, @scan.charpos, "An amount cannot be less than nothing; leave out the minus")
        true
      end
    end
  end
end
