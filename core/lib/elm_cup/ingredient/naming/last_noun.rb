# frozen_string_literal: true

module ElmCup
  module Ingredient
    module Naming
      # What a name is by the longest run of its words that ends it, "stone-ground almond butter" by "almond butter"; the words before it
      # are passed over where they change nothing of the food, and said.
      class LastNoun
        # words: of the run; passed: those before it.
        Run = Value.of(:words, :passed)

        # ends: NameEnds; library: for words that describe.
        def initialize(ends, library)
          @ends = ends
          @library = library
          @food_words = DataTable.rows("food_words").to_h { |row| [row["word"], true] }.freeze
          freeze
        end

        # Runs of `words` that may say what it is, longest first.
        def runs(words)
          (1...words.size).lazy.map { |from| Run.new(words: words.drop(from), passed: words.first(from)) }.select { |run| may?(run) }
        end

        # It changes the food, so that no name is read without it.
        def food_word?(word) = @food_words.key?(word)

        private

        def may?(run)
          unusual = run.passed.reject { |word| @library.descriptors.key?(word) }
          return false if unusual.any? { |word| food_word?(word) }

          unusual.empty? || @ends[run.words].map(&:family).uniq.size == 1
        end
      end
    end
  end
end
