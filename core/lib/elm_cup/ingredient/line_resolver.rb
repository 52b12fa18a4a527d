# frozen_string_literal: true

module ElmCup
  module Ingredient
    # Reads a line of a component: what was typed, or an ingredient and grams, becomes a Line with grams and a form.
    class LineResolver
      MOST_GRAMS = 100_000
      # Families of what is there for its taste.
      TASTES = %w[salt spice].freeze
      NO_AMOUNT = %i[no_amount_found no_measure].freeze
      A_LITTLE = /\A\s*(?:just\s+)?(?:an?\s+)?#{Quantity::LineReader::VAGUE.source.delete_prefix("\\A")}/i
      DATE_MOISTURE = /\b(?:soft|dry|dried|drier|moist|plump|fresh|juicy)\b/i

      # process "hand" or "processor"; standard a CupStandard.
      def initialize(process:, standard:, library:)
        @process = process
        @library = library
        @matcher = library.matcher
        @standard = standard
        @weigher = Weigher.new(library, standard)
      end

      # The Line of a typed text; `chosen` is the id of the ingredient that the cook says it is. It was said of the line
      # `was` and holds only while the text names the same thing; nil where it is said of this very text.
      def resolve(text, chosen: nil, was: nil)
        chosen = nil if was && !same_name?(text, was)
        return read(text, chosen) if text.length > Quantity::LineReader::MAX_LENGTH

        @library.readings.fetch([text, chosen, @process, @standard.id]) { read(text, chosen) }
      end

      # The Line of `grams` of the ingredient with this id, in the form the process gives it.
      def weighed(id, grams)
        entry = @library[id]
        return unknown_id(id, grams) unless entry

        exact = grams.is_a?(Float) ? Rational(grams.to_s) : Rational(grams)
        Line.new(status: :read, entry: entry, form: entry.form_under(@process), grams: exact, grams_low: grams.to_f, grams_high: grams.to_f,
          confidence: 1.0, name: entry.name, by_weight: true, moisture_said: entry.like != "dates-paste")
      end

      private

      def read(text, chosen)
        reading = Quantity::LineReader.read(text)
        line = with_rest(line(text, reading, chosen), text, reading)
        chosen ? line.with(chosen: chosen) : line
      end

      # What else has an amount in it is said, for it is not counted.
      def with_rest(line, text, reading)
        apart = Quantity::Apart.of(text, ->(each) { each.equal?(text) ? reading : Quantity::LineReader.read(each) })
        # Water that a preparation takes in is counted with it.
        rest = apart.drop(1).reject { |each| text.match?(Preparation::WITH_WATER) && each.match?(/\bwater\b/i) }
        return line if rest.empty?
        return line.with(apart: apart, message: several(line, reading)) unless line.read?

        line.with(apart: apart, notes: [*line.notes, FaultWords.say(:rest_not_counted, rest: rest.join("”, “"))])
      end

      def instead(reading) = "we do not know “#{reading.name}”: “#{reading.alternative}” is taken"

      # "1/2 bar paraffin or 2 tbsp shortening"
      def with_amount(reading)
        line = line(reading.alternative, Quantity::LineReader.read(reading.alternative), nil)
        return unless line.read?

        line.with(text: reading.text, assumptions: [instead(reading), *line.assumptions])
      end

      def several(line, reading)
        (reading.fault&.code == :two_ingredients) ? line.message : FaultWords.say(:several_in_one)
      end

      def same_name?(text, was)
        one, other = [was, text].map { |each| Naming::NameWords.of(Quantity::LineReader.read(each).name) }
        one == other
      end

      def line(text, reading, chosen)
        return pinch(text, chosen, reading.fault) || unreadable(text, reading.fault) unless reading.readable?

        match = chosen ? choice(chosen, reading) : match(reading)
        return weigh(text, reading, match) if match.status == :read

        (other(text, reading) unless chosen) || flagged(text, reading, match, chosen)
      end

      # "1 cup singdana / roasted peanuts": the first is not known, the other is.
      def other(text, reading)
        return unless reading.alternative
        return with_amount(reading) if reading.alternative.match?(/\A[\d½⅓⅔¼¾⅛]/)

        second = reading.with(name: reading.alternative, alternative: nil,
          notes: reading.notes - [Quantity::NameReader.first_taken("or #{reading.alternative}")])
        match = @matcher.match(second.name, second.preparations)
        return unless match.status == :read

        weigh(text, second, match).then { |line| line.read? ? line.with(assumptions: [instead(reading), *line.assumptions]) : nil }
      end

      # A squeeze is of the juice.
      def match(reading)
        found = @matcher.match(reading.name, reading.preparations, reading.alternative)
        return found unless reading.terms.any? { |term| term.unit&.id == :squeeze }

        juice = @matcher.match("#{reading.name} juice")
        (juice.status == :read && juice.confidence > Naming::Matcher::BY_NOUN) ? juice : found
      end

      def choice(id, reading)
        entry = @library[id]
        own = @matcher.match(reading.name, reading.preparations, reading.alternative)
        unless entry
          return Naming::Match.new(status: :unknown,
            candidates: own.entry ? [Naming::Candidate.new(entry: own.entry, confidence: own.confidence)] : own.candidates)
        end

        said = ["“#{reading.name}” is treated as #{entry.name.downcase}, as you chose"]
        said = own.assumptions if own.status == :read && own.entry == entry
        Naming::Match.new(status: :read, entry: entry, confidence: 1.0, assumptions: said)
      end

      def weigh(text, reading, match)
        entry = match.entry
        form, named, melted = form(text, entry)
        weighed = @weigher.weigh(reading, entry, InMeasures.filled_form(entry, form, named, melted), plain: match.confidence <= Naming::Matcher::ASSUMED)
        return missing(text, reading, match, weighed.message) if weighed.is_a?(Weigher::Gap)
        return missing(text, reading, match, FaultWords.say(:past_a_kitchen, kilograms: MOST_GRAMS / 1000)) if weighed.grams > MOST_GRAMS

        prepared, unreckoned = preparation(text, reading, match).of(entry, Rational(weighed.grams), counted: counted?(reading))
        low, high = ends(weighed, prepared)
        Line.new(status: :read, text: text, entry: entry, form: form, form_named: named, melted: melted, prepared: prepared,
          grams: prepared ? prepared.grams : Rational(weighed.grams), grams_low: low, grams_high: high, confidence: match.confidence,
          candidates: match.candidates, senses: match.senses, told: match.possible, rough: match.rough,
          moisture_said: %w[dates-dry dates-moist].include?(entry.like) || text.match?(DATE_MOISTURE),
          assumptions: match.assumptions + weighed.assumptions + [prepared&.words].compact,
          notes: reading.notes + unreckoned + notes(reading),
          name: reading.name, by_weight: by_weight?(reading), terms: reading.terms)
      end

      # "salt", "a little salt": what is there for its taste and has no amount is a pinch.
      def pinch(text, chosen, fault)
        return unless NO_AMOUNT.include?(fault.code)

        bare = (fault.code == :no_measure) ? text.sub(A_LITTLE, "") : text
        pinched = Quantity::LineReader.read("1 pinch #{bare}")
        return unless pinched.readable?

        match = chosen ? choice(chosen, pinched) : match(pinched)
        return unless match.entry && TASTES.include?(match.entry.family)

        weigh("1 pinch #{bare}", pinched, match)
          .then { |line| line.read? ? line.with(text: text, assumptions: [*line.assumptions, "no amount: a pinch is taken"]) : nil }
      end

      def by_weight?(reading)
        !reading.weight.nil? || (reading.terms.any? && reading.terms.all? { |term| term.unit&.kind == :mass })
      end

      # [form, named in the line?, melted?]
      def form(text, entry)
        named = @library.form_words.named_in(text)
        melted = named.include?("melted")
        chosen = named.find { |each| @library.form?(entry.id, each) }
        [chosen || entry.form_under(@process), !chosen.nil?, melted]
      end

      # A word of the ingredient's own name, "roasted peanuts", is no preparation.
      def preparation(text, reading, match)
        Preparation.new(text, name: reading.name, own: match.confidence >= Naming::Matcher::EXACT && match.entry.named?(reading.name),
          standard: @standard)
      end

      def counted?(reading)
        reading.weight.nil? && reading.terms.any? { |term| term.grams.nil? && (term.unit.nil? || term.unit.kind == :count) }
      end

      # The ends of what it may weigh: those of the measure, and of the water that it took or gave.
      def ends(weighed, prepared)
        return [weighed.low.to_f, weighed.high.to_f] if prepared.nil? || prepared.grams == weighed.grams

        measured = prepared.grams.to_f / weighed.grams
        water = prepared.water_sigma
        low = prepared.grams.to_f - Math.hypot(prepared.grams.to_f - weighed.low * measured, water)
        [low, prepared.grams.to_f + Math.hypot(weighed.high * measured - prepared.grams.to_f, water)]
      end

      def notes(reading)
        (reading.terms.empty? && reading.weight.nil?) ? ["no amount: counted as nothing"] : []
      end

      def unreadable(text, fault)
        Line.new(status: :unreadable, text: text, message: fault.message, from: fault.from, to: fault.to)
      end

      def missing(text, reading, match, message)
        Line.new(status: :unreadable, text: text, message: message, from: 0, to: text.length, entry: match.entry,
          confidence: match.confidence, name: reading.name)
      end

      def flagged(text, reading, match, chosen)
        from = text.index(reading.name) || 0
        message = if chosen
          FaultWords.say(:no_such_ingredient_chosen, id: chosen)
        elsif match.status == :ambiguous
          FaultWords.say(:name_ambiguous, name: reading.name,
            choices: match.candidates.map { |each| each.entry.name.downcase }.first(4).join("; "))
        else
          FaultWords.say(:name_unknown, name: reading.name)
        end
        Line.new(status: match.status, text: text, message: message, from: from, to: from + reading.name.length,
          candidates: match.candidates, name: reading.name, grams: said_grams(reading))
      end

      # Grams that the line says itself; nil where they hang on what it is.
      def said_grams(reading)
        terms = reading.weight ? [reading.weight] : reading.terms
        terms.sum(&:grams) if terms.any? && terms.all?(&:grams)
      end

      def unknown_id(id, grams)
        Line.new(status: :unknown, text: nil, message: FaultWords.say(:no_such_ingredient, id: id), name: id, grams: Rational(grams.to_s),
          candidates: @matcher.match(id.to_s.tr("-", " ")).candidates)
      end
    end
  end
end
