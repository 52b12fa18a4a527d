# frozen_string_literal: true

module ElmCup
  module Ingredient
    module Naming
      # What a typed name was taken for.
      #   status       :read, :ambiguous or :unknown
      #   entry        the Entry when read        confidence  0 to 1
      #   candidates   Candidates, best first     assumptions what was taken for granted, in words
      #   senses       other Entries that the words may as well mean: no diet and no allergen is told without them
      #   possible     allergens that the words themselves tell of
      #   rough        it is only known what kind of thing it is
      Match = Value.of(:status, entry: nil, confidence: 0.0, candidates: [], assumptions: [], senses: [], possible: [], rough: false)
    end
  end
end
