# frozen_string_literal: true

module ElmCup
  module Counter
    # What can be done about a line of which too much went in: lift it out, leave it, or make all of it larger.
    # Source: docs/model.md, Weighing in: common practice.
    class OverPour
      # kind: "lift", "leave" or "rescale"; words; grams: to take out; texture: id after it; factor: of all of it; adds: pointer => grams
      # that go in more of lines that are in.
      Option = Value.of(:kind, :words, grams: nil, texture: nil, factor: nil, adds: {}.freeze)
      # Less than this moves nothing that can be told.
      NOTHING = 0.1
      MOST_FACTOR = 1.15

      # bowl: Bowl; pointer: of the line; room: callable that tells whether the kitchen has room for so many times as much.
      def initialize(bowl, pointer, room: ->(_) { true })
        @bowl = bowl
        @pointer = pointer
        @room = room
        @actual, @planned = bowl.contents.grams(pointer)
      end

      # Grams too much; nil where it is not in, and negative where it is too little.
      def over = @actual && @planned && @actual - @planned

      # Options, what is usual first; none where nothing is too much.
      def options
        return [] unless over&.positive?

        little? ? [leave, lift, rescale].compact : [lift, leave, rescale].compact
      end

      private

      # It moves the texture by less than can be told.
      def little?
        mix = @bowl.planned
        at = @bowl.contents.planned.index { |held| held.pointer == @pointer }
        return false unless mix && at && Bowl.estimable?(mix)

        (Observation::Slopes.new(mix).amount(mix.portions[at]) * over / @planned).abs < NOTHING
      end

      def lift
        held = @bowl.contents.now.find { |each| each.pointer == @pointer }
        return unless held && dry?(held.line)

        Option.new(kind: "lift", words: "Lift #{over.round(1)} g out again, as long as it lies on top", grams: over)
      end

      def dry?(line)
        @bowl.part.library.binding_of(line.entry.id).any? { |figures| %w[dry nut].include?(figures.kind) }
      end

      def leave
        texture = @bowl.finished&.saturation&.texture
        words = texture ? "Leave it: it #{Binding::Sentence::WORDS.fetch(texture).first}" : "Leave it"
        Option.new(kind: "leave", words: words, texture: texture)
      end

      # The rest times the most that any line is over; of what is in, what is wanting to that.
      def rescale
        contents = @bowl.contents
        pairs = contents.planned.to_h { |held| [held.pointer, contents.grams(held.pointer)] }.select { |_, (actual, _)| actual }
        factor = pairs.values.map { |actual, planned| actual / planned }.max
        return unless factor > 1 && factor <= MOST_FACTOR && @room.call(factor)

        adds = pairs.transform_values { |actual, planned| (factor * planned - actual).round(2) }.select { |_, grams| grams.positive? }
        Option.new(kind: "rescale", words: "Make all of it #{((factor - 1) * 100).round(1)} % larger", factor: factor, adds: adds)
      end
    end
  end
end
