# frozen_string_literal: true

module ElmCup
  module Quantity
    # Reads a number or a range of two, "2", "2-3", "2 to 3", and refuses what no kitchen weighs.
    class RangeReader
      # "1 - 18 oz jar" is one jar.
      OF_A_CONTAINER = /\s*[-–—]\s*\d+(?:\.\d+)?[\s-]*#{Unit::PATTERN}[\s-]*(?:#{Unit::CONTAINERS})\b/i
      RANGE = /(?!#{OF_A_CONTAINER})\s*[-–—]\s*(?=[\d.½⅓⅔¼¾⅛⅜⅝⅞])|\s+(?:to|or)\s+(?!an?\b)/i
      NEGATIVE = /\s*[-−]\s?[\d.½¼¾⅓⅔]/
      MOST = 1_000_000
      MOST_DIGITS = 12

      # The exact value of a text that is one number and no more, "1 1/2", "½" or "half"; nil for any other.
      def self.single(text)
        scan = Scan.new(text)
        low, high = new(scan).read
        low.value if low && low == high && scan.fault.nil? && scan.rest.strip.empty?
      end

      def initialize(scan)
        @scan = scan
      end

      # [lower, higher] Numbers, the same one twice where no range stands; nil where no number does.
      def read
        return if negative?

        @scan.skip(/\s*/)
        low = number or return
        high = far_end or return (@scan.fault ? nil : [low, low])
        [low, high].minmax_by(&:value) unless @scan.fault
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
        return :divided_by_zero if number == :zero_denominator
        return :absurd_number if absurd?(number)

        :amount_zero if number.value.zero?
      end

      def absurd?(number)
        long = number.to - number.from > MOST_DIGITS && @scan.string[number.from...number.to].count("0-9") > MOST_DIGITS
        long || number.value > MOST || @scan.check(/[eE][+-]?\d/)
      end

      def negative?
        return false unless @scan.check(NEGATIVE)

        @scan.skip(/\s*/)
        from = @scan.charpos
        @scan.skip(/[-−]\s?[\d.,\/½¼¾⅓⅔]+/)
        @scan.refuse(from, @scan.charpos, :amount_negative)
        true
      end
    end
  end
end
