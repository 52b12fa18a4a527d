# frozen_string_literal: true

module ElmCup
  module Cold
    # What a body loses its heat to: °C, and W/(m2 K) at the top and at the bottom.
    Air = Value.of(:celsius, :top, :bottom) do
      # W/(m2 K) of what has neither top nor bottom.
      def mean = (top + bottom) / 2.0

      # The same with all heat passing `factor` times as easily.
      def times(factor) = with(top: top * factor, bottom: bottom * factor)

      def warmer(kelvin) = with(celsius: celsius + kelvin)
    end
  end
end
