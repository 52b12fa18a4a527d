# frozen_string_literal: true

module ElmCup
  module Exchange
    # Which lines of a pasted recipe are headings. For RecipeText, which knows the lines, the place and what was read so far.
    module RecipeHeadings
      HEADING_WORDS = 7
      # "Layer 2", "Part one"
      COUNTED_PART = /\A(?:layer|part)\s+(?:\d{1,2}|one|two|three|four|five)\b\s*:?\z/i
      CAPITALS = /\A(?:\p{Lu}|of\b|and\b|the\b|&)/

      private

      def heading?(line)
        text = line.text
        return true if line.heading && (CardMarks.flavour(text) || @draft.nameless?)
        return true if RecipeWords.section(bare(text)) || text.match?(COUNTED_PART)
        return false if text.empty? || text.split.size > HEADING_WORDS || amount_first?(text) || RecipeYield.of(text) || meta?(text)
        return true if line.heading || text.end_with?(":") || stands_apart?(line)
        return lone_part?(bare(text)) && bare(text).include?(" ") && amount_below? if line.bullet

        text.match?(/\A(?:for|to)\s+(?:the\s+)?\w+\z/i) || text.match?(/\Afor the\b/i) || lone_part?(bare(text)) || shouted?(text) ||
          capitals?(text)
      end

      # "Chocolate" with an empty line above and an amount right below: a heading, unless it is one ingredient's name.
      def stands_apart?(line)
        text = line.text
        line.apart && !@draft.nameless? && !line.bullet && amount_below? && !@lines[@at + 1].apart && text.split.size <= 4 &&
          !text.match?(/[.,;\d]/) && (RecipeWords.part?(text) || !sentence?(text)) && matcher.one(text).nil?
      end

      # "Base", "Chocolate coating": a line of nothing but the name of a part, and of no ingredient ("Caramel sauce").
      def lone_part?(text)
        return false unless text.split.size <= 3 && RecipeWords.part?(text) && text.match?(/\A\p{Lu}/) && !text.match?(/[.,;\d]/)

        matcher.one(text).nil? || (text.split.size == 1 && amount_below?)
      end

      # "Oat Mixture" among ingredients, with an amount below it: a heading in all but its colon.
      def capitals?(text)
        @mode == :ingredients && amount_below? && text.split.size <= 4 && text.split.all? { |word| word.match?(CAPITALS) } &&
          !text.match?(/[.,;\d]/) && !matcher.known?(text)
      end

      # The next line is an ingredient with its amount.
      def amount_below?
        text = @at && @lines[@at + 1]&.text or return false

        amount_first?(text) || (amount_last?(text) && of_known?(text))
      end

      def matcher = @library.matcher

      def shouted?(text)
        text.length > 3 && text == text.upcase && text.match?(/\p{Lu}{3}/) && !text.match?(/\d/) && @draft.titled? && part_not_thing?(text)
      end

      # "LIME" above amounts is a part; "SALT" is salt.
      def part_not_thing?(text)
        entry = matcher.one(text) or return true
        text.split.size == 1 && amount_below? && reading(@lines[@at + 1].text).readable? && !Ingredient::LineResolver::TASTES.include?(entry.family)
      end
    end
  end
end
