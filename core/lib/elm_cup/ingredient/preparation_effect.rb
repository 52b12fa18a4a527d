# frozen_string_literal: true

module ElmCup
  module Ingredient
    # What a preparation made of a line's ingredient.
    #   base_grams    grams of it as the library knows it, exact
    #   water_grams   grams of water gained, lost where negative; water_low, water_high the ends of what is usual
    #   fibre_grams   grams of fibre gained (skins slipped: negative)
    #   words         what was done, "soaked 1 h: + 27 g water"
    #   verbs         the same, "soaked", "toasted", "blanched"      minutes  how long it soaks, nil where it does not
    PreparationEffect = Value.of(:base_grams, :water_grams, :water_low, :water_high, :fibre_grams, :words, verbs: [].freeze,
      minutes: nil) do
      # Grams after it.
      def grams = base_grams + water_grams + fibre_grams

      # One sigma of the water in grams: the ends are taken as two in three.
      def water_sigma = ((water_high - water_low) / 2).abs.to_f

      # The same of `factor` times as much.
      def times(factor)
        with(base_grams: base_grams * factor, water_grams: water_grams * factor, water_low: water_low * factor,
          water_high: water_high * factor,
          fibre_grams: fibre_grams * factor)
      end
    end
  end
end
