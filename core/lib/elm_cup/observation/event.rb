# frozen_string_literal: true

require "time"

module ElmCup
  module Observation
    # One thing that happened to a batch, as a device says it.
    #   key  UUID, the device's own    device  its name     n   its count       at  Time when it happened, by the device's clock
    #   kind  one of EventKind          data  Hash, as batch.schema.json has it for the kind
    #   skew_ms  what is added to the device's clock to have the server's
    Event = Value.of(:key, :device, :n, :at, :kind, :data, skew_ms: 0) do
      # An Event of a checked Hash.
      def self.from(said)
        new(key: said["key"], device: said["device"], n: said["n"], at: Time.iso8601(said["at"]), kind: said["kind"], data: said["data"],
          skew_ms: said["skew_ms"] || 0)
      end

      # Milliseconds since 1970 by the server's clock.
      def milliseconds = (at.to_r * 1000).round + skew_ms

      # Events in the order they happened: a device's own count rules over its clock, so that a clock set back moves nothing.
      def self.in_order(events)
        placed = events.group_by(&:device).flat_map do |device, own|
          latest = nil
          own.sort_by(&:n).map { |event| [[latest = [latest, event.milliseconds].compact.max, device, event.n], event] }
        end
        placed.sort_by(&:first).map(&:last)
      end
    end
  end
end
