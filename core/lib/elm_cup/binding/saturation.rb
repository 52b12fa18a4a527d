# frozen_string_literal: true

module ElmCup
  module Binding
    # Binder offered over binder taken up. In mL, loose sugar in g.
    #   free   watery binder that can dissolve sugar     sugar  loose sugar that it can dissolve
    #   held   water inside butter                       syrup  ready syrup
    #   pulp   binder in fruit pulp                      fat    liquid fat
    #   demand what the dry side takes
    class Saturation
      # Share of the lesser of pulp and fat that oil masks. Source: docs/model.md, Binding, .70 ± .15.
      LAMBDA = 0.70
      LAMBDA_SIGMA = 0.15
      # mL that a gram of free water counts where there is sugar enough for it.
      ML_A_GRAM = 2.5
      # The share of that which is left without sugar, and mL that each gram of sugar adds to it. Source: docs/model.md, Binding, F.
      WITHOUT_SUGAR = 0.54
      A_GRAM_OF_SUGAR = 0.6

      attr_reader :free, :held, :syrup, :sugar, :pulp, :fat, :demand

      # What oil masks of pulp here; what the texture number is off by beside what its figures say, where a kitchen taught so.
      attr_reader :masking, :offset

      def initialize(syrup:, pulp:, fat:, demand:, free: 0.0, held: 0.0, sugar: 0.0, masking: LAMBDA, offset: 0.0)
        @masking = masking
        @offset = offset
        @free = free
        @held = held
        @syrup = syrup
        @sugar = sugar
        @pulp = pulp
        @fat = fat
        @demand = demand
        weigh
        freeze
      end

      # The Saturation of Portions; taught: Taught.
      def self.of(portions, taught = Taught.nothing)
        free = bound = syrup = sugar = pulp = fat = demand = 0.0
        portions.each do |each|
          free += each.free_ml
          bound += each.bound_ml
          syrup += each.syrup_ml
          sugar += each.sugar_grams
          pulp += each.b_ml
          fat += each.o_ml
          demand += each.d_ml
        end
        new(free: free, held: bound - syrup, syrup: syrup, sugar: sugar, pulp: pulp, fat: fat, demand: demand, masking: taught.masking,
          offset: taught.offset)
      end

      # Grams of free water.
      def free_water_grams = free / ML_A_GRAM

      # Less sugar than the free water would take.
      def short_of_sugar? = free > WITHOUT_SUGAR * free + A_GRAM_OF_SUGAR * sugar

      # What one more mL of free watery binder, and one more gram of loose sugar, come to count.
      attr_reader :free_weight, :sugar_weight

      # Water as it counts.
      attr_reader :water

      # A': water and syrup as they count.
      attr_reader :watery

      # V: everything that counts, before masking.
      attr_reader :volume

      # What oil takes away from pulp.
      attr_reader :masked

      # s: what is offered and counts.
      attr_reader :supply

      # S, nil when there is nothing dry.
      def value = demand.positive? ? supply / demand : nil

      # t; 6.5 when there is binder and nothing dry, 0 without binder, nil when there is neither.
      def number
        return supply.positive? ? 6.5 : nil unless demand.positive?
        return 0.0 unless supply.positive?

        Texture.number(value) + offset
      end

      # The S at which a texture number is here.
      def value_at(number) = Texture.saturation(number - offset)

      # The id of the texture, nil when there is neither binder nor dry side.
      def texture = number && Texture.at(number)

      # How much of one more mL in pulp, and in fat, comes to count.
      def pulp_weight = (pulp < fat) ? 1 - masking : 1.0

      def fat_weight = (pulp < fat) ? 1.0 : 1 - masking

      # mL of a Portion as they count here.
      def counted_ml(portion)
        portion.bound_ml + free_weight * portion.free_ml + pulp_weight * portion.b_ml + fat_weight * portion.o_ml
      end

      # The same with another dry side.
      def with_demand(demand) = Saturation.new(**parts, demand: demand)

      # The same with so many mL more of a ready syrup.
      def with_syrup(more) = Saturation.new(**parts, syrup: syrup + more, demand: demand)

      # Fruit pulp gives more than half of the supply.
      def pulp_led? = pulp > supply / 2 && pulp.positive?

      # There is more fat than watery binder.
      def fat_leads? = fat > watery

      # Share of the binder that sticks: syrups and pulp.
      def tack = volume.positive? ? (syrup + pulp) / volume : 0.0

      # Share of the binder that is liquid fat.
      def grease = volume.positive? ? fat / volume : 0.0

      private

      def parts
        {free: free, held: held, syrup: syrup, sugar: sugar, pulp: pulp, fat: fat, masking: masking, offset: offset}
      end

      # What all else goes by, and is asked for most.
      def weigh
        @free_weight, @sugar_weight = short_of_sugar? ? [WITHOUT_SUGAR, A_GRAM_OF_SUGAR] : [1.0, 0.0]
        @water = free_weight * free + sugar_weight * sugar + held
        @watery = water + syrup
        @volume = watery + pulp + fat
        @masked = masking * [pulp, fat].min
        @supply = volume - masked
      end
    end
  end
end
