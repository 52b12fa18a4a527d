# frozen_string_literal: true

module ElmCup
  module Ingredient
    # What a form of an ingredient weighs: grams_per_ml of a filled measure, grams_each of one piece of a size.
    Weight = Value.of(:ingredient, :form, :grams_per_ml, :grams_each, :size, :plus_minus, :source) do
      # A Weight from a row of forms.csv, exact.
      def self.from_row(row)
        cup = row["grams_per_us_cup"]
        new(ingredient: row["ingredient"], form: row["form"],
          grams_per_ml: cup && Rational(cup) / Quantity::CupStandard::US.cup_ml,
          grams_each: row["grams_each"] && Rational(row["grams_each"]), size: row["size"],
          plus_minus: row["plus_minus_pct"].to_f / 100, source: row["source"])
      end
    end
  end
end
