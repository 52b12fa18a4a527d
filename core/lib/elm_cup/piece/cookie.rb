# frozen_string_literal: true

module ElmCup
  module Piece
    # Balls pressed flat to discs of one thickness.
    class Cookie < Shape
      kind "cookie"

      THICKNESS_MM = 10.0
      WAYS = [Way::PIECE_GRAMS, Way::SCOOP, Way::PIECES,
        Way.new(key: "diameter_mm", word: "mm across", usual: 45, unit: "mm", figure: "diameter_mm"),
        Way.new(key: "thickness_mm", word: "mm thick", usual: 10, unit: "mm", figure: "height_mm", beside: true)].freeze

      def self.usual = new("kind" => id, "piece_grams" => USUAL_GRAMS)

      def self.ways = WAYS

      def self.tools = "scoops"

      def self.called = %w[cookie cookies]

      def piece_ml = @scoop_ml || (@across && Prism.disc(@across, @thickness).volume_mm3 / 1000)

      def with_tool(tool) = sized("scoop_ml", tool.ml)

      def yield_of(layers, count: fixed_count, whole: layers, inset: nil)
        each = if count then count.positive? ? layers.grams / count : whole.grams
        else @piece_grams || piece_ml * layers.density
        end
        number = count&.positive? ? count : whole_pieces(layers.grams / each)
        body = Prism.disc(Math.sqrt(4000 * each / layers.density / Math::PI / @thickness), @thickness)
        across = body.across_mm.first
        Yield.new(count: number, words: counted(number), piece_grams: each, piece_ml: each / layers.density, body: body,
          size: "#{across.round} mm across, #{@thickness.round} mm thick", practice_mm: across, diameter_mm: across,
          layers: stacked(layers, each, @thickness), over_grams: [layers.grams - number * each, 0.0].max,
          by_weight: Weighing.of(number * each, number), gives_way: @count ? "piece_grams" : "pieces")
      end

      def heat_path(yielded) = HeatPath.apart(yielded.layers, yielded.body)

      private

      def from_said(said)
        @piece_grams, @scoop_ml, @across = %w[piece_grams scoop_ml diameter_mm].map { |key| float(said, key) }
        @count = said["pieces"]
        @thickness = float(said, "thickness_mm") || THICKNESS_MM
      end
    end
  end
end
