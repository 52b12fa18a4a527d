# frozen_string_literal: true

module ElmCup
  module Balance
    # Typed wishes of one formula.
    class WishDesk
      # What words mean: the wishes that were said, the texts of all wishes of the formula with them, the desk's assessment and library.
      Reading = Value.of(:said, :wishes, :assessment, :library) do
        # A Wish::State of each that was said.
        def states = said.map { |wish| Wish::State.of(wish, assessment, library) }
      end

      # The desk of a formula document (Hash), checked here.
      def self.of(document, library)
        Document::Schema.check(document)
        new(Assessment.of(document.except("wishes"), library: library), library, kept: document["wishes"] || [])
      end

      # The desk where there is no bowl yet.
      def self.without_bowl(library) = new(NoBowl.new, library)

      # assessment: Assessment or NoBowl; kept: texts of the wishes that there are.
      def initialize(assessment, library, kept: [])
        @assessment = assessment
        @library = library
        @kept = kept
      end

      # The wishes of a text as it is kept, or as people say it, several at once. Wish::Unreadable with the mend where it is neither.
      def wishes(text) = Wish::Parser.formal?(text) ? [Wish.read(text)] : phrase.all(text)

      # [wishes of the texts, each once, Faults at the places of what is none]. The block gives a Fault of a wish, nil for nothing.
      def gather(texts)
        faults = []
        read = texts.each_with_index.flat_map do |text, at|
          wishes(text).each { |wish| yield(wish, text)&.then { |fault| faults << fault.below("/wishes/#{at}") } }
        rescue Wish::Unreadable => error
          faults << error.faults.first.below("/wishes/#{at}")
          []
        end.uniq(&:text)
        faults << Fault.at("/wishes", :too_many_wishes, count: read.size, most: Wish::MOST) if read.size > Wish::MOST
        [read, faults]
      end

      # The Reading of words. component: the part that they are said of, which they name where there are several. InvalidDocument where
      # they mean nothing.
      def read(text, component: nil)
        said = wishes(text).map { |wish| named(wish, component) }
        all = said.reduce(@kept) { |kept, wish| with(kept, wish) }
        InvalidDocument.refuse("/text", :too_many_wishes, count: all.size, most: Wish::MOST) if all.size > Wish::MOST
        Reading.new(said: said, wishes: all, assessment: @assessment, library: @library)
      rescue Wish::Unreadable => error
        raise InvalidDocument.new(error.faults.map { |fault| fault.below("/text") })
      end

      private

      # A new wish takes the place of those that are about the same.
      def with(kept, wish) = kept.reject { |text| wish.replaces?(Wish.read(text)) } + [wish.text]

      def named(wish, component)
        return wish if component.nil?

        InvalidDocument.refuse("/component", :no_component, name: component.to_s.scrub[0, 60]) unless names.include?(component)
        (names.size > 1 && wish.part.nil?) ? wish.of(component) : wish
      end

      def names = @assessment.judged_parts.map(&:name)

      def phrase
        Wish::Phrase.new(parts: names, now: ->(row, part) { now(row.key, part) }, texture: ->(part) { now("texture", part) },
          find: method(:find))
      end

      def now(key, part) = Wish::Kind.kinds.fetch(key).new(text: key, key: key, op: "=", value: 0.0, part: part).now(@assessment)

      # What stands in the bowl comes before what is only like the name.
      def find(name)
        return name if @library[name]

        here = @assessment.parts.flat_map(&:lines)
          .find { |line| line.label.downcase.include?(name) || (line.read? && line.entry.name.downcase == name) }
        return here.entry.id if here&.read?

        match = @library.matcher.match(name)
        match.entry.id if match.status == :read && match.confidence > Ingredient::Naming::Matcher::BY_NOUN
      end
    end
  end
end
