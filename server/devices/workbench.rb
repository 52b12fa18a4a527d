# frozen_string_literal: true

module ElmCupServer
  module Devices
    # The simulated devices of a household: a scale, a probe, and the places that the probe can be put into. They go on as long as somebody
    # listens, or something is done with them.
    class Workbench
      # What is done may be said twice; keys of so many are known again.
      MOST_KEYS = 500
      TICK_S = 0.2
      # Seconds without anybody after which it rests.
      RESTS_AFTER = 60
      ROOM = "room"
      # There is no such device, or it does no such thing.
      class NotDone < StandardError; end

      # seed: of the household; places: kind => °C of its dial; threaded: it goes on by itself.
      def initialize(clock, seed:, places: {"freezer" => -18.0, "fridge" => 4.0}, threaded: true, hub: Hub.current)
        @clock = clock
        @hub = hub
        @threaded = threaded
        @lock = Mutex.new
        @keys = {}
        @places = places.to_h { |kind, dial_c| [kind, CoolPlace.new(kind, Noise.new(seed, kind), dial_c: dial_c)] }
        @stepped = clock.mono
        @lines = {"scale" => Scale.new(Noise.new(seed, "scale")), "probe" => Probe.new(Noise.new(seed, "probe"))}
          .to_h { |id, device| [id, line(id, device)] }
        @touched = now
      end

      attr_reader :clock

      def self.topic(id) = "device/#{id}"

      # The devices, as the contract has them.
      def to_answer = @lock.synchronize { @lines.values.map(&:to_answer) }

      # The Rack response that listens to a device; after: the last message that the listener has.
      def response(id, after:)
        line = fetch(id)
        touch
        @hub.response(Workbench.topic(id), after: after) { |missed| ["hello", line.to_answer.except("state").merge("missed" => missed)] }
      end

      # tare, zero or wake. NotDone where there is no such device.
      def command(id, key, what) = once(key) { fetch(id).command(what) }

      # What is done with a device or a place (Hash of the contract).
      def simulate(id, key, said)
        once(key) do
          said = {"grams" => 0, **said}
          case said["do"]
          when "door", "cut" then place(id).simulate(said["do"], seconds: said["seconds"])
          when "lose", "nonsense" then fetch(id).public_send(said["do"], said["seconds"] || 15)
          when "move", "load" then move(id, said)
          else scale(id).simulate(said["do"], grams: said["grams"], seconds: said["seconds"])
          end
        end
      end

      # Everything up to now.
      def catch_up
        @lock.synchronize { step }
      end

      private

      def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)

      def line(id, device)
        topic = Workbench.topic(id)
        @hub.open(topic, keep: 600, lasting: true)
        Line.new(id, device, @clock) { |event, data|
          @hub.publish(topic, event) { |count| (event == "reading") ? data.merge("seq" => count) : data }
        }
      end

      def fetch(id) = @lines.fetch(id) { raise NotDone, "There is no device “#{id}”; there are #{@lines.keys.join(" and ")}" }

      def place(id) = @places.fetch(id) { raise NotDone, "There is no place “#{id}”; there are #{@places.keys.join(" and ")}" }

      def scale(id)
        device = fetch(id).device
        device.is_a?(Scale) ? device : raise(NotDone, "Nothing can be put on “#{id}”")
      end

      # Puts the probe into a place, into a body there where one is said.
      def move(id, said)
        probe = fetch(id).device
        raise NotDone, "“#{id}” cannot be moved" unless probe.is_a?(Probe)

        to = said["to"] || ROOM
        place = (to == ROOM) ? nil : place(to)
        probe.move(place, **(said["body"] ? {body: said["body"], air: said["air"]} : {}))
      end

      # Does it unless it was done under that key.
      def once(key)
        @lock.synchronize do
          next if @keys[key]

          step
          yield
          @keys[key] = true
          @keys.shift while @keys.size > MOST_KEYS
        end
        touch
        {}
      end

      # Places first: what sits in them feels it.
      def step
        now = @clock.mono
        while @stepped + (stride = stride(now)) <= now
          @stepped += stride
          @places.each_value { |place| place.step(stride) }
          @lines.each_value { |line| line.catch_up(@stepped) }
        end
        @lines.each_value { |line| line.catch_up(now) }
      end

      # What lies hours back is stepped through in longer strides.
      def stride(now) = (now - @stepped > Line::LONG_S) ? Line::STRIDE_S : CoolPlace::TICK_S

      def touch
        @touched = now
        return unless @threaded

        @lock.synchronize { @thread = Thread.new { go_on } unless @thread&.alive? }
      end

      def go_on
        until now - @touched > RESTS_AFTER
          catch_up
          @touched = now if @lines.keys.any? { |id| @hub.heard?(Workbench.topic(id)) }
          sleep TICK_S
        end
      end
    end
  end
end
