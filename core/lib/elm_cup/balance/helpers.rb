# frozen_string_literal: true

module ElmCup
  module Balance
    # What may come into a part that has none of it: rows of balance_helpers.csv that bring no allergen and break no diet.
    class Helpers
      ROWS = DataTable.rows("balance_helpers").freeze
      # Most of a part that a helper may be. Source: docs/model.md, Balance.
      MOST = Rational(1, 4)
      # Below so many grams a part is helped by half steps.
      SMALL_GRAMS = 150
      HALF = {"1 tsp" => "1/2 tsp", "1 tbsp" => "1 tsp"}.freeze
      # What its coming in costs: the plain swap within a kind, something whose kind is in the bowl, something like nothing in it.
      # Source: docs/model.md, Balance.
      SWAP = 0.05
      LIKE = 0.15
      UNLIKE = 0.30
      # Shares of them that are water, where they may only come in as far as sugar takes it. Source: docs/model.md, Dose rules, 2.
      WATER = {"water" => 1.0, "milk-plant" => 0.9}.freeze
      # Diets that a bowl is not kept to unless its eaters need them.
      UNASKED = [Mixture::Diets::RAW, Mixture::Diets::LOW].freeze

      # assessment: of the formula; wishes: Wish::Kinds; have: ids that there are, nil for all; also: diets kept to beside.
      def initialize(assessment, wishes, have, library, also: [])
        @also = also
        @assessment = assessment
        @wishes = wishes
        @have = have
        @library = library
      end

      # [row, Ingredient::Entry] of all that may come in anywhere; a cook's own kind of it does as well.
      def rows
        @rows ||= ROWS.filter_map do |row|
          entry = kinds(row["ingredient"]).find { |each| here?(each) && fits?(each) } if (DataTable.list(row["for"]) & sought).any?
          [row, entry] if entry
        end
      end

      # [Steps, most steps up] of a row's Entry in a part that weighs `grams`; nil where its measure is not known or the least is too much.
      def steps(row, entry, grams, measures)
        weight = @library.weights(entry.id).find { |each| each.form == row["form"] && each.grams_per_ml } or return
        step = (grams < SMALL_GRAMS) ? HALF.fetch(row["step"]) : row["step"]
        steps = Steps.from_nothing(step, weight.grams_per_ml, measures)
        most = (grams * MOST / (steps.step * steps.grams_per)).floor
        [steps, most] if most.positive?
      end

      # A good cook would stir it into the part: water where sugar or water is, oil where it does not mask what pulp holds; whatever
      # takes up and whatever is wished for besides texture, always. mix: Binding::Mix of the part.
      def sensible?(row, entry, mix)
        return false if entry.composition.water > WET && melted_chocolate?(mix)
        return mix.watery? || mix.saturation.sugar.positive? if WATER.key?(entry.like)

        entry.family != "coconut" || mix.saturation.pulp <= mix.saturation.fat / 2 || (DataTable.list(row["for"]) & (sought - ["texture"])).any?
      end

      # Per cent of water that seizes melted chocolate, and the share of a part that is such. Common practice.
      WET = 5.0
      CHOCOLATE = Rational(1, 2)

      def melted_chocolate?(mix)
        chocolate = mix.lines.sum { |line| (line.entry.family == "chocolate" && !mix.watery?) ? line.grams : 0 }
        chocolate >= CHOCOLATE * mix.lines.sum(&:grams)
      end
      private :melted_chocolate?

      # What the coming in of an Entry costs in a part; mix: its Binding::Mix.
      def self.cost(entry, mix) = (mix.lines.any? { |line| line.entry.family == entry.family }) ? LIKE : UNLIKE

      # It breaks none of the diets that are kept or needed, and brings no allergen that is not there.
      def fits?(entry)
        (entry.allergens - @assessment.diets.allergens - ["coconut"]).empty? && kept.none? { |diet| entry.breaks?(diet) }
      end

      # The cook has it, and where cost is wished for its price is known.
      def here?(entry)
        return true if Mixture::Cost::FREE.include?(entry.like)

        (@have.nil? || @have.include?(entry.id)) && (@library.price(entry.id) || !priced?)
      end

      private

      # The row that ships first, then the cook's own that are like it.
      def kinds(id) = @library.kinds(id).sort_by { |entry| (entry.id == id) ? 0 : 1 }

      def priced? = @priced ||= @wishes.any? { |wish| wish.key == "cost" }

      # What is wished for decides what is offered; binding always matters.
      def sought = @sought ||= ["texture", *@wishes.map(&:key)]

      def kept = @kept ||= (@assessment.diets.kept - UNASKED) | (@assessment.formula.needs - [Mixture::Diets::LOW]) | @also
    end
  end
end
