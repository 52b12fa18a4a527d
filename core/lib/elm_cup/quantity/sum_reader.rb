# frozen_string_literal: true

module ElmCup
  module Quantity
    # Reads the amounts at a place of a line that are added up: "1/2 c + 2 tbsp", "1 lb 2 oz", "a cup and a half".
    class SumReader
      JOIN = /\s*+(?:[+&]\s*|(?:,\s+|(?<=\s))(?:plus|and|minus|less)\s+)/i
      # unit => the smaller ones that follow it without a word between
      SIDE_BY_SIDE = {kilogram: %i[gram], pound: %i[ounce], litre: %i[decilitre millilitre], cup: %i[tablespoon teaspoon],
                      tablespoon: %i[teaspoon]}.freeze
      PART = /\A(?:an?|one)\s+(?:half|third|quarter)(?:\s+of)?\z/i

      # amounts: TermReader of the same scan.
      def initialize(scan, amounts)
        @scan = scan
        @amounts = amounts
      end

      # Terms in the order of the line, none where no amount stands; the scan has a fault when one stands there but cannot be.
      def read
        terms = []
        term = @amounts.read
        while term
          terms << term
          back = @scan.pos
          term = following(term)
          @scan.pos = back unless term || @scan.fault
        end
        terms
      end

      private

      def following(before)
        joint = @scan.scan(JOIN) or return beside(before)
        more = @amounts.read or return
        more = part_of(before, more) unless more.unit || joint.include?("+")
        joint.match?(/minus|less/i) ? more&.with(sign: -1) : more
      end

      def beside(before)
        smaller = SIDE_BY_SIDE[before.unit&.id] or return
        @scan.attempt do
          more = @scan.check(/\s+\d/) && @amounts.read
          more if more && smaller.include?(more.unit&.id)
        end
      end

      # "and a half" of the unit before it.
      def part_of(before, more)
        return unless before.unit && @scan.string[more.low.from...more.low.to].match?(PART)

        number = more.low.with(unit_word: before.unit.names[1])
        before.with(low: number, high: number)
      end
    end
  end
end
