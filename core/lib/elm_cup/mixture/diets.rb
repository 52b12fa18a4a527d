# frozen_string_literal: true

module ElmCup
  module Mixture
    # Which diets a bowl keeps to, and the lines that break those it does not.
    module Diets
      BY_ALLERGEN = Ingredient::DietRules::BREAKING_ALLERGENS
      BY_LINE = (%w[vegan vegetarian] + BY_ALLERGEN.keys + %w[refined-sugar-free grain-free raw]).freeze
      RAW = "raw"
      LOW = "low-net-carbohydrate"
      ALL = [*BY_LINE, LOW].freeze
      # Net carbohydrate in 100 g up to which a mix is called low in it. A convention, from memory: 5 to 10 g are usual.
      MOST_NET_PER_100G = 10.0

      # The ids that `bowl` keeps to; none while a line is not read or the bowl is empty.
      def self.kept(bowl)
        return [] if bowl.empty? || !bowl.complete?

        ALL - breaking(bowl).keys
      end

      # Diet => the lines of `bowl` that break it, of every diet that it does not keep to; for low net carbohydrate those that would have to
      # go, the richest first.
      def self.breaking(bowl)
        found = bowl.lines.each_with_object({}) { |line, lines| broken_by(line).each { |diet| (lines[diet] ||= []) << line } }
        rich = too_rich(bowl)
        rich.empty? ? found : found.merge(LOW => rich)
      end

      def self.broken_by(line) = line.heated? ? line.broken_diets | [RAW] : line.broken_diets
      private_class_method :broken_by

      # Why the Ingredient::Line breaks `diet`, in words.
      def self.why(line, diet)
        entry = line.entry
        name = entry.name
        other = line.senses.find { |sense| sense.breaks?(diet) }
        return "“#{line.name}” may be #{other.name.downcase}: say which" if other && !entry.breaks?(diet)
        told = line.told & BY_ALLERGEN.fetch(diet, [])
        return "“#{line.name}” tells of #{Allergens.words(told)}" if told.any? && !entry.breaks?(diet)
        return "#{name}: some hold #{Allergens.words(entry.possible & BY_ALLERGEN.fetch(diet, []))}" if only_possible?(entry, diet)

        allergens = BY_ALLERGEN.fetch(diet, []) & entry.allergens
        return "#{name}: #{Nutrition.net_carbohydrate_of(entry).round} g of net carbohydrate in 100 g" if diet == LOW
        return "#{name}: oats count only where the pack says gluten-free" if diet == "gluten-free" && entry.family == "oats"
        return "#{name}: holds #{Allergens.words(allergens)}" if allergens.any?

        "#{name}: not #{diet}"
      end

      def self.only_possible?(entry, diet)
        !entry.excludes.include?(diet) && !BY_ALLERGEN.fetch(diet, []).intersect?(entry.allergens) &&
          BY_ALLERGEN.fetch(diet, []).intersect?(entry.possible)
      end
      private_class_method :only_possible?

      def self.too_rich(bowl)
        net = bowl.lines.map { |line| [line, Nutrition.net_carbohydrate_of(line.entry) * line.base_grams.to_f / 100] }
        rest = net.sum(&:last)
        grams = bowl.grams
        net.sort_by { |_, carbohydrate| -carbohydrate }.each_with_object([]) do |(line, carbohydrate), gone|
          break gone if rest * 100 <= MOST_NET_PER_100G * grams + 1e-9

          gone << line
          rest -= carbohydrate
          grams -= line.grams.to_f
        end
      end
      private_class_method :too_rich
    end
  end
end
