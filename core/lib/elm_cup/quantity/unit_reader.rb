# frozen_string_literal: true

module ElmCup
  module Quantity
    # Reads the words behind a number that say what it counts: unit, cup standard, number of a scoop.
    class UnitReader
      UNIT = /[\s-]*#{Unit::PATTERN}/
      STANDARDS = {"us" => "us", "u.s." => "us", "american" => "us", "us legal" => "us_legal", "legal" => "us_legal",
                   "metric" => "metric", "imperial" => "imperial", "uk" => "imperial", "australian" => "australian"}.freeze
      STANDARD = /\s*(#{STANDARDS.keys.sort_by { |word| -word.length }.map { |word| Regexp.escape(word) }.join("|")})(?=[\s-])/i
      NUMBER_SIGN = /(?:#|no\.?|number)/
      SCOOP = /\s*(?:#{NUMBER_SIGN}\s*(\d{1,3})[\s-]*scoops?|scoops?\s*#{NUMBER_SIGN}\s*(\d{1,3}))\b/i
      SCOOP_AFTER = /\s*#{NUMBER_SIGN}\s*(\d{1,3})\b/i
      # The word of a unit, with nothing before it.
      PLAIN = /[\s-]*+(?!scoop)#{Unit::PATTERN}/i
      # "12 oz bag of chips": the weight is said, what it came in does not matter.
      PACKED_IN = /[\s-]+(?:cans?|tins?|bags?|packets?|packages?|packs?|jars?|bars?|boxe?s?)\b/i

      def initialize(scan)
        @scan = scan
      end

      # The Unit that stands here, passed over; nil if none does.
      def unit
        text = @scan.scan(UNIT)
        found = text && find(text)
        @scan.skip(PACKED_IN) if found&.kind == :mass
        found
      end

      # The Unit that stands here, not passed over.
      def ahead
        text = @scan.check(UNIT)
        text && find(text)
      end

      # It stands right here; a scoop may have a number beside it.
      def plain_ahead? = @scan.match?(PLAIN)

      # The CupStandard named before a unit, "metric cup".
      def standard
        @scan.attempt do
          next unless @scan.skip(STANDARD)
          word = @scan[1].downcase
          CupStandard.find(STANDARDS.fetch(word)) if ahead
        end
      end

      # A numbered scoop stands here, not passed over.
      def numbered_scoop_ahead? = @scan.check(SCOOP)

      # The number of "#40 scoop" or "scoop #40".
      def scoop_number = numbered(SCOOP)

      # The number behind a scoop that was read as a unit.
      def scoop_number_after = numbered(SCOOP_AFTER)

      private

      def find(text) = Unit.find(text.sub(/\A[\s-]+/, ""))

      # Source: scoops are numbered by how many fill a US quart, common practice 4 to 100.
      def numbered(pattern)
        from = @scan.charpos
        return unless @scan.skip(pattern)

        number = (@scan[1] || @scan[2]).to_i
        number.between?(4, 100) ? number : @scan.refuse(from, @scan.charpos, :no_such_scoop)
      end
    end
  end
end
