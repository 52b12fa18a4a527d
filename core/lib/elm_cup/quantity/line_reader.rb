# frozen_string_literal: true

module ElmCup
  module Quantity
    # Reads a typed line of a recipe: amounts, name, preparation. Never raises: what cannot be read comes back as a
    # Reading with a fault that names the place and the mend.
    class LineReader
      MAX_LENGTH = 300
      BULLET = /\s*(?:(?:[-–—*•·▢☐])\s+|\[\s?\]\s*|\d{1,2}[.)]\s+(?=[\d½⅓⅔¼¾⅛]))?/
      PART_OF = /(?:the\s+)?(?:(?:finely\s+)?grated\s+)?(juice|zest)\s+(?:of\s+)?(?=[\d½¼¾⅓⅔]|an?\b|one\b|half\b|two\b)/i
      # A part behind a comma that is an amount of something else: "1 cup oats, 10 dates". Times and lengths are not.
      SECOND = /\A(?:and\s+)?[\d½⅓⅔¼¾⅛](?!.*\b(?:h|hr|hrs|hours?|min|mins|minutes?|cm|mm|inch|inches|pieces|chunks|times|days?|°)\b).*[[:alpha:]]{3}/i

      # The Reading of `text`.
      def self.read(text) = new(text).read

      def initialize(text)
        @text = text
        @terms = []
      end

      # A Reading.
      def read
        return unreadable("This line is not valid text (UTF-8); type it again") unless @text.valid_encoding?
        return unreadable("This line is #{@text.length} characters long; #{MAX_LENGTH} is the most") if @text.length > MAX_LENGTH
        return unreadable("This line is empty; type an amount and an ingredient") if @text.strip.empty?

        @scan = Scan.new(@text)
        @scan.skip(BULLET)
        @part = @scan[1]&.downcase if @scan.skip(PART_OF)
        @amounts = TermReader.new(@scan)
        @terms = SumReader.new(@scan, @amounts).read
        return faulty(@scan.fault) if @scan.fault

        words = NameReader.new(@part ? "#{@scan.rest} #{@part}" : @scan.rest)
        read_late_weight if @terms.any? && @terms.all? { |term| term.grams.nil? }
        (@terms.empty? && @amounts.weight.nil?) ? without_leading_amount(words) : finish(words, @amounts)
      end

      private

      # "Rolled oats, 88 g": the amount behind the name. Else the line may still be "salt, to taste".
      def without_leading_amount(words)
        @text.to_enum(:scan, /[\s,:(–—-]+(?=[\d½⅓⅔¼¾⅛#])/).each do
          at = Regexp.last_match
          trailing = trailing_amount(at.begin(0), at.end(0))
          return trailing if trailing
        end
        return finish(words, @amounts) if words.name != "" && words.flags.intersect?(%i[to_taste as_needed optional])

        unreadable("No amount found; start with how much, such as “2 tbsp honey”")
      end

      def trailing_amount(name_ends, amount_begins)
        scan = Scan.new(@text, at: @text[0...amount_begins].bytesize)
        amounts = TermReader.new(scan)
        term = amounts.read
        return faulty(scan.fault) if scan.fault
        return if term.nil? || (term.unit.nil? && !scan.rest.match?(/\A[\s)]*\z/))
        return unless scan.check(/[\s)]*(?:\z|[,(])/)

        @terms = [term]
        finish(NameReader.new("#{@text[0...name_ends].sub(BULLET, "")} #{scan.rest}"), amounts)
      end

      def finish(words, amounts)
        return unreadable("Of what? Name the ingredient behind the amount") if words.name.empty?
        apart = words.behind_commas.find { |part| part.match?(SECOND) }
        return two_ingredients(@text.index(apart) || 0, apart) if apart

        second = words.name.match(/\s(?:\+|&|and|plus)\s+(?=[\d½⅓⅔¼¾⅛])/i)
        return two_ingredients(@text.index(second.post_match) || 0, second.post_match) if second

        Reading.new(text: @text, terms: modified(words.modifiers), weight: amounts.weight, name: words.name, preparations: words.preparations,
          flags: words.flags, notes: words.notes, aside: amounts.aside)
      end

      # "1 tbsp cocoa, heaping": what is said behind the name holds for every measure before it.
      def modified(modifiers)
        factor = modifiers.reduce(Rational(1)) { |product, word| product * TermReader::MODIFIERS.fetch(word.downcase) }
        @terms.map { |term| (term.unit&.kind == :household) ? term.with(factor: term.factor * factor) : term }.freeze
      end

      # A weight behind the name, in brackets or behind a comma: "5 dates (about 120 g)", "1 cup oats, 88 g".
      def read_late_weight
        begins = @scan.pos
        rest = @scan.rest.b
        {"(" => /\s*\)/, "," => /\s*(?=[,(]|\z)/}.each do |opening, closing|
          at = rest.index(opening.b)
          @amounts.read_late_weight(begins + at + 1, closing) if at
        end
        @scan.pos = begins
      end

      def two_ingredients(from, text)
        faulty(Fault.new(from: from, to: from + text.length, message: "Two ingredients in one line; put “#{text}” on a line of its own"))
      end

      def unreadable(message) = faulty(Fault.new(from: 0, to: @text.length, message: message))

      def faulty(fault) = Reading.new(text: @text, fault: fault)
    end
  end
end
