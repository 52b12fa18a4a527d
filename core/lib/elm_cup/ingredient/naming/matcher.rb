# frozen_string_literal: true

module ElmCup
  module Ingredient
    module Naming
      # Finds what a typed name means. Exact names and their plurals first, then the same words in another order, then
      # names spelt nearly so. Nothing under LEAST_CONFIDENCE is taken: it comes back as a list of guesses.
      class Matcher
        LEAST_CONFIDENCE = 0.80
        EXACT = 0.98
        ASSUMED = 0.85
        DESCRIBED = 0.01
        REORDERED = 0.04
        NEARLY = 0.95
        CANDIDATES = 5
        MOST_WORDS = 8
        LEAST_GUESS = 0.3
        # No name that anybody writes has more words, what describes it included.
        LONGEST = 30
        CLAIM = /(?<![\p{L}-])((?:dairy|gluten|nut|peanut|soy|sesame|grain)[- ]free|vegan|vegetarian|plant[- ]based)(?![\p{L}-])/i
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
          @words = [*@exact.keys, *@assumed.keys, *library.ambiguous_names.keys].flatten.uniq.to_h { |word| [word, true] }.freeze
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
          whole = own if own&.entry && (whole&.entry.nil? || whole.entry == own.entry)
          whole || own || without_form_words(name) || claimed(name) || nearly(name)
        end

        # `name` is one ingredient's without any guessing, or can be that of several; words of a form may stand with it.
        def known?(name) = !(certain(name) || without_form_words(name)).nil?

        # The Entry whose name it is without any guessing; nil for none, and for one that several have. Words of a form may stand with it.
        def one(name) = (certain(name) || without_form_words(name))&.entry

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
        def certain(name)
          words = NameWords.of(name)
          by_name(name, words) || ambiguous(words) || described(name, words)
        end

        # The same without words that only describe, "raw", "good-quality", and shares of cocoa.
        def described(name, words)
          plain = words.reject { |word| @library.descriptors.key?(word) || word.match?(PER_CENT) }
          best = words.grep(PER_CENT).any? ? ASSUMED : EXACT
          by_name(name, plain, DESCRIBED * (words.size - plain.size), best: best) || ambiguous(plain)
        end

        # best: the confidence of the very name; under EXACT the cook is told what it is taken as.
        def by_name(name, words, less = 0.0, best: EXACT)
          if (entry = @exact[words]) then read(entry, best - less, (best < EXACT) ? [taken_as(name, entry)] : [])
          elsif (entry = @assumed[words]) then read(entry, ASSUMED - less, [taken_as(name, entry)])
          elsif (entry = @sorted[words.sort]) then read(entry, EXACT - REORDERED - less)
          end
        end

        def taken_as(name, entry) = "“#{name}” is taken as #{entry.name.downcase}"

        # "finely chopped walnuts": the form words belong to the form, not to the name.
        def without_form_words(name)
          stripped = @library.form_words.strip(name)
          certain(stripped) if stripped != name
        end

        # "dairy-free dark chocolate chips": what a pack claims is no part of the name, where what is named keeps to it.
        def claimed(name)
          diets = name.scan(CLAIM).flatten.map { |words| words.downcase.tr(" ", "-").sub("plant-based", "vegan") }
          return if diets.empty?

          plain = name.gsub(CLAIM, " ").squeeze(" ").strip
          match = certain(plain) or return
          keeping = [match.entry, *match.candidates.map(&:entry)].compact.reject { |entry| diets.any? { |diet| entry.breaks?(diet) } }
          return match if match.entry && keeping.include?(match.entry)

          among(keeping) if keeping.any?
        end

        def among(entries)
          Match.new(status: :ambiguous, candidates: entries.map { |entry|
            Candidate.new(entry: entry, confidence: (0.9 / entries.size).round(2))
          })
        end

        def ambiguous(words)
          ids = @library.ambiguous_names[words] or return
          among(ids.map { |id| @library[id] })
        end

        def read(entry, confidence, assumptions = [])
          Match.new(status: :read, entry: entry, confidence: confidence.round(2), candidates: [], assumptions: assumptions)
        end

        def nearly(name)
          guesses = guesses(NameWords.of(name).reject { |word| @library.descriptors.key?(word) })
          best, second = guesses
          return Match.new(status: :unknown, candidates: guesses) if best.nil? || best.confidence < LEAST_CONFIDENCE
          return Match.new(status: :ambiguous, candidates: guesses) if second && best.confidence - second.confidence < 0.02

          Match.new(status: :read, entry: best.entry, confidence: best.confidence, candidates: guesses.drop(1),
            assumptions: [taken_as(name, best.entry)])
        end

        def guesses(words)
          return [] if words.empty? || words.size > MOST_WORDS

          @spelling.like(words).take_while { |_, score| score >= LEAST_GUESS }.first(CANDIDATES)
            .map { |entry, score| Candidate.new(entry: entry, confidence: (NEARLY * score).round(2)) }
        end
      end
    end
  end
end
