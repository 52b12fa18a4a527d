# frozen_string_literal: true

module ElmCup
  module Exchange
    # What a line of a pasted recipe is by itself: an amount of something, a sentence, a heading. For who reads a whole text: each
    # line is read once, however often it is asked about.
    module RecipeKinds
      NUMBER_WORDS = /an?|one|two|three|four|five|six|eight|ten|twelve|half|(?:a )?few/i
      MEASURE_WORDS = /pinch|dash|handful|drop|juice|zest|the (?:juice|zest)|grated|knob|little|splash|scant|heap(?:ing|ed)|rounded|generous|small|large|about/i
      AMOUNT_WORDS = /\A(?:#{NUMBER_WORDS}|#{MEASURE_WORDS})\b/i
      # Faults of a line that still is an amount of something.
      AMOUNT_FAULTS = %i[of_what two_ingredients no_measure].freeze
      FOR = /\A(?:for|to make)\s+(?:the\s+)?/i
      # "Ingredients for the base"
      OF_PART = /\Aingredients\s+(?:for\s+)?(?:the\s+)?[-–:]?\s*/i
      # "180 kcal | P 5 g"
      ENERGY = /\b\d+\s*(?:kcal|calories|cals?|kj)\b/i
      # "3-ingredient fudge", "Two-layer fudge", "3.9/5 (18)", "15 min and setting", "20 cm tin"
      TIME_OR_LENGTH = /[\d.,½¼¾\s–-]+(?:min|mins|minutes?|h|hrs?|hours?|days?|weeks?|months?|cm|mm|inch(?:es)?|°\s*[CF]?)(?!\p{L})/i
      NO_AMOUNT = /\A(?:\d+[- ]ingredients?\b|(?:two|three|four|five|six)(?:-\p{L}|\s+ingredients?\b)|\d\.\d\s*\/\s*5\b|\d(?:\.\d)?\s+(?:from|stars?|out of)\b|#{TIME_OR_LENGTH})/i
      # "A layered slice for the interval table" is prose, "a pinch of salt" is not.
      MOST_WORDS = 9
      FIRST_OF_SEVERAL = /\s[&+]\s|[,;]/

      # A heading without what is put around its name.
      def bare(text)
        name = text.sub(FOR, "").sub(/\s*\([^)]*\)\s*:?\s*\z/, "").sub(/[:\s]+\z/, "")
        RecipeWords.section(name) ? name : name.sub(OF_PART, "").sub(/\s+ingredients\z/i, "")
      end

      # It names a part of a confection.
      def named_part?(text) = text.match?(FOR) || RecipeWords.part?(text)

      # Times, ratings and the like.
      def meta?(text) = text.match?(RecipeWords::META) || text.match?(ENERGY)

      # It begins with an amount; "3-ingredient fudge" does not.
      def amount_first?(text)
        return false if text.match?(NO_AMOUNT)
        return true if RecipeCitrus.apart(text)
        return amount?(text) if text.match?(/\A[^\p{L}]{0,3}[\d½⅓⅔¼¾⅛]/)

        text.match?(AMOUNT_WORDS) && !text.match?(/[.!?]\z/) && ((text.split.size <= MOST_WORDS) ? amount?(text) : measured_first?(text))
      end

      # A long line whose first words are a measure of something: "a jar of peanut butter (350 g), half of it smooth; 60 ml maple".
      def measured_first?(text)
        first = text.split(FIRST_OF_SEVERAL).first
        first.split.size <= MOST_WORDS && of_known?(first) && reading(first).terms.any?(&:unit)
      end

      # It ends with one: "Rolled oats, 90 g".
      def amount_last?(text) = text.match?(/[\d½⅓⅔¼¾⅛]\s*\p{L}{0,12}\)?\z/) && text.split.size <= 8 && amount?(text)

      # It names an ingredient and has its amount, or what it is for, somewhere behind it: "Icing sugar 150 grams, sifted",
      # "icing sugar for dusting".
      def amount_within?(text)
        text.split.size <= 8 && !sentence?(text) && of_known?(text)
      end

      # It is nothing but an amount: "1 cup".
      def amount_alone?(text) = reading(text).fault&.code == :of_what

      # It reads as an amount of something.
      def amount?(text)
        reading = reading(text)
        return reading.terms.any? || !reading.weight.nil? if reading.readable?

        AMOUNT_FAULTS.include?(reading.fault.code)
      end

      # It says what to do rather than what to take; "cream cheese 50 g" takes something.
      def sentence?(text)
        (text.match?(RecipeWords::VERB) && !of_known?(text) && !matcher.known?(text)) || text.split.size > 14 ||
          (text.end_with?(".") && text.split.size > 4)
      end

      # It reads as an amount of an ingredient that is known.
      def of_known?(text) = reading(text).readable? && matcher.known?(reading(text).name)

      def reading(text) = (@readings ||= {})[text] ||= Quantity::LineReader.read(text)
    end
  end
end
