# frozen_string_literal: true

module ElmCup
  module Observation
    # How far the grams of a line may be off, as one sigma of their logarithm, by how they were measured.
    # Source: docs/model.md, Observation: common practice.
    module AmountSpread
      SCALE = 0.29
      SPOON = 0.07
      CUP = 0.12
      COUNT = 0.12
      BY_EYE = 0.30
      # A kitchen scale tells grams.
      RESOLUTION_GRAMS = 1
      SPOONS = %i[teaspoon tablespoon dessertspoon pinch dash drop].freeze

      # Of so many grams by a scale that tells whole ones, or one sigma of them.
      def self.weighed(grams, sd = nil)
        grams.positive? ? (sd || SCALE * RESOLUTION_GRAMS) / grams.to_f : 0.0
      end

      # Of an Ingredient::Line as it is written.
      def self.written(line)
        grams = line.grams.to_f
        return weighed(grams) if line.terms.empty? || line.by_weight

        term = line.terms.max_by { |each| each.quantity.abs }
        unit = term.unit
        return COUNT / Math.sqrt([term.quantity.to_f.abs, 1].max) if unit.nil? || unit.kind == :count
        return BY_EYE if unit.guess?

        SPOONS.include?(unit.id) ? SPOON : CUP
      end
    end
  end
end
