# frozen_string_literal: true

module ElmCup
  module Mixture
    # What some lines make together. Lines that are not read count for nothing; `complete?` says whether there are any.
    class Bowl
      WATER = Ingredient::Composition::ALL.index(:water)
      FIBRE = Ingredient::Composition::ALL.index(:fibre)

      attr_reader :lines, :grams, :composition

      # lines: Ingredient::Lines.
      def initialize(lines)
        @lines = lines.select(&:read?)
        @complete = @lines.size == lines.size
        @shares = @lines.map { |line| line.base_grams.to_f / 100 }
        @grams = @lines.sum { |line| line.grams.to_f }
        @composition = sum
        freeze
      end

      # Every line was read.
      def complete? = @complete

      # It weighs nothing.
      def empty? = grams.zero?

      # Grams of what the block gives per 100 g of each entry.
      def total
        at = -1
        lines.sum(0.0) { |line| yield(line.entry, line) * @shares[at += 1] }
      end

      # Grams of each polyol, by kind.
      def polyols
        lines.each_with_object(Hash.new(0.0)) do |line, sums|
          share = line.entry.composition.polyols
          sums[line.entry.polyol_kind] += share * line.base_grams.to_f / 100 if share.positive?
        end
      end

      # Allergen ids of every line, sorted.
      def allergens = lines.flat_map { |line| line.entry.allergens }.uniq.sort

      # Allergens that a line may hold, by a sense of its words or by what goes by its name, and none is sure to; sorted.
      def possible_allergens = (lines.flat_map(&:possible_allergens).uniq - allergens).sort

      private

      def sum
        totals = Array.new(Ingredient::Composition::ALL.size, 0.0)
        lines.each do |line|
          factor = line.base_grams.to_f / 100
          line.entry.composition.add_to(totals, factor)
          prepare(totals, line.prepared) if line.prepared
        end
        Ingredient::Composition.new(totals)
      end

      # Water taken or given, skins slipped.
      def prepare(totals, prepared)
        totals[WATER] += prepared.water_grams.to_f
        totals[FIBRE] += prepared.fibre_grams.to_f
      end
    end
  end
end
