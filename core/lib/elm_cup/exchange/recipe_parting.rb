# frozen_string_literal: true

module ElmCup
  module Exchange
    # How a line of several ingredients is parted into lines of one. For who knows what a line is by itself (RecipeKinds).
    module RecipeParting
      # "1/2 tsp each: cinnamon, ginger"
      EACH = /\A(?<amount>[^,:]*?)\s+each\s*(?::|of\b)?\s*(?<names>[^\d]+,[^\d]+|[^\d]+\s(?:and|&)\s[^\d]+)\z/i
      SEMICOLON = /\s*;\s*(?![^(]*\))/
      COMMA = /\s*,\s*(?:and\s+)?(?![^(]*\))/
      # "10 g salt / 20 g chopped peanuts", "1c oats - 1/2c pb - 1/4c maple"
      SLASH = %r{\s+/\s+(?=[\d½⅓⅔¼¾⅛])(?![^(]*\))}
      DASHES = /\s+[–—-]\s+/
      # "a little water, 1 tsp at a time"
      AT_A_TIME = /\A(?:a\s+(?:little|bit\s+of|splash\s+of)\s+)?(?<name>\p{L}[^,\d]*),?\s+(?<amount>\d[^,]*?)\s+at\s+a\s+time\b/i
      # What goes on with the amount behind it: "soaked in 60 ml water" is none of its own.
      JOINED = /(?<!\p{L})(?:in|into|with|w\/|and|plus|or|to|of|for|about|than|by|x)\z/i
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

        bare = text.split(RecipeAmounts::NEXT).map(&:strip)
        return bare if bare.size > 1 && bare.all? { |part| another?(part) && !part.match?(JOINED) }

        slowly = AT_A_TIME.match(text)
        return ["#{slowly[:amount]} #{slowly[:name].strip}, as needed"] if slowly

        parts = [SEMICOLON, SLASH, DASHES].lazy.map { |joint| text.split(joint) }
          .find { |each|
          each.size > 1 && (each.size > 2 || text.match?(SEMICOLON) || text.match?(SLASH)) && each.all? { |part|
            whole?(part.delete_suffix("."))
          }
        }
        parts ||= text.split(SEMICOLON)
        parts = in_commas(text) if parts.size == 1
        parts.reject(&:empty?).flat_map { |part| also(part.delete_suffix(".")) }.flat_map { |part| done_after(part) }.flat_map { |part| Quantity::Apart.of(part, method(:reading)) }
      end

      # "25 g butter, melt slow, add 80 g raspberries": what is done behind a comma may have amounts of its own.
      def done_after(text)
        head, joint, tail = text.partition(/,\s*(?=(?:and\s+|then\s+)?(?:#{RecipeWords::ROWS["verb"]})\b)/io)
        return [text] if joint.empty? || !amount_first?(head)

        told = told_amounts(tail)
        told.empty? ? [text] : [head, *told.map(&:text)]
      end

      # "200 g dates, 4 tbsp tahini, pinch of salt, blitzed smooth": what is no amount goes with what stands before it.
      def in_commas(text)
        parts = text.split(COMMA).flat_map { |part| also(part.delete_suffix(".")) }
        return parts if parts.size > 2 && parts.all? { |part| whole?(part) }

        grouped = parts.each_with_object([]) { |part, found|
          (found.any? && !another?(part)) ? found.push("#{found.pop}, #{part}") : found << part
        }
        (grouped.size > 1 && another?(parts.first) && parts.count { |part| another?(part) } == grouped.size) ? grouped : [text]
      end

      # An amount of something that is known, and not the one before it said again.
      def another?(part) = amount_first?(part) && !amount_alone?(part) && of_known?(part)

      # "2 cups oats and a handful of chips"
      def also(text)
        parts = text.split(ALSO)
        (parts.size > 1 && parts.all? { |part| amount_first?(part) && !amount_alone?(part) }) ? parts : [text]
      end
    end
  end
end
