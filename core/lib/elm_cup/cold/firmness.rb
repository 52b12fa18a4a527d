# frozen_string_literal: true

module ElmCup
  module Cold
    # How firm a Material is, in kPa: what a finger or a knife has to overcome. An estimate that orders, not a measurement.
    # Source: docs/model.md, Firmness: a melt stiffened by solid fat and by syrup near its glass, thickened by what is dry in it, and the
    # packing of the dry side itself. Constants fitted to what cooks see.
    class Firmness
      # kPa of a melt that is all solid, per network; of ice; where syrup stands as glass.
      FAT = 530.0
      ICE = 2000.0
      GLASS = 500.0
      # log10 of Pa s at the glass point, and how it falls above it (Williams, Landel and Ferry).
      AT_GLASS = 12.0
      FALL = 17.44
      FALL_K = 51.6
      # °C where water is glass, and how much of it counts beside a gram of sugar (Gordon and Taylor).
      WATER_GLASS_C = -135.0
      WATER_WEIGHS = 4.4
      # Dry side that touches: the most it holds up, where it is packed, and how much wet matter adds.
      PACKED_KPA = 60.0
      PACKED = 0.74
      NEARLY_PACKED = 0.75
      TOUCHES = 0.2
      WETS = 10.0
      WET_BESIDE_FAT = 0.15

      attr_reader :material

      def initialize(material)
        @material = material
        @packing = packing
        @thickened = 1 + 2.5 * material.solids / (1 - material.solids)
        freeze
      end

      # kPa at °C; solid: share of the blend that is solid by now, that at rest where it is nil.
      def kpa(celsius, solid: nil)
        solid ||= material.blend.solid_share(celsius)
        melt(fat_root(celsius) * solid, syrup_root(celsius))
      end

      # Roots of kPa, for those that keep them: of fat that is all solid, and of syrup.
      def fat_root(celsius) = Math.sqrt(FAT * material.blend.network(celsius))

      def syrup_root(celsius)
        return 0.0 unless material.syrup_ml.positive? && material.free.positive?

        ice = Ice.grams(material, celsius)
        Math.sqrt([10**log_viscosity(celsius, ice) / 1000, GLASS].min + ICE * (ice / material.syrup_ml)**2)
      end

      # What goes into kpa at °C, by name.
      def inputs(celsius)
        {"fat_share" => material.fat_share, "network" => material.blend.network(celsius), "solid" => material.blend.solid_share(celsius),
         "syrup_share" => material.syrup_share, "syrup" => syrup_root(celsius), "thickened" => @thickened, "packing" => @packing}
      end

      # kPa of the whole by those roots.
      def melt(fat, syrup) = (material.fat_share * fat + material.syrup_share * syrup)**2 * @thickened + @packing

      private

      # log10 of the viscosity of the syrup in Pa s.
      def log_viscosity(celsius, ice)
        left = material.dissolved + material.free - ice
        return AT_GLASS unless left.positive?

        sugar = material.dissolved / left
        water = WATER_WEIGHS * (1 - sugar)
        above = celsius - (sugar * material.glass_c + water * WATER_GLASS_C) / (sugar + water)
        (above <= 0) ? AT_GLASS : AT_GLASS - FALL * above / (FALL_K + above)
      end

      def packing
        return PACKED_KPA if material.held >= PACKED

        fat = material.fat_ml
        wet = fat.positive? ? [1.0, material.syrup_ml / (WET_BESIDE_FAT * fat)].min : 1.0
        [PACKED_KPA, TOUCHES * (1 + WETS * wet) * (material.held / (NEARLY_PACKED - material.held))**2].min
      end
    end
  end
end
