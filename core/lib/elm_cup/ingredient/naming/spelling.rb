# frozen_string_literal: true

require "did_you_mean"

module ElmCup
  module Ingredient
    module Naming
      # Finds the names that are spelt nearly like a typed one.
      class Spelling
        # Under this share of its letters a word is another word.
        LEAST_ALIKE = 0.7
        # Slips of the finger seldom change the first letter.
        OTHER_FIRST_LETTER = 0.9
        # Shorter words must be the same, except that one on its own is guessed at when one letter is off.
        SHORT = 5
        SHORT_GUESS = 0.7
        NONE = {}.freeze

        # A name: its number among all, its words, its letters counted, what it means.
        Name = Value.of(:number, :words, :letters, :entry)
        # A known word with a bit for each of its letters.
        Word = Value.of(:text, :bits)

        # names: [words, Entry] pairs.
        def initialize(names)
          @names_with = Hash.new { |index, word| index[word] = [] }
          names.each_with_index do |(words, entry), number|
            name = Name.new(number: number, words: words, letters: words.sum(&:length), entry: entry)
            words.uniq.each { |word| @names_with[word] << name }
          end
          @by_length = @names_with.keys.map { |word| Word.new(text: word, bits: bits_of(word)) }.group_by { |word| word.text.length }.freeze
          @names_with.default = nil
          @names_with.freeze
          freeze
        end

        # [Entry, likeness 0 to 1] of every entry with a name that shares or nearly shares a word, best first.
        def like(words)
          likes = words.map { |word| (words.size == 1 && word.length < SHORT) ? short_likes(word) : likes(word) }
          letters = words.sum(&:length)
          scores = Hash.new(0.0)
          likes.flat_map(&:keys).uniq.flat_map { |word| @names_with[word] }.uniq(&:number).each do |name|
            scores[name.entry] = [scores[name.entry], likeness(words, likes, letters, name)].max
          end
          scores.sort_by { |entry, score| [-score, entry.id] }
        end

        private

        # 1 for the same words, less for each letter that differs and each word that has no partner.
        def likeness(words, likes, letters, name)
          matched = words.each_with_index.sum { |word, at| (name.words.filter_map { |other| likes[at][other] }.max || 0) * word.length }
          [matched / [letters, name.letters].max.to_f, 1.0].min
        end

        # Known words that `word` may be, with how much they are alike.
        def likes(word)
          return @names_with.key?(word) ? {word => 1.0} : NONE if word.length < SHORT

          bits = bits_of(word)
          (word.length * 3 / 4..word.length * 4 / 3 + 1).flat_map { |length| @by_length.fetch(length, []) }
            .each_with_object({}) do |other, found|
            like = alike(word, other, bits ^ other.bits)
            found[other.text] = like if like >= LEAST_ALIKE
          end
        end

        # Words differ by a quarter of their letters at most; where too many letters stand in one only, they are not compared.
        def alike(word, other, differing)
          return 1.0 if word == other.text

          longest = [word.length, other.text.length].max
          return 0.0 if (word.length - other.text.length).abs > longest / 4 || differing.digits(2).sum > 0.6 * longest

          like = 1.0 - DidYouMean::Levenshtein.distance(word, other.text).to_f / longest
          (word[0] == other.text[0]) ? like : like * OTHER_FIRST_LETTER
        end

        def short_likes(word)
          near = (word.length - 1..word.length + 1).flat_map { |length| @by_length.fetch(length, []) }
            .select { |other| DidYouMean::Levenshtein.distance(word, other.text) == 1 }.to_h { |other| [other.text, SHORT_GUESS] }
          @names_with.key?(word) ? near.merge(word => 1.0) : near
        end

        def bits_of(word) = word.each_byte.reduce(0) { |bits, byte| bits | 1 << (byte & 31) }
      end
    end
  end
end
