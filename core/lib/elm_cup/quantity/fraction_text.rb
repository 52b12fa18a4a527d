# frozen_string_literal: true

module ElmCup
  module Quantity
    # Writes exact numbers the way cooks do: 1 1/2, 2/3, 240.
    module FractionText
      # Rational(3, 2) => "1 1/2". Exact for every value.
      def self.mixed(value)
        whole, rest = value.divmod(1)
        return whole.to_s if rest.zero?

        [(whole unless whole.zero?), "#{rest.numerator}/#{rest.denominator}"].compact.join(" ")
      end

      # Rational(5, 2) => "2.5" where the decimal ends within six places, else the mixed number.
      def self.decimal(value)
        scaled = value * 1_000_000
        return mixed(value) unless scaled.denominator == 1

        format("%.6f", value).sub(/\.?0+\z/, "")
      end
    end
  end
end
