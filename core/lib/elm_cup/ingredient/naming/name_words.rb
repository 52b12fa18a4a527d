# frozen_string_literal: true

module ElmCup
  module Ingredient
    module Naming
      # Brings a typed name to comparable words: small letters, no accents, singular, what is short written out.
      module NameWords
        KEEP = %w[molasses cocoa oats].freeze
        # short word => the words that it stands for: rows of abbreviations.csv
        SHORT = DataTable.rows("abbreviations").to_h { |row| [row["short"], row["words"].split] }.freeze
        # word of another language => what it is called in English: rows of doublets.csv
        DOUBLETS = DataTable.rows("doublets").to_h { |row| [row["word"], row["words"].split] }.freeze
        MEANT = DOUBLETS.merge(SHORT).freeze
        LETTERS = {"ø" => "o", "Ø" => "o", "æ" => "ae", "Æ" => "ae", "ß" => "ss"}.freeze

        # Texts without their accents: taking them off takes a while, and one line asks for it several times.
        PLAIN = BoundedCache.new(500)

        # "Crème fraîche, Cashews" => ["creme", "fraiche", "cashew"]
        def self.of(text)
          plain = text.ascii_only? ? text : PLAIN.fetch(text) { text.unicode_normalize(:nfkd).gsub(/\p{Mn}/, "").gsub(/[øØæÆß]/, LETTERS) }
          plain = plain.downcase.delete("'’")
          plain = plain.gsub(/(\d)\s+%/, '\1%') if plain.include?("%")
          plain.scan(/[a-z0-9%]+/).each_with_object([]) do |word, words|
            meant = MEANT[word]
            meant ? words.concat(meant.map { |each| singular(each) }) : words << singular(word)
          end
        end

        # One word without its plural: "berries" => "berry", "radishes" => "radish".
        def self.singular(word)
          return word unless word.end_with?("s")

          return word if word.length < 4

          case word
          when *KEEP, /(?:ss|us|is)\z/ then word
          when /ies\z/ then word.sub(/ies\z/, "y")
          when /(?:ch|sh|x)es\z/, /oes\z/ then word.delete_suffix("es")
          else word.delete_suffix("s")
          end
        end
      end
    end
  end
end
