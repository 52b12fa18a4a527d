# frozen_string_literal: true

require "did_you_mean"

module ElmCup
  module Ingredient
    module Naming
      # Every word that stands in a name or describes one, and the one that a misspelt word is meant as.
      class KnownWords
        # Shorter words are taken as they are typed; a little shorter ones too, unless they stand beside known ones.
        SHORT = 5
        BESIDE_KNOWN = 4
        # So many letters of a word may be off for each that is.
        LETTERS_A_SLIP = 4
        # Words that were looked for lately.
        KEPT = 2_000

        # words: those of names, that can be meant; others: those that are known and never meant by a slip.
        def initialize(words, others)
          @known = (words + others).to_h { |word| [word, true] }.freeze
          @meant = words.uniq.reject { |word| word.length < BESIDE_KNOWN || word.match?(/\d/) }.group_by(&:length).freeze
          @found = BoundedCache.new(KEPT)
        end

        # It is known as it stands.
        def known?(word) = @known.key?(word)

        # The known word that it is a slip of; nil where there is none, or more than one is as near. beside: known words stand by it.
        def meant(word, beside: false)
          return if known?(word) || word.length < (beside ? BESIDE_KNOWN : SHORT) || word.match?(/\d/)

          @found.fetch(word) { nearest(word) }
        end

        private

        def nearest(word)
          most = [word.length / LETTERS_A_SLIP, 1].max
          near = (word.length - most..word.length + most).flat_map { |length| @meant.fetch(length, []) }
            .filter_map { |other| slips(word, other, most) }
          least = near.map(&:last).min
          best = near.select { |_, slips| slips == least }
          best.first.first if best.size == 1
        end

        # [other, how many letters are off], counted more where the first letter is another; nil for too many.
        def slips(word, other, most)
          return if (letters(word) - letters(other)).size > most

          count = swapped?(word, other) ? 1 : DidYouMean::Levenshtein.distance(word, other)
          count += 0.5 unless word[0] == other[0]
          [other, count] if count <= most
        end

        def letters(word) = word.chars.uniq

        # Two letters next to each other changed places.
        def swapped?(word, other)
          return false unless word.length == other.length

          off = word.length.times.reject { |at| word[at] == other[at] }
          off.size == 2 && off[1] == off[0] + 1 && word[off[0]] == other[off[1]] && word[off[1]] == other[off[0]]
        end
      end
    end
  end
end
