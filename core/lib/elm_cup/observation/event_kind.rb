# frozen_string_literal: true

module ElmCup
  module Observation
    # A kind of event: its name, whether a device may say it, and what it does to the State of a batch. Its data's schema stands under its
    # name in core/data/batch.schema.json.
    #   said  a device says it; else the server does     fold  State, data and Event => State
    EventKind = Value.of(:name, said: true, fold: ->(state, *) { state }) do
      self::ALL = [
        new(name: "started", fold: ->(state, data, *) { state.with(scale: data["scale"] || 1) }),
        new(name: "predicted", said: false),
        new(name: "step", fold: ->(state, data, *) { state.stepped(data) }),
        new(name: "weighed", fold: ->(state, data, *) { state.weighed(data) }),
        new(name: "measured", fold: ->(state, data, *) { state.measured(data) }),
        new(name: "left_out", fold: ->(state, data, *) { state.put("left_out", data) }),
        new(name: "rescaled", fold: ->(state, data, *) { state.put("rescaled", data) }),
        new(name: "looked", fold: ->(state, data, *) { state.looked(data) }),
        new(name: "complaint", fold: ->(state, data, *) { state.with(complaints: state.complaints + [data]) }),
        new(name: "addition", fold: ->(state, data, *) { state.added(data) }),
        new(name: "removed", fold: ->(state, data, *) { state.put("removed", data) }),
        new(name: "temperature", fold: ->(state, data, *) { state.with(temperatures: state.temperatures + [data]) }),
        new(name: "timer", fold: ->(state, data, *) { state.timed(data) }),
        new(name: "probe", fold: ->(state, data, event) { state.probed(data, event) }),
        new(name: "chill_look", fold: ->(state, data, *) { state.with(chill_looks: state.chill_looks + [data]) }),
        new(name: "paused", fold: ->(state, _, event) { state.with(paused: event.at) }),
        new(name: "resumed", fold: ->(state, *) { state.with(paused: nil) }),
        new(name: "handed_over", fold: ->(state, data, *) { state.with(handed_to: data["to"]) }),
        new(name: "yield", fold: ->(state, data, *) { state.with(pieces: data["pieces"]) }),
        new(name: "stored", fold: ->(state, data, *) { state.with(stored: state.stored + [data]) }),
        new(name: "rated", fold: ->(state, data, *) { state.with(stars: data["stars"]) }),
        new(name: "took", fold: ->(state, data, *) { state.with(minutes: data["minutes"]) }),
        new(name: "note", fold: ->(state, data, *) { state.with(note: data["text"]) }),
        new(name: "corrected"),
        new(name: "finished", fold: ->(state, _, event) { state.with(over: "finished", over_at: event.at) }),
        new(name: "abandoned", fold: ->(state, _, event) { state.with(over: "abandoned", over_at: event.at) })
      ].to_h { |kind| [kind.name, kind] }.freeze

      # There is an EventKind of that name.
      def self.known?(name) = self::ALL.key?(name)

      # The EventKind of a name; KeyError for none.
      def self.[](name) = self::ALL.fetch(name)
    end
  end
end
