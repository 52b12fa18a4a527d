# frozen_string_literal: true

module ElmCup
  module Mixture
    # What a bowl costs, by the prices of the packs. Water is free; soaking water too.
    module Cost
      FREE = %w[water].freeze
      # money: exact, of what has a price; unpriced: names of what has none.
      Sum = Value.of(:money, :unpriced)

      # The Sum of a Bowl by the prices of an Ingredient::Library; nil where nothing in it has a price.
      def self.of(bowl, library)
        priced, unpriced = bowl.lines.reject { |line| FREE.include?(line.entry.like) || line.grams.zero? }
          .partition { |line| library.price(line.entry.id) }
        return if priced.empty?

        Sum.new(money: priced.sum { |line| library.price(line.entry.id).per_gram * Rational(line.base_grams) },
          unpriced: unpriced.map { |line| line.entry.name }.uniq)
      end
    end
  end
end
