# frozen_string_literal: true

module ElmCup
  module Cold
    # How much of the fat of one layer has set: it follows what is solid at rest with a lag when it cools, and melts at once.
    # Source: docs/model.md, Cold: dS/dt = (Seq - S) / tau, Seq straight within a step.
    class Setting
      # Share that is solid now; kPa.
      attr_reader :solid, :kpa

      # table: MaterialTable; celsius: what it starts at, at rest; poured: it comes from a melt, in which nothing has set however cool it
      # is; slowness: times as long as it usually takes.
      def initialize(table, celsius, poured: false, slowness: 1.0)
        @table = table
        @slowness = slowness
        @rest = @solid = poured ? 0.0 : table.solid_share(celsius)
        @kpa = table.kpa(celsius, @solid)
      end

      # So many minutes later it is at °C. Gives kPa.
      def step(minutes, celsius)
        rest = @table.solid_share(celsius)
        @solid = [after(rest, minutes, @slowness * @table.tau_minutes(celsius)), rest].min
        @rest = rest
        @kpa = @table.kpa(celsius, @solid)
      end

      private

      def after(rest, minutes, tau)
        return rest unless tau.positive? && minutes.positive?

        lag = minutes / tau
        fades = Math.exp(-lag)
        rest - (rest - @rest) / lag * (1 - fades) + (@solid - @rest) * fades
      end
    end
  end
end
