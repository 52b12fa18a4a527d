# frozen_string_literal: true

module ElmCup
  module Piece
    # Disher scoops by number: n level scoops fill one US quart of 32 fluid ounces.
    module Scoop
      NUMBERS = [16, 20, 24, 30, 40, 50, 60, 70, 100].freeze

      # Millilitres of scoop number `number` (4 to 100), exact. Source: GNU units, scoop(n).
      def self.millilitres(number) = 32 * Quantity::CupStandard::US.fluid_ounce_ml / number

      # The same as it is said, "24", and "9.5" of a small one.
      def self.said_ml(number) = millilitres(number).to_f.then { |ml| ml.round((ml < 10) ? 1 : 0).to_s.delete_suffix(".0") }
    end
  end
end
