# frozen_string_literal: true

module ElmCup
  module Counter
    # Tells when a scale stands still, from its latest readings. Source: docs/model.md, Weighing in.
    class Steady
      # One reading of a device that can be used: milliseconds of its own clock, grams, whether it says itself that it stands still (nil
      # where it never says).
      Reading = Value.of(:mono_ms, :grams, :stable)
      COUNT = 6
      FLAGGED_MS = 1000
      UNFLAGGED_MS = 1500
      SHARE = 0.001

      # resolution: grams that the scale tells.
      def initialize(resolution)
        @resolution = resolution
      end

      # Grams that it stands at, the median of what it showed; nil while it moves. readings: Readings, the newest last.
      def grams(readings)
        still = within(readings) or return
        values = still.map(&:grams).sort
        return if values.last - values.first > [@resolution, SHARE * values.last.abs].max + ROUNDING

        middle = values.size / 2
        values.size.odd? ? values[middle] : (values[middle - 1] + values[middle]) / 2
      end

      private

      ROUNDING = 1e-6
      private_constant :ROUNDING

      # The last of them that are enough to tell by; nil where they are not.
      def within(readings)
        last = readings.last or return
        return if last.stable == false

        long = last.stable.nil? ? UNFLAGGED_MS : FLAGGED_MS
        at = readings.rindex { |reading| last.mono_ms - reading.mono_ms >= long } or return
        still = readings.drop([at, readings.size - COUNT].min)
        still if still.size >= COUNT && still.none? { |reading| reading.stable == false }
      end
    end
  end
end
