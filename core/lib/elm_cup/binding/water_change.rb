# frozen_string_literal: true

module ElmCup
  module Binding
    # What the water that a preparation brought or took does to a line's figures, in mL for each gram of that water.
    # Source: docs/model.md, Binding: pulp at moisture M holds b = .52 + 2.5 (M - .22) mL a gram, so a gram of water taken up
    # adds 2.47 mL to it and leaves the demand as it was; free water counts 2.5; what was driven out is drunk again, an estimate.
    module WaterChange
      PULP = 0.52 - 2.5 * 0.22 + 2.5
      CHOPPED_SHARE = 0.5
      FREE = 2.5
      DRUNK_AGAIN = 1.0
      NONE = {}.freeze

      # {a:, b:, d:} in mL a gram of water change; figures: Ingredient::BindingFigures; gained: water was taken up.
      # Whole pieces keep to themselves what they took up.
      def self.per_gram(figures, gained)
        return {d: -DRUNK_AGAIN} unless gained
        return {b: PULP * ((figures.form == "chopped") ? CHOPPED_SHARE : 1)} if figures.kind == "pulp"

        figures.inclusion ? NONE : {a: FREE}
      end
    end
  end
end
