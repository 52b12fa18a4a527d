# frozen_string_literal: true

module ElmCupServer
  module Devices
    # The devices of this server: simulated ones where it is told to have them, else none.
    module Household
      SEED = 20_260_620
      @lock = Mutex.new

      class << self
        # The Workbench; nil where there are no devices.
        def current = @lock.synchronize { @current }

        # Has simulated devices from now on, in the kitchen of the household. clock: Clock; threaded: they go on by themselves.
        def simulate(clock: Clock.new, seed: SEED, threaded: true)
          dials = Kitchen.document["places"].to_a.select { |place| CoolPlace::KINDS.key?(place["kind"]) }
            .to_h { |place| [place["kind"], place["dial_c"].to_f] }
          bench = Workbench.new(clock, seed: seed, threaded: threaded, places: {"freezer" => -18.0, "fridge" => 4.0}.merge(dials))
          @lock.synchronize { @current = bench }
        end

        # Has none.
        def none = @lock.synchronize { @current = nil }
      end
    end
  end
end
