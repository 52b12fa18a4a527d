# frozen_string_literal: true

module ElmCup
  module Coating
    # A layer over the top, before the slab is cut.
    class Spread < Kind
      kind "spread"

      # Source: docs/model.md, Coat: common practice.
      DEPTH_MM = 2.5

      def words = "spread over the top"

      def by_size? = false

      def layers(piece, work)
        mm = work.coat.thickness_mm || DEPTH_MM * work.coat.coats
        [CoatLayer.new(name: "top", mm: mm, grams: piece.body.top_mm2 * mm * work.shell.chocolate.density / 1e6)]
      end
    end
  end
end
