# frozen_string_literal: true

module ElmCup
  module Quantity
    # The amounts that a cook measures a dose by: one spoon or cup, the coarsest that lands in what will do; two only where no single one
    # does; round grams where no spoon lands. Source: docs/model.md, Dose, rounding.
    class DoseAmounts
      # An amount: its text, its mL or grams, and how coarse it is: the step that such amounts are counted by.
      Amount = Value.of(:text, :size, :coarse)

      # text => what it counts as, in teaspoons of a US cup's 48.
      SPOONS = {"1/4 tsp" => 1 / 4r, "1/2 tsp" => 1 / 2r, "1 tsp" => 1, "2 tsp" => 1, "1 1/2 tbsp" => 3 / 2r, "1 tbsp" => 3, "2 tbsp" => 3,
                "3 tbsp" => 3, "1/3 cup" => 8, "2/3 cup" => 8, "1/4 cup" => 12, "3/4 cup" => 12, "1/2 cup" => 24, "1 cup" => 48}.freeze
      QUARTER_CUPS = 12
      MOST_CUPS = 12
      # A second term is no less than this share of the first.
      SECOND = 1 / 4r
      # How many measures under what is aimed at are tried as the first of two.
      FIRSTS = 4
      # Grams in 1-2-5; from 50 by tens, from 200 by 25.
      GRAMS = [*[1 / 2r, 1, 2, 5, 10, 20].map { |each| [each, each] }, *(30..190).step(10).map { |each| [each, 10] },
        *(200..2000).step(25).map { |each| [each, 25] }].map { |size, coarse|
        Amount.new(text: "#{FractionText.decimal(Rational(size))} g", size: Rational(size), coarse: coarse)
      }.freeze

      KEPT = BoundedCache.new(200)

      # Those of a kitchen: made once, as long as it is asked for now and then.
      def self.of(measures) = KEPT.fetch(measures) { new(measures) }

      # measures: KitchenMeasures.
      def initialize(measures)
        quarters = (5..MOST_CUPS * 4).map { |count| ["#{FractionText.mixed(Rational(count, 4))} cups", QUARTER_CUPS] }
        @amounts = (SPOONS.to_a + quarters).filter_map { |text, coarse|
          Amount.new(text: text, size: measures.millilitres(text), coarse: coarse) if measures.exists_as(text)
        }.sort_by(&:size).freeze
        freeze
      end

      # Texts of spoons from `low` to `high` mL, likeliest first; `aim` lies between.
      def spoons(low, aim, high)
        single = within(@amounts, low, aim, high)
        single.any? ? single : two(low, aim, high)
      end

      # Texts of grams from `low` to `high`, likeliest first.
      def grams(low, aim, high) = within(GRAMS, low, aim, high)

      # The text of the one spoon or cup nearest to so many mL, and no more than `most`; nil where the smallest is more.
      def nearest(millilitres, most:)
        up_to(@amounts, most * (1 + SLACK)).min_by { |amount| (amount.size - millilitres).abs }&.text
      end

      SLACK = 1e-6

      private

      def within(amounts, low, aim, high)
        up_to(amounts, high, from: low).sort_by { |amount| [-amount.coarse, (amount.size - aim).abs] }.map(&:text)
      end

      # Those of `amounts`, which are sorted, up to a size.
      def up_to(amounts, high, from: 0)
        first = amounts.bsearch_index { |amount| amount.size >= from } || amounts.size
        amounts[first...(amounts.bsearch_index { |amount| amount.size > high } || amounts.size)]
      end

      # Three tablespoons and two are five: a second term is of another spoon or cup.
      def other?(first, second) = first.text[/[a-z]+/].delete_suffix("s") != second.text[/[a-z]+/].delete_suffix("s")

      def two(low, aim, high)
        below = @amounts.bsearch_index { |amount| amount.size >= aim } || @amounts.size
        pairs = @amounts.first(below).last(FIRSTS).product(@amounts).select { |first, second|
          other?(first, second) && second.size < first.size && second.size >= first.size * SECOND &&
            (first.size + second.size).between?(low, high)
        }
        pairs.sort_by { |first, second| [-second.coarse, (first.size + second.size - aim).abs] }
          .map { |first, second| "#{first.text} + #{second.text}" }
      end
    end
  end
end
