# frozen_string_literal: true

module ElmCupServer
  module Devices
    # The time that devices go by: the machine's, or one that a test or the demo drives.
    class Clock
      # rate: seconds of it in a real one; 0 stands still.
      attr_reader :rate

      def initialize(rate: 1.0)
        @rate = rate
        @at = Time.now.to_f
        @mono = 0.0
        @real = real
      end

      # Time now.
      def now = Time.at(@at + gone).utc

      # Seconds of a clock that nobody sets, and that is never set back.
      def mono = @mono + gone

      # Sets it to a Time, goes on by so many seconds, goes so many times as fast.
      def set(time)
        hold
        @at = time.to_f
      end

      def advance(seconds)
        hold
        @at += seconds
        @mono += seconds
      end

      def rate=(rate)
        hold
        @rate = rate
      end

      private

      def real = Process.clock_gettime(Process::CLOCK_MONOTONIC)

      def gone = (real - @real) * @rate

      def hold
        passed = gone
        @at += passed
        @mono += passed
        @real = real
      end
    end
  end
end
