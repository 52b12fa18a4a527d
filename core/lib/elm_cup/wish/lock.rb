# frozen_string_literal: true

module ElmCup
  module Wish
    # An ingredient, or what holds an allergen, stays as it is: "lock:tahini", "dough.lock:honey"; or the size of a piece: "lock:size".
    class Lock < NamedThing
      for_keys "lock"
      SIZE = "size"

      # It keeps the size of a piece, and no line.
      def size_lock? = value == SIZE

      def unknown_name(library) = size_lock? ? nil : super

      def self.of_part? = true

      def lock? = true

      def locks?(entry, component) = (part.nil? || part == component) && names?(entry)

      def met?(_assessment) = true

      private

      def plain_words(library)
        return "keep the size of a piece" if size_lock?

        library[value] ? "keep #{name(library)}" : "keep what holds #{name(library)}"
      end
    end
  end
end
