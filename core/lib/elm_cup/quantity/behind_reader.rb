# frozen_string_literal: true

module ElmCup
  module Quantity
    # Reads what is said of the amount behind the name: its weight, "5 dates (about 120 g)" or "1 cup oats, 88 g", and what
    # is added, "1 cup oats, plus 2 tbsp".
    class BehindReader
      ADDITION = /\s*,?\s+(?:plus|and|\+)\s+(?=[\d½⅓⅔¼¾⅛])/i
      ENDS = /\s*(?:[,(]|\z)/
      # opening => what closes the weight behind it
      WEIGHT = {"(" => /\s*\)/, "," => ENDS}.freeze

      # What a weight may begin with; most brackets and commas have something else behind them, which is soon seen.
      MAY_WEIGH = /\G\s*(?:#{MeasuredReader::ABOUT})?(?:[\d.-]|[#{NumberReader::VULGAR.keys.join}]|#{NumberReader::WORD})/i

      # begins: the character of `text` where the name begins.
      def initialize(text, begins)
        @text = text
        @begins = begins
        @words = text[begins..]
      end

      # [Amounts with what stands behind the name counted in, the words without what was added].
      def read(amounts)
        return [amounts, @words] if amounts.terms.empty?

        head, addition, tail = addition()
        amounts = weighed(amounts, head) if amounts.unweighed?
        addition ? [amounts.plus(addition), head + tail] : [amounts, @words]
      end

      private

      # [words before it, Amounts, words behind it]; the words alone where nothing is added.
      def addition
        joint = ADDITION.match(@words) or return [@words]
        scan = Scan.new(@text, from: @begins + joint.end(0))
        reader = TermReader.new(scan)
        term = reader.read
        return [@words] unless term&.unit && scan.check(ENDS)

        [joint.pre_match, Amounts.of([term], reader.aside), scan.rest]
      end

      # A weight of each is one of things that are counted: "12 dates (20 g each)".
      def weighed(amounts, words)
        weight, each = weight(words)
        return amounts.with(weight: weight) unless each

        amounts.counted? ? amounts.with(terms: [amounts.terms.first.with(inner: weight)]) : amounts
      end

      # [Term, whether it is said of each], or nil.
      def weight(words)
        WEIGHT.each do |opening, closing|
          at = words.index(opening)
          next unless at && words.match?(MAY_WEIGH, at + 1)

          found = TermReader.new(Scan.new(@text, from: @begins + at + 1)).weight_closed_by(closing)
          return found if found
        end
        nil
      end
    end
  end
end
