# frozen_string_literal: true

module ElmCup
  module Wish
    # Reads a wish as it is kept; says what is wrong with one that is none.
    module Parser
      # Keys that are named first where all are listed.
      FIRST = %w[texture diet lock without].freeze
      GRAMMAR = /\A(?:(?<part>.+)\.)?(?<key>[a-z_]+)\s*(?<op><=|>=|=|<|>|≤|≥|:)\s*(?<value>.*)\z/m

      # The wish. Unreadable, with the mend, where the text is none.
      def self.read(text)
        plain = text.to_s.scrub.strip
        too_long(plain) if plain.length > LONGEST
        match = GRAMMAR.match(plain) or Unreadable.because(:no_wish, text: plain[0, 60])
        kind = Kind.kinds[match[:key]] or refuse_key(match[:key])
        finished(kind.new(text: plain, key: match[:key], op: Kind::SIGNS.fetch(match[:op], match[:op]), value: match[:value].strip,
          part: match[:part]))
      end

      # The text is written as wishes are kept, well or badly; else it may be words.
      def self.formal?(text)
        key = GRAMMAR.match(text.to_s.scrub.strip)&.[](:key)
        !key.nil? && Kind.kinds.key?(key)
      end

      # Raises what is said of a text that no wish is as long as.
      def self.too_long(text) = Unreadable.because(:wish_too_long, text: text[0, 40], most: LONGEST)

      class << self
        private

        def finished(wish)
          Unreadable.because(:wish_of_whole, text: wish.text, key: wish.key, part: wish.part) if wish.part && !wish.class.of_part?
          code, facts = wish.fault
          code ? Unreadable.because(code, **facts) : wish.finished
        end

        def known = FIRST & Kind.keys | Key.all.map(&:key) & Kind.keys | Kind.keys

        def refuse_key(key) = Unreadable.because(:wish_unknown, key: key, keys: known.join(", "))
      end
    end
  end
end
