# frozen_string_literal: true

module ElmCup
  module Binding
    # One line in the bowl with the figures that hold for it there, per gram and as mL of its whole mass.
    class Portion
      attr_reader :line, :figures, :grams, :liquid

      # figures: Ingredient::BindingFigures; liquid: share of its fat that is liquid.
      def initialize(line, figures, liquid)
        @line = line
        @figures = figures
        @grams = line.grams.to_f
        @liquid = liquid
        freeze
      end

      # mL of free watery binder in one gram; b of binder in pulp, o of liquid fat at the mixing temperature, d of demand.
      def a_per_gram = figures.a

      def b_per_gram = figures.b

      def o_per_gram = figures.o * liquid

      def d_per_gram = figures.d

      # The same in mL for the whole mass.
      def a_ml = grams * a_per_gram

      def b_ml = grams * b_per_gram

      def o_ml = grams * o_per_gram

      def d_ml = grams * d_per_gram

      # mL of the watery part that is a ready syrup.
      def syrup_ml = (figures.kind == "syrup") ? a_ml : 0.0

      # What it adds to the supply, before oil masks pulp.
      def supply_ml = a_ml + b_ml + o_ml

      # Two portions with the same key share one unknown figure.
      def key = [figures.ingredient, figures.form]
    end
  end
end
