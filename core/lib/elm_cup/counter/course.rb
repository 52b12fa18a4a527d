# frozen_string_literal: true

module ElmCup
  module Counter
    # How far a rescue has come: whether to go on, to stop, or to wait, and how to mix in what is added.
    # Source: docs/model.md, At the counter.
    class Course
      MOST_ADDITIONS = 4
      MOST_SHARE = 1 / 3.0
      # What drinks late is looked at later, in minutes; what else is dry, a little later too.
      LATE_MINUTES = 5
      POWDER_MINUTES = 2
      LATE_FAMILIES = %w[oats].freeze
      LATE = %w[coconut-flour flax-ground flaxseed chia].freeze

      # code: "there", "enough", "asked", "another_batch", "crossed" or "go_on"; words: what to do.
      Said = Value.of(:code, :words)

      # bowl: Bowl.
      def initialize(bowl)
        @bowl = bowl
      end

      # A Said.
      def said
        return Said.new(code: "there", words: "It is as it should be: leave it.") if seen_right?
        return Said.new(code: "crossed", words: "Give it 15 minutes in the fridge, then look again.") if crossed_twice?
        return asked if @bowl.seen.last&.surprise&.asked?
        return another_batch if @bowl.additions.size >= MOST_ADDITIONS || @bowl.added_share > MOST_SHARE
        return enough if @bowl.rescue_from && !@bowl.rescue_from.needed?
        return Said.new(code: "enough", words: "It is there, as far as can be told.") if @bowl.rescue_from&.as_good_as_there?

        Said.new(code: "go_on", words: "Mix in half of it, wait, and look again.")
      end

      # How to mix in an Ingredient::Entry before the next look, in words, and minutes to wait.
      def mixing(entry)
        how = (@bowl.part.process == "processor") ? "Five pulses of the processor" : "Mix it for 30 seconds"
        minutes = rest(entry)
        minutes.zero? ? [how, 0] : ["#{how}, then let it rest for #{minutes} minutes", minutes]
      end

      private

      def rest(entry)
        return LATE_MINUTES if LATE_FAMILIES.include?(entry.family) || LATE.include?(entry.like)

        powder?(entry) ? POWDER_MINUTES : 0
      end

      def powder?(entry) = @bowl.part.library.binding_of(entry.id).any? { |figures| figures.kind == "dry" && !figures.inclusion }

      def looks = @looks ||= @bowl.seen.map(&:look)

      def index = Binding::Texture.index(@bowl.want)

      # -1 too dry, 0 right, 1 too wet.
      def side(look)
        return 0 if look.mark ? Binding::Texture.at(look.mark) == @bowl.want : look.low <= index && look.high >= index + 1

        (look.high <= index) ? -1 : 1
      end

      def seen_right? = looks.any? && side(looks.last).zero?

      # From one side to the other, and back.
      def crossed_twice?
        last = looks.map { |look| side(look) }.last(3)
        last.size == 3 && last.none?(&:zero?) && last[0] != last[1] && last[1] != last[2]
      end

      # Too far from what is in it to be believed at once.
      def asked
        Said.new(code: "asked", words: "That does not fit what is in it. Squeeze another pinch and look again; is every amount right?")
      end

      # It looks otherwise than what is in it says, by little.
      def enough
        looked = looks.any? ? "Let it rest for a few minutes and look again: what is in it should do." : "What is in it should do."
        Said.new(code: "enough", words: looked)
      end

      def another_batch
        Said.new(code: "another_batch",
          words: "Adding more will not help: make another batch with the same bowl, or use it as it is.")
      end
    end
  end
end
