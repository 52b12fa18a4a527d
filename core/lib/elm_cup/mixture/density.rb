# frozen_string_literal: true

module ElmCup
  module Mixture
    # The density of a mix from what it is made of. Source: Choi & Okos 1986, rows of core/data/choi_okos.csv, at 5 °C.
    module Density
      CELSIUS = 5.0
      ALCOHOL = 0.80
      GRAMS_PER_ML = DataTable.rows("choi_okos").select { |row| row["property"] == "density" }.to_h { |row|
        [row["component"].to_sym, (row["at_0_c"].to_f + row["per_k"].to_f * CELSIUS + row["per_k2"].to_f * CELSIUS**2) / 1000]
      }.freeze

      # g/mL of `bowl` holding `air` by volume; nil for an empty one.
      def self.of(bowl, air: Air::PRESSED)
        return if bowl.empty?

        parts = bowl.composition
        volume = parts.water / GRAMS_PER_ML[:water] + parts.protein / GRAMS_PER_ML[:protein] + parts.fat / GRAMS_PER_ML[:fat] +
          (parts.mono + parts.di + parts.starch + parts.polyols) / GRAMS_PER_ML[:carbohydrate] + parts.fibre / GRAMS_PER_ML[:fibre] +
          parts.ash / GRAMS_PER_ML[:ash] + parts.alcohol / ALCOHOL
        (1 - air) * bowl.grams / volume
      end
    end
  end
end
