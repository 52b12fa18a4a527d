# frozen_string_literal: true

module ElmCup
  module Exchange
    # Which line of a pasted recipe is its name. For RecipeText, which knows the lines, the place and what was read so far.
    module RecipeTitles
      # "Seed bars. Makes 12."
      SAID_FIRST = /\A([^.:]+)\.\s+(?:makes|yields?|serves)\b/i
      # "Fudge (16)": a name and how many.
      COUNTED = /\s*\((\d{1,3})\)\z/
      TITLE = /\A(?:recipe(?: for)?|title|name|subject)\s*:\s*/i
      # What a page says around its recipe.
      ASKING = /why|how|can|could|what|when|where|do|does|is|are/i
      CHATTER = /\A(?:#{ASKING}|these|this|those|jump|print|pin|save|you|i|we|hey|only|\d+ (?:min|ingredients?))\b|\A(?:yes|no)[,.!]|\?\z|[»›]/i
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
        @draft.pieces(text[COUNTED, 1].to_i, text)
        @draft.title(text.sub(COUNTED, ""))
      end

      # What else stands on a line that says the yield: the card's name, in front of it or before a bracket.
      def named(field)
        words = field.sub(/\s*\([^)]*\)\s*\z/, "")
        return @draft.title($1) if !@draft.titled? && field =~ SAID_FIRST && title_like?($1)

        @draft.title(words.sub(TITLE, "")) if (field.match?(TITLE) || (!@draft.titled? && words != field)) && !RecipeYield.of(words)
      end
    end
  end
end
