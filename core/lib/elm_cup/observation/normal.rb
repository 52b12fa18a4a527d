# frozen_string_literal: true

module ElmCup
  module Observation
    # The standard normal distribution.
    module Normal
      ROOT = Math.sqrt(2 * Math::PI)

      # Its density at z; 0 without end.
      def self.density(z) = Math.exp(-z * z / 2) / ROOT

      # The share of it below z.
      def self.below(z) = 0.5 * Math.erfc(-z / Math.sqrt(2))
    end
  end
end
