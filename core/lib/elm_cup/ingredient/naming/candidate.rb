# frozen_string_literal: true

module ElmCup
  module Ingredient
    module Naming
      # One guess.
      Candidate = Value.of(:entry, :confidence)
    end
  end
end
