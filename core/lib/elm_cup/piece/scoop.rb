# frozen_string_literal: true

module ElmCup
  module Piece
    # Disher scoops by number: n level scoops fill one US quart of 32 fluid ounces.
    module Scoop
      NUMBERS = [16, 20, 24, 30, 40, 50, 60, 70, 100].freeze

      # Millilitres of scoop number `number` (4 to 100), exact. Source: GNU units, scoop(n).
      def self.millilitres(number) = 32 * Quantity::CupStandard::US.fluid_ounce_ml / number
    end
  end
end
