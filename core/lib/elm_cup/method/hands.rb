# frozen_string_literal: true

module ElmCup
  module Method
    # Hands-on minutes of a step: whole ones to plan with, the band that they lie in, and who says so: "practice" or "cook".
    Hands = Value.of(:minutes, :low, :high, :source) do
      self::DIGITS = {low: 1, high: 1}.freeze

      # No hand is needed.
      def none? = minutes.zero?

      # Minutes that they may be off by: half of the band.
      def spread = (high - low) / 2

      # One more thing that is done in the same go.
      def +(other) = with(minutes: minutes + other.minutes, low: low + other.low, high: high + other.high)

      def self.none = self::NONE

      # So many minutes that a cook says.
      def self.said(minutes) = new(minutes: minutes.ceil, low: minutes, high: minutes, source: "cook")
    end
    Hands::NONE = Hands.new(minutes: 0, low: 0, high: 0, source: "practice")
  end
end
