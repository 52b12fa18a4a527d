# frozen_string_literal: true

module ElmCup
  module Binding
    # One line in the bowl with the figures that hold for it there, per gram and as mL of its whole mass. Figures of the
    # library hold for the ingredient before it was soaked or toasted; what that changed comes on top.
    class Portion
      # Kinds whose watery part dissolves no sugar: syrups are full of it, and the droplets of butter stay in the fat.
      BOUND = %w[syrup fat].freeze

      attr_reader :line, :figures, :grams, :liquid, :undissolved

      # figures: Ingredient::BindingFigures; liquid: share of its fat that is liquid; undissolved: share of it that still takes up binder,
      # less than 1 where water has dissolved a part of it.
      def initialize(line, figures, liquid, undissolved: 1.0)
        @line = line
        @figures = figures
        @grams = line.grams.to_f
        @liquid = liquid
        @undissolved = undissolved
        base = line.base_grams.to_f
        change = (line.prepared && !line.prepared.water_grams.zero?) ? water_change.total : WaterChange::NONE
        @bound_ml = BOUND.include?(figures.kind) ? base * figures.a : 0.0
        @free_ml = base * figures.a - @bound_ml + change.fetch(:a, 0.0)
        @b_ml = base * figures.b + change.fetch(:b, 0.0)
        @o_ml = base * figures.o * liquid
        @d_ml = (base * figures.d + change.fetch(:d, 0.0)) * undissolved
        @sugar_grams = [base * LooseSugar.per_gram(line.entry, figures) + change.fetch(:u, 0.0), 0.0].max
        freeze
      end

      # mL in the whole mass: watery binder that can dissolve sugar, watery binder that cannot, binder in pulp, liquid fat at the mixing
      # temperature, demand; and grams of loose sugar.
      attr_reader :free_ml, :bound_ml, :b_ml, :o_ml, :d_ml, :sugar_grams

      # mL of watery binder of both kinds.
      def a_ml = free_ml + bound_ml

      # The same in one gram of what goes into the bowl.
      def free_per_gram = per_gram(free_ml)

      def bound_per_gram = per_gram(bound_ml)

      def b_per_gram = per_gram(b_ml)

      def o_per_gram = per_gram(o_ml)

      def d_per_gram = per_gram(d_ml)

      def sugar_per_gram = per_gram(sugar_grams)

      # The part of bound_ml that is a ready syrup.
      def syrup_ml = (figures.kind == "syrup") ? bound_ml : 0.0

      # What it offers by itself, before sugar is wanting and before oil masks pulp.
      def supply_ml = a_ml + b_ml + o_ml

      # By how much one sigma of the water taken or given moves it: mL of a, b and d, grams of sugar u.
      def water_sigma
        return WaterChange::NONE unless line.prepared

        water_change.per_gram.transform_values { |each| each * line.prepared.water_sigma }
      end

      # Dates as pulp, whose moisture counts.
      def date_pulp? = line.entry.family == "dates" && b_ml.positive?

      # Two portions with the same key share one unknown figure.
      def key = [figures.ingredient, figures.form]

      private

      def water_change = WaterChange.new(figures, line)

      def per_gram(amount) = grams.zero? ? 0.0 : amount / grams
    end
  end
end
