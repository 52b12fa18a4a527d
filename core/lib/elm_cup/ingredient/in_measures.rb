# frozen_string_literal: true

module ElmCup
  module Ingredient
    # The spoons and cups that come nearest to the grams of a line.
    module InMeasures
      # The form that fills the cup: the one the line names, else the ingredient as it comes. What the processor makes of
      # it afterwards does not change what was measured.
      def self.filled_form(entry, form, named, melted)
        return "melted" if melted

        named ? form : entry.hand_form
      end

      # Volume in mL that the line's grams fill; nil where no weight per volume is known.
      def self.millilitres(line, library)
        form = filled_form(line.entry, line.form, line.form_named, line.melted)
        weights = library.weights(line.entry.id).select(&:grams_per_ml)
        weight = weights.find { |each| each.form == form } || weights.find { |each| each.form == line.entry.hand_form }
        weight && line.grams / weight.grams_per_ml
      end

      # Quantity::KitchenMeasures::Nearest, or nil.
      def self.nearest(line, measures, library)
        ml = millilitres(line, library)
        measures.nearest(ml) if ml&.positive?
      end
    end
  end
end
