# frozen_string_literal: true

module ElmCup
  module Cold
    # All that a run asks of a Material, reckoned once for each whole °C: heat, and how much is solid, how slowly it sets, how firm it is.
    class MaterialTable
      STEP_K = 1.0

      attr_reader :material, :firmness, :heat

      # celsius: the Range that is looked at, in whole °C; a little beyond it is as at its ends.
      def initialize(material, celsius)
        @material = material
        @firmness = Firmness.new(material)
        @from = celsius.first
        @steps = celsius.to_a.freeze
        @solid_fat = @steps.map { |each| material.blend.at(each) }.freeze
        @fat_roots, @syrup_roots = @steps.map { |each| [firmness.fat_root(each), firmness.syrup_root(each)] }.transpose.map(&:freeze)
        @heat = heat_table
        freeze
      end

      # Share of the blend that is solid at rest at °C, and the minutes it takes to set.
      def solid_share(celsius) = between(celsius) { |at| @solid_fat[at].share }

      def tau_minutes(celsius) = between(celsius) { |at| @solid_fat[at].tau_minutes }

      # kPa at °C where so much of the blend is solid.
      def kpa(celsius, solid) = firmness.melt(between(celsius) { |at| @fat_roots[at] } * solid, between(celsius) { |at| @syrup_roots[at] })

      private

      def between(celsius)
        place = (celsius - @from).clamp(0.0, @steps.size - 1.0)
        at = [place.floor, @steps.size - 2].min
        low = yield(at)
        low + (place - at) * (yield(at + 1) - low)
      end

      # Heat held: what warms, what fat gave up as it set, what water did as it froze.
      def heat_table
        properties = ThermalProperties.new(material)
        ice = @steps.map { |each| Ice.grams(material, each) / material.grams }
        capacities = @steps.zip(ice).map { |each, frozen| properties.heat_capacity(each, frozen) }
        warmed = 0.0
        enthalpy = @steps.each_index.map { |at|
          warmed += STEP_K * (capacities[at - 1] + capacities[at]) / 2 if at.positive?
          melted = properties.fat_latent * (1 - @solid_fat[at].share)
          properties.density * (warmed + melted - 1000 * ThermalProperties::ICE_LATENT * ice[at])
        }
        HeatTable.new(from_c: @from.to_f, step_k: STEP_K, enthalpy: enthalpy.freeze,
          conductivity: @steps.zip(ice).map { |each, frozen| properties.conductivity(each, frozen) }.freeze)
      end
    end
  end
end
