# frozen_string_literal: true

module ElmCup
  module Balance
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
      PROCESSES = %w[hand processor].freeze
      # Grams that a screen offers for a bowl, one that rolls eighteen pieces or so.
      USUAL_GRAMS = 400
      # A thing without an amount that fills no role has this share of the bowl.
      LEAST_SHARE = 0.1
      SET_RIGHT = "a bowl set right by what is seen: docs/model.md, Unknown bowl"

      # family: BowlFamily; grams: of the bowl; texture, want: texture ids, as it looks and as it should be
      attr_reader :family, :grams, :texture, :want

      # said: a Hash ("bowl/1"). InvalidDocument at every fault.
      def initialize(said, library:)
        BowlDocument.check(said)
        @library = library
        @kitchen = Document::Kitchen.from(said["kitchen"] || {}, library.kitchen)
        @family = BowlFamily[said["family"]]
        @grams = said["grams"]
        @roughly = said["roughly"] || []
        @processes = said["process"] ? [said["process"]] : [@family.process, *PROCESSES].uniq
        @texture = said["seen"]
        @want = said["want"] || Document::Want.of(Document::PartType.usual.id, nil)
        @index = Binding::Texture.index(@texture)
      end

      # Binding::Mix of what it is taken to be made of: mixed as such bowls are; where that would leave nothing to bind or nothing dry, the
      # other way.
      def mix = @mix ||= @processes.lazy.map { |process| mixed(process) }.find { |mix| judged?(mix) } || unjudged(mixed(@processes.first))

      # Binding::SeenMix in the middle of how it looks.
      def seen = @seen ||= seen_at(0.5)

      # Binding::Rescue of it.
      def rescue_from
        @rescue_from ||= Binding::Rescue.new(seen, want: want, measures: @kitchen.measures, lines_at: "/roughly", library: @library,
          resolver: resolver(seen.process)) { Binding::Uncertainty::LEAST_SCALE }
      end

      # The BowlDose of a Binding::Rescue::Option.
      def dose(option)
        BowlDose.new(option, bowl: ->(share, demand) { seen_at(share, demand: demand) }, ends: ENDS, spread: told? ? BY_LINES : BY_FAMILY,
          want: want,
          wetter: @index < Binding::Texture.index(want), library: @library)
      end

      # [low, high] of its saturation that two in three bowls keep within.
      def band
        scale = Math.sqrt([SEEN, Binding::Uncertainty::LEAST_SCALE, UNKNOWN.fetch(told? ? :lines : :family)].sum { |each| each**2 })
        [-scale, scale].map { |off| Binding::Texture.saturation(@index + 0.5 + off * Binding::Uncertainty::TWO_IN_THREE) }
      end

      # Binding::Why::Steps of it. What was reckoned and what is seen meet half way, on both sides.
      def sums
        reckoned, looks = [mix, seen].map(&:saturation)
        both = {"reckoned" => reckoned.value, "seen" => looks.value}
        labels = {"reckoned" => "fill by its lines", "seen" => "fill in the middle of “#{texture}”"}
        [
          *Binding::Why.new(mix).steps,
          step("seen_demand_ml", looks.demand, "demand * sqrt(reckoned / seen)", {"demand" => reckoned.demand, **both}, labels),
          step("seen_binder_ml", looks.supply, "binder * sqrt(seen / reckoned)", {"binder" => reckoned.supply, **both}, labels),
          step("seen_saturation", looks.value, "binder / demand", {"binder" => looks.supply, "demand" => looks.demand}, {})
        ]
      end

      # What to do, in a sentence.
      def sentence
        return "It #{texture} as you want it: leave it." if texture == want
        return "Nothing here helps; below is why." if rescue_from.options.empty?

        best = rescue_from.options.first
        return "#{best.text}, then look again." unless best.kind == "dose"

        "Give it #{best.first_text} first, squeeze a pinch, then the rest of #{best.text} if it needs it."
      end

      # What must be said, in words.
      def notes
        known = told? ? "what you said is in it" : "a usual #{family.name.downcase} bowl"
        [
          "Worked out from #{known} and from how it looks, so the doses may be well off: give half first and look again.",
          ("We do not know what is in it: mind allergens when you add something." unless told?)
        ].compact
      end

      private

      def mixed(process) = Binding::Mix.new(lines(process), process: process, room_c: @kitchen.room_c, library: @library)

      def judged?(mix) = mix.saturation.demand.positive? && mix.saturation.supply.positive?

      def unjudged(mix)
        InvalidDocument.refuse("/roughly", :bowl_unjudged,
          missing: mix.saturation.demand.positive? ? "nothing in it that binds" : "nothing dry in it")
      end

      # The bowl as it looks, `share` of the way through the seen class.
      def seen_at(share, demand: 1.0) = Binding::SeenMix.new(mix, @index + share, demand: demand)

      # Lines that were said, else the usual ones of the family; all brought to the weight of the bowl.
      def lines(process)
        found = told? ? said_lines(resolver(process)) : usual_lines(resolver(process))
        sum = found.sum(&:grams)
        found.map { |line| line.times(Rational(grams.to_s) / sum) }
      end

      def resolver(process) = Ingredient::LineResolver.new(process: process, standard: @kitchen.cup, library: @library)

      def said_lines(resolver)
        @roughly.each_with_index.map do |text, at|
          line = resolver.resolve(text)
          line = shared(text, line, resolver) unless line.read? && line.grams.positive?
          line.read? ? line : InvalidDocument.refuse("/roughly/#{at}", :bowl_line, text: text, message: line.message)
        end
      end

      # A thing without an amount has the share of the bowl that it usually has.
      def shared(text, line, resolver)
        weighed = resolver.resolve("100 g #{text}")
        return weighed unless weighed.read?

        role = family.roles.find { |each| each.takes?(weighed.entry) }
        share = Rational((role ? role.share : LEAST_SHARE).to_s)
        weighed.times(share * Rational(grams.to_s) / weighed.grams).with(text: text)
      end

      def usual_lines(resolver)
        family.roles.select(&:usual?).map do |role|
          entry = @library[role.usual]
          resolver.weighed(entry.id, role.share * 100).with(text: entry.name, melted: entry.like == "coconut-oil")
        end
      end

      # What is in it was said.
      def told? = @roughly.any?

      def step(figure, value, formula, inputs, labels)
        Binding::Why::Step.new(figure: figure, value: value, formula: formula, inputs: inputs, labels: labels, source: SET_RIGHT)
      end
    end
  end
end
