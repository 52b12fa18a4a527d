# frozen_string_literal: true

module ElmCup
  module Fat
    # L(T): the share of a fat that is liquid while the bowl is mixed. Straight between the points of
    # core/data/fat_liquid.csv, flat outside. A liquid oil has no curve and is always 1.
    module LiquidShare
      CURVES = DataTable.rows("fat_liquid").group_by { |row| row["curve"] }
        .transform_values { |rows| rows.map { |row| [row["celsius"].to_f, row["liquid_share"].to_f].freeze }.freeze }.freeze

      # 0 to 1 for the named curve at `celsius`.
      def self.share(curve, celsius)
        return 1.0 if curve.nil?

        points = CURVES.fetch(curve)
        return points.first.last if celsius <= points.first.first
        return points.last.last if celsius >= points.last.first

        (t0, l0), (t1, l1) = points.each_cons(2).find { |(from, _), (to, _)| celsius.between?(from, to) }
        l0 + (l1 - l0) * (celsius - t0) / (t1 - t0)
      end
    end
  end
end
