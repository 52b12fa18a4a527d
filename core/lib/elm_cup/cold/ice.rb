# frozen_string_literal: true

module ElmCup
  module Cold
    # How much of the water in a Material is frozen. Source: the freezing point depression of an ideal solution, 1.86 K kg/mol.
    module Ice
      KELVIN_G_MOL = 1860.0

      # °C where the first ice stands; nil where there is no water to freeze.
      def self.freezing_c(material) = (-KELVIN_G_MOL * material.moles / material.free if material.free.positive?)

      # Grams of ice at °C.
      def self.grams(material, celsius)
        return 0.0 unless material.free.positive?

        freezing = freezing_c(material)
        (celsius < freezing) ? material.free * (1 - freezing / celsius) : 0.0
      end
    end
  end
end
