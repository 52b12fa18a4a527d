# frozen_string_literal: true

module ElmCup
  module Mixture
    # The free sugars of one piece against a day's. WHO 2015, Sugars intake for adults and children: under 10 % of the day's
    # energy, better under 5 %; 50 g and 25 g of 2000 kcal. From memory.
    module DaySugar
      BETTER_GRAMS = 25.0
      MOST_GRAMS = 50.0

      # {grams:, of_25_g_pct:, of_50_g_pct:} for figures of Nutrition.
      def self.of(figures)
        free = figures[:free_sugars_g]
        {grams: free, of_25_g_pct: 100 * free / BETTER_GRAMS, of_50_g_pct: 100 * free / MOST_GRAMS}
      end
    end
  end
end
