# frozen_string_literal: true

module ElmCup
  module Wish
    # What the formula's own wishes come to.
    class WishesSection < Section
      named "wishes"
      key("wishes") { states if assessment.wishes.any? }

      # A State of each.
      def states = @states ||= assessment.wishes.map { |wish| State.of(wish, assessment, assessment.library) }
    end
  end
end
