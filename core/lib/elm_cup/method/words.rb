# frozen_string_literal: true

module ElmCup
  module Method
    # What a step is done to, in words.
    module Words
      MOST = 3

      # "the dates, the almonds and the salt" of Ingredient::Lines, the heaviest first; of many, the first and the rest.
      def self.of(lines)
        names = lines.select(&:read?).sort_by { |line| -line.grams }.map { |line| "the #{line.entry.name.sub(/\A[[:upper:]](?=[[:lower:]])/, &:downcase)}" }
        list(names.uniq)
      end

      # "a, b and c".
      def self.list(names)
        names = [*names.first(MOST - 1), "the rest"] if names.size > MOST
        (names.size < 2) ? names.join : "#{names[0...-1].join(", ")} and #{names.last}"
      end
    end
  end
end
