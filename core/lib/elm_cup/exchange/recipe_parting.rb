# frozen_string_literal: true

module ElmCup
  module Exchange
    # How a line of several ingredients is parted into lines of one. For who knows what a line is by itself (RecipeKinds).
    module RecipeParting
      # "1/2 tsp each: cinnamon, ginger"
      EACH = /\A(?<amount>[^,:]*?)\s+each\s*(?::|of\b)?\s*(?<names>[^\d]+,[^\d]+|[^\d]+\s(?:and|&)\s[^\d]+)\z/i
      SEMICOLON = /\s*;\s*(?![^(]*\))/
      COMMA = /\s*,\s*(?:and\s+)?(?![^(]*\))/
      ALSO = /\s+and\s+(?=\d|[½⅓⅔¼¾⅛]|an?\s+(?:pinch|handful|dash|drop|few)\b)/i

      private

      # "Pumpkin seeds 75 g; almonds 100 g, chopped; sea salt, half a teaspoon", "honey 150 g, tahini 40 g, salt 2 g"
      def row?(text)
        [SEMICOLON, COMMA].any? do |joint|
          parts = text.split(joint)
          parts.size > 2 && parts.all? { |part| whole?(part.delete_suffix(".")) }
        end
      end

      # An amount and what it is of, in either order.
      def whole?(text) = (amount_first?(text) && !amount_alone?(text)) || amount_within?(text)

      # A line of several, "1 cup oats; 10 dates", "150 g chocolate + 1 tsp coconut oil", "a cup of nuts, half a cup of cocoa
      # and a pinch of salt", as lines of one.
      def several(text)
        if (each = EACH.match(text))
          return each[:names].split(/\s*,\s*(?:and\s+|&\s+)?|\s+(?:and|&)\s+/).reject(&:empty?).map { |name| "#{each[:amount]} #{name}" }
        end
        citrus = RecipeCitrus.apart(text)
        return citrus if citrus

        parts = text.split(SEMICOLON)
        commas = text.split(COMMA).flat_map { |part| also(part.delete_suffix(".")) }
        parts = commas if parts.size == 1 && commas.size > 2 && commas.all? { |part| whole?(part) }
        parts.reject(&:empty?).flat_map { |part| also(part.delete_suffix(".")) }.flat_map { |part| apart(part) }
      end

      # "2 cups oats and a handful of chips"
      def also(text)
        parts = text.split(ALSO)
        (parts.size > 1 && parts.all? { |part| amount_first?(part) && !amount_alone?(part) }) ? parts : [text]
      end

      def apart(text)
        fault = reading(text).fault
        return [text] unless fault&.code == :two_ingredients && fault.from.positive?

        [text[0...fault.from].sub(/[\s,]*(?:\+|&|and|plus|with)?\s*\z/i, ""), *apart(text[fault.from..])].reject(&:empty?)
      end
    end
  end
end
