# frozen_string_literal: true

module ElmCup
  module Wish
    # A wish that names an ingredient or an allergen.
    class NamedThing < Kind
      # How far bounds come in where such a wish was missed: it says nothing of sums, so nothing else is known.
      INWARD = 0.002

      def self.sign = ":"

      def unknown_name(library)
        Fault.at("", :neither_ingredient_nor_allergen, name: value) unless library[value] || Mixture::Allergens::ALL.include?(value)
      end

      def waits(assessment) = (Fault.at("", :no_component, name: part) if part && assessment.part(part).nil?)

      def tighten(before, _seen, _sums) = before.with(inward: before.inward + INWARD)

      private

      # What it names, in words.
      def name(library) = library[value]&.name&.downcase || Mixture::Allergens::WORDS[value] || value
    end
  end
end
