# frozen_string_literal: true

module ElmCup
  module Piece
    # A bowl rolled into equal balls: so many grams each, a scoop each, so many millimetres across, or so many of them.
    class Ball < Shape
      kind "ball"

      WAYS = [Way::PIECE_GRAMS, Way::SCOOP, Way::PIECES,
        Way.new(key: "diameter_mm", word: "mm across", usual: 30, unit: "mm", figure: "diameter_mm")].freeze

      def self.usual = new("kind" => id, "piece_grams" => USUAL_GRAMS)

      def self.ways = WAYS

      def self.tools = "scoops"

      def self.called = %w[ball balls]

      # How many times as long as thick one is; what of it is measured.
      def self.longer = 1.0

      # Millilitres of one, where they are fixed.
      def piece_ml = @scoop_ml || (@mm && solid(@mm).volume_mm3 / 1000)

      def with_tool(tool) = sized("scoop_ml", tool.ml)

      # whole: the Layers of everything, for a part so small that no piece falls to it.
      def yield_of(layers, count: fixed_count, whole: layers, inset: nil)
        each = if count then count.positive? ? layers.grams / count : whole.grams
        else @piece_grams || piece_ml * layers.density
        end
        number = count&.positive? ? count : whole_pieces(layers.grams / each)
        body = Spheroid.of_millilitres(each / layers.density, longer: self.class.longer)
        Yield.new(count: number, words: counted(number), piece_grams: each, piece_ml: each / layers.density, size: size(body), body: body,
          practice_mm: body.diameter_mm, diameter_mm: body.diameter_mm, layers: Core.layers(layers, body.diameter_mm, each),
          over_grams: [layers.grams - number * each, 0.0].max, by_weight: Weighing.of(number * each, number), gives_way: gives_way)
      end

      def heat_path(yielded) = HeatPath.round(yielded.layers, yielded.body)

      def served_path(yielded) = heat_path(yielded)

      private

      def from_said(said)
        @piece_grams, @scoop_ml, @mm = ["piece_grams", "scoop_ml", size_key].map { |key| float(said, key) }
        @count = said["pieces"]
      end

      # The key of its size in millimetres.
      def size_key = "diameter_mm"

      def solid(millimetres) = Spheroid.new(diameter_mm: millimetres, length_mm: millimetres)

      def size(body) = "#{body.diameter_mm.round} mm across"

      def gives_way = @count ? "piece_grams" : "pieces"
    end
  end
end
