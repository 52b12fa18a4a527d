# frozen_string_literal: true

module ElmCup
  module Ingredient
    # A time said in a line: "soaked 1 h", "for 10 minutes", "overnight".
    module Duration
      NUMBER = /(\d+\s?[½¼¾]|\d+(?:[.,]\d+)?(?:\s+\d\/\d)?|\d\/\d|[½¼¾]|an?|half\s+an?|one|two|three|four|six|eight|ten|twelve)/i
      TIME = /#{NUMBER}(?:\s*(?:-|–|to)\s*(\d+))?\s*(h|hrs?|hours?|min|mins|minutes?)\b/i
      OVERNIGHT = /\bovernight\b/i
      NIGHT_MINUTES = 480
      WORDS = {"a" => 1, "an" => 1, "one" => 1, "two" => 2, "three" => 3, "four" => 4, "six" => 6, "eight" => 8, "ten" => 10,
               "twelve" => 12}.freeze
      FRACTIONS = {"½" => " 1/2", "¼" => " 1/4", "¾" => " 3/4"}.freeze

      # Minutes that `text` says, the middle of a range; nil where it says none.
      def self.minutes(text)
        return NIGHT_MINUTES if text.match?(OVERNIGHT)

        said = TIME.match(text) or return
        number = number(said[1].downcase)
        number = (number + said[2].to_f) / 2 if said[2]
        number * (said[3].downcase.start_with?("h") ? 60 : 1)
      end

      # "1 h", "90 min": minutes as a cook writes them.
      def self.text(minutes)
        return "#{minutes.round} min" if minutes < 60 || minutes % 30 != 0

        "#{(minutes / 60.0).round(1).to_s.delete_suffix(".0")} h"
      end

      def self.number(word)
        return WORDS[word] if WORDS.key?(word)
        return 0.5 if word.start_with?("half")

        word.gsub(/[½¼¾]/, FRACTIONS).tr(",", ".")
          .split.sum { |part| part.include?("/") ? part.split("/").map(&:to_f).reduce(:/) : part.to_f }
      end
      private_class_method :number
    end
  end
end
