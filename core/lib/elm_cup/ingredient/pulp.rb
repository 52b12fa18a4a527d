# frozen_string_literal: true

module ElmCup
  module Ingredient
    # What fruit pulp holds and takes up by its moisture M, a share of its mass; mL a gram. Up to M .31 every gram of water dissolves more
    # of its sugar; past that a gram of water is its own mL in a sponge of cell walls. Source: docs/model.md, Binding.
    module Pulp
      PUREE_FROM = 0.31

      # b: binder held.
      def self.held(moisture)
        (moisture <= PUREE_FROM) ? [0.52 + 2.5 * (moisture - 0.22), 0.0].max : 0.745 + 0.35 * (moisture - PUREE_FROM)
      end

      # d: demand.
      def self.demand(moisture)
        (moisture <= PUREE_FROM) ? 0.46 * (1 - moisture) / 0.78 : 0.407 + 0.25 * (moisture - PUREE_FROM)
      end
    end
  end
end
