# frozen_string_literal: true

module ElmCup
  module Wish
    # How free the water is for what would grow: "water_activity<=0.7", the highest of the accounts, of the moistest part or of one.
    class WaterActivity < Judged
      figure "water_activity", unit: nil, places: 2, most: 1, name: "water activity", up: [],
        down: ["keeps longer", "keep longer", "longer shelf life", "drier to keep"], typed: "water activity|aw", picks: ["keeps longer"]

      def self.of_part? = true

      def value_of(assessment)
        parts = assessment.components.select { |each| part ? each.name == part : each.in_piece? }
        parts.filter_map { |each| each.kept_with(:water_activity) { [Mixture::WaterActivity.of(each.bowl)&.high] }.first }.max
      end
    end
  end
end
