# frozen_string_literal: true

module ElmCup
  module Balance
    # Stands for the assessment where there is no bowl yet: wishes can be read, and nothing can be more or less than it is.
    class NoBowl
      Nothing = Value.of(together: nil, per_piece: nil, sweetness: nil, amounts: nil, kept: [].freeze, allergens: [].freeze)
      NOTHING = Nothing.new

      def grams = nil

      def parts = []

      def judged_parts = []

      def read_lines = []

      def part(_name) = nil

      def pieces = NOTHING

      def nutrition = NOTHING

      def cost = NOTHING

      def diets = NOTHING
    end
  end
end
