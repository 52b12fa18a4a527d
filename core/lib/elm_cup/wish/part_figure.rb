# frozen_string_literal: true

module ElmCup
  module Wish
    # A figure of one part: "dough.grease<=0.4".
    class PartFigure < Figure
      for_keys(*Key.of("part").map(&:key))

      def self.of_part? = true

      def now(assessment) = assessment.part(part)&.verdict&.saturation&.grease&.round(2)

      def ratio(rows) = rows.grease(rows.situation.part_of(self))

      private

      def plain_words(_library) = "#{row.name} #{bounded}"
    end
  end
end
