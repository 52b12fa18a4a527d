# frozen_string_literal: true

module ElmCup
  module Coating
    # Pieces dipped all around, once or several times; what stands in a liner only on top.
    class Dip < Kind
      kind "dip"

      # Drips and the bowl. Source: docs/model.md, Coat.
      DRIPS = 1.10
      STAYS_IN_BOWL = 15.0
      NAMES = ["shell", "second coat", "third coat"].freeze

      def words = "dipped"

      def words_on(piece) = piece.open_top? ? "poured over the tops" : words

      def dips? = true

      def band_pct = 30

      def spare(grams) = grams * DRIPS + STAYS_IN_BOWL

      def layers(piece, work)
        before = 0.0
        thicknesses(work).each_with_index.map do |mm, at|
          grams = around(piece, work.shell, mm) - before
          before += grams
          CoatLayer.new(name: NAMES[at], mm: mm - (at.zero? ? 0.0 : thicknesses(work)[at - 1]), grams: grams * share_of(piece))
        end
      end

      # Of the piece that goes in.
      def share = 1.0

      private

      # A top is covered all over.
      def share_of(piece) = piece.open_top? ? 1.0 : share

      # Millimetres after each coat.
      def thicknesses(work)
        return [work.coat.thickness_mm] if work.coat.thickness_mm

        (1..work.coat.coats).map { |coats| work.shell.mm(coats) }
      end

      def around(piece, shell, mm)
        piece.open_top? ? piece.body.top_mm2 * mm * shell.chocolate.density / 1e6 : shell.grams(piece.body, mm)
      end
    end
  end
end
