# frozen_string_literal: true

module ElmCup
  module Observation
    # What the events of a batch come to, folded in order.
    #   lines      place of a line => Weighing      additions  data of the additions in the order they went in
    #   texture    id seen last, nil where nobody looked         pieces, minutes, note  nil where nothing was said
    State = Value.of(lines: {}.freeze, additions: [].freeze, texture: nil, pieces: nil, minutes: nil, note: nil) do
      # The State that Events come to.
      def self.of(events) = Event.in_order(events).reduce(new) { |state, event| EventKind[event.kind].fold.call(state, event.data) }

      # With a line weighed: anew, or added to what was weighed of it. What was written before lines had pointers names part and text.
      def weighed(data)
        place = data["line"] || [data["component"], data["text"]]
        before = (data["mode"] == "add") ? lines[place]&.grams : nil
        grams = data["grams"] && before.to_f + data["grams"]
        weighing = self.class::Weighing.new(line: data["line"], component: data["component"], text: data["text"], target: data["target"],
          grams: grams)
        with(lines: lines.merge(place => weighing))
      end

      # With a look at the bowl.
      def looked(data) = with(texture: Binding::Texture::ALL.fetch(data["texture"]))
    end
    # A line as it was weighed: its pointer, or its part and text; grams that were planned and that there were, nil where nothing was said.
    State::Weighing = Value.of(:line, :component, :text, :target, :grams) do
      # Grams more than planned, less where negative; nil where one of both is not known.
      def off = grams && target && grams - target

      # It is further off than a kitchen's scale tells.
      def off_by?(least = State::TOLD) = !off.nil? && off.abs >= least
    end
    # Grams that a weighing must be off to be told of.
    State::TOLD = 0.5
  end
end
