# frozen_string_literal: true

module ElmCup
  module Binding
    # What brings a mix to the wanted texture, as a good cook would: time and cold first, then what is in the bowl, then something new, in
    # measures that she has. Source: docs/model.md, Dose rules.
    class Rescue
      # kind: "dose", "rest", "chill", "warm" or "batch"; number: the texture number after it, nil where that cannot be told
      #   of a dose   ingredient, text to add, first_text to try first, grams, after: Saturation, patch: the JSON Patch that applies it,
      #               line: the Ingredient::Line that it adds
      #   of a cure   text, minutes [low, high], place        of a batch  times: how many times as much of the other side
      Option = Value.of(:kind, :text, :why, ingredient: nil, first_text: nil, grams: nil, after: nil, patch: [], line: nil, number: nil,
        minutes: nil, place: nil, times: nil)
      # too_much: what would do is more than may come in.
      Refusal = Value.of(:ingredient, :why, too_much: false)

      # Where in the wanted class a dose aims.
      AIM = 0.35
      # What moves less than this share of the doubt, or less than so many classes at all, cannot be told.
      NOTHING_UNDER = 0.1
      LEAST_MOVE = 0.06
      # So near above the edge, waiting and cold are the only answer.
      NEAR_EDGE = 0.3
      # Doses that are offered.
      DOSES = 3
      # How many times as large a side of a bigger batch may be.
      BATCH = (5 / 4r..4)

      # mix: Mix or SeenMix; want: texture id; measures: Quantity::KitchenMeasures; lines_at: pointer to the lines in the
      # document; opening: JSON Patch operations that make that list where the document leaves it out; resolver:
      # Ingredient::LineResolver of the part; doubt: gives one sigma of the texture number.
      def initialize(mix, want:, measures:, lines_at:, resolver:, library:, opening: [], &doubt)
        @mix = mix
        @want = want
        @measures = measures
        @lines_at = lines_at
        @opening = opening
        @resolver = resolver
        @library = library
        @doubt_of = doubt
        @index = Texture.index(want)
      end

      # True when the texture is not the wanted one and can be judged.
      def needed? = !direction.nil?

      # Options, the first to try first. None brings an allergen that the bowl has not.
      def options
        @options ||= if !direction || as_good_as_there? then []
        elsif !wetter? && cures.any? && @mix.saturation.number < @index + 1 + NEAR_EDGE then cures
        else
          cures + doses + batch
        end
      end

      # Helpers that will not do, and why.
      def refusals = as_good_as_there? ? [] : outcomes.grep(Refusal)

      # What is wanting is so little that nobody could tell it from none.
      def as_good_as_there?
        return @there if defined?(@there)

        number = @mix.saturation.number
        @there = needed? && (wetter? ? @index - number : number - @index - 1) < [NOTHING_UNDER * doubt, LEAST_MOVE].max
      end

      private

      def wetter? = direction == "wetter"

      def direction
        return @direction if defined?(@direction)

        number = @mix.saturation.number
        @direction = if number.nil? || !@mix.saturation.demand.positive? || @mix.saturation.texture == @want
          nil
        else
          (number < @index) ? "wetter" : "drier"
        end
      end

      def doubt = @doubt ||= @doubt_of.call

      def cures
        @cures ||= Remedy.new(@mix, @want).public_send(wetter? ? :of_dry : :of_wet).map { |cure|
          Option.new(kind: cure.kind, text: cure.text, why: cure.why, minutes: cure.minutes, place: cure.place, number: cure.number)
        }
      end

      def doses = outcomes.grep(Option)

      # What comes of the steps, until there are enough doses.
      def outcomes
        return [] unless direction

        @outcomes ||= DoseSteps.new(@mix, @resolver, @library).public_send(direction).each_with_object([]) do |step, found|
          next if step.last? && found.grep(Option).any?
          break found if found.grep(Option).size == DOSES

          found << doser.outcome(step)
        end
      end

      def doser
        @doser ||= Doser.new(@mix, @index, wetter: wetter?, measures: @measures, doubt: doubt, lines_at: @lines_at, opening: @opening)
      end

      # Where it would take too much of anything: a larger batch around the bowl that there is.
      def batch
        return [] unless doses.empty? && @mix.saturation.supply.positive? && refusals.any?(&:too_much)

        target = @mix.saturation.value_at(@index + AIM)
        times = wetter? ? target / @mix.saturation.value : @mix.saturation.value / target
        quarters = (times * 4).round/4r
        return [] unless BATCH.cover?(quarters)

        side = wetter? ? "what binds" : "the dry side"
        [Option.new(kind: "batch", text: "Make it a bigger batch: #{Quantity::FractionText.mixed(quarters)} times #{side} in all",
          times: quarters.to_f, why: "one thing alone would take over the bowl", number: @index + AIM)]
      end
    end
  end
end
