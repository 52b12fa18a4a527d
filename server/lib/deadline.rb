# frozen_string_literal: true

require "timeout"

module ElmCupServer
  # The last guard of what only reckons: what takes longer is given up, so that nothing holds a worker for good. What writes is not cut off:
  # there the limits of what is taken are the guard.
  module Deadline
    # Far over what any document that is taken needs on a slow machine.
    SECONDS = 20

    # It took too long.
    class Passed < StandardError
      def message = "This takes longer than #{SECONDS} s; make it smaller, or ask for less of it"
    end

    # What the block gives. Passed.
    def self.within(seconds = SECONDS, &block) = Timeout.timeout(seconds, Passed, &block)
  end
end
