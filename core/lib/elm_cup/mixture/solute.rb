# frozen_string_literal: true

module ElmCup
  module Mixture
    # What dissolves in the water of a bowl.
    #   grams_per_gram_water   of it that a gram of water dissolves      grams_mol  molar mass
    #   glass_c     °C where it turns to glass, dry                      norrish_k  how far it lowers the activity of water beyond ideal
    # Source: rows of core/data/solutes.csv.
    Solute = Value.of(:id, :grams_per_gram_water, :grams_mol, :glass_c, :norrish_k)
    Solute::ALL = DataTable.rows("solutes").to_h { |row|
      figures = %w[grams_per_gram_water grams_mol glass_c norrish_k].to_h { |key| [key.to_sym, row[key].to_f] }
      [row["solute"], Solute.new(id: row["solute"], **figures)]
    }.freeze
  end
end
