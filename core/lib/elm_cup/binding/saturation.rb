# frozen_string_literal: true

module ElmCup
  module Binding
    # Binder offered over binder taken up. All in mL.
    #   water  free watery binder   syrup  ready syrup   pulp  binder in fruit pulp   fat  liquid fat   demand  the dry side
    class Saturation
      # Share of the lesser of pulp and fat that oil masks. Source: docs/model.md, Binding, .70 ± .15.
      LAMBDA = 0.70
      LAMBDA_SIGMA = 0.15

      attr_reader :water, :syrup, :pulp, :fat, :demand

      def initialize(water:, syrup:, pulp:, fat:, demand:)
        @water = water
        @syrup = syrup
        @pulp = pulp
        @fat = fat
        @demand = demand
        freeze
      end

      # The Saturation of Portions.
      def self.of(portions)
        syrup = portions.sum(0.0, &:syrup_ml)
        water = portions.sum(0.0, &:a_ml) - syrup
        new(water: water, syrup: syrup, pulp: portions.sum(0.0, &:b_ml), fat: portions.sum(0.0, &:o_ml), demand: portions.sum(0.0, &:d_ml))
      end

      # A: water and syrup.
      def watery = water + syrup

      # V: everything offered, before masking.
      def volume = watery + pulp + fat

      # What oil takes away from pulp.
      def masked = LAMBDA * [pulp, fat].min

      # s: what is offered and counts.
      def supply = volume - masked

      # S, nil when there is nothing dry.
      def value = demand.positive? ? supply / demand : nil

      # t; 6.5 when there is binder and nothing dry, 0 without binder, nil when there is neither.
      def number
        return supply.positive? ? 6.5 : nil unless demand.positive?
        return 0.0 unless supply.positive?

        Texture.number(value)
      end

      # The id of the texture, nil when there is neither binder nor dry side.
      def texture = number && Texture.at(number)

      # How much of one more mL in pulp, and in fat, comes to count.
      def pulp_weight = (pulp < fat) ? 1 - LAMBDA : 1.0

      def fat_weight = (pulp < fat) ? 1.0 : 1 - LAMBDA

      # Fruit pulp gives more than half of the supply.
      def pulp_led? = pulp > supply / 2 && pulp.positive?

      # There is more fat than watery binder.
      def fat_leads? = fat > watery

      # Share of the binder that sticks: syrups and pulp.
      def tack = volume.positive? ? (syrup + pulp) / volume : 0.0

      # Share of the binder that is liquid fat.
      def grease = volume.positive? ? fat / volume : 0.0
    end
  end
end
