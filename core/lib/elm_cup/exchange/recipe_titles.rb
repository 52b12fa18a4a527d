# frozen_string_literal: true

module ElmCup
  module Exchange
    # Which line of a pasted recipe is its name. For RecipeText, which knows the lines, the place and what was read so far.
    module RecipeTitles
      # "Seed bars. Makes 12."
      SAID_FIRST = /\A([^.:]+)\.\s+(?:makes|yields?|serves)\b/i
      # "Fudge (16)": a name and how many.
      COUNTED = /\s*\((\d{1,3})(?:\s*[-–]\s*(\d{1,3}))?\)\z/
      TITLE = /\A(?:recipe(?: for)?|title|name|subject)\s*:\s*/i
      # What a page says around its recipe.
      # "Slices - 16 squares", "Cups, 12 pieces": a name and what it makes.
      BEHIND_NAME = /\s*(?:[–—,:-]\s*|\s)(?:makes\s+)?(?<yield>[^–—,:-]*\d[^–—,:-]*)\z/i
      IN_BRACKETS = /\s*\((?<yield>[^()]*\d[^()]*)\)\s*\z/
      EATEN = /[\s,(–-]*\bserves\s+\d.*\z/i
      ASKING = /why|how|can|could|what|when|where|do|does|is|are/i
      CHATTER = /\A(?:#{ASKING}|these|this|those|jump|print|pin|save|you|i|we|hi|hello|hey|ok|okay|thanks?|only|\d+ (?:min|ingredients?))\b|\A(?:yes|no)[,.!]|\?\z|[»›]/i
      # "Sure! Fridge bars", "hiya love, the squares"
      GREETED = /\A(?:sure|hiya|hi|hello|hey|right|here(?:'s|’s|\sis|\syou\sgo|\sit\sis)?|as promised)(?:\s\p{L}+)?\s*[,!:.]+\s*(?=\p{L})/i
      MOST_TITLE_WORDS = 12

      private

      # The first heading of a card is its name, where nothing of it names a part.
      def title?(line)
        return false if !@draft.nameless? || @mode == :ingredients || line.text.match?(CHATTER)

        line.heading || !named_part?(line.text) || (@at.zero? && !amount_below?)
      end

      # "How we make the fudge:" heads nothing.
      def chatter?(line)
        line.text.match?(CHATTER) && RecipeWords.section(bare(line.text)).nil? && !named_part?(line.text) && !line.heading
      end

      # Short, and no sentence: "Nib bites." is a name, "Why you'll love them" is not.
      def title_like?(text) = !text.match?(CHATTER) && text.split.size <= (text.match?(/[.?]\z/) ? 4 : MOST_TITLE_WORDS)

      # "Peanut cups (20)" above a list of ingredients that stand each before its amount.
      def counted_title?(line) = @at.zero? && @draft.nameless? && line.text.match?(COUNTED) && matcher.one(line.text.sub(COUNTED, "")).nil?

      def counted_title(text)
        least, most = text.match(COUNTED).captures.compact.map(&:to_i)
        @draft.pieces(((least + (most || least)) / 2.0).round, text)
        @draft.title(text.sub(COUNTED, ""))
      end

      # "Slices - 16 squares" above everything, though squares of slices would read as an amount.
      def titled_yield?(text)
        return false if !@draft.nameless? || @draft.begun? || amount_first?(text)

        behind = BEHIND_NAME.match(text)
        !behind.nil? && behind.pre_match.split.size > 1 && !RecipeYield.of_title(behind[:yield]).nil? && behind[:yield].match?(/#{RecipeYield::NOUN}\s*\z/o)
      end

      # Takes a name, and what the card makes where that stands behind it.
      def entitle(text)
        text = text.sub(GREETED, "").sub(EATEN, "")
        behind = [IN_BRACKETS, BEHIND_NAME].lazy.filter_map { |pattern| pattern.match(text) }.first if text.match?(/\d/)
        made = behind && RecipeYield.of_title(behind[:yield])
        return @draft.title(text) unless made && behind.pre_match.match?(/\p{L}/)

        @draft.pieces(*made)
        @draft.title(behind.pre_match)
      end

      # What else stands on a line that says the yield: the card's name, in front of it or before a bracket.
      def named(field)
        words = field.sub(/\s*\([^)]*\)\s*\z/, "")
        return entitle($1) if !@draft.titled? && field =~ SAID_FIRST && title_like?($1)

        entitle(words.sub(TITLE, "")) if (field.match?(TITLE) || (!@draft.titled? && words != field)) && !RecipeYield.of(words)
      end
    end
  end
end
