# frozen_string_literal: true

module ElmCup
  module Piece
    # A sheet poured out and broken in pieces that are equal on the average only.
    class Bark < Shape
      kind "bark"

      THICKNESS_MM = 6.0
      USUAL_GRAMS = 15
      WAYS = [Way.new(key: "piece_grams", word: "grams a piece, about", usual: USUAL_GRAMS, unit: "g", figure: "piece_grams"), Way::PIECES,
        Way.new(key: "thickness_mm", word: "mm thick", usual: 6, unit: "mm", figure: "height_mm", beside: true)].freeze

      def self.usual = new("kind" => id, "thickness_mm" => THICKNESS_MM.to_i, "piece_grams" => USUAL_GRAMS)

      def self.ways = WAYS

      def self.called = ["piece of bark", "pieces of bark"]

      def poured?(_want) = true

      def fixed_grams = @count ? nil : (@piece_grams || USUAL_GRAMS)

      # Nothing is over: what is broken off is a piece.
      def yield_of(layers, count: fixed_count, whole: layers, inset: nil)
        number = count || [(layers.grams / fixed_grams).round, 1].max
        return nothing(layers, whole) unless number.positive?

        each = layers.grams / number
        sheet_mm2 = layers.millilitres * 1000 / @thickness
        side = Math.sqrt(sheet_mm2 / number)
        Yield.new(count: number, words: counted(number), piece_grams: each, piece_ml: each / layers.density,
          body: Box.new(length_mm: side, width_mm: side, height_mm: @thickness), practice_mm: @thickness,
          size: "#{@thickness.round(1)} mm thick, about #{side.round} mm across, of a sheet of #{(sheet_mm2 / 100).round} cm²",
          layers: stacked(layers, each, @thickness), over_grams: 0.0, sheet_cm2: sheet_mm2 / 100,
          gives_way: @count ? "piece_grams" : "pieces")
      end

      private

      def from_said(said)
        @piece_grams = float(said, "piece_grams")
        @count = said["pieces"]
        @thickness = float(said, "thickness_mm") || THICKNESS_MM
      end

      def nothing(layers, whole)
        Yield.new(count: 0, words: counted(0), piece_grams: whole.grams, piece_ml: whole.millilitres, size: "", over_grams: layers.grams,
          body: Box.new(length_mm: 1.0, width_mm: 1.0, height_mm: @thickness), practice_mm: @thickness)
      end
    end
  end
end
