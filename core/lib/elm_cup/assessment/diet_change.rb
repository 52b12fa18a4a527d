# frozen_string_literal: true

module ElmCup
  class Assessment
    # Allergens and diets that one of two formulas has and the other has not.
    module DietChange
      # A bowl that was not there.
      Nothing = Value.of(allergens: [].freeze, diets: [].freeze)
      NOTHING = Nothing.new

      # {come:, gone:}, each with lists of allergens and diets. was, now: anything with these two lists.
      def self.of(was, now) = {come: beyond(now, was), gone: beyond(was, now)}

      def self.beyond(one, other) = {allergens: one.allergens - other.allergens, diets: one.diets - other.diets}
      private_class_method :beyond
    end
  end
end
