# frozen_string_literal: true

module ElmCup
  module Proposal
    # Typed wishes of one formula.
    class WishDesk
      # The desk of a formula document (Hash), checked here.
      def self.of(document, library)
        Document::Schema.check(document)
        answer = Assessment.of(document.except("wishes"), library: library)
        new(answer, Assessment::Wished.new(answer, library), library, kept: document["wishes"] || [])
      end

      # The desk where there is no bowl yet, so that nothing can be more or less than it is.
      def self.without_bowl(library)
        answer = {"components" => [], "allergens" => [], "diets" => []}
        new(answer, Assessment::Wished.new(answer, library), library)
      end

      # answer: the assessment as a Hash; wished: Assessment::Wished of it; kept: texts of the wishes that there are.
      def initialize(answer, wished, library, kept: [])
        @answer = answer
        @wished = wished
        @library = library
        @kept = kept
        @matcher = Ingredient::LineResolver.matcher(library)
      end

      # The Balance::Wishes of a text as it is kept, or as people say it, several at once. WishReader::Unreadable with the mend where it is neither.
      def wishes(text) = Balance::Wish.formal?(text) ? [Balance::Wish.read(text)] : phrase.all(text)

      # [Balance::Wishes of the texts, each once, Faults at the places of what is none]. The block says what is wrong with a wish, nil for nothing.
      def gather(texts)
        faults = []
        read = texts.each_with_index.flat_map do |text, at|
          wishes(text).each { |wish| yield(wish, text)&.then { |message| faults << fault("/wishes/#{at}", message) } }
        rescue Balance::WishReader::Unreadable => error
          faults << fault("/wishes/#{at}", error.message)
          []
        end.uniq(&:text)
        faults << fault("/wishes", TOO_MANY % read.size) if read.size > Balance::Wish::MOST
        [read, faults]
      end

      TOO_MANY = "%d wishes are too many; #{Balance::Wish::MOST} is the most".freeze

      # What words mean, as a Hash: the first wish, what all of them are, and the wishes of the formula with them. component: the part that they are
      # said of, which they name where there are several. InvalidDocument where they mean none.
      def read(text, component: nil)
        said = wishes(text).map { |wish| named(wish, component) }
        all = said.reduce(@kept) { |kept, wish| with(kept, wish) }
        Document::Schema.refuse("/text", TOO_MANY % all.size) if all.size > Balance::Wish::MOST
        @wished.to_h(said.first).merge("said" => said.map { |wish| @wished.to_h(wish) }, "wishes" => all)
      rescue Balance::WishReader::Unreadable => error
        Document::Schema.refuse("/text", error.message)
      end

      private

      def fault(pointer, message) = InvalidDocument::Fault.new(pointer: pointer, message: message)

      # A new wish takes the place of those that are about the same.
      def with(kept, wish) = kept.reject { |text| wish.replaces?(Balance::Wish.read(text)) } + [wish.text]

      def named(wish, component)
        return wish if component.nil?

        Document::Schema.refuse("/component", "There is no component “#{component.to_s.scrub[0, 60]}”") unless names.include?(component)
        (names.size > 1 && wish.part.nil?) ? wish.of(component) : wish
      end

      def parts = @answer["components"] + (@answer["splits"] || [])

      def names = parts.map { |part| part["name"] }

      def phrase
        Balance::WishPhrase.new(parts: names, now: ->(row, part) { now(row.key, part) }, texture: ->(part) { now("texture", part) }, find: method(:find))
      end

      def now(key, part) = @wished.now(Balance::Wish.new(text: key, key: key, op: "=", value: 0.0, part: part))

      # What stands in the bowl comes before what is only like the name.
      def find(name)
        return name if @library[name]

        here = parts.flat_map { |part| part["lines"] + (part["topping"] || []) }.find { |line| line["text"]&.downcase&.include?(name) || line["name"]&.downcase == name }
        return here["ingredient"] if here && here["ingredient"]

        match = @matcher.match(name)
        match.entry.id if match.status == :read
      end
    end
  end
end
