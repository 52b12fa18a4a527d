# frozen_string_literal: true

module ElmCup
  module Quantity
    # Reads one number at the scanner's place: digits, decimals with point or comma, thousands, fractions, mixed
    # numbers, vulgar fractions and number words.
    class NumberReader
      VULGAR = {
        "½" => "1/2", "⅓" => "1/3", "⅔" => "2/3", "¼" => "1/4", "¾" => "3/4", "⅕" => "1/5", "⅖" => "2/5", "⅗" => "3/5",
        "⅘" => "4/5", "⅙" => "1/6", "⅚" => "5/6", "⅛" => "1/8", "⅜" => "3/8", "⅝" => "5/8", "⅞" => "7/8"
      }.transform_values { |text| Rational(text) }.freeze
      UNITS = %w[zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen
        seventeen eighteen nineteen].each_with_index.to_h.freeze
      TENS = %w[twenty thirty forty fifty sixty seventy eighty ninety].each_with_index.to_h { |word, i| [word, 20 + 10 * i] }.freeze
      PARTS = {"half" => 2, "halves" => 2, "third" => 3, "thirds" => 3, "quarter" => 4, "quarters" => 4, "fourth" => 4,
               "fourths" => 4, "eighth" => 8, "eighths" => 8}.freeze

      vulgar = "[#{VULGAR.keys.join}]"
      slash = "\\s*[/⁄]\\s*"
      one_to_nine = UNITS.keys[1..9].join("|")
      under_hundred = "(?:(?:#{TENS.keys.join("|")})(?:[\\s-](?:#{one_to_nine}))?|#{UNITS.keys.sort_by { |w| -w.length }.join("|")})"
      cardinal = "(?:(?:a|#{one_to_nine})[\\s-]+hundred(?:\\s+(?:and\\s+)?#{under_hundred}\\b)?|#{under_hundred})"
      metric = "(?=\\s*(?:g|gr|gm|gms|grams?|grammes?|ml|mls|millilit(?:re|er)s?)\\b)"
      part = "(?:#{PARTS.keys.sort_by { |w| -w.length }.join("|")})"
      not_half_and_half = "(?!half[\\s-]+(?:and|&|n)[\\s-]+half)"
      # One pattern a way of writing; the first that matches wins. Each yields the value from its captures. Those of digits first.
      IN_DIGITS = [
        [/(\d+)(?:\s*-\s*|\s*)(#{vulgar})/, :fraction, ->(m) { Rational(m[1]) + VULGAR[m[2]] }],
        [/(\d+)(?:\s+|-)(\d+)#{slash}(\d+)(?!\d)/, :fraction, ->(m) { mixed(m[1], m[2], m[3]) }],
        [/(\d+)\s+(?:and|&)\s+(\d+)#{slash}(\d+)(?!\d)/i, :fraction, ->(m) { mixed(m[1], m[2], m[3]) }],
        [/(\d+)\s+(?:and|&)\s+(#{vulgar})/i, :fraction, ->(m) { Rational(m[1]) + VULGAR[m[2]] }],
        [/(\d+)#{slash}(\d+)(?!\d)/, :fraction, ->(m) { fraction(m[1], m[2]) }],
        [/([1-9]\d{0,2}(?:,\d{3}|['’]\d{3}| 000)+)#{metric}/i, :decimal, ->(m) { Rational(m[1].delete(",'’ ")) }],
        [/(\d+)\s+and\s+(?:an?\s+|one\s+)?(#{part})\b/i, :fraction, ->(m) { Rational(m[1]) + Rational(1, PARTS.fetch(m[2].downcase)) }],
        # "3 quarters of a cup", but "10 halves walnut" are ten.
        [/(\d+)\s+(#{part})\b(?:\s+of\b)?(?:\s+an?\b)?(?=\s+#{Unit::PATTERN})/i, :fraction,
          ->(m) { Rational(m[1].to_i, PARTS.fetch(m[2].downcase)) }],
        [/(\d+)\s+dozen\b/i, :fraction, ->(m) { 12 * Rational(m[1]) }],
        [/(\d+[.,]\d+|\.\d+)/, :decimal, ->(m) { Rational("0#{m[1]}".tr(",", ".")) }],
        [/(\d+)/, :whole, ->(m) { Rational(m[1]) }],
        [/(#{vulgar})/, :fraction, ->(m) { VULGAR[m[1]] }]
      ].freeze
      # The same of words.
      IN_WORDS = [
        [/(#{cardinal})\s+and\s+(?:an?\s+|one\s+)?(#{part})\b/i, :word, ->(m) { cardinal(m[1]) + Rational(1, PARTS.fetch(m[2].downcase)) }],
        [/(?:(half)\s+(?:an?\s+)?|(#{cardinal})\s+|an?\s+)?dozen\b/i, :word, ->(m) {
          12 * (if m[1]
                  Rational(1, 2)
                else
                  (m[2] ? cardinal(m[2]) : 1)
          end)
        }],
        [/(#{cardinal})[\s-]+(#{part})\b(?:\s+of\b)?(?:\s+an?\b)?/i, :word,
          ->(m) { cardinal(m[1]) * Rational(1, PARTS.fetch(m[2].downcase)) }],
        [/#{not_half_and_half}(?:an?\s+)?(half|third|quarter|fourth|eighth)\b(?:\s+of\b)?(?:\s+an?\b)?/i, :word,
          ->(m) { Rational(1, PARTS.fetch(m[1].downcase)) }],
        [/a\s+couple\b(?:\s+of\b)?/i, :word, ->(_) { Rational(2) }],
        [/(?:a\s+)?few\b/i, :word, ->(_) { Rational(3) }],
        [/(#{cardinal})\b/i, :word, ->(m) { Rational(cardinal(m[1])) }],
        [/an?\b/i, :word, ->(_) { Rational(1) }]
      ].freeze

      # "10 dates", "150g oats": most numbers are whole and go no further.
      WHOLE = /(\d{1,4})(?![\d.,\/])(?=[a-z]|\s+(?!and\b|dozen\b|#{part}\b|000)[a-z])/i
      LETTER = /[a-z]/i
      # What every pattern of IN_WORDS begins with: most names begin with none, and are passed over at once.
      WORD = /(?:#{under_hundred}|an?|half|third|quarter|fourth|eighth|dozen|few)\b/i

      # An exact fraction of two texts of digits; nil where the denominator is zero.
      def self.fraction(numerator, denominator)
        denominator.to_i.zero? ? nil : Rational(numerator.to_i, denominator.to_i)
      end

      # The exact value of a whole and a fraction, each as text; nil where the denominator is zero.
      def self.mixed(whole, numerator, denominator)
        part = fraction(numerator, denominator)
        part && Rational(whole) + part
      end

      # "twenty-four" => 24, "two hundred and fifty" => 250.
      def self.cardinal(words)
        (words.downcase.split(/[\s-]+/) - ["and"])
          .reduce(0) { |sum, word| (word == "hundred") ? sum * 100 : sum + (UNITS[word] || TENS[word] || 1) }
      end

      # A Number at `scanner`'s place (advanced past it), nil if none stands there, :zero_denominator for 1/0.
      def self.read(scanner)
        in_words = scanner.match?(LETTER)
        return if in_words && !scanner.match?(WORD)

        from = scanner.charpos
        return Number.new(value: Rational(scanner[1]), from: from, to: scanner.charpos, style: :whole) if !in_words && scanner.scan(WHOLE)

        patterns = in_words ? IN_WORDS : IN_DIGITS
        patterns.each do |pattern, style, value_of|
          next unless scanner.scan(pattern)

          value = value_of.call(scanner)
          return :zero_denominator if value.nil?

          return Number.new(value: value, from: from, to: scanner.charpos, style: style)
        end
        nil
      end
    end
  end
end
