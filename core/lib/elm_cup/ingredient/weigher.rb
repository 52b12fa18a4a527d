# frozen_string_literal: true

module ElmCup
  module Ingredient
    # Turns the terms of a reading into grams of one ingredient in one form.
    class Weigher
      # Grams (Rational), how far they may be off (share of the grams), assumptions made.
      Weighing = Value.of(:grams, :low, :high, :assumptions)
      # What is missing, for a person.
      Gap = Value.of(:code, facts: {}) do
        # One sentence for a person.
        def message = FaultWords.say(code, facts)
      end

      POWDER_SCOOP_GRAMS = 31

      def initialize(library, standard)
        @library = library
        @standard = standard
      end

      # Weighing, or Gap. plain: the name says no more than what kind of thing it is.
      def weigh(reading, entry, form, plain: false)
        @assumptions = []
        @plain = plain
        @name = reading.name
        terms = reading.weight ? [reading.weight] : reading.terms
        parts = terms.map { |term| part(term, entry, (term.packed || reading.packed?) ? "packed" : form) }
        missing = parts.find { |each| each.is_a?(Gap) }
        return missing if missing

        total = parts.sum(0) { |grams, _, _| grams }
        return Gap.new(code: :comes_to_nothing) unless total.positive? || terms.empty?

        Weighing.new(grams: total, low: parts.sum(0) { |_, low, _| low }, high: parts.sum(0) { |_, _, high| high },
          assumptions: @assumptions)
      end

      private

      # [grams, low, high] of one term, or Gap.
      def part(term, entry, form)
        grams, plus_minus = grams_of(term, entry, form)
        return grams if grams.is_a?(Gap)

        assume("“a few” is taken as 3, a guess") if term.guessed
        return [grams, grams.to_f / GUESS_TIMES, grams.to_f * GUESS_TIMES] if term.unit&.guess? && say_guess(term.unit)

        off = Math.hypot(term.spread.to_f, plus_minus)
        [grams, grams.to_f * (1 - off), grams.to_f * (1 + off)]
      end

      def grams_of(term, entry, form)
        return [term.grams, mass_plus_minus(term)] if term.grams
        if (ml = term.millilitres(@standard))
          return volume(ml, entry, form)
        end
        return count(term, entry) if term.unit.nil? || term.unit.kind == :count
        return powder_scoop(term, entry) if term.unit.kind == :scoop

        packed(term, entry) || unsaid(term.unit)
      end

      # The usual pack of it, or the usual piece that has a name.
      def packed(term, entry)
        pack = @library.packs(entry.id).find { |each| each.units.include?(term.unit.id) } or return
        size = PACK_SIZES.fetch(term.size, 1)
        word = (term.unit.kind == :container) ? "the usual #{"#{term.size} " if term.size}pack" : "a #{term.unit.names[1]}"
        assume("#{word} of #{entry.name.downcase} is taken as #{(pack.grams * size).round} g")
        [term.quantity * pack.grams * size, pack.plus_minus]
      end

      def say_guess(unit)
        amount = if unit.kind == :household
          measure(unit)
        else
          (unit.kind == :mass) ? "#{unit.size.to_i} g" : "#{unit.size.to_i} mL"
        end
        assume("a #{unit.names[1]} is taken as #{amount}, a guess")
      end

      def measure(unit) = "#{Quantity::FractionText.mixed(unit.size)} #{(unit.household == :tablespoon) ? "tbsp" : "tsp"}"

      # How many times more or less a vague measure may be.
      GUESS_TIMES = 1.6
      # From so many up, a number without a measure is grams of what is not counted.
      LEAST_BARE_GRAMS = 20
      # A small tin beside the usual one.
      PACK_SIZES = {"small" => Rational(9, 20), "large" => Rational(2)}.freeze

      def unsaid(unit)
        one, several = unit.names.values_at(1, 0)
        return Gap.new(code: :portion_without_weight, facts: {several: several}) if unit.kind == :portion

        Gap.new(code: :pack_without_weight, facts: {one: one})
      end

      def mass_plus_minus(term)
        case term.unit&.kind
        when :handful
          assume("a handful is taken as 30 g, a guess")
          0.4
        when :stick
          assume("a stick is taken as 113 g")
          0.01
        else 0.005
        end
      end

      # "packed" and "melted" are ways of filling: where they have no weight of their own, the usual one is taken without a word.
      def volume(ml, entry, wanted)
        weight = by_volume(entry, wanted)
        if weight.nil? && (weight = by_volume(entry, entry.hand_form) || @library.weights(entry.id).find(&:grams_per_ml))
          assume("#{entry.name.downcase}, #{wanted}, is weighed as #{weight.form}") unless %w[packed melted].include?(wanted)
        end
        return Gap.new(code: :cup_weight_unknown, facts: {name: entry.name.downcase}) unless weight

        [ml * weight.grams_per_ml, weight.plus_minus]
      end

      def by_volume(entry, form)
        @library.weights(entry.id).find { |weight| weight.form == form && weight.grams_per_ml }
      end

      def count(term, entry)
        sizes = @library.weights(entry.id).select(&:grams_each)
        return grams_meant(term) || Gap.new(code: :piece_weight_unknown, facts: {name: entry.name.downcase}) if sizes.empty?

        weight = sizes.find { |each| each.size == term.size } || (sizes.find { |each| each.size == "plain" } if @plain) ||
          sizes.find { |each| each.size == "medium" } || sizes.first
        assume("one is taken as #{each_text(weight.grams_each)} g") unless term.size && weight.size == term.size
        [term.quantity * weight.grams_each, weight.plus_minus]
      end

      def each_text(grams) = grams.to_f.round((grams < 0.1) ? 3 : 1).to_s.delete_suffix(".0")

      # "200 oats", "100 butter": nobody counts these, and nobody says so many of anything but grams. "24 pretzels" are counted.
      def grams_meant(term)
        return unless term.unit.nil? && term.inner.nil? && term.quantity >= LEAST_BARE_GRAMS && !several?

        assume("no measure: taken as grams")
        [term.quantity, 0.005]
      end

      # The name is in the plural, so that it may be so many of them.
      def several? = @name.split.last.to_s.downcase.then { |word| Naming::NameWords.singular(word) != word }

      def powder_scoop(term, entry)
        return Gap.new(code: :which_scoop) unless entry.family == "powder"

        assume("a scoop of powder is taken as #{POWDER_SCOOP_GRAMS} g; the pack may say otherwise")
        [term.quantity * POWDER_SCOOP_GRAMS, 0.15]
      end

      def assume(text) = @assumptions |= [text]
    end
  end
end
