# frozen_string_literal: true

require "securerandom"

module ElmCupServer
  module Devices
    # One device on its line: steps it, and says what it shows as messages of device/1, at most five a second. The line can be lost, and
    # can say nonsense. Source: docs/devices.md.
    class Line
      # Milliseconds between two readings at the least, and after which it says that it is still there.
      READING_MS = 200
      BEAT_MS = 5000
      # What is older than this after a jump of the clock is told a little of.
      LATE_S = 10
      LATE_MS = 5000
      # What lies further back than an hour is stepped through in half minutes.
      LONG_S = 3600
      STRIDE_S = 30.0
      # What nobody can use, each in turn.
      NONSENSE = [{"value" => "—", "unit" => nil}, {"value" => 9e9, "unit" => "g"}, {"value" => 12, "unit" => "stone"}].freeze

      attr_reader :id, :device, :boot

      # device: Scale or Probe; said: called with each message: event, data.
      def initialize(id, device, clock, &said)
        @id = id
        @device = device
        @clock = clock
        @said = said
        @boot = SecureRandom.alphanumeric(4).downcase
        @stepped = @clock.mono
        @spoke = @beat = -Float::INFINITY
        @lost_until = @nonsense_until = -Float::INFINITY
        @state = device.state
        @steady = ElmCup::Counter::Steady.new(device.resolution) if device.kind == Scale::KIND
        @latest = []
      end

      # As /api/devices has it.
      def to_answer
        {"device" => id, "boot" => boot, "kind" => device.kind, "simulated" => true, "unit" => device.unit,
         "resolution" => device.resolution, "maximum" => device.maximum, "state" => lost? ? "lost" : device.state}
      end

      # Steps it up to a second of the clock, or through the last of it after a jump, and says what it shows.
      def catch_up(mono)
        most = device.class.const_defined?(:MOST_STEPPED_S) ? device.class::MOST_STEPPED_S : Float::INFINITY
        @stepped = [@stepped, @clock.mono - most].max
        while @stepped + (stride = stride()) <= mono
          @stepped += stride
          device.step(stride)
          speak
        end
        beat
      end

      def command(what) = device.command(what)

      # The line is lost, or says nonsense, for so many seconds.
      def lose(seconds) = @lost_until = @clock.mono + seconds

      def nonsense(seconds) = @nonsense_until = @clock.mono + seconds

      private

      def stride = (@clock.mono - @stepped > LONG_S) ? STRIDE_S : device.tick_s

      def lost? = @clock.mono < @lost_until

      def speak
        apart = (@clock.mono - @stepped > LATE_S) ? LATE_MS : READING_MS - 1
        return if @stepped < @lost_until || (@stepped - @spoke) * 1000 < apart

        changed
        reading = (@stepped < @nonsense_until) ? NONSENSE[(@stepped * 5).round % NONSENSE.size] : device.reading
        return unless reading

        @spoke = @stepped
        mono_ms = (@stepped * 1000).round
        said = {"at" => at(@stepped), "mono_ms" => mono_ms, "unit" => device.unit, **reading}
        said["steady"] = steady(mono_ms, reading) if @steady
        say("reading", said)
      end

      # What the scale stands at, nil while it moves: readings that can be used, one after another.
      def steady(mono_ms, reading)
        unless reading["status"] == "ok" && reading["value"].is_a?(Numeric)
          @latest.clear
          return
        end

        @latest << ElmCup::Counter::Steady::Reading.new(mono_ms: mono_ms, grams: reading["value"], stable: reading["stable"])
        @latest.shift if @latest.size > LATEST
        @steady.grams(@latest)
      end

      LATEST = 20

      def changed
        return if device.state == @state

        @state = device.state
        say("state", {"state" => @state})
      end

      def beat
        return if lost? || (@clock.mono - @beat) * 1000 < BEAT_MS

        @beat = @clock.mono
        say("beat", {})
      end

      def at(mono) = (@clock.now - (@clock.mono - mono)).utc.iso8601(3)

      def say(event, data) = @said.call(event, {"device" => id, "boot" => boot, **data})
    end
  end
end
