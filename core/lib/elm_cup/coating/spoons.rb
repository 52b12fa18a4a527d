# frozen_string_literal: true

module ElmCup
  module Coating
    # Grams of an ingredient in the spoons and cups of a kitchen, to the nearest half teaspoon: nobody measures a coat finer.
    class Spoons
      STEP_ML = 2.5
      # What was measured lately, by kitchen and half teaspoons.
      KEPT = BoundedCache.new(2_000)

      # measures: Quantity::KitchenMeasures.
      def initialize(measures, library)
        @measures = measures
        @library = library
      end

      # "1 1/2 tsp"; nil where no weight of it per volume is known. up: not less than that. form: the one that it is measured in.
      def text(id, grams, form: nil, up: false)
        weights = @library.weights(id).select(&:grams_per_ml)
        weight = weights.find { |each| each.form == form } || weights.first or return
        steps = grams / weight.grams_per_ml / STEP_ML
        steps = [up ? steps.ceil : steps.round, 1].max
        KEPT.fetch([@measures, steps, up]) { (up ? @measures.at_least(steps * STEP_ML) : @measures.nearest(steps * STEP_ML)).text }
      end
    end
  end
end
