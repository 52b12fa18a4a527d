# frozen_string_literal: true

module ElmCup
  module Exchange
    # A lemon whose zest and juice both go in, on one line: "zest and juice of 1 lemon", "2 limes (zest + juice)", "1 lime, finely
    # grated zest and 2 tbsp juice".
    module RecipeCitrus
      FRUIT = /(?<fruit>lemons?|limes?|oranges?|grapefruits?|clementines?|mandarins?)/i
      COUNT = /(?<count>\d+(?:\s*\/\s*\d+)?|[½¼¾]|an?|one|two|three|half an?)/i
      PART = /(?:(?:finely\s+)?grated\s+)?(?:zest|rind|peel)/i
      JOINT = /\s*(?:\+|&|,|and|plus)\s*/i
      OF = /\A(?:the\s+)?(?:#{PART}#{JOINT}(?:the\s+)?juice|juice#{JOINT}(?:the\s+)?#{PART})\s+(?:of|from)\s+#{COUNT}\s+(?:large\s+|small\s+|medium\s+)?#{FRUIT}\b/i
      BEHIND = /\A#{COUNT}\s+(?:large\s+|small\s+|medium\s+)?#{FRUIT}[\s,(:–-]+(?:#{PART}#{JOINT}juice|juice#{JOINT}#{PART})(?:d|s)?\b/i
      MEASURED = /\A#{COUNT}\s+(?:large\s+|small\s+|medium\s+)?#{FRUIT}[\s,(:–-]+#{PART}#{JOINT}(?<juice>\d.*?)\s+(?:of\s+)?(?:the\s+)?juice\)?\z/i

      # The two lines it stands for, nil for any other line.
      def self.apart(text)
        if (found = OF.match(text) || BEHIND.match(text)) then ["zest of #{whole(found)}", "juice of #{whole(found)}"]
        elsif (found = MEASURED.match(text)) then ["zest of #{whole(found)}",
          "#{found[:juice]} #{found[:fruit].downcase.delete_suffix("s")} juice"]
        end
      end

      def self.whole(found) = "#{found[:count]} #{found[:fruit]}"
      private_class_method :whole
    end
  end
end
