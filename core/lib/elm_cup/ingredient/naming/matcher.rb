# frozen_string_literal: true

module ElmCup
  module Ingredient
    module Naming
      # Finds what a typed name means, as a cook means it: a row's name; the usual sense of a plain word; the same misspelt; the last noun
      # in it; the kind of thing that it is. What was assumed is said. Nothing under LEAST_CONFIDENCE is taken: it comes back as guesses.
      class Matcher
        LEAST_CONFIDENCE = 0.80
        EXACT = 0.98
        ASSUMED = 0.85
        # Misspelt, of which words are passed over, and only known by its kind.
        SPELT = 0.84
        BY_NOUN = 0.82
        BY_KIND = 0.80
        DESCRIBED = 0.01
        REORDERED = 0.04
        NEARLY = 0.95
        CANDIDATES = 5
        MOST_WORDS = 8
        LEAST_GUESS = 0.3
        # A shorter name is not looked for without its spaces.
        LEAST_JOINED = 7
        # No name that anybody writes has more words, what describes it included.
        LONGEST = 30
        CLAIM = /(?<![\p{L}-])((?:dairy|gluten|nut|peanut|soy|sesame|grain)[- ]free|vegan|vegetarian|plant[- ]based)(?![\p{L}-])/i
        FRESH = "fresh"
        DRIED = ["dried fruit", "dates"].freeze
        # A number in a name is an amount of something else, which no name may swallow.
        AMOUNT = /\A\d+\z/
        # "dark chocolate 64%"
        PER_CENT = /\A\d{1,3}%\z/

        def initialize(library)
          @library = library
          @exact = {}
          @assumed = {}
          library.all.each do |entry|
            [entry.name, *entry.names].each { |name| @exact[NameWords.of(name)] ||= entry }
            entry.assumed_names.each { |name| @assumed[NameWords.of(name)] ||= entry }
          end
          @sorted = @exact.transform_keys(&:sort).freeze
          names = {**@assumed, **@exact}
          @senses = Senses.new(library)
          ends = NameEnds.new(names)
          @kinds = Kinds.new(ends, library)
          @last_noun = LastNoun.new(ends, library)
          @joined = [*@senses.keys, *names.keys].select { |each| each.join.length >= LEAST_JOINED }.to_h { |each| [each.join, each] }.freeze
          words = [*names.keys, *@senses.keys, *@kinds.keys].flatten.uniq
          @words = words.to_h { |word| [word, true] }.freeze
          @known = KnownWords.new(words, [*library.descriptors.keys, *library.form_words.words])
          @spelling = Spelling.new([*@exact, *@assumed])
          @exact.freeze
          @assumed.freeze
          freeze
        end

        # The Match of `name`; `preparations` may complete it ("dates" + "soft", "butter" + "unsalted"), and so may the noun
        # that it shares with the `alternative` ("almond" or "cashew butter").
        def match(name, preparations = [], alternative = nil)
          return Match.new(status: :unknown, candidates: []) if name.length > 2 * LONGEST && NameWords.of(name).size > LONGEST

          own = sharing_noun(name, alternative) || certain(name)
          whole = completed(name, preparations, own)
          whole = own if own&.entry && (whole&.entry.nil? || (whole.entry == own.entry && own.confidence >= whole.confidence))
          whole || own || without_form_words(name) || joined(name) || claimed(name) || meant(name) || guessed(name)
        end

        # `name` is one ingredient's without any guessing, or a plain word with a usual sense; words of a form may stand with it.
        def known?(name) = !(certain(name) || without_form_words(name)).nil?

        # The Entry whose name it is without any guessing; nil for none, and for a plain word that may mean several. Words of a form may
        # stand with it.
        def one(name)
          match = certain(name) || without_form_words(name)
          match.entry if match && (match.senses.empty? || match.entry.named?(name))
        end

        private

        # Words in the plural are whole already: "almonds or cashew butter".
        def sharing_noun(name, alternative)
          return if alternative.nil? || name.end_with?("s")

          words = alternative.split.first(MOST_WORDS)
          (1...words.size).each { |from| certain("#{name} #{words.drop(from).join(" ")}")&.then { |match| return match } }
          nil
        end

        # The Match of the name with one of the preparations that are more than a form of what it is without.
        def completed(name, preparations, own)
          preparations.each do |words|
            next if foreign?(words) || form_of?(own, words)

            certain("#{words} #{name}")&.then { |match| return match }
          end
          nil
        end

        # A word is in it that stands in no name and does not describe: it completes none.
        def foreign?(words)
          NameWords.of(words).any? { |word| !@words.key?(word) && !@library.descriptors.key?(word) && !word.match?(PER_CENT) }
        end

        # "oats, ground": the words name a form of what was found, so they do not make another ingredient of it.
        def form_of?(match, words)
          match&.entry && @library.form_words.named_in(words).any? { |form| @library.form?(match.entry.id, form) }
        end

        # A Match without guessing at the spelling, or nil.
        def certain(name) = certain_of(name, NameWords.of(name))

        # A row whose very name it is comes before the sense of a word like it: "caramels", "caramel".
        def certain_of(name, words)
          exact = @exact[words]
          return by_name(name, words) if exact&.named?(name) && exact != @senses[words]&.usual

          sense(name, words) || by_name(name, words) || described(name, words)
        end

        # "fresh figs" are no dried ones.
        def dried?(words, entry) = words.include?(FRESH) && DRIED.include?(entry.family)

        # The same without words that only describe, "raw", "good-quality", and shares of cocoa.
        def described(name, words)
          plain = words.reject { |word| @library.descriptors.key?(word) || word.match?(PER_CENT) }
          return if plain.size == words.size

          best = words.grep(PER_CENT).any? ? ASSUMED : EXACT
          match = sense(name, plain) || by_name(name, plain, DESCRIBED * (words.size - plain.size), best: best)
          match unless match && dried?(words, match.entry)
        end

        # best: the confidence of the very name; under EXACT the cook is told what it is taken as.
        def by_name(name, words, less = 0.0, best: EXACT)
          if (entry = @exact[words]) then read(entry, best - less, (best < EXACT) ? [taken_as(name, entry)] : [])
          elsif (entry = @assumed[words]) then read(entry, ASSUMED - less, [taken_as(name, entry)])
          elsif (entry = @sorted[words.sort]) then read(entry, EXACT - REORDERED - less)
          end
        end

        # A plain word in its usual sense; the others are kept in mind.
        def sense(name, words)
          sense = @senses[words] or return
          return read(sense.usual, EXACT, [], senses: sense.others) if sense.usual.named?(name)

          read(sense.usual, ASSUMED, [taken_as(name, sense.usual)], senses: sense.others)
        end

        def taken_as(name, entry) = "“#{name}” is taken as #{entry.name.downcase}"

        # "finely chopped walnuts": the form words belong to the form, not to the name.
        def without_form_words(name)
          stripped = @library.form_words.strip(name)
          certain(stripped) if stripped != name
        end

        # "poppyseeds", "pop corn": the words are one, or one is two.
        def joined(name)
          words = @joined[NameWords.of(name).join] or return
          certain_of(words.join(" "), words)
        end

        # "dairy-free dark chocolate chips": what a pack claims is no part of the name, where what is named keeps to it.
        def claimed(name)
          diets = name.scan(CLAIM).flatten.map { |words| words.downcase.tr(" ", "-").sub("plant-based", "vegan") }
          return if diets.empty?

          match = certain(name.gsub(CLAIM, " ").squeeze(" ").strip) or return
          keeping = [match.entry, *match.senses].select { |entry| diets.none? { |diet| entry.breaks?(diet) } }
          return if keeping.empty?

          read(keeping.first, ASSUMED, (keeping.first == match.entry) ? match.assumptions : [taken_as(name, keeping.first)])
        end

        # What it is once its spelling is mended, words are passed over, or by its kind; nil for none of these.
        def meant(name)
          typed = NameWords.of(name)
          return if typed.empty? || typed.size > MOST_WORDS || typed.any? { |word| word.match?(AMOUNT) }

          words, slips = mended(typed)
          stripped = NameWords.of(@library.form_words.strip(words.join(" ")))
          (slips.any? && said(certain_of(words.join(" "), words) || certain_of(stripped.join(" "), stripped), SPELT, slips)) ||
            by_noun(name, words, slips) || by_noun(name, stripped, slips) || by_kind(name, words, slips)
        end

        # [words as they are known, what was read as something else in words]
        def mended(typed)
          slips = []
          beside = typed.any? { |word| @words.key?(word) }
          words = typed.map { |word|
            other = @known.meant(word, beside: beside)
            slips << "“#{word}” is read as “#{other}”" if other
            other || word
          }
          [words, slips]
        end

        def by_noun(name, words, slips)
          run = @last_noun.runs(words).find { |each| certain_of(each.words.join(" "), each.words) } or return
          match = certain_of(run.words.join(" "), run.words)
          own = one_like(run, match) and return said(read(own, ASSUMED, [taken_as(name, own)], senses: match.senses), BY_NOUN, slips)

          return if dried?(words, match.entry)

          passed = run.passed.reject { |word| @library.descriptors.key?(word) }
          words_passed = if passed.any?
            "; #{passed.map { |word| "“#{word}”" }.join(" and ")} #{(passed.size > 1) ? "are" : "is"} passed over"
          else
            ""
          end
          match = match.with(assumptions: [], senses: match.senses | foods(run.passed), possible: AllergenWords.in(name))
          said(match, BY_NOUN, [*slips, taken_as(name, match.entry) + words_passed])
        end

        def by_kind(name, words, slips)
          kind = @kinds.of(words) or return
          senses = (kind.members | foods(words[0...-1])) - [kind.entry]
          said(read(kind.entry, BY_KIND, [], senses: senses), BY_KIND,
            [*slips, "We do not know “#{name}”: taken as #{kind.entry.name.downcase}, the closest there is"])
            .with(rough: true, possible: AllergenWords.in(name))
        end

        # "goat curd cheese", where the noun is a plain word: a row of the same family that the words before it name.
        def one_like(run, match)
          return if match.confidence > ASSUMED

          named = foods(run.passed).select { |entry| entry.family == match.entry.family }
          named.first if named.one? && NameWords.of(named.first.name).intersect?(run.passed)
        end

        # Entries that words are the names of, one or two together: what they hold may be in what they stand before.
        def foods(words) = (words.each_cons(1).to_a + words.each_cons(2).to_a).filter_map { |each| @exact[each] || @assumed[each] }.uniq

        # The Match with what was assumed on the way to it.
        def said(match, most, slips)
          match&.with(confidence: [match.confidence, most].min, assumptions: [*slips, *match.assumptions])
        end

        def read(entry, confidence, assumptions = [], senses: [])
          Match.new(status: :read, entry: entry, confidence: confidence.round(2), candidates: [], assumptions: assumptions, senses: senses)
        end

        def guessed(name)
          words = NameWords.of(name).reject { |word| @library.descriptors.key?(word) }
          return Match.new(status: :unknown) if words.empty? || words.size > MOST_WORDS

          guesses = @spelling.like(words).take_while { |_, score| score >= LEAST_GUESS }.first(CANDIDATES)
            .map { |entry, score| Candidate.new(entry: entry, confidence: (NEARLY * score).round(2)) }
          Match.new(status: :unknown, candidates: guesses)
        end
      end
    end
  end
end
