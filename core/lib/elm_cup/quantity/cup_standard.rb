# frozen_string_literal: true

module ElmCup
  module Quantity
    # The household measures of one country, in millilitres, exact.
    # Source: NIST Handbook 44, Appendix C; the metric and Australian spoons are common practice.
    class CupStandard
      attr_reader :id, :name, :cup_ml, :tablespoon_ml, :teaspoon_ml, :fluid_ounce_ml

      def initialize(id, name, cup:, fluid_ounce: Rational(cup) / 8, tablespoon: Rational(cup) / 16, teaspoon: Rational(cup) / 48)
        @id = id
        @name = name
        @cup_ml = Rational(cup)
        @tablespoon_ml = Rational(tablespoon)
        @teaspoon_ml = Rational(teaspoon)
        @fluid_ounce_ml = Rational(fluid_ounce)
        freeze
      end

      US = new("us", "US", cup: "236.5882365")
      ALL = [
        US,
        new("us_legal", "US label", cup: "240"),
        new("metric", "metric", cup: "250", tablespoon: "15", teaspoon: "5", fluid_ounce: US.fluid_ounce_ml),
        new("australian", "Australian", cup: "250", tablespoon: "20", teaspoon: "5", fluid_ounce: US.fluid_ounce_ml),
        new("imperial", "imperial", cup: "284.130625", fluid_ounce: "28.4130625")
      ].to_h { |standard| [standard.id, standard] }.freeze

      # The standard with this id; nil is the US one. KeyError for any other.
      def self.find(id) = ALL.fetch(id || "us")
    end
  end
end
