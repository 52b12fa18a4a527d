# frozen_string_literal: true

module ElmCup
  module Coating
    # A shell in a liner or a mould: bottom, wall and top around the filling.
    class CupShell < Kind
      kind "cup"

      # Source: docs/model.md, Coat: common practice.
      BOTTOM_MM = 2.5
      WALL_MM = 2.0
      TOP_MM = 2.5

      def words = "poured as a shell"

      def fits?(piece) = piece.shell.any?

      # A thickness that is said is that of bottom and top; the wall keeps its share of it.
      def inset(coat)
        times = (coat.thickness_mm || BOTTOM_MM) / BOTTOM_MM
        Piece::Inset.new(bottom_mm: BOTTOM_MM * times, wall_mm: WALL_MM * times, top_mm: TOP_MM * times)
      end

      # They lie around the filling.
      def thickness_mm(layers) = layers.first.mm

      def layers(piece, work)
        piece.shell.map { |name, mm, mm3| CoatLayer.new(name: name, mm: mm, grams: mm3 * work.shell.chocolate.density / 1e6) }
      end
    end
  end
end
