# frozen_string_literal: true

module ElmCup
  module Quantity
    # Reads a plain number with a unit of mass or volume, and the places where one says what a container holds.
    class MeasuredReader
      ABOUT = /\s*(?:about|approximately|approx\.?|around|roughly|circa|ca\.|c\.(?=\s*[\d½⅓⅔¼¾⅛])|~|≈)\s*/i
      KINDS = %i[mass volume household].freeze
      PLAIN = %i[mass volume].freeze

      def initialize(scan, ranges, units)
        @scan = scan
        @ranges = ranges
        @units = units
      end

      # A Term, or nil.
      def term
        @scan.skip(ABOUT)
        low, high = @ranges.read
        unit = low && @units.unit
        Term.new(low: low, high: high, unit: unit) if unit && KINDS.include?(unit.kind)
      end

      # What one of several holds: "2 x 50 g", "1 14-oz can", "2 (14 oz) cans". Nil where nothing is said.
      def inner = times || before_container || bracketed

      private

      def times = @scan.attempt { @scan.skip(/\s*[x×]\s*(?=\d)/) && term }

      def before_container
        @scan.attempt do
          next unless @scan.skip(/[\s–—-]+(?=\d)/)
          inner = plain_term
          inner if inner && container_ahead?
        end
      end

      # Here the container behind the weight is the unit to come, so it is not passed over with the weight.
      def plain_term
        low, high = @ranges.read
        text = low && @scan.scan(UnitReader::UNIT)
        unit = text && Unit.find(text.sub(/\A[\s-]+/, ""))
        Term.new(low: low, high: high, unit: unit) if unit && KINDS.include?(unit.kind)
      end

      def bracketed
        @scan.attempt do
          next unless @scan.skip(/\s*\(\s*/)
          inner = term
          inner if inner && @scan.skip(/\s*(?:each)?\s*\)/i) && container_ahead?
        end
      end

      def container_ahead? = @units.ahead&.kind == :container
    end
  end
end
