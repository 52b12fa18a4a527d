# frozen_string_literal: true

module ElmCup
  module Binding
    # Sugar that free water can still dissolve: what its own water has not dissolved, where no fat coats it. At room temperature a gram of
    # water takes about 2 g. Source: docs/model.md, Binding, "loose sugar".
    module LooseSugar
      DISSOLVED_BY_WATER = 2.0
      # Kinds of figures whose sugar lies open once they are mixed; whole pieces keep theirs to themselves.
      OPEN = %w[dry nut pulp].freeze

      # Grams in a gram of an Ingredient::Entry with these Ingredient::BindingFigures.
      def self.per_gram(entry, figures)
        return 0.0 unless OPEN.include?(figures.kind) && !figures.inclusion

        composition = entry.composition
        [[composition.sugars - DISSOLVED_BY_WATER * composition.water, 0.0].max / 100 + figures.sugar_more, 0.0].max
      end
    end
  end
end
