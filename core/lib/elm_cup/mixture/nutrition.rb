# frozen_string_literal: true

module ElmCup
  module Mixture
    # The nutrition of a bowl, for its whole mass or any share of it.
    #
    # Energy by the general factors: 4 kcal/g protein, sugars and starch, 9 fat, 2 fibre, 7 alcohol, polyols by their
    # own row (EU 1169/2011, Annex XIV, from memory). Free sugars: WHO 2015; added sugars: the US label's rule (both
    # from memory). Whether the sugar of blended fruit is free is disputed, so both figures are given.
    class Nutrition
      ENERGY = {protein: 4, fat: 9, mono: 4, di: 4, starch: 4, fibre: 2, alcohol: 7}.freeze
      POLYOLS = DataTable.rows("polyols").to_h { |row| [row["polyol"], row] }.freeze
      BLENDED = %w[paste].freeze
      # Saturated share of the fat of a food of its own, by the row's id, and of each kind of fat, by mass. Sources in the tables.
      SATURATED_OF = DataTable.rows("saturates").to_h { |row| [row["ingredient"], row["saturated_share"].to_f] }.freeze
      SATURATED = DataTable.rows("fat_saturates").to_h { |row| [row["fat"], row["saturated_share"].to_f] }.freeze

      # Net carbohydrate of 100 g of an Ingredient::Entry, by the same convention.
      def self.net_carbohydrate_of(entry)
        parts = entry.composition
        parts.mono + parts.di + parts.starch + (entry.polyol_kind ? parts.polyols * POLYOLS.fetch(entry.polyol_kind)["net_share"].to_f : 0)
      end

      def initialize(bowl)
        @bowl = bowl
        @parts = bowl.composition
      end

      # Figures in kcal and grams for `grams` of the bowl; nil for an empty one.
      def for_mass(grams)
        return if @bowl.empty?

        factor = grams / @bowl.grams
        whole.transform_values { |figure| figure * factor }
      end

      private

      def whole
        @whole ||= {
          kcal: kcal, protein_g: @parts.protein, fat_g: @parts.fat, saturates_g: saturates, carbohydrate_g: @parts.carbohydrate,
          sugars_g: @parts.sugars, free_sugars_g: free_sugars, free_sugars_if_blended_fruit_counts_g: free_sugars + blended_sugars,
          added_sugars_g: @bowl.total { |entry, _| entry.composition.sugars * entry.added_share },
          net_carbohydrate_g: net_carbohydrate, polyols_g: @parts.polyols, fibre_g: @parts.fibre, salt_g: @parts.salt
        }
      end

      def kcal
        ENERGY.sum { |part, factor| @parts.public_send(part) * factor } +
          @bowl.polyols.sum { |kind, grams| POLYOLS.fetch(kind)["kcal_per_gram"].to_f * grams }
      end

      def saturates
        @bowl.total { |entry, _| entry.composition.fat * saturated_share(entry) }
      end

      # A food of the household with fats of its own goes by these.
      def saturated_share(entry)
        own = SATURATED_OF[entry.like] if entry.fats.size == 1
        own || entry.fats.sum { |fat, share| share * SATURATED.fetch(fat) }
      end

      def free_sugars = @bowl.total { |entry, _| entry.composition.sugars * entry.free_share }

      def blended_sugars
        @bowl.total { |entry, line| BLENDED.include?(line.form) ? entry.composition.sugars * (1 - entry.free_share) : 0 }
      end

      # Carbohydrate less fibre, erythritol and half of the other polyols: a convention, not a measurement.
      def net_carbohydrate
        counted = @bowl.polyols.sum { |kind, grams| POLYOLS.fetch(kind)["net_share"].to_f * grams }
        @parts.mono + @parts.di + @parts.starch + counted
      end
    end
  end
end
