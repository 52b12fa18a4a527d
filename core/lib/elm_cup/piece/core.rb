# frozen_string_literal: true

module ElmCup
  module Piece
    # What lies around what in a piece that is rolled: fillings in the middle, the rest around them.
    module Core
      # A core has the shape of the whole: it goes with the cube root of its share in a ball, with the square root in a slice of a roll.
      BALL = 1.0 / 3
      ROLL = 1.0 / 2

      # LayerSizes of one piece of `grams` and `across` mm, from the core outwards: millimetres across of the innermost, of the others how
      # thick they lie.
      def self.layers(layers, across, grams, power: BALL)
        inner = layers.sort_by.with_index { |layer, at| [(layer.type == "filling") ? 0 : 1, at] }
        within = 0.0
        reach = 0.0
        inner.map do |layer|
          within += layer.millilitres
          before = reach
          reach = across * (within / layers.millilitres)**power
          Yield::LayerSize.new(component: layer.component, mm: before.zero? ? reach : (reach - before) / 2,
            grams: grams * layer.grams / layers.grams)
        end
      end
    end
  end
end
