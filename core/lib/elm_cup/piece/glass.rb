# frozen_string_literal: true

module ElmCup
  module Piece
    # Poured into glasses, layer on layer: so many millilitres each, or so many of them.
    class Glass < Shape
      kind "glass"

      ML = 80.0
      DIAMETER_MM = 60.0
      WAYS = [Way.new(key: "ml", word: "mL a glass", usual: 80, unit: "mL", figure: "piece_ml"), Way::PIECES,
        Way.new(key: "diameter_mm", word: "mm across inside", usual: 60, unit: "mm", figure: "diameter_mm", beside: true)].freeze

      def self.usual = new("kind" => id, "ml" => ML.to_i)

      def self.ways = WAYS

      def self.called = %w[glass glasses]

      def poured?(_want) = true

      def open_top? = true

      def piece_ml = (@ml || ML unless @count)

      def yield_of(layers, count: fixed_count, whole: layers, inset: nil)
        each = if count then count.positive? ? layers.grams / count : whole.grams
        else piece_ml * layers.density
        end
        number = count&.positive? ? count : whole_pieces(layers.grams / each)
        body = Prism.disc(@across, each / layers.density * 4000 / Math::PI / @across**2)
        Yield.new(count: number, words: counted(number), piece_grams: each, piece_ml: each / layers.density, body: body,
          size: "#{(each / layers.density).round} mL, #{body.height_mm.round} mm high in a glass #{@across.round} mm across",
          practice_mm: body.height_mm, diameter_mm: @across, layers: stacked(layers, each, body.height_mm),
          over_grams: [layers.grams - number * each, 0.0].max, gives_way: @count ? "ml" : "pieces")
      end

      def served_path(yielded) = heat_path(yielded)

      private

      def from_said(said)
        @ml = float(said, "ml")
        @count = said["pieces"]
        @across = float(said, "diameter_mm") || DIAMETER_MM
      end
    end
  end
end
