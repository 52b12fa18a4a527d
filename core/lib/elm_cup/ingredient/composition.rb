# frozen_string_literal: true

module ElmCup
  module Ingredient
    # Grams of each constituent in 100 g, or in any mass: compositions add and scale.
    # mono is glucose + fructose, di is sucrose + lactose + maltose; salt stands inside ash.
    class Composition
      PARTS = %i[water protein fat mono di starch fibre polyols alcohol ash].freeze
      ALL = (PARTS + %i[salt]).freeze
      attr_reader(*ALL)

      # A composition per 100 g from a row of grams; RangeError when the parts do not sum to 94 to 104 g.
      # The parts are scaled to 100 g, salt with them.
      def self.per_100g(parts)
        sum = PARTS.sum { |part| parts.fetch(part) }
        raise RangeError, "the parts sum to #{sum.round(1)} g in 100 g; 94 to 104 g is believable" unless sum.between?(94, 104)

        new(ALL.map { |part| parts.fetch(part) * 100.0 / sum })
      end

      # grams: an array in the order of ALL.
      def initialize(grams)
        @water, @protein, @fat, @mono, @di, @starch, @fibre, @polyols, @alcohol, @ash, @salt = grams
        freeze
      end

      # Grams of sugars (mono + di).
      def sugars = mono + di

      # Grams of carbohydrate, fibre and polyols included.
      def carbohydrate = mono + di + starch + fibre + polyols

      # Adds `factor` times what it has to an array of grams in the order of ALL.
      def add_to(totals, factor)
        index = -1
        to_a.each { |part| totals[index += 1] += part * factor }
      end

      # The array of grams in the order of ALL.
      def to_a = [water, protein, fat, mono, di, starch, fibre, polyols, alcohol, ash, salt]
    end
  end
end
