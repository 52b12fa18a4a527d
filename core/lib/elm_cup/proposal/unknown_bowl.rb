# frozen_string_literal: true

module ElmCup
  module Proposal
    # A bowl that nobody wrote down: what it is like and weighs, what is roughly in it, how it looks; and what would bring it right.
    class UnknownBowl
      # The dry side of a bowl that is only known by its kind may be so many times larger or smaller; where its lines are said, less so.
      BY_FAMILY = 1.5
      BY_LINES = 1.25
      # Spread of a texture that is seen, in classes: half a class; of a bowl that is known by its lines, and of one by its kind only.
      SEEN = 0.5
      UNKNOWN = {lines: 0.2, family: 0.4}.freeze
      # How far within the seen class the ends of a dose are reckoned.
      ENDS = [0.1, 0.9].freeze

      # said: a Hash ("bowl/1").
      def initialize(said, library:)
        BowlDocument.check(said)
        @said = said
        @library = library
        @kitchen = Document::Kitchen.from(said["kitchen"] || {})
        @family = BowlFamily[said["family"]]
        @processes = said["process"] ? [said["process"]] : [@family.process, *PROCESSES].uniq
        @want = said["want"] || "rolls"
        @index = Binding::Texture.index(said["seen"])
      end

      # A Hash ready for JSON ("rescue/1").
      def to_h
        seen = seen_at(0.5)
        rescue_from = rescue_of(seen)
        {
          "elm_cup" => "rescue/1", "family" => @family.id, "grams" => @said["grams"], "seen" => @said["seen"], "want" => @want, "saturation" => band(seen),
          "binder_ml" => seen.saturation.supply.round(1), "demand_ml" => seen.saturation.demand.round(1), "rescue" => rescue_part(rescue_from),
          "taken_as" => mix.lines.map { |line| {"text" => line.text, "ingredient" => line.entry.id, "grams" => line.grams.to_f.round(1)} }, "sentence" => sentence(rescue_from), "sums" => Assessment::WhyAnswer.of(Binding::Why.new(mix).steps + set_right(seen)), "notes" => notes
        }.compact
      end

      private

      # Mixed as such bowls are; where that would leave nothing to bind or nothing dry, the other way.
      def mix = @mix ||= @processes.lazy.map { |process| mixed(process) }.find { |mix| judged?(mix) } || unjudged(mixed(@processes.first))

      PROCESSES = %w[hand processor].freeze

      def mixed(process) = Binding::Mix.new(lines(process), process: process, room_c: @kitchen.room_c, library: @library)

      def judged?(mix) = mix.saturation.demand.positive? && mix.saturation.supply.positive?

      def unjudged(mix)
        missing = mix.saturation.demand.positive? ? "nothing in it that binds" : "nothing dry in it"
        Document::Schema.refuse("/roughly", "As you said it there is #{missing}: name that too, or leave it all out")
      end

      # The bowl as it looks, `share` of the way through the seen class.
      def seen_at(share, demand: 1.0) = Binding::SeenMix.new(mix, @index + share, demand: demand)

      def rescue_of(seen) = Binding::Rescue.new(seen, want: @want, measures: @kitchen.measures, lines_at: "/roughly", library: @library)

      # Lines that were said, else the usual ones of the family; all brought to the weight of the bowl.
      def lines(process)
        resolver = Ingredient::LineResolver.new(process: process, standard: @kitchen.cup, library: @library)
        found = told? ? said_lines(resolver) : usual_lines(resolver)
        sum = found.sum(&:grams)
        found.map { |line| line.times(Rational(@said["grams"].to_s) / sum) }
      end

      def said_lines(resolver)
        @said["roughly"].each_with_index.map do |text, at|
          line = resolver.resolve(text)
          line = shared(text, line, resolver) unless line.read? && line.grams.positive?
          line.read? ? line : Document::Schema.refuse("/roughly/#{at}", "“#{text}”: #{line.message}")
        end
      end

      # A thing without an amount has the share of the bowl that it usually has.
      def shared(text, line, resolver)
        weighed = resolver.resolve("100 g #{text}")
        return weighed unless weighed.read?

        role = @family.roles.find { |each| each.takes?(weighed.entry) }
        weighed.times(Rational((role ? role.share : LEAST_SHARE).to_s) * Rational(@said["grams"].to_s) / weighed.grams).with(text: text)
      end

      LEAST_SHARE = 0.1

      def usual_lines(resolver)
        @family.roles.select(&:usual?).map do |role|
          entry = @library[role.usual]
          line = resolver.weighed(entry.id, role.share * 100)
          line.with(text: entry.name, melted: entry.like == "coconut-oil")
        end
      end

      # What is in it was said.
      def told? = (@said["roughly"] || []).any?

      def band(seen)
        scale = Math.sqrt([SEEN, Binding::Uncertainty::LEAST_SCALE, UNKNOWN.fetch(told? ? :lines : :family)].sum { |each| each**2 })
        number = @index + 0.5
        low, high = [-scale, scale].map { |off| Binding::Texture.saturation(number + off * Binding::Uncertainty::TWO_IN_THREE) }
        {"value" => seen.saturation.value.round(3), "low" => low.round(3), "high" => high.round(3)}
      end

      def rescue_part(from)
        part = Assessment::RescueAnswer.of(from, @want) or return
        part.merge("options" => part["options"].zip(from.options).map { |said, option| said.merge(dose(option).to_h) })
      end

      def dose(option)
        BowlDose.new(option, bowl: ->(share, demand) { seen_at(share, demand: demand) }, ends: ENDS, spread: told? ? BY_LINES : BY_FAMILY, want: @want,
          wetter: @index < Binding::Texture.index(@want), library: @library)
      end

      # What was reckoned and what is seen meet half way, on both sides.
      def set_right(seen)
        reckoned, looks = [mix, seen].map(&:saturation)
        both = {"reckoned" => reckoned.value, "seen" => looks.value}
        labels = {"reckoned" => "fill by its lines", "seen" => "fill in the middle of “#{@said["seen"]}”"}
        [
          Binding::Why::Step.new(figure: "seen_demand_ml", value: looks.demand, formula: "demand * sqrt(reckoned / seen)", inputs: {"demand" => reckoned.demand, **both}, labels: labels, source: SET_RIGHT),
          Binding::Why::Step.new(figure: "seen_binder_ml", value: looks.supply, formula: "binder * sqrt(seen / reckoned)", inputs: {"binder" => reckoned.supply, **both}, labels: labels, source: SET_RIGHT),
          Binding::Why::Step.new(figure: "seen_saturation", value: looks.value, formula: "binder / demand", inputs: {"binder" => looks.supply, "demand" => looks.demand}, labels: {}, source: SET_RIGHT)
        ]
      end
      SET_RIGHT = "a bowl set right by what is seen: docs/model.md, Unknown bowl"

      def sentence(from)
        return "It #{@said["seen"]} as you want it; leave it." if @said["seen"] == @want
        return "Nothing here helps: see why each will not do." if from.options.empty?

        best = from.options.first
        "Give it #{best.first_text} first, squeeze a pinch, then the rest of #{best.text} if it needs it: the least in your spoons that comes a little inside “#{@want}”, by the sums."
      end

      def notes
        known = told? ? "what you said is in it" : "a usual #{@family.name.downcase} bowl"
        [
          "Reckoned from #{known} and from how it looks, so the doses may be well off: give half first and look again.",
          ("Nothing is known of what it holds: mind allergens in what you stir in." unless told?)
        ].compact
      end
    end
  end
end
