# frozen_string_literal: true

module ElmCup
  module Cold
    # Density, heat capacity and conductivity of a Material from what it is made of.
    # Source: Choi & Okos 1986, rows of core/data/choi_okos.csv; Maxwell for what is dispersed in fat, and for air.
    class ThermalProperties
      ROWS = DataTable.rows("choi_okos").group_by { |row| row["property"] }.transform_values { |rows|
        rows.to_h { |row| [row["component"].to_sym, [row["at_0_c"].to_f, row["per_k"].to_f, row["per_k2"].to_f].freeze] }.freeze
      }.freeze
      # °C of the density, which is taken as fixed.
      DENSITY_C = 5.0
      # kJ/kg that ice takes to melt.
      ICE_LATENT = 334.0
      # Fat is what the rest is dispersed in, where there is more of it than so, and less free water. Shares by mass.
      FAT_FROM = 0.25
      WATER_UNDER = 0.15
      # W/(m K) of air.
      AIR = 0.025

      # A property of a pure component at °C: W/(m K), kg/m3, J/(kg K).
      def self.of(property, component, celsius)
        at_zero, per_k, per_k2 = ROWS.fetch(property).fetch(component)
        at_zero + per_k * celsius + per_k2 * celsius * celsius
      end

      DENSITIES = ROWS.fetch("density").keys.to_h { |component| [component, of("density", component, DENSITY_C)] }.freeze

      # kg/m3, air included.
      attr_reader :density

      # material: Material of some weight.
      def initialize(material)
        @material = material
        parts = material.composition
        grams = material.grams
        @shares = {protein: parts.protein, fat: parts.fat, carbohydrate: parts.sugars + parts.starch + parts.polyols, fibre: parts.fibre,
                   ash: parts.ash}.transform_values { |each| each / grams }.freeze
        @water = (parts.water + parts.alcohol) / grams
        @density = (1 - material.air) / volume(@water, 0.0)
        @in_fat = @shares[:fat] > FAT_FROM && material.free / grams < WATER_UNDER
        freeze
      end

      # J/(kg K) at °C, without what melts; ice: share of the mass.
      def heat_capacity(celsius, ice)
        dry = @shares.sum { |component, share| share * of("heat_capacity", component, celsius) }
        water = of("heat_capacity", celsius.negative? ? :water_cold : :water, celsius)
        dry + (@water - ice) * water + ice * of("heat_capacity", :ice, celsius)
      end

      # W/(m K) at °C; ice: share of the mass.
      def conductivity(celsius, ice)
        volumes = {**@shares, water: @water - ice, ice: ice}.to_h { |component, share| [component, share / DENSITIES.fetch(component)] }
        mixed = @in_fat ? dispersed(volumes, celsius) : mean(volumes, celsius)
        maxwell(mixed, AIR, @material.air)
      end

      # J/kg that a melting of all the fat of the blend takes, shared over the whole mass.
      def fat_latent = 1000 * @material.blend.latent_j_g * @material.blend.grams / @material.grams

      private

      def of(property, component, celsius) = ThermalProperties.of(property, component, celsius)

      # m3/kg
      def volume(water, ice)
        @shares.sum { |component, share| share / DENSITIES.fetch(component) } + water / DENSITIES[:water] + ice / DENSITIES[:ice]
      end

      def mean(volumes, celsius)
        volumes.sum { |component, each| each * of("conductivity", component, celsius) } / volumes.sum(&:last)
      end

      def dispersed(volumes, celsius)
        rest = volumes.except(:fat)
        share = rest.sum(&:last) / volumes.sum(&:last)
        maxwell(of("conductivity", :fat, celsius), mean(rest, celsius), share)
      end

      # A share by volume of one stuff strewn in another. Source: Maxwell 1873.
      def maxwell(around, inside, share)
        return around if share.zero?

        around * (2 * around + inside - 2 * share * (around - inside)) / (2 * around + inside + share * (around - inside))
      end
    end
  end
end
