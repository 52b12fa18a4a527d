# frozen_string_literal: true

module ElmCup
  module Exchange
    # How many pieces a recipe says it makes. A number with the name of a piece behind it wins ("1 tin, 16 squares"); a number
    # of tins or of people is none.
    module RecipeYield
      NOUN = /(?:pieces?|pcs|bites?|balls?|truffles?|squares?|bars?|cups?|drops?|cookies|fudges?|bonbons?|eggs?|slices?|clusters?|barks?|cakes?|fingers?|wedges?|triangles?|rounds|coins|discs|shards|pots?|stk|stück|styck(?:en)?|laddoos?|laddus?|kugler|kugeln)\b\.?/i
      ABOUT = /(?:about|approx(?:imately)?\.?|around|roughly|ca\.?|some)?/i
      WORDS = {
        "an" => 1, "a" => 1, "one" => 1, "two" => 2, "three" => 3, "four" => 4, "five" => 5, "six" => 6, "eight" => 8, "ten" => 10,
        "twelve" => 12,
        "sixteen" => 16, "twenty" => 20, "thirty" => 30, "forty" => 40, "fifty" => 50
      }.freeze
      HALF_DOZEN = /(?<half>\s*(?:1\/2|½))?(?<dozen>\s+(?:doz(?:en|\.)?|dz\.?))/i
      NUMBER = /(?<low>\d{1,4}(?:ish)?|#{WORDS.keys.join("|")})(?:\s*(?:-|–|—|to|or)\s*(?<high>\d{1,4}))?(?:#{HALF_DOZEN})?/i
      # "2 tbsp-size balls" are as large as that; "20 tablespoon-size balls" are 20.
      SPOON_SIZED = /(?<=(?<!\d)[1-4]\s|(?<!\d)[1-4]-)(?:tablespoon|tbsp|teaspoon|tsp)/i
      # Up to two words between the number and its piece: "18 small round balls", and no other number.
      NAMED = /(?<![\d.,\/½x×])\b#{NUMBER}\s+(?:(?!\d|(?:cm|mm|inch(?:es)?|in|x|g|grams?|ml|oz)\s|#{SPOON_SIZED})[a-z-]+\s+){0,2}?#{NOUN}/i
      KEYWORD = /\b(?:(?:makes|making|yields?|quantity)\b\s*:?|pieces\s*:)\s*/i
      PEOPLE = /\b(?:serves|servings?|portions?)\b\s*:?\s*#{ABOUT}\s*#{NUMBER}\b/i
      # What a bare number may be of instead of pieces.
      VESSEL = /x\b|cm|mm|inch|"|tins?|trays?|pans?|lo(?:af|aves)|batch(?:es)?|slabs?|jars?|logs?|rolls?|servings?|portions?|people/i
      MEASURE = /g\b|grams|kg|ml|lb|oz|quarts?|pints?|litres?|liters?/i
      BARE = /\A#{ABOUT}\s*#{NUMBER}\b(?!\s*(?:\([^)]*\)\s*)?(?:#{VESSEL}|#{MEASURE}))/i
      BRACKET = /\(\s*(?:makes\s+)?#{ABOUT}\s*#{NAMED}/i
      INTO = /\b(?:break|snap|roll|shape|form|divide|cut|portion|scoop|press|drop|slice|make|turn)\w*\b[^.;]{0,60}?\b(?:into|in)\s+#{ABOUT}\s*#{NAMED}/i
      # "Cut into 16.", "roll in 18": no length, which would have its unit.
      INTO_BARE = /\b(?:roll|shape|form|divide|cut|portion|scoop|slice)\w*\b[^.;]{0,60}?\b(?:into|in)\s+#{ABOUT}\s*#{NUMBER}(?=\s*(?:[.!;,)]|\z))/i
      # "14 balls of about 18 g", "balls (about 48)", "roll 22 balls", "24 @ 20 g"
      ALONE = /(?:\A|[.;:→]\s*)#{ABOUT}\s*#{NAMED}(?=\s+of\b|\s*[.,;@]|\s*\z)/i
      # "Cut while warm - approx 24 fingers"
      SAID_ABOUT = /(?:\b(?:about|approx(?:imately)?\.?|around|roughly)|~)\s*#{NAMED}/i
      BEHIND = /\b#{NOUN}\s*\(\s*#{ABOUT}\s*#{NUMBER}\s*\)/i
      SHAPED = /\b(?:roll|shape|form|scoop|make)\s+(?:up\s+)?#{ABOUT}\s*#{NAMED}/i
      WEIGHED = /(?<![\d.,])#{NUMBER}\s*@\s*\d+(?:[.,]\d+)?\s*g\b/i
      # "cut 5 x 4"
      GRID = /\b(?:cut|slice)\b[^.;\d]{0,20}(?<columns>\d{1,2})\s*[x×]\s*(?<rows>\d{1,2})\b(?!\s*(?:cm|mm|in\b|inch|"))/i
      # "cut in 3 rows of 5"
      ROWS = /\b(?<columns>\d{1,2}|two|three|four|five|six|eight)\s+(?:even\s+|equal\s+)?(?:rows|strips)\s+of\s+(?<rows>\d{1,2})\b/i
      # "12 bites" between others: no amount of an ingredient.
      FIELD = /\A#{ABOUT}\s*#{NUMBER}\s+(?:[a-z-]+\s+){0,2}?(?:pieces?|bites?|balls?|truffles?|cookies|bonbons?|clusters?|fingers?|squares?|slices?)\z/i
      FOR = /\A\W*(?:recipe\s+)?for\s+(?:[^.;\n]{1,20},\s*)?#{ABOUT}\s*#{NAMED}(?=\s*(?:[,.;:)]|\z|you\b))/i
      # "Roll into 20 x 18 g balls"
      INTO_TIMES = /\b(?:roll|shape|form|divide|make|portion)\w*\b[^.;\d]{0,40}?#{NUMBER}\s*[x×]\s*\d+(?:[.,]\d+)?\s*g\b/i
      GET = /\b(?:you(?:['’]ll|\s+will|\s+should)?\s+(?:get|have)|gives)\s+/i
      # "Roll 20."
      SHAPED_BARE = /\b(?:roll|cut|scoop|shape)\s+#{ABOUT}\s*#{NUMBER}(?=\s*(?:[.!;,)]|\z))/i
      # "3 dozen."
      DOZENS = /(?:\A|[.;!]\s*)(?<low>\d{1,3})(?<high>)(?<half>\s*(?:1\/2|½))?(?<dozen>\s+(?:doz(?:en|\.)?|dz\.?))\s*[.!]?\z/i
      # "20 x 15 g"
      TIMES = /\A\s*(?:makes\s+)?#{ABOUT}\s*#{NUMBER}\s*[x×]\s*\d+(?:[.,]\d+)?\s*g\b/i
      # "24ish", "20 or so"
      ISH = /\A#{ABOUT}\s*(?<low>\d{1,3})(?<high>)(?<half>(?!))?(?<dozen>(?!))?\s*(?:ish|or so)\W*\z/i
      DOES = /\A(?:it\s+)?(?:cuts?|makes?|gives?|slices?|yields?)\b/i
      # "serves 8 (2 each)"
      EACH = /#{PEOPLE}[^.;\d]{0,12}(?<each>\d{1,2})\s+(?:pieces\s+)?(?:each|a\s+head|per\s+person)\)?/i
      LEAST_BARE = 6
      IN_STEPS = [INTO_TIMES, BEHIND, SHAPED, ALONE, SAID_ABOUT, WEIGHED, DOZENS].freeze
      BARE_IN_STEPS = [INTO_BARE, SHAPED_BARE].freeze
      DOZEN = 12
      MOST = 10_000

      class << self
        # [pieces, words] that a line says, nil where it says none. "Serves 8" is people, unless it goes on with what they get.
        def of(text)
          each_of(EACH.match(text)) || after_word(KEYWORD, text) || count(FOR.match(text), least: 2) || count(BRACKET.match(text)) ||
            (count(NAMED.match(text)) if PEOPLE.match?(text))
        end

        # It says so in as many words, or is nothing but a number of pieces: an ingredient's "(2 cups)" is neither.
        def said?(text) = text.match?(/\b(?:makes|yields?|serves)\b/i) || text.match?(FIELD)

        # The same of one part of a line of several, where it is nothing but that: "15 min | 12 bites | easy".
        def of_field(text) = of(text) || count(FIELD.match(text))

        # The same of a step: "roll into 24 balls", "makes 24".
        def of_step(text)
          count(INTO.match(text), least: 2) || after_word(/\b(?:makes|yields?)\b\s*:?\s*/i, text) || after_word(GET, text) ||
            grid(GRID.match(text)) || grid(ROWS.match(text)) ||
            first_of(IN_STEPS, text, least: 2) || first_of(BARE_IN_STEPS, text, least: LEAST_BARE)
        end

        # The same of what stands behind a name: "16 squares", "20 x 15 g", "ca. 25 stk".
        def of_title(text)
          of(text) || of_field(text) || count(ALONE.match(text.strip)) || count(TIMES.match(text), least: 2) || count(DOZENS.match(text)) ||
            (of_step(text) if text.match?(DOES))
        end

        # The same of a line of nothing else: "24ish", "15 pieces", "cuts into 12".
        def of_line(text) = count(ISH.match(text), least: LEAST_BARE) || count(FIELD.match(text)) || (of_step(text) if text.match?(DOES))

        # The words of a line that counts eaters, nil for any other.
        def eaters(text) = PEOPLE.match(text)&.[](0)&.strip

        private

        def first_of(patterns, text, least:)
          patterns.each { |pattern| count(pattern.match(text), least: least)&.then { |found| return found } }
          nil
        end

        def each_of(found) = found && count(found)&.then { |people, _| [people * found[:each].to_i, found[0].strip] }

        def grid(found) = found && [(WORDS[found[:columns].downcase] || found[:columns].to_i) * found[:rows].to_i, found[0]]

        def after_word(pattern, text) = pattern.match(text)&.then { |keyword| after(keyword) }

        def after(keyword)
          rest = keyword.post_match
          found = NAMED.match(rest) || BARE.match(rest)
          count(found)&.then { |pieces, words| [pieces, "#{keyword[0].strip} #{words}"] }
        end

        def count(found, least: 1)
          return unless found

          low = WORDS[found[:low].downcase] || found[:low].to_i
          number = found[:high].to_s.match?(/\d/) ? ((low + found[:high].to_i) / 2.0).round : low
          number += 0.5 if found[:half]
          number = (number * DOZEN).round if found[:dozen]
          number.between?(least, MOST) ? [number, found[0].sub(/\A[\s(.;:→]+/, "").strip] : nil
        end
      end
    end
  end
end
