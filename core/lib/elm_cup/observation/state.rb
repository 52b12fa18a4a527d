# frozen_string_literal: true

module ElmCup
  module Observation
    # What the events of a batch come to, folded in order.
    #   lines      place of a line => Weighing      additions  data of the additions in the order they went in
    #   texture    id seen last, nil where nobody looked         pieces, minutes, note, stars  nil where nothing was said
    #   happened   [kind, data] of all that changed or judged a bowl, in order      scale  times what is written
    #   steps      id of a step => "begun", "done" or "skipped"      timers  name => data of those that run
    #   probes     device => Probing of those that measure           complaints, temperatures, chill_looks, stored  data, in order
    #   paused     Time since which it rests, nil where it goes on    handed_to  the device that goes on with it, nil for any
    #   over       "finished" or "abandoned", nil while it goes on   over_at  when
    State = Value.of(lines: {}.freeze, additions: [].freeze, texture: nil, pieces: nil, minutes: nil, note: nil, stars: nil,
      happened: [].freeze, scale: 1, steps: {}.freeze, timers: {}.freeze, probes: {}.freeze, complaints: [].freeze,
      temperatures: [].freeze, chill_looks: [].freeze, stored: [].freeze, paused: nil, handed_to: nil, over: nil, over_at: nil) do
      # The State that Events come to: each once, whatever order they come in, without those that were taken back.
      def self.of(events)
        Taken.back(Event.in_order(events.uniq(&:key))).reduce(new) { |state, event|
          EventKind[event.kind].fold.call(state, event.data, event)
        }
      end

      # It was begun at the counter and is not over.
      def running? = over.nil? && (steps.any? || timers.any?)

      # With one more thing that changed a bowl.
      def put(kind, data) = with(happened: happened + [[kind, data]])

      # With a line weighed: anew, or added to what was weighed of it. What was written before lines had pointers names part and text.
      def weighed(data)
        place = data["line"] || [data["component"], data["text"]]
        before = (data["mode"] == "add") ? lines[place]&.grams : nil
        grams = data["grams"] && before.to_f + data["grams"]
        weighing = self.class::Weighing.new(line: data["line"], component: data["component"], text: data["text"], target: data["target"],
          grams: grams)
        put("weighed", data).with(lines: lines.merge(place => weighing))
      end

      # With a line measured by the spoon, or in as it was planned.
      def measured(data)
        return put("measured", data) unless data["grams"]

        weighed(data).with(happened: happened + [["measured", data]])
      end

      # With something added.
      def added(data) = put("addition", data).with(additions: additions + [data])

      # With a look at the bowl.
      def looked(data)
        seen = data["texture"] ? Binding::Texture::ALL.fetch(data["texture"]) : texture
        put("looked", data).with(texture: data["mark"] ? Binding::Texture.at(data["mark"]) : seen)
      end

      def stepped(data) = with(steps: steps.merge(data["step"] => data["did"]))

      def timed(data)
        with(timers: (data["did"] == "set") ? timers.merge(data["name"] => data) : timers.except(data["name"]))
      end

      def probed(data, event)
        device = data["device"]
        return with(probes: probes.except(device)) if data["did"] == "stop"

        with(probes: probes.merge(device => self.class::Probing.new(place: data["place"], shape: data["shape"], step: data["step"],
          since: event.at)))
      end
    end
    # A line as it was weighed: its pointer, or its part and text; grams that were planned and that there were, nil where nothing was said.
    State::Weighing = Value.of(:line, :component, :text, :target, :grams) do
      # Grams more than planned, less where negative; nil where one of both is not known.
      def off = grams && target && grams - target

      # It is further off than a kitchen's scale tells.
      def off_by?(least = State::TOLD) = !off.nil? && off.abs >= least
    end
    # A probe that measures: where, in what, of which step, since when (Time).
    State::Probing = Value.of(:place, :shape, :step, :since)
    # Grams that a weighing must be off to be told of.
    State::TOLD = 0.5
  end
end
