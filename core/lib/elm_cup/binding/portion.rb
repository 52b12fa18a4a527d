# frozen_string_literal: true

module ElmCup
  module Binding
    # One line in the bowl with the figures that hold for it there, per gram and as mL of its whole mass. Figures of the
    # library hold for the ingredient before it was soaked or toasted; what that changed comes on top.
    class Portion
      attr_reader :line, :figures, :grams, :liquid

      # figures: Ingredient::BindingFigures; liquid: share of its fat that is liquid.
      def initialize(line, figures, liquid)
        @line = line
        @figures = figures
        @grams = line.grams.to_f
        @base_grams = line.base_grams.to_f
        @liquid = liquid
        @change = line.prepared ? WaterChange.per_gram(figures, line.prepared.water_grams.positive?) : WaterChange::NONE
        @a_ml = @base_grams * figures.a + changed(:a)
        @b_ml = @base_grams * figures.b + changed(:b)
        @o_ml = @base_grams * figures.o * liquid
        @d_ml = @base_grams * figures.d + changed(:d)
        freeze
      end

      # mL of free watery binder in the whole mass; b of binder in pulp, o of liquid fat at the mixing temperature, d of demand.
      attr_reader :a_ml, :b_ml, :o_ml, :d_ml

      # The same in one gram of what goes into the bowl.
      def a_per_gram = per_gram(a_ml)

      def b_per_gram = per_gram(b_ml)

      def o_per_gram = per_gram(o_ml)

      def d_per_gram = per_gram(d_ml)

      # mL of the watery part that is a ready syrup.
      def syrup_ml = (figures.kind == "syrup") ? a_ml : 0.0

      # What it adds to the supply, before oil masks pulp.
      def supply_ml = a_ml + b_ml + o_ml

      # mL of each kind by which one sigma of the water taken or given moves it.
      def water_sigma_ml
        sigma = line.prepared ? line.prepared.water_sigma : 0.0
        {a: @change.fetch(:a, 0.0) * sigma, b: @change.fetch(:b, 0.0) * sigma, d: @change.fetch(:d, 0.0) * sigma}
      end

      # Two portions with the same key share one unknown figure.
      def key = [figures.ingredient, figures.form]

      private

      def per_gram(millilitres) = grams.zero? ? 0.0 : millilitres / grams

      def changed(letter) = @change.key?(letter) ? @change[letter] * line.prepared.water_grams.to_f : 0.0
    end
  end
end
