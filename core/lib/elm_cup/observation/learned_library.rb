# frozen_string_literal: true

require "delegate"

module ElmCup
  module Observation
    # An Ingredient::Library whose binding figures are those that a Belief holds true: each its shipped one times a factor, dates at the
    # moisture that was learned.
    class LearnedLibrary < SimpleDelegator
      # library: Ingredient::Library; belief: Belief.
      def initialize(library, belief)
        super(library)
        @belief = belief
        @moisture = belief.mean(Latent::MOISTURE.key)
        @release = Math.exp(belief.mean(Latent::RELEASE.key))
        @learned = {}
      end

      # Ingredient::BindingFigures of a form; nil where the form is not known for the ingredient.
      def binding(id, form) = @learned.fetch([id, form]) { |key| @learned[key] = super&.then { |figures| learned(figures) } }

      private

      def learned(figures)
        demand = factor(figures, "d")
        dates = date_pulp?(figures) ? @moisture : 0.0
        more = dates * Slopes::DEMAND_A_MOISTURE
        binder = Latent.binder(figures)
        figures.with(d: (figures.d + more) * demand, d30: (figures.d30 + more) * demand, sugar_more: dates * Slopes::SUGAR_A_MOISTURE,
          b: figures.b + dates * Slopes::PULP_A_MOISTURE, o: figures.o * ((figures.kind == Latent::CUT_NUTS) ? @release : 1.0))
          .then { |moist| moist.with(binder => moist.public_send(binder) * factor(figures, "binder")) }
      end

      def factor(figures, side) = Math.exp(@belief.mean("#{figures.ingredient}.#{figures.form}.#{side}"))

      def date_pulp?(figures) = figures.b.positive? && self[figures.ingredient].family == "dates"
    end
  end
end
