# frozen_string_literal: true

module ElmCup
  module Observation
    # One thing that a kitchen teaches: how far it is off what ships with the application.
    #   key   its name: "coconut-flour.powder.d", "moisture.dates", "lambda", "release.nuts", "offset.dough", "bowl.dough"
    #   sd    one sigma of it before anything was seen       most  further off than this it is never taken to be, nil for no bound
    #   side  "d" or "binder" of a figure, whose x is a logarithm of a factor; nil of all else
    # Source: docs/model.md, Observation.
    Latent = Value.of(:key, :sd, :most, side: nil) do
      # Variance before anything was seen.
      def variance = sd * sd

      # The figure that a row's ± stands on. figures: Ingredient::BindingFigures; rough: it is only known by its kind.
      def self.figure(figures, side, rough: false)
        sd = (figures.kind == self::CUT_NUTS) ? self::NUT_ROW : figures.sigma
        new(key: "#{figures.ingredient}.#{figures.form}.#{side}", sd: rough ? Binding::Uncertainty::ROUGH * sd : sd, most: self::MOST,
          side: side)
      end

      # The member of Ingredient::BindingFigures that the binder's ± stands on: water and syrup by what is watery, pulp by what it holds,
      # the rest by its fat.
      def self.binder(figures) = self::BINDER.fetch(figures.kind, :o)

      # What this formula is off by in a part, whatever its figures say.
      def self.offset(component) = new(key: "offset.#{component}", sd: 0.35, most: nil)

      # What the amounts of a bowl are off by together, which no later look at it changes; variance: in texture numbers.
      def self.amounts(component, variance) = new(key: "amounts.#{component}", sd: Math.sqrt(variance), most: nil)

      # This one bowl on this day.
      def self.bowl(component, trial: false) = new(key: "bowl.#{component}", sd: trial ? 0.40 : 0.30, most: nil)
    end
    Latent::MOST = Math.log(1.6)
    Latent::CUT_NUTS = "nut"
    Latent::NUT_ROW = 0.17
    Latent::BINDER = {"water" => :a, "syrup" => :a, "pulp" => :b}.freeze
    Latent::MOISTURE = Latent.new(key: "moisture.dates", sd: 0.025, most: 0.07)
    Latent::MASKING = Latent.new(key: "lambda", sd: 0.15, most: 0.4)
    Latent::RELEASE = Latent.new(key: "release.nuts", sd: 0.25, most: Latent::MOST)
  end
end
