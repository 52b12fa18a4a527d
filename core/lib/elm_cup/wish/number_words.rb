# frozen_string_literal: true

module ElmCup
  module Wish
    # Numbers as people write them out in a wish: "two dozen", "thirty pieces".
    module NumberWords
      NUMBERS = %w[two three four five six seven eight nine ten eleven twelve].each_with_index.to_h { |word, at| [word, at + 2] }
        .merge("fifteen" => 15, "sixteen" => 16, "eighteen" => 18, "twenty" => 20, "thirty" => 30, "forty" => 40, "fifty" => 50,
          "sixty" => 60, "a hundred" => 100).freeze
      DOZEN = /\b(?:(?<half>half a)|(?<count>\d+|a|#{NUMBERS.keys.join("|")}))\s+dozens?\b(?<rest>\s+\S.*)?\z/
      ANY = /\b(?:#{NUMBERS.keys.join("|")})\b/

      # The words in figures; dozens of nothing are of pieces.
      def self.to_figures(words)
        words.sub(DOZEN) { "#{dozens($~)}#{$~[:rest] || " pieces"}" }.gsub(ANY) { |word| NUMBERS[word].to_s }
      end

      def self.dozens(match)
        return 6 if match[:half]

        12 * ((match[:count] == "a") ? 1 : NUMBERS.fetch(match[:count]) { match[:count].to_i })
      end
      private_class_method :dozens
    end
  end
end
