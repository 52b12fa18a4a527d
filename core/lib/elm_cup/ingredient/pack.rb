# frozen_string_literal: true

module ElmCup
  module Ingredient
    # What an ingredient is usually sold in, or a piece of it that has a name: "can" of 397 g, "square" of 8 g. units: ids of
    # Quantity::Units.
    Pack = Value.of(:ingredient, :units, :grams, :plus_minus, :source) do
      # A Pack from a row of packs.csv.
      def self.from_row(row)
        new(ingredient: row["ingredient"], units: DataTable.list(row["packs"]).map(&:to_sym), grams: Rational(row["grams"]),
          plus_minus: row["plus_minus_pct"].to_f / 100, source: row["source"])
      end
    end
  end
end
