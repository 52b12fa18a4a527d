# frozen_string_literal: true

module ElmCup
  module Exchange
    # A pasted recipe as its lines: what stands several to a line, or in the tags of a page, each on a line of its own. Its patterns meet
    # texts of any length: runs of what is skipped are possessive or bounded, so that none is gone over twice.
    module RecipeLines
      SAID_INSIDE = /(?:(?<=[.;)])|^)[^\S\n]*+\b(ingredients|method|directions|instructions)\s*:\s*(?=\S)/i
      # "INGREDIENTS (makes 12 bars)", "Ingredients for 16 balls:" say two things.
      WITH_YIELD = /^([^\w\n]*+ingredients)\b[\s:,–-]*+\(?\s*+((?:makes|for|yields?)\b[^)\n]{0,80}\d[^)\n]{0,80}?)\)?:?[^\S\n]*$/i
      # "Ingredients (24 mini cups):"
      WITH_COUNT = /^([^\w\n]*+ingredients)[^\S\n]*\([^\S\n]*(\d[^)\n]{0,80})\):?[^\S\n]*$/i
      # "• 100 g oats • 2 tbsp honey"
      BULLETS_IN_LINE = /(?<=\S)[^\S\n]+[•▢☐][^\S\n]*/
      # "1. Blend. 2. Add the oil."
      STEPS_IN_LINE = /(?<=[\p{L})][.!;])\s+(?=\d{1,2}[.)]\s+\p{Lu})/
      BLOCK_END = %r{</(?:li|p|div|h\d|tr|ul|ol|td)>|<br\s*/?>}i
      # Spaces that a page sets, and the marks of what is quoted in a mail.
      SPACES = /[\u00A0\u2000-\u200A\u202F\u205F\u3000]/
      QUOTED = /^[^\S\n]*>[^\S\n]?/
      RULE = /\A\s*(?:={3,}|-{3,})\s*\z/

      # A word on a line of its own that says what stands below it.
      LABEL = /\A\W*(recipe|title|name|(?:prep|chill|total|active)?\s*time|makes|yields?|servings?|serves|difficulty|level)\s*:?\s*\z/i
      MOST_LABELLED = 80

      # A longer one is no line of a recipe, nor a whole one in a row.
      MOST_LENGTH = 3_000

      # RecipeLines of a text, those that say nothing left out; what is too long for one goes to the block.
      def self.of(text)
        apart = false
        table = RecipeTable.new
        labelled(spread(text).split(/\r\n|\r|\n/)).each_with_object([]) do |raw, found|
          next found[-1] = found.last.with(heading: true) if raw.match?(RULE) && found.any?
          next yield(raw) if raw.length > MOST_LENGTH

          table.lines(raw).each do |each|
            line = RecipeLine.from(each)
            found << line.with(apart: apart) if line
          end
          apart = raw.strip.empty?
        end
      end

      # "Makes" above "14" is "Makes: 14".
      def self.labelled(lines)
        lines.each_with_object([]) do |line, found|
          label = found.last&.match(LABEL) unless line.strip.empty? || line.match?(LABEL) || line.length > MOST_LABELLED
          label ? found[-1] = "#{label[1]}: #{line.strip}" : found << line
        end
      end

      def self.spread(text)
        plain = RecipeMessages.plain(text.delete_prefix("\uFEFF").gsub(SPACES, " ").gsub(QUOTED, "")).gsub(BLOCK_END, "\n")
        counted = plain.gsub(WITH_COUNT) { "#{$1}:\n#{RecipeYield.of("Makes #{$2}") ? "Makes" : "Serves"} #{$2}" }
        counted.gsub(WITH_YIELD) { "#{$1}:\n#{$2.sub(/\Afor/i, "Makes")}" }
          .gsub(BULLETS_IN_LINE, "\n• ").gsub(STEPS_IN_LINE, "\n").gsub(SAID_INSIDE) { "\n#{$1}:\n" }
      end
      private_class_method :spread, :labelled
    end
  end
end
