# frozen_string_literal: true

module ElmCup
  module Ingredient
    # What one gram of a form gives and takes when a bowl is mixed, in mL. Source: docs/model.md, Binding; each row has its own.
    #   a free watery binder   b binder held in fruit pulp   o liquid fat   d demand at once   d30 demand after 30 minutes
    #   sigma        one sigma of ln(parameter)         sigma_on   "d", "binder" or "both"
    #   starred      no case supports the figure yet    inclusion  a piece that sits in the mix
    #   sugar_more   grams of loose sugar more than follows from its composition, where a kitchen taught so
    #   kind         water, syrup, pulp, fat, nut, dry  fat_curve  which hardening fat `o` is, nil for a liquid oil
    BindingFigures = Value.of(:ingredient, :form, :a, :b, :o, :d, :d30, :sigma, :sigma_on, :starred, :kind, :fat_curve, :inclusion,
      :source, sugar_more: 0.0) do
      # BindingFigures from a row of binding.csv; d30 is d where none is given.
      def self.from_row(row)
        demand = row["d"].to_f
        new(ingredient: row["ingredient"], form: row["form"], a: row["a"].to_f, b: row["b"].to_f, o: row["o"].to_f, d: demand,
          d30: row["d30"] ? row["d30"].to_f : demand, sigma: row["sigma"].to_f, sigma_on: row["sigma_on"],
          starred: row["starred"] == "yes", kind: row["kind"], fat_curve: row["fat_curve"], inclusion: row["inclusion"] == "yes",
          source: row["source"])
      end
    end
  end
end
