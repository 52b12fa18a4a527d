# frozen_string_literal: true

module ElmCup
  module Wish
    # No line may be an ingredient, or hold an allergen: "without:peanut".
    class Without < NamedThing
      for_keys "without"

      def forbids?(entry, heated: false) = names?(entry)

      def met?(assessment)
        !assessment.diets.allergens.include?(value) &&
          assessment.read_lines.none? { |_, line, _| line.entry.id == value || line.entry.like == value }
      end

      private

      def plain_words(library) = "without #{name(library)}"
    end
  end
end
