# frozen_string_literal: true

module ElmCup
  module Observation
    # A kind of event: its name, whether a device may say it, and what it does to the State of a batch. Its data's schema stands under its
    # name in core/data/batch.schema.json.
    #   said  a device says it; else the server does     fold  State and data => State
    EventKind = Value.of(:name, said: true, fold: ->(state, _) { state }) do
      self::ALL = [
        new(name: "started"),
        new(name: "predicted", said: false),
        new(name: "weighed", fold: ->(state, data) { state.weighed(data) }),
        new(name: "looked", fold: ->(state, data) { state.looked(data) }),
        new(name: "addition", fold: ->(state, data) { state.with(additions: state.additions + [data]) }),
        new(name: "yield", fold: ->(state, data) { state.with(pieces: data["pieces"]) }),
        new(name: "took", fold: ->(state, data) { state.with(minutes: data["minutes"]) }),
        new(name: "note", fold: ->(state, data) { state.with(note: data["text"]) })
      ].to_h { |kind| [kind.name, kind] }.freeze

      # There is an EventKind of that name.
      def self.known?(name) = self::ALL.key?(name)

      # The EventKind of a name; KeyError for none.
      def self.[](name) = self::ALL.fetch(name)
    end
  end
end
