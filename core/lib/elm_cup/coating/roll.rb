# frozen_string_literal: true

module ElmCup
  module Coating
    # Rolled in something dry, which sticks to all of it, or strewn over what stands in a liner.
    class Roll < Kind
      kind "roll"

      # What is rolled in: rows of core/data/rolled_in.csv.
      ROWS = DataTable.rows("rolled_in").map { |row|
        [DataTable.list(row["ingredients"]), DataTable.list(row["families"]), row["words"], row["grams_per_cm2"].to_f].freeze
      }.freeze
      # Of what stands in no row.
      USUAL = 0.045

      def words = "rolled"

      def melted? = false

      def layers(piece, work)
        grams = self.class.grams_per_cm2(work.bowl) * piece.rolled_mm2 / 100
        [CoatLayer.new(name: "rolled on", mm: 0.0, grams: grams * work.coat.coats)]
      end

      # What sticks of a Mixture::Bowl, by what is in it.
      def self.grams_per_cm2(bowl)
        return USUAL if bowl.nil? || bowl.empty?

        bowl.lines.sum(0.0) { |line| line.grams.to_f * of(line.entry) } / bowl.grams
      end

      def self.of(entry)
        row = ROWS.find { |ingredients, _| ingredients.include?(entry.like) } || ROWS.find { |_, families| families.include?(entry.family) }
        row ? row.last : USUAL
      end
      private_class_method :of
    end
  end
end
