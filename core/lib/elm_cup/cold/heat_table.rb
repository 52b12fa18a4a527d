# frozen_string_literal: true

module ElmCup
  module Cold
    # What heat a stuff holds and how it passes it on, at even steps of temperature: straight between them, and beyond the ends.
    #   from_c, step_k   °C of the first figure, K between two       enthalpy  J/m3 at each, above any zero
    #   conductivity     W/(m K) at each
    HeatTable = Value.of(:from_c, :step_k, :enthalpy, :conductivity, derived: true) do
      # Of a stuff whose figures do not change: W/(m K), kg/m3, J/(kg K).
      def self.constant(conductivity:, density:, heat_capacity:)
        per_k = density * heat_capacity
        new(from_c: -100.0, step_k: 300.0, enthalpy: [0.0, 300 * per_k], conductivity: [conductivity, conductivity])
      end

      # J/(m3 K) between each figure of enthalpy and the next; index of the last of these.
      attr_reader :capacity, :last

      # J/m3 at °C.
      def enthalpy_at(celsius)
        place = (celsius - from_c) / step_k
        at = place.floor.clamp(0, @capacity.size - 1)
        enthalpy[at] + (place - at) * step_k * @capacity[at]
      end

      # W/(m K) at °C.
      def conductivity_at(celsius)
        place = ((celsius - from_c) / step_k).clamp(0.0, @capacity.size.to_f)
        at = [place.floor, @capacity.size - 1].min
        conductivity[at] + (place - at) * (conductivity[at + 1] - conductivity[at])
      end

      private

      def derive
        @capacity = enthalpy.each_cons(2).map { |low, high| (high - low) / step_k }.freeze
        @last = @capacity.size - 1
      end
    end
  end
end
