# frozen_string_literal: true

module ElmCup
  module Pantry
    # What a pack costs: `amount` in the household's currency for `pack_grams`, both exact.
    Price = Value.of(:amount, :pack_grams) do
      # Exact money for one gram.
      def per_gram = amount / pack_grams
    end
  end
end
