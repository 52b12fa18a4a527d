# frozen_string_literal: true

require "strscan"

module ElmCup
  module Quantity
    # Reads one amount at the scanner's place: modifiers, number or range, what a container holds, unit, bracket.
    # Keeps what the brackets and the other way of saying it (100 g / 3.5 oz) gave, for the line reader.
    class TermReader
      # Customary corrections of a level measure. Source: common practice.
      MODIFIERS = {
        "heaping" => Rational(5, 4), "heaped" => Rational(5, 4), "rounded" => Rational(23, 20), "generous" => Rational(23, 20),
        "scant" => Rational(9, 10), "level" => Rational(1)
      }.freeze
      STANDARD_WORDS = {"us" => "us", "u.s." => "us", "american" => "us", "us legal" => "us_legal", "legal" => "us_legal",
                        "metric" => "metric", "imperial" => "imperial", "uk" => "imperial", "australian" => "australian"}.freeze
      MODIFIER = /\s*(#{MODIFIERS.keys.join("|")}|(?:firmly|lightly|tightly|loosely|well)[\s-]+packed|packed)\b/i
      STANDARD = /\s*(#{STANDARD_WORDS.keys.sort_by { |word| -word.length }.map { |word| Regexp.escape(word) }.join("|")})(?=[\s-])/i
      ABOUT = /\s*(?:about|approximately|approx\.?|around|roughly|circa|ca\.|~|≈)\s*/i
      SIZE = /\s*(?:extra[\s-]+)?(large|big|medium|small)(?:[\s-]+sized?)?\b/i
      SCOOP_NUMBER = /\s*(?:(?:#|no\.?|number)\s*(\d{1,3})[\s-]*scoops?|scoops?\s*(?:#|no\.?|number)\s*(\d{1,3}))\b/i
      RANGE = /\s*[-–—]\s*(?=[\d.½⅓⅔¼¾⅛⅜⅝⅞])|\s+(?:to|or)\s+(?!an?\b)/i
      # Units whose mass is only custom, so that a weight said beside them wins.
      GUESSED = %i[handful stick].freeze
      # "12 oz bag of chips": the weight is said, what it came in does not matter.
      PACKED_IN = /[\s-]+(?:cans?|tins?|bags?|packets?|packages?|packs?|jars?|bars?|boxe?s?)\b/i
      BARE_UNITS = %i[pinch dash drop handful stick].freeze

      attr_reader :weight, :aside, :fault

      def initialize(scanner)
        @scanner = scanner
        @aside = []
      end

      # A Term, or nil with the scanner put back; `fault` is set when an amount stands there but cannot be.
      def read
        back = @scanner.pos
        term = read_term
        @scanner.pos = back unless term
        term
      end

      # A weight in brackets that stands behind the name, "5 dates (about 120 g)"; taken only if none was found yet.
      def read_late_weight(at)
        return if @weight

        @scanner.pos = at
        attempt do
          inner = measured_term
          @weight = inner if inner&.grams && @scanner.skip(/\s*\)/)
        end
        @scanner.pos = at
      end

      private

      def read_term
        @scanner.skip(ABOUT)
        @scanner.skip(/\s*an?\s+(?=(?:#{MODIFIERS.keys.join("|")})\s+[\d½⅓⅔¼¾⅛])/io)
        modifiers = read_modifiers
        low, high = read_range
        return if @fault
        return read_bare(modifiers) unless low

        modifiers.concat(read_modifiers)
        finish(low, high, modifiers)
      end

      def finish(low, high, modifiers)
        size = @scanner.skip(SIZE) && @scanner[1].downcase.sub("big", "large")
        inner = read_times || read_inner || read_bracketed_inner
        return if @fault

        modifiers.concat(read_modifiers)
        size ||= @scanner.skip(SIZE) && @scanner[1].downcase.sub("big", "large")
        build(low, high, modifiers, size, inner)
      end

      def build(low, high, modifiers, size, inner)
        scoop_number = read_scoop_number
        return if @fault

        standard = read_standard
        unit = scoop_number ? Unit[:scoop] : read_unit
        scoop_number ||= read_scoop_number_after(unit)
        @scanner.skip(PACKED_IN) if unit&.kind == :mass
        modifiers.concat(read_modifiers)
        term = Term.new(low: low, high: high, unit: unit, factor: factor(modifiers), standard: standard,
          packed: modifiers.any? { |word| word.end_with?("packed") }, size: size, scoop_number: scoop_number, inner: inner,
          guessed: low.style == :word && @scanner.string[low.from...low.to].match?(/few|couple/i))
        read_other_way(term)
        term = read_bracket(term)
        @scanner.skip(/\s*of\b/i)
        term
      end

      # "a pinch" has its number; "pinch of salt" and "heaping tbsp" mean one.
      def read_bare(modifiers)
        ahead = @scanner.check(/\s*#{Unit::PATTERN}/o)
        unit = ahead && Unit.find(ahead.strip)
        return if unit.nil? || (modifiers.empty? && !BARE_UNITS.include?(unit.id))

        @scanner.skip(/\s*/)
        one = Number.new(value: Rational(1), from: @scanner.charpos, to: @scanner.charpos, style: :implied)
        finish(one, one, modifiers)
      end

      def read_range
        return if negative?

        @scanner.skip(/\s*/)
        low = read_number or return
        back = @scanner.pos
        return [low, low] unless @scanner.skip(RANGE)

        high = read_number
        return if @fault

        unless high
          @scanner.pos = back
          return [low, low]
        end
        [low, high].sort_by(&:value)
      end

      def negative?
        return false unless @scanner.check(/\s*[-−]\s?[\d.½¼¾⅓⅔]/)

        fail_here(/\s*[-−]\s?[\d.,\/½¼¾⅓⅔]+/, "An amount cannot be less than nothing; leave out the minus")
        true
      end

      def read_number
        from = @scanner.charpos
        number = NumberReader.read(@scanner)
        return if number.nil?
        return refuse(from, @scanner.charpos, "Nothing can be divided by zero; write the fraction again") if number == :zero_denominator
        return refuse(from, @scanner.charpos, "That number is not one a kitchen uses; write it out plainly, such as 250") if @scanner.check(/[eE][+-]?\d/) || (number.style != :word && number.to - number.from > 12) || number.value > 1_000_000
        return refuse(from, @scanner.charpos, "The amount is zero; say how much, or take the line out") if number.value.zero?

        number
      end

      def read_modifiers
        words = []
        words << @scanner[1].downcase while @scanner.skip(MODIFIER)
        words
      end

      def factor(words) = words.reduce(Rational(1)) { |product, word| product * MODIFIERS.fetch(word, 1) }

      # "2 x 50 g"
      def read_times
        attempt { @scanner.skip(/\s*[x×]\s*(?=\d)/) && measured_term }
      end

      # "1 14-oz can"
      def read_inner
        attempt do
          next unless @scanner.skip(/[\s-]+(?=\d)/)
          inner = measured_term
          inner if inner && @scanner.check(/[\s-]*#{Unit::PATTERN}/o) && container_ahead?
        end
      end

      # "2 (14 oz) cans"
      def read_bracketed_inner
        attempt do
          next unless @scanner.skip(/\s*\(\s*/)
          inner = measured_term
          inner if inner && @scanner.skip(/\s*(?:each)?\s*\)/i) && container_ahead?
        end
      end

      def container_ahead?
        ahead = @scanner.check(/[\s-]*#{Unit::PATTERN}/o)
        unit = ahead && Unit.find(ahead.sub(/\A[\s-]+/, ""))
        unit&.kind == :container
      end

      # A plain number with a unit of mass or volume.
      def measured_term
        @scanner.skip(ABOUT)
        low, high = read_range
        unit = low && read_unit
        return unless unit && %i[mass volume household].include?(unit.kind)

        Term.new(low: low, high: high, unit: unit)
      end

      def read_scoop_number
        return unless @scanner.skip(SCOOP_NUMBER)

        number = (@scanner[1] || @scanner[2]).to_i
        return number if number.between?(4, 100)

        refuse(@scanner.charpos - @scanner.matched.length, @scanner.charpos, "Scoops are numbered 4 to 100")
        nil
      end

      def read_scoop_number_after(unit)
        return unless unit&.id == :scoop && @scanner.skip(/\s*(?:#|no\.?|number)\s*(\d{1,3})\b/i)

        number = @scanner[1].to_i
        number.between?(4, 100) ? number : refuse(@scanner.charpos - @scanner.matched.length, @scanner.charpos, "Scoops are numbered 4 to 100")
      end

      def read_standard
        attempt do
          next unless @scanner.skip(STANDARD)
          word = @scanner[1].downcase
          CupStandard.find(STANDARD_WORDS.fetch(word)) if @scanner.check(/[\s-]*#{Unit::PATTERN}/o)
        end
      end

      def read_unit
        text = @scanner.scan(/[\s-]*#{Unit::PATTERN}/o)
        text && Unit.find(text.sub(/\A[\s-]+/, ""))
      end

      # "100 g / 3.5 oz": the same amount said again. A weight wins.
      def read_other_way(term)
        other = attempt { @scanner.skip(/\s*[\/|]\s*(?=[\d½¼¾⅓⅔])/) && measured_term }
        return unless other

        @aside.concat(other.numbers)
        @weight ||= other if term.grams.nil? && other.grams
      end

      # A bracket right behind the unit: what one container holds, or the weight that wins over the volume.
      def read_bracket(term)
        each = nil
        inside = attempt do
          next unless @scanner.skip(/\s*\(\s*/)
          inner = measured_term
          read_other_way(inner) if inner
          each = !!@scanner.skip(/\s*(?:each|a piece|apiece)/i)
          total = @scanner.skip(/\s*(?:total|in all|altogether|net|drained)/i)
          each ||= term.unit&.kind == :container && !total
          inner if inner && @scanner.skip(/\s*\)/)
        end
        return term unless inside
        return term.with(inner: inside) if each

        if inside.grams && (term.grams.nil? || GUESSED.include?(term.unit&.kind))
          @weight ||= inside
        else
          @aside.concat(inside.numbers)
        end
        term
      end

      # Runs the block; a nil (and no fault) puts the scanner back.
      def attempt
        back = @scanner.pos
        kept = @fault
        result = yield
        return result if result

        @fault = kept
        @scanner.pos = back
        nil
      end

      def fail_here(pattern, message)
        @scanner.skip(/\s*/)
        from = @scanner.charpos
        @scanner.skip(pattern)
        refuse(from, @scanner.charpos, message)
      end

      def refuse(from, to, message)
        @fault ||= Fault.new(from: from, to: to, message: message)
        nil
      end
    end
  end
end
