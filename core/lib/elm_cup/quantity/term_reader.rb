# frozen_string_literal: true

module ElmCup
  module Quantity
    # Reads one amount at a place of a line: modifiers, number or range, what a container holds, unit, bracket.
    # Keeps the numbers of what was said twice (100 g / 3.5 oz).
    class TermReader
      # Customary corrections of a level measure. Source: common practice.
      MODIFIERS = {
        "heaping" => Rational(5, 4), "heaped" => Rational(5, 4), "rounded" => Rational(23, 20), "generous" => Rational(23, 20),
        "scant" => Rational(9, 10), "level" => Rational(1)
      }.freeze
      # "a good pinch", "a good 1/2 cup", but "2 cups good chocolate".
      GOOD = {"good" => MODIFIERS.fetch("generous")}.freeze
      MODIFIER = /\s*(#{MODIFIERS.keys.join("|")}|good(?=\s+(?:#{Unit::PATTERN}|[\d½⅓⅔¼¾⅛]))|(?:firmly|lightly|tightly|loosely|well)[\s-]+packed|packed)\b/i
      PACKED = /\A(?!lightly|loosely).*packed\z/
      ARTICLE = /\s*(?:an?|one|1)\s+(?=(?:#{[*MODIFIERS.keys, *GOOD.keys].join("|")})\s+(?:[\d½⅓⅔¼¾⅛]|#{Unit::PATTERN}))/i
      # "10 x dates"
      TIMES = /\s*[x×](?=\s+[[:alpha:]])/
      SIZE = /\s*(?:extra[\s-]+)?(large|big|medium|small)(?:[\s-]+sized?)?\b(?!\s+spoon)/i
      # "1/4 of a cup"
      PART_OF_ONE = /\s+of\s+(?:an?|one)(?=\s+#{Unit::PATTERN})/i
      # "cup and a half"
      AND_A_PART = /[\s-]*\p{L}+\s+and\s+(?:an?|one)\s+(?:half|third|quarter)\b/i
      EACH = /\s*(?:each|a piece|apiece)\b/i
      # "2 tbsp of honey", and as other languages have it
      OF = /\s*(?:of|de|du|des|di|do|da)\b(?=\s)|\s*d['’](?=\p{L})/i
      # What an amount that is said again begins with.
      SAID_AGAIN = /\s*(?:[\/|(]|or\b)/i
      # "200 g pack oat biscuits": what it came in.
      PACK = /\s+(?:#{Unit::CONTAINERS})\s+(?=(?:of\s+)?[[:alpha:]])/i
      # "(1 stick; 113 g)": a weight by custom beside one that is said.
      STICKS = /(?:about\s+)?[\d½¼¾\s\/]+\s*(?:sticks?|blocks?|bars?|scoops?|handfuls?)/i
      # Units whose mass is only custom, so that a weight said beside them wins.
      GUESSED = %i[handful stick].freeze
      BARE_UNITS = [:pinch, :dash, :drop, :handful, :stick, :teaspoon, :tablespoon, *Unit::ALL.select(&:guess?).map(&:id)].freeze

      # Numbers that say an amount again.
      attr_reader :aside

      def initialize(scan)
        @scan = scan
        @ranges = RangeReader.new(scan)
        @units = UnitReader.new(scan)
        @measured = MeasuredReader.new(scan, @ranges, @units)
        @aside = []
      end

      # A Term, or nil with the place unchanged; the scan has a fault when an amount stands there but cannot be.
      def read
        back = @scan.pos
        term = read_term
        @scan.pos = back unless term
        term
      end

      # [Term of mass that stands here and is closed by `closing`, whether it is said of each], or nil.
      def weight_closed_by(closing)
        inner = @measured.term
        return unless inner&.grams

        each = @scan.skip(EACH)
        [inner, !each.nil?] if @scan.skip(closing)
      end

      private

      def read_term
        @scan.skip(MeasuredReader::ABOUT)
        @scan.skip(ARTICLE)
        modifiers = read_modifiers
        low, high = @ranges.read
        return if @scan.fault
        return read_bare(modifiers) unless low

        finish(low, high, modifiers.concat(read_modifiers))
      end

      # "a pinch" has its number; "pinch of salt", "small handful of nuts" and "heaping tbsp" mean one.
      def read_bare(modifiers)
        read_size
        unit = @units.ahead
        bare = unit && (modifiers.any? || BARE_UNITS.include?(unit.id) || @scan.check(AND_A_PART))
        return unless bare || @units.numbered_scoop_ahead?

        @scan.skip(/\s*/)
        one = Number.new(value: Rational(1), from: @scan.charpos, to: @scan.charpos, style: :implied)
        finish(one, one, modifiers)
      end

      def finish(low, high, modifiers)
        size, inner, scoop_number, standard = before_unit(modifiers) unless @units.plain_ahead?
        unit = scoop_number ? Unit[:scoop] : @units.unit
        scoop_number ||= @units.scoop_number_after if unit&.id == :scoop
        low, high = widened(low, unit) if low == high
        return if @scan.fault

        modifiers += read_modifiers
        @scan.skip(PACK) if MeasuredReader::PLAIN.include?(unit&.kind)
        term = Term.new(low: low, high: high, unit: unit, factor: factor(modifiers), standard: standard, size: size,
          scoop_number: scoop_number,
          packed: modifiers.any? { |word| word.match?(PACKED) }, inner: inner, guessed: guess?(low))
        read_behind(term)
      end

      # [size, Term of what one holds, number of a scoop, CupStandard], each nil where nothing is said of it; modifiers are added.
      def before_unit(modifiers)
        size = read_size
        @scan.skip(PART_OF_ONE)
        inner = @measured.inner
        @scan.skip(TIMES) unless inner
        modifiers.concat(read_modifiers)
        [size || read_size, inner, @units.scoop_number, @units.standard]
      end

      # "60 g to 80 g", "a pinch or two": the far end of a range behind the unit. [lower, higher].
      def widened(low, unit)
        return [low, low] unless unit && @scan.match?(RangeReader::RANGE)

        joined_by_word = @scan.check(/\s+(?:to|or)\s/)
        high = @scan.attempt do
          number = @ranges.far_end or next
          again = @units.unit
          number if again ? again == unit : joined_by_word && @scan.check(/\s+[[:alpha:]]/)
        end
        [low, high || low].sort_by(&:value)
      end

      def guess?(number) = number.style == :word && @scan.string[number.from...number.to].match?(/few/i)

      def read_size = @scan.skip(SIZE) && @scan[1].downcase.sub("big", "large")

      def read_modifiers
        words = []
        words << @scan[1].downcase while @scan.skip(MODIFIER)
        words
      end

      def factor(words) = words.reduce(Rational(1)) { |product, word| product * (MODIFIERS[word] || GOOD[word] || 1) }

      def read_behind(term)
        term = holding(term)
        term = read_bracket(read_other_way(term)) if @scan.match?(SAID_AGAIN)
        @scan.skip(OF)
        term
      end

      # "1 bag 12 oz chips": what one holds stands right behind it.
      def holding(term)
        return term unless term.unit&.kind == :container && term.inner.nil?

        inner = @scan.attempt do
          each = @scan.check(/\s+\d/) && @measured.term
          @scan.skip(EACH)
          each if each && @scan.check(/\s+(?:of\s+)?[[:alpha:]]/)
        end
        inner ? term.with(inner: inner) : term
      end

      # "100 g / 3.5 oz / 1/2 cup", "1 cup or 240 ml": the same amount said again. A weight wins.
      def read_other_way(term, joint = /(?:\s*[\/|]|\s+or)\s*(?=[\d½¼¾⅓⅔])/)
        other = @scan.attempt { @scan.skip(joint) && @measured.term }
        return term unless other

        @aside.concat(other.numbers)
        read_other_way((term.grams.nil? && term.weight.nil? && other.grams) ? term.with(weight: other) : term, joint)
      end

      # A bracket right behind the unit: what one container holds, or the weight that wins over the volume.
      def read_bracket(term)
        inside, each = @scan.attempt { bracket(term) }
        return term unless inside
        return term.with(inner: inside) if each

        weight = inside.grams ? inside : inside.weight
        return term.with(weight: term.weight || weight) if weight && (term.grams.nil? || GUESSED.include?(term.unit&.kind))

        @aside.concat(inside.numbers)
        term
      end

      # [Term in the bracket, whether it is said of each], or nil.
      def bracket(term)
        return unless @scan.skip(/\s*\(\s*/)

        @scan.skip(/#{STICKS}\s*[;,\/]\s*/o)
        inner = read_other_way(@measured.term || return, /\s*(?:[\/|;,]|or\b)\s*(?=[\d½¼¾⅓⅔])/)
        @scan.skip(/\s*[;,\/]\s*#{STICKS}/o)
        each = @scan.skip(EACH)
        total = @scan.skip(/\s*(?:total|in all|altogether|net|drained)/i)
        [inner, each || (term.unit&.kind == :container && !total)] if @scan.skip(/\s*\)/)
      end
    end
  end
end
