# frozen_string_literal: true

module ElmCup
  module Wish
    # A number with a bound as people say it, as the text of a wish: "under 90 kcal", "at least 3 g of protein a piece", "24 pieces", "600
    # g".
    module BoundText
      NUMBER = /(?:\d+(?:[.,]\d+)?|[½¼¾⅓⅔])/
      FRACTIONS = {"½" => 0.5, "¼" => 0.25, "¾" => 0.75, "⅓" => 1.0 / 3, "⅔" => 2.0 / 3}.freeze
      AT_MOST = /(?:<=?|≤|under|below|less than|fewer than|at most|no more than|not more than|not over|up to|max(?:imum)?(?: of)?)/
      AT_LEAST = /(?:>=?|≥|over|above|more than|at least|no less than|not less than|not under|min(?:imum)?(?: of)?)/
      BEHIND = {"<=" => /(?:or less|or fewer|or under|at most|max(?:imum)?|tops)/, ">=" => /(?:or more|or over|at least|min(?:imum)?)/}
        .freeze
      UNIT = /(?:(?:kg|kilos?|g|grams?|kcals?|calories|cals?|kilocalories|per cent|percent|cents?|c)(?![[:alpha:]])|[%€£$])/
      SMALL = /\s*(?:a|per|each|in a|in each|in one)\s+(?:piece|ball|bite|bar|truffle|cup|square|one)\s*|\s+each\s*/
      LEAD = /(?:costs? |makes? |about |around |~ ?)?(?:(?<most>#{AT_MOST})|(?<least>#{AT_LEAST}))?\s*(?<money>[€£$])?/
      TAIL = /(?:\s*(?<behind>#{BEHIND["<="]})|\s*(?<over>#{BEHIND[">="]}))?/
      NUMBER_FIRST = /\A#{LEAD}(?<number>#{NUMBER})\s*(?<unit>#{UNIT})?(?:\s+of)?\s*(?<name>[[:alpha:]€£$ ]*?)#{TAIL}\z/
      NAME_FIRST = /\A(?<name>[[:alpha:] ]+?)\s*(?:(?<most>#{AT_MOST})|(?<least>#{AT_LEAST})|about|around|is|:|(?<=\s))\s*(?<money>[€£$])?(?<number>#{NUMBER})\s*(?<unit>#{UNIT})?\z/

      # unit pattern => unit of a Key
      UNITS = {
        /\Ak?cal/ => "kcal", /\Akilocal/ => "kcal", /\A(?:g|grams?|kg|kilos?)\z/ => "g", /\A(?:c|cents?|[€£$])\z/ => "money",
        /\A(?:%|per ?cent)\z/ => "%"
      }.freeze
      # unit => key, where no figure is named
      BY_UNIT = {"kcal" => "kcal", "g" => "grams", "money" => "cost"}.freeze
      # unit pattern => what one is in the figure's own unit
      TIMES = {/\Ak(?:g|ilos?\z)/ => 1000.0, /\Ac(?:ents?)?\z/ => 0.01}.freeze
      # What is counted against a day, and what is dear: a number alone is the most of it.
      AT_MOST_OF = %w[kcal sugars free_sugars fat cost grease].freeze

      # The text; nil where the words are no such thing.
      def self.text(words)
        plain = words.gsub(SMALL, " ").strip
        found = NUMBER_FIRST.match(plain) or return named_first(plain)
        row = row_of(found[:name].strip, found[:unit] || found[:money], words)
        if row
          written(row, op(row, found[:most] || found[:behind], found[:least] || found[:over]),
            value(row, found[:number], found[:unit]))
        end
      end

      # The text of a bound on the figure of a Key.
      def self.written(row, op, value) = "#{row.key}#{op}#{Figure.number(value)}"

      class << self
        private

        # "kcal under 90", "sugar at most 3 g"
        def named_first(words)
          found = NAME_FIRST.match(words) or return
          row = row_of(found[:name], found[:unit] || found[:money], words)
          written(row, op(row, found[:most], found[:least]), value(row, found[:number], found[:unit])) if row
        end

        def op(row, most, least)
          return "<=" if most

          least ? ">=" : usual(row)
        end

        # The Key that is named, or that the unit is one of; nil where its unit is another.
        def row_of(name, unit, words)
          kind = unit && UNITS.find { |pattern, _| pattern.match?(unit) }&.last
          return Key[by_unit(kind, words)] if name.empty?

          row = Key.all.find { |each| /\A(?:of )?(?:#{each.typed})\z/.match?(name) }
          row if row && (kind.nil? || kind == row.unit || (kind == "%" && row.key == "grease"))
        end

        def by_unit(kind, words)
          return BY_UNIT[kind] if kind
          return "cost" if words.start_with?("cost")

          "pieces" if words.start_with?("make")
        end

        # What a number alone means.
        def usual(row)
          return "<=" if AT_MOST_OF.include?(row.key)

          (row.of == "batch") ? "=" : ">="
        end

        def value(row, number, unit)
          times = unit && TIMES.find { |pattern, _| pattern.match?(unit) }&.last
          times = 0.01 if row.key == "grease" && unit
          (FRACTIONS[number] || number.tr(",", ".").to_f) * (times || 1)
        end
      end
    end
  end
end
