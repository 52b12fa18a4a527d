# frozen_string_literal: true

module ElmCup
  module Binding
    # What the water that a preparation brought or took does to the figures of a whole line: mL of a, b and d, and g of loose sugar u.
    # Soaked pulp is pulp of its new moisture and mass; free water counts 2.5; what was driven out is drunk again, an estimate.
    # Source: docs/model.md, Binding.
    class WaterChange
      CHOPPED_SHARE = 0.5
      FREE = 2.5
      DRUNK_AGAIN = 1.0
      NONE = {}.freeze
      # A little more water, to see how much it moves.
      LITTLE = 0.01

      # figures: Ingredient::BindingFigures; line: a prepared Ingredient::Line. Whole pieces keep to themselves what they took up.
      def initialize(figures, line)
        @figures = figures
        @base = line.base_grams.to_f
        @moisture = line.entry.composition.water / 100
        @water = line.prepared.water_grams.to_f
      end

      # {a:, b:, d:, u:} of all of the water.
      def total = of(@water)

      # The same of one more gram of it.
      def per_gram = of(@water + LITTLE).to_h { |letter, amount| [letter, (amount - total.fetch(letter)) / LITTLE] }

      private

      def of(water)
        return {d: -DRUNK_AGAIN * water} unless @water.positive?
        return pulp(water) if @figures.kind == "pulp"

        @figures.inclusion ? NONE : {a: FREE * water}
      end

      def pulp(water)
        soaked = @base + water
        moisture = (@moisture * @base + water) / soaked
        share = (@figures.form == "chopped") ? CHOPPED_SHARE : 1.0
        held, demand = %i[held demand].map { |figure|
          Ingredient::Pulp.public_send(figure, moisture) * soaked - Ingredient::Pulp.public_send(figure, @moisture) * @base
        }
        {b: share * held, d: demand, u: -LooseSugar::DISSOLVED_BY_WATER * water}
      end
    end
  end
end
