# frozen_string_literal: true

module ElmCup
  module Ingredient
    # Which allergens break which diet. What breaks one and is not an allergen stands in an Entry's `excludes`.
    module DietRules
      # diet => allergens that break it, none for any other diet.
      BREAKING_ALLERGENS = Hash.new([].freeze).merge(
        "dairy-free" => %w[milk], "gluten-free" => %w[gluten wheat], "nut-free" => %w[tree_nut peanut], "peanut-free" => %w[peanut],
        "sesame-free" => %w[sesame], "soy-free" => %w[soy]
      ).freeze

      # Ids of the diets that one of `allergens` breaks.
      def self.broken_by(allergens) = BREAKING_ALLERGENS.filter_map { |diet, breaking| diet if breaking.intersect?(allergens) }
    end
  end
end
