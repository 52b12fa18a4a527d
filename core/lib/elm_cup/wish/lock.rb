# frozen_string_literal: true

module ElmCup
  module Wish
    # An ingredient, or what holds an allergen, stays as it is: "lock:tahini", "dough.lock:honey".
    class Lock < NamedThing
      for_keys "lock"

      def self.of_part? = true

      def lock? = true

      def locks?(entry, component) = (part.nil? || part == component) && names?(entry)

      def met?(_assessment) = true

      private

      def plain_words(library) = library[value] ? "keep #{name(library)}" : "keep what holds #{name(library)}"
    end
  end
end
