# frozen_string_literal: true

module ElmCup
  module Quantity
    # Reads a typed line of a recipe: amounts, name, preparation. Never raises: what cannot be read comes back as a
    # Reading with a fault that names the place and the mend.
    class LineReader
      MAX_LENGTH = 300
      BULLET = /\s*(?:(?:[-–—*•·▢☐])\s+|\[\s?\]\s*|\d{1,2}[.)]\s+(?=[\d½⅓⅔¼¾⅛]))?/
      PART_OF = /(?:the\s+)?(?:(?:finely\s+)?grated\s+)?(juice|zest|rind|peel)\s+(?:of\s+)?(?=[\d½¼¾⅓⅔]|an?\b|one\b|half\b|two\b)/i
      # "85% dark chocolate" is a kind of it, not 85 of them.
      SHARE = /\s*\d{1,3}\s*%/
      PARTS = {"rind" => "zest", "peel" => "zest"}.freeze
      # A part behind a comma that is an amount of something else: "1 cup oats, plus 10 dates". Times and lengths are not.
      JOINED = /\A(?:and|plus|with)\s+/i
      SECOND = /(?:#{JOINED}|\A)[\d½⅓⅔¼¾⅛](?!.*\b(?:h|hr|hrs|hours?|min|mins|minutes?|cm|mm|inch|inches|pieces|chunks|times|days?|°)\b).*[[:alpha:]]{3}/i
      # "1 tsp each cinnamon and ginger"
      SHARED = /\beach\b.*(?:\band\b|&|,)|(?:\band\b|&).*\beach\b/i
      # Measures without a size: "a good splash of milk".
      NO_SIZE = /bit|touch|little|lot/i
      VAGUE = /\A(?:good|big|generous|small|tiny|wee)?\s*(#{NO_SIZE})(?:e?s)?\b\s+(?:of\s+)?/i

      # What parts a name from the amount behind it: "oats, 88 g", "salt: a pinch", "honey, two tablespoons".
      WORDED = /(?:half(?:\s+an?)?|an?|one|two|three|four|five|six|eight|ten)\s+#{Unit::PATTERN}/i
      # A run of such signs is looked at once, from its beginning.
      BEFORE_AMOUNT = /(?<![\s,:(–—-])(?:[\s,:(–—-]|(?<=\s)[x×](?=[\s\d]))++(?=[\d½⅓⅔¼¾⅛#]|(?:an?\s+)?(?:pinch|dash|handful)\b|a\s+few\s+drops\b|#{WORDED})/i

      # What may follow an amount behind the name: nothing, what was done, or more of it.
      BEHIND_AMOUNT = /[\s)]*(?:\z|[,(]|(?:\+|plus\b|and\b)\s|(?:(?:finely|coarsely|roughly|lightly)\s+)?(?:#{NameReader::WHAT})\b)/i

      # No line that anybody writes has more places where an amount may stand.
      MOST_PLACES = 12

      # The Reading of `text`.
      def self.read(text) = new(text).read

      def initialize(text)
        @typed = text
      end

      # A Reading.
      def read
        return unreadable(:line_not_utf8) unless @typed.valid_encoding?
        return unreadable(:line_too_long, length: @typed.length, most: MAX_LENGTH) if @typed.length > MAX_LENGTH

        @text = PlainText.of(@typed)
        return unreadable(:line_empty) if @text.strip.empty?

        @scan = Scan.new(@text)
        @scan.skip(BULLET)
        @part = PARTS.fetch(@scan[1].downcase, @scan[1].downcase) if @scan.skip(PART_OF)
        reader = TermReader.new(@scan)
        said = Amounts.of(@scan.check(SHARE) ? [] : SumReader.new(@scan, reader).read, reader.aside)
        return faulty(@scan.fault) if @scan.fault

        amounts, words = BehindReader.new(@text, @scan.charpos).read(said)
        names = NameReader.new([words, @part].compact.join(" "))
        amounts.terms.empty? ? without_leading_amount(names, amounts) : finish(names, amounts)
      end

      private

      # "Rolled oats, 88 g": the amount behind the name. Else the line may still be "salt, to taste".
      def without_leading_amount(words, none)
        places.each do |from, to|
          trailing = trailing_amount(from, to)
          return trailing if trailing
        end
        return finish(words, none) if words.name != "" && (words.aside || words.flags.intersect?(%i[to_taste as_needed optional]))

        vague = words.name[VAGUE, 1]
        return vague(vague) if vague

        unreadable(:no_amount_found)
      end

      # [end of the name, beginning of the amount] of the places where an amount may stand behind a name.
      def places
        found = []
        @text.scan(BEFORE_AMOUNT) do
          found << Regexp.last_match.offset(0)
          break if found.size >= MOST_PLACES
        end
        found
      end

      def trailing_amount(name_ends, amount_begins)
        scan = Scan.new(@text, from: amount_begins)
        reader = TermReader.new(scan)
        term = reader.read
        return faulty(scan.fault) if scan.fault
        return if term.nil? || (term.unit.nil? && !scan.rest.match?(/\A[\s)]*(?:\([^)]*\))?\s*\z/))
        return unless scan.check(BEHIND_AMOUNT)

        finish(NameReader.new("#{@text[0...name_ends].sub(BULLET, "")} #{scan.rest}"), Amounts.of([term], reader.aside))
      end

      def finish(words, amounts)
        return unreadable(:of_what) if words.name.empty?
        apart = words.behind_commas.find { |part| part.match?(SECOND) && !amount_alone?(part) && !if_needed?(part, words) }
        return two_ingredients(apart.sub(JOINED, "")) if apart

        return unreadable(:each_of_several) if words.name.match?(SHARED)

        vague = amounts.terms.none?(&:unit) && words.name[VAGUE, 1]
        return vague(vague) if vague

        second = words.name.match(/\s(?:\+|&|and|plus)\s+(?=[\d½⅓⅔¼¾⅛])/i)
        return two_ingredients(second.post_match) if second

        Reading.new(text: @typed, terms: modified(amounts.terms, words.modifiers), weight: amounts.weight, name: words.name,
          alternative: words.alternative,
          preparations: words.preparations, flags: words.flags, notes: words.notes, aside: amounts.aside)
      end

      # "1 cup oats, 88 grams" and "12 dates, 20 g each" say the amount again.
      def amount_alone?(part)
        scan = Scan.new(part)
        TermReader.new(scan).read&.grams && scan.check(/(?:#{TermReader::EACH}|\s+(?:in all|total|altogether))?\s*\z/io)
      end

      # "1/3 cup honey, plus 1 tbsp if dry": more of the same, and nobody knows whether it goes in.
      def if_needed?(part, words)
        return false unless words.flags.include?(:as_needed) && part.match?(JOINED) && amount_of_nothing?(part.sub(JOINED, ""))

        words.notes << "“#{part}” is not counted"
      end

      def amount_of_nothing?(part) = self.class.read(part).fault&.code == :of_what

      # "1 tbsp cocoa, heaping": what is said behind the name holds for every measure before it.
      def modified(terms, modifiers)
        return terms if modifiers.empty?

        factor = modifiers.reduce(Rational(1)) { |product, word| product * TermReader::MODIFIERS.fetch(word.downcase) }
        terms.map { |term| (term.unit&.kind == :household) ? term.with(factor: term.factor * factor) : term }.freeze
      end

      def two_ingredients(text)
        from = @text.index(text) || 0
        faulty(Fault.new(from: from, to: from + text.length, code: :two_ingredients, facts: {text: text}))
      end

      def vague(word)
        from = @text.index(word) || 0
        faulty(Fault.new(from: from, to: from + word.length, code: :no_measure, facts: {word: word}))
      end

      def unreadable(code, **facts) = faulty(Fault.new(from: 0, to: @typed.length, code: code, facts: facts))

      def faulty(fault) = Reading.new(text: @typed, fault: fault)
    end
  end
end
