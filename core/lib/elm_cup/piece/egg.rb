# frozen_string_literal: true

module ElmCup
  module Piece
    # A bowl rolled into equal eggs, each longer than it is thick.
    class Egg < Ball
      kind "egg"

      LONGER = 1.35
      WAYS = [Way::PIECE_GRAMS, Way::SCOOP, Way::PIECES,
        Way.new(key: "length_mm", word: "mm long", usual: 40, unit: "mm", figure: "length_mm")].freeze

      def self.ways = WAYS

      def self.called = %w[egg eggs]

      # Source: docs/model.md, Pieces.
      def self.longer = LONGER

      private

      def size_key = "length_mm"

      def solid(millimetres) = Spheroid.new(diameter_mm: millimetres / LONGER, length_mm: millimetres)

      def size(body) = "#{body.length_mm.round} mm long, #{body.diameter_mm.round} mm thick"
    end
  end
end
