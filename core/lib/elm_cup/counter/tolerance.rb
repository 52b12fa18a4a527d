# frozen_string_literal: true

module ElmCup
  module Counter
    # How near the target a line has to be weighed, in grams: rows of core/data/weigh_tolerances.csv, the first that fits.
    #   under, over   grams that it may be under and over       row   id of what it goes by
    #   coarse        the scale weighs too coarsely for it: a spoon tells more
    # Source: docs/model.md, Weighing in: common practice; a binder and a dry line by what moves the texture number by a tenth.
    Tolerance = Value.of(:under, :over, :row, coarse: false) do
      # part: Assessment::Part; at: index of the line among its own; grams: planned; cold_set: share of the part's firmness that the cold
      # gives, nil where that is not known; resolution: grams that the scale tells.
      def self.of(part, at, grams:, cold_set: nil, resolution: 1.0)
        kind = self::Kind.new(part, at, cold_set)
        row = self::ROWS.find { |each| kind.fit?(each["of"]) }
        share, least = row.values_at("share_pct", "least_grams").map(&:to_f)
        over = [share / 100 * grams, least].max
        over = [over, moving(part, at, grams)].min if row["by_slope"] == "yes"
        new(under: (row["under"] == "none") ? 0.0 : [over, resolution].max, over: [over, resolution].max, row: row["of"],
          coarse: over < self::COARSE * resolution)
      end

      # Grams that move the texture number by a tenth.
      def self.moving(part, at, grams)
        portion = (part.portion(at) if part.estimable?) or return Float::INFINITY
        slope = Observation::Slopes.new(part.mix).amount(portion).abs
        slope.positive? ? self::MOVED * grams / slope : Float::INFINITY
      end
      private_class_method :moving

      # It is within it.
      def within?(actual, planned) = actual - planned <= over + self.class::ROUNDING && planned - actual <= under + self.class::ROUNDING
    end
    Tolerance::ROWS = DataTable.rows("weigh_tolerances")
    Tolerance::MOVED = 0.1
    Tolerance::COARSE = 2
    Tolerance::ROUNDING = 1e-6
    # What a line is, for the rows.
    class Tolerance::Kind
      SEASONING = %w[salt spice flavour leavening].freeze
      SWEETENER = %w[sugar polyol].freeze
      SETS = 0.3

      def initialize(part, at, cold_set)
        @part = part
        @line = part.lines[at]
        @portion = part.portion(at)
        @cold_set = cold_set
      end

      def fit?(of) = send(:"#{of}?")

      private

      def coat? = @part.type.id == "coating"

      def topping? = @part.type.id == "topping"

      def seasoning? = SEASONING.include?(@line.entry.family)

      # A fat that hardens, in a part that the cold sets.
      def setting_fat? = @cold_set.to_f >= SETS && @portion&.figures&.kind == "fat" && !@portion.figures.fat_curve.nil?

      def sweetener? = SWEETENER.include?(@line.entry.family) && @portion&.figures&.kind == "dry"

      def inclusion? = @portion.nil? || @portion.figures.inclusion

      def bowl? = true
    end
  end
end
