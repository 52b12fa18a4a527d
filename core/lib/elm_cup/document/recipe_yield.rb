# frozen_string_literal: true

module ElmCup
  module Document
    # How many pieces a recipe says it makes.
    module RecipeYield
      NOUNS = /\b(?:pieces?|bites?|balls?|truffles?|squares?|bars?|cups?|drops?|cookies|fudges?|bonbons?|eggs?|slices?|clusters?|barks?)\b/i
      ABOUT = /(?:about|approx(?:imately)?\.?|around|roughly|ca\.?|some)?/i
      NUMBER = /(?<low>\d{1,4}|an?|one|two|three|four|five|six|ten|twelve)(?:\s*(?:-|–|—|to|or)\s*(?<high>\d{1,4}))?(?<dozen>\s+dozen)?/i
      MAKES = /\b(?:makes|making|yields?|quantity|pieces)\b\s*:?\s*#{ABOUT}\s*#{NUMBER}\b/i
      SERVES = /\b(?:serves|servings?|portions?)\b\s*:?\s*#{ABOUT}\s*#{NUMBER}\b(?<rest>.*)/i
      BRACKET = /\(\s*(?:makes\s+)?#{ABOUT}\s*#{NUMBER}\s+#{NOUNS}/i
      INTO = /\b(?:roll|shape|form|divide|cut|portion|scoop|press|drop|make|turn)\w*\b[^.;]{0,60}?\b(?:into|in)\s+#{ABOUT}\s*#{NUMBER}\s+(?:[a-z-]+\s+){0,2}?#{NOUNS}/i
      WORDS = {"a" => 1, "an" => 1, "one" => 1, "two" => 2, "three" => 3, "four" => 4, "five" => 5, "six" => 6, "ten" => 10, "twelve" => 12}.freeze
      DOZEN = 12
      MOST = 10_000

      # [pieces, words] that a line says, nil where it says none. "Serves 8" is people, unless it goes on with what they get.
      def self.of(text)
        found = MAKES.match(text) || BRACKET.match(text)
        found ||= SERVES.match(text)&.then { |match| match if match[:rest].match?(/\A\s*#{NOUNS}/) }
        number(found)
      end

      # The same of a step, "roll into 24 balls".
      def self.of_step(text) = number(INTO.match(text))

      # The words of a line that counts eaters, nil for any other.
      def self.eaters(text) = SERVES.match(text)&.then { |found| found[0].delete_suffix(found[:rest]).strip }

      def self.number(found)
        return unless found

        low = WORDS[found[:low].downcase] || found[:low].to_i
        count = found[:high] ? ((low + found[:high].to_i) / 2.0).round : low
        count *= DOZEN if found[:dozen]
        if count.between?(1, MOST)
          [count, found[0].delete_suffix(found.names.include?("rest") ? found[:rest] : "").delete_prefix("(").strip]
        end
      end
      private_class_method :number
    end
  end
end
