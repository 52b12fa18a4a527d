# frozen_string_literal: true

module ElmCup
  module Coating
    # Threads over the top.
    class Drizzle < Kind
      kind "drizzle"

      # g/cm2 of the top. Source: docs/model.md, Coat: common practice.
      GRAMS_PER_CM2 = 0.03

      def words = "drizzled"

      def by_size? = false

      def layers(piece, work)
        grams = GRAMS_PER_CM2 * piece.body.top_mm2 / 100
        [CoatLayer.new(name: "drizzle", mm: grams / work.shell.chocolate.density * 1e6 / piece.body.top_mm2,
          grams: grams * work.coat.coats)]
      end
    end
  end
end
