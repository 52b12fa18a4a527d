# frozen_string_literal: true

module ElmCupServer
  module Devices
    # A kitchen scale that is not there: it settles, drifts and creeps, follows its zero, and shows what it shows with a little noise.
    # Source: docs/devices.md, the equations.
    class Scale
      KIND = "scale"
      UNIT = "g"
      TICK_S = 0.2
      SETTLING_S = 0.35
      DRIFT = 0.02
      CREEP = 2e-4
      CREEP_S = 300.0
      # Zero tracking takes up half of what is left in a second.
      TRACKING_S = 2.0
      # It moves where the load changes by this share of what it tells in a tick.
      MOVES = 0.02
      MOVING_NOISE = 8
      SPAN = 5
      OFF_AFTER_S = 180
      # After a jump of the clock it is only stepped through so many seconds.
      MOST_STEPPED_S = 10
      MAXIMUM = 5000
      # Grams that it tells => noise of what it shows.
      NOISE = {1.0 => 0.25, 0.1 => 0.03}.freeze
      # A change of the load that wakes it.
      WAKES = 2.0

      attr_reader :resolution

      # resolution: 1.0 or 0.1 g.
      def initialize(noise, resolution: 1.0)
        @noise = noise
        @resolution = resolution
        @load = @settled = @drift = @creep = @tare = 0.0
        @pours = []
        @shown = []
        @still_s = 0.0
        @asleep = false
      end

      def kind = KIND

      def unit = UNIT

      def tick_s = TICK_S

      def maximum = MAXIMUM

      def state = @asleep ? "asleep" : "ready"

      # One tick of so many seconds; what it shows then.
      def step(seconds = TICK_S)
        moved = pour(seconds)
        @settled += (@load - @settled) * (1 - Math.exp(-seconds / SETTLING_S))
        @drift += DRIFT * @noise.normal * Math.sqrt(seconds / 60)
        @creep += (CREEP * @load - @creep) * seconds / CREEP_S
        moving = moved.abs > MOVES * @resolution
        rest(moving, moved, seconds)
        track(seconds) unless moving
        show(moving)
      end

      # {"value", "stable", "status"}: what it shows now; nil while it is asleep.
      def reading
        return if @asleep
        return {"value" => nil, "status" => "over", "stable" => false} if @load > MAXIMUM
        return {"value" => nil, "status" => "under", "stable" => false} if net < -@tare - @resolution

        {"value" => @shown.last || 0.0, "stable" => stable?, "status" => "ok"}
      end

      # What is done to it: tare, zero, wake.
      def command(what)
        wake
        @tare = platform unless what == "wake"
        @shown.clear
      end

      # What is done with it: put so many grams on at once, pour them over so many seconds, lift them, or all of it, off.
      def simulate(what, grams: nil, seconds: nil)
        wake
        case what
        when "put" then @load += grams
        when "pour" then [seconds || 1.0, TICK_S].max.then { |long| @pours << [grams.fdiv(long), long] }
        when "lift" then @load = [@load - (grams&.positive? ? grams : @load), 0.0].max
        end
      end

      private

      def platform = @settled + @drift + @creep

      def net = platform - @tare

      def wake
        @asleep = false
        @still_s = 0.0
      end

      # Grams that came on in the tick.
      def pour(seconds)
        before = @load
        @pours = @pours.filter_map do |rate, left|
          @load += rate * [seconds, left].min
          [rate, left - seconds] if left > seconds
        end
        @load - before
      end

      def rest(moving, moved, seconds)
        return wake if moving || moved.abs > WAKES

        @still_s += seconds
        @asleep = true if @still_s > OFF_AFTER_S
      end

      def track(seconds)
        @tare += net * seconds / TRACKING_S if net.abs < @resolution / 2 && (@load - @settled).abs < @resolution / 2
      end

      def show(moving)
        noise = NOISE.fetch(@resolution) * (moving ? MOVING_NOISE : 1)
        @shown << (((net + noise * @noise.normal) / @resolution).round * @resolution).round(3)
        @shown.shift if @shown.size > SPAN
        reading
      end

      def stable? = @shown.size == SPAN && @shown.max - @shown.min <= @resolution + 1e-9
    end
  end
end
