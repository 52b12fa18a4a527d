# frozen_string_literal: true

module ElmCup
  module Proposal
    # Typed wishes of one formula.
    class WishDesk
      # The desk of a formula document (Hash), checked here.
      def self.of(document, library)
        answer = Assessment.of(document.except("wishes"), library: library)
        new(answer, Assessment::Wished.new(answer, library), library)
      end

      # answer: the assessment as a Hash; wished: Assessment::Wished of it.
      def initialize(answer, wished, library)
        @answer = answer
        @wished = wished
        @library = library
        @matcher = Ingredient::LineResolver.matcher(library)
      end

      # The Balance::Wish that typed words mean. WishReader::Unreadable with the mend where they mean none.
      def wish(text) = phrase.read(text)

      # The same as a Hash: wish, words, now, met. InvalidDocument where they mean none.
      def read(text)
        @wished.to_h(wish(text))
      rescue Balance::WishReader::Unreadable => error
        Document::Schema.refuse("/text", error.message)
      end

      private

      def phrase
        Balance::WishPhrase.new(parts: (@answer["components"] + (@answer["splits"] || [])).map { |part| part["name"] },
          now: ->(row, part) { @wished.now(Balance::Wish.new(text: row.key, key: row.key, op: "=", value: 0.0, part: part)) }, find: method(:find))
      end

      # What stands in the bowl comes before what is only like the name.
      def find(name)
        return name if @library[name]

        here = @answer["components"].flat_map { |part| part["lines"] }.find { |line| line["text"]&.downcase&.include?(name) || line["name"]&.downcase == name }
        return here["ingredient"] if here && here["ingredient"]

        match = @matcher.match(name)
        match.entry.id if match.status == :read
      end
    end
  end
end
