# frozen_string_literal: true

module ElmCup
  module Balance
    # How long may be searched. The core has no clock: `clock` is a callable that gives seconds, `stop` one that says whether
    # the asker has gone; without a clock every search has all of `seconds`.
    class Pace
      SECONDS = 2.0

      attr_reader :seconds

      def initialize(clock: nil, seconds: SECONDS, stop: nil)
        @clock = clock
        @seconds = seconds
        @stop = stop
        @began = clock&.call
      end

      # Seconds that are left, none once it is stopped.
      def left
        return 0.0 if stopped?

        @clock ? [seconds - (@clock.call - @began), 0.0].max : seconds
      end

      # Nothing more shall be searched.
      def over? = left < Solver::LEAST_SECONDS

      # The asker has called it off.
      def stopped? = @stop ? @stop.call : false
    end
  end
end
