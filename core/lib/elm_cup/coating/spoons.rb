# frozen_string_literal: true

module ElmCup
  module Coating
    # Grams of an ingredient in the spoons and cups of a kitchen.
    class Spoons
      # measures: Quantity::KitchenMeasures.
      def initialize(measures, library)
        @measures = measures
        @library = library
      end

      # "1 1/2 tsp"; nil where no weight of it per volume is known. up: not less than that. form: the one that it is measured in.
      def text(id, grams, form: nil, up: false)
        weights = @library.weights(id).select(&:grams_per_ml)
        weight = weights.find { |each| each.form == form } || weights.first or return
        ml = grams / weight.grams_per_ml
        (up ? @measures.at_least(ml) : @measures.nearest(ml)).text if ml.positive?
      end
    end
  end
end
