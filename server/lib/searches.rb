# frozen_string_literal: true

module ElmCupServer
  # Searches that run now, by the ticket that the asker gave, so that they can be called off.
  module Searches
    LOCK = Mutex.new
    RUNNING = {}
    CLOCK = -> { Process.clock_gettime(Process::CLOCK_MONOTONIC) }
    # Past so many at once the oldest is called off.
    MOST = 12
    # How long a search may look, in seconds.
    LONGEST = 10.0

    # Runs the block with the options of a search: its clock, its seconds, and whether it was called off, or nobody waits for it any more.
    # gone: a callable that says the latter.
    def self.during(ticket, seconds: nil, gone: -> { false })
      flag = {off: false}
      remember(ticket, flag) if ticket
      stop = -> { flag[:off] ||= gone.call }
      yield({clock: CLOCK, seconds: (seconds || ElmCup::Balance::Pace::SECONDS).to_f.clamp(0.05, LONGEST), stop: stop})
    ensure
      LOCK.synchronize { RUNNING.delete(ticket) if RUNNING[ticket].equal?(flag) }
    end

    # Calls a search off; whether there was one.
    def self.call_off(ticket)
      LOCK.synchronize { RUNNING[ticket]&.store(:off, true) } || false
    end

    def self.remember(ticket, flag)
      LOCK.synchronize do
        RUNNING.shift.last[:off] = true if RUNNING.size >= MOST
        RUNNING[ticket] = flag
      end
    end
    private_class_method :remember
  end
end
