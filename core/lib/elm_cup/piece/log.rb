# frozen_string_literal: true

module ElmCup
  module Piece
    # A roll cut into slices. Of its thickness, the slice and the number of them two are kept; the third gives way.
    class Log < Shape
      kind "log"

      DIAMETER_MM = 40.0
      SLICE_MM = 10.0
      WAYS = [Way::PIECES, Way.new(key: "piece_grams", word: "grams a slice", usual: 18, unit: "g", figure: "piece_grams"),
        Way.new(key: "diameter_mm", word: "mm across", usual: 40, unit: "mm", figure: "diameter_mm", beside: true),
        Way.new(key: "slice_mm", word: "mm a slice", usual: 10, unit: "mm", figure: "height_mm", beside: true)].freeze

      def self.usual = new("kind" => id, "diameter_mm" => DIAMETER_MM.to_i, "slice_mm" => SLICE_MM.to_i)

      def self.ways = WAYS

      def self.called = %w[slice slices]

      # The roll is rolled before it is cut: the faces stay bare.
      def rolled_mm2(body) = body.perimeter_mm * body.height_mm

      # Where neither a number nor grams are said, the slice of the roll.
      def piece_ml = (Prism.disc(@across, @slice).volume_mm3 / 1000 unless @count || @piece_grams)

      def yield_of(layers, count: fixed_count, whole: layers, inset: nil)
        each = if count then count.positive? ? layers.grams / count : whole.grams
        else @piece_grams || piece_ml * layers.density
        end
        number = count&.positive? ? count : whole_pieces(layers.grams / each)
        body = slice(each / layers.density * 1000)
        across = body.across_mm.first
        roll = (number * body.height_mm).round
        Yield.new(count: number, words: counted(number), piece_grams: each, piece_ml: each / layers.density, body: body,
          size: "#{across.round} mm across, #{said_mm(body.height_mm)} mm thick, of a roll #{roll} mm long", practice_mm: across,
          diameter_mm: across, layers: Core.layers(layers, across, each, power: Core::ROLL),
          over_grams: [layers.grams - number * each, 0.0].max, by_weight: Weighing.of(number * each, number), gives_way: gives_way)
      end

      def heat_path(yielded) = HeatPath.roll(yielded.layers)

      private

      def from_said(said)
        @piece_grams = float(said, "piece_grams")
        @count = said["pieces"]
        @across = float(said, "diameter_mm") || DIAMETER_MM
        @slice = float(said, "slice_mm") || SLICE_MM
        @keeps_slice = said["fixed"] == "slice_mm"
      end

      # The slice of so many cubic millimetres: the roll as thick as it is said, unless it is the slice that stays.
      def slice(volume)
        return Prism.disc(Math.sqrt(4 * volume / Math::PI / @slice), @slice) if @keeps_slice

        Prism.disc(@across, 4 * volume / Math::PI / @across**2)
      end

      def said_mm(millimetres) = (millimetres < 10) ? millimetres.round(1) : millimetres.round

      def gives_way
        return "pieces" unless @count || @piece_grams

        @keeps_slice ? "diameter_mm" : "slice_mm"
      end
    end
  end
end
