# frozen_string_literal: true

module ElmCup
  module Proposal
    # Typed wishes of one formula document.
    class WishDesk
      # document: a Hash, checked here.
      def initialize(document, library)
        @library = library
        @answer = Assessment.of(document.except("wishes"), library: library)
        @wished = Assessment::Wished.new(@answer, library)
        @matcher = Ingredient::LineResolver.matcher(library)
      end

      # The wish that typed words mean, as a Hash: wish, words, now, met. InvalidDocument with the mend where they mean none.
      def read(text)
        @wished.to_h(phrase.read(text))
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
