# frozen_string_literal: true

module ElmCup
  module Wish
    # How warm it may get: "holds_to_c>=27", of the part that gives way first, or of one part.
    class HoldsTo < Judged
      figure "holds_to_c", unit: "°C", places: 0, most: Cold::Hold::WARMEST, name: "holds to", up: ["firmer when warm"], down: [],
        typed: "holds?(?: to)?", picks: ["holds to 27 °C"]

      # What does not hold even in the freezer.
      NEVER = Cold::Hold::COLDEST - 1

      def self.of_part? = true

      # Whole °C, as it is shown.
      def now(assessment) = holds(assessment)&.then { |all| all.map { |hold| hold.holds_to_c || NEVER }.min }

      # By how much it holds at the wished temperature, on the line that cuts are drawn on: over nothing where it does. Degrees themselves
      # jump, firmness at one of them moves with every spoon.
      def margin(assessment)
        holds(assessment)&.then { |all| all.map { |hold| hold.margin(value) }.min }
      end

      def tighten(before, seen, sums)
        margin = margin(seen) or return before
        sign = (margin >= 0) ? 1 : -1
        before.with(cuts: before.cuts + [sums.slopes.cut(margin, -sign * CLEAR, sign) { |assessment| margin(assessment) }])
      end

      # A cut comes in so far beyond: ln of kPa.
      CLEAR = 0.02

      # A fat that sets harder, or a tempered coat, may grant it.
      def wants_firm? = op != "<="

      private

      def holds(assessment)
        all = assessment.section("cold").holds
        all = all.select { |hold| hold.component == part } if part
        all if all.any?
      end

      def plain_words(_library) = "holds to #{bounded}"
    end
  end
end
