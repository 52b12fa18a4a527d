# frozen_string_literal: true

module ElmCup
  module Observation
    # What a Look says of a texture number that was expected: by how much to move, how much less to doubt, and whether it fits at all.
    #   shift      sigmas that the expectation moves      narrowing  share of the variance along it that goes
    #   share      that it was entered rightly: the rest is a slip of the finger
    # Source: docs/model.md, Observation: the interval's moments of a normal, equal to a grid integral in the tests.
    Surprise = Value.of(:shift, :narrowing, :share) do
      # look: Look; expected: texture number; variance: of what is seen around it.
      def self.of(look, expected, variance)
        sigma = Math.sqrt(variance)
        return new(shift: (look.mark - expected) / sigma, narrowing: 1.0, share: 1.0) if look.mark

        between((look.low - expected) / sigma, (look.high - expected) / sigma)
      end

      def self.between(low, high)
        seen = Normal.below(high) - Normal.below(low)
        return new(shift: nearer(low, high), narrowing: self::FAR_NARROWING, share: 0.0) if seen < self::NEVER

        below, above = Normal.density(low), Normal.density(high)
        shift = (below - above) / seen
        narrowing = shift**2 + (self::EDGE[high, above] - self::EDGE[low, below]) / seen
        new(shift: shift, narrowing: narrowing, share: self::RIGHT * seen / (self::RIGHT * seen + self::SLIP))
      end

      def self.nearer(low, high) = (low.abs < high.abs) ? low : high
      private_class_method :between, :nearer

      # It is more likely a slip than what was meant.
      def asked? = share < 0.5
    end
    # One entry in twenty is a slip, and that is any of the seven.
    Surprise::RIGHT = 0.95
    Surprise::SLIP = 0.05 / 7
    Surprise::NEVER = 1e-12
    Surprise::FAR_NARROWING = 0.9
    Surprise::EDGE = ->(z, density) { z.infinite? ? 0.0 : z * density }
  end
end
