# frozen_string_literal: true

module ElmCup
  module Mixture
    # Which diets a bowl keeps to: those that no line breaks.
    module Diets
      # diet => allergens that break it. What is not an allergen stands in the ingredient's own row.
      BY_ALLERGEN = {
        "dairy-free" => %w[milk], "gluten-free" => %w[gluten wheat], "nut-free" => %w[tree_nut peanut], "peanut-free" => %w[peanut],
        "sesame-free" => %w[sesame], "soy-free" => %w[soy]
      }.freeze
      ALL = (%w[vegan vegetarian] + BY_ALLERGEN.keys + %w[refined-sugar-free grain-free raw]).freeze

      # The ids that every line of `bowl` keeps to; none while a line is not read or the bowl is empty.
      def self.kept(bowl)
        return [] if bowl.empty? || !bowl.complete?

        ALL.select { |diet| bowl.lines.none? { |line| breaks?(line.entry, diet) } }
      end

      # True when an ingredient breaks the diet.
      def self.breaks?(entry, diet)
        entry.excludes.include?(diet) || BY_ALLERGEN.fetch(diet, []).intersect?(entry.allergens)
      end
    end
  end
end
