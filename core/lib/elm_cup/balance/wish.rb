# frozen_string_literal: true

module ElmCup
  module Balance
    # One thing that the cook wants: "texture=rolls", "dough.texture=rolls", "free_sugars<=3", "diet=vegan", "lock:tahini", "without:peanut".
    #   text   as it is kept        key    "texture", "diet", "lock", "without" or one of WishKey
    #   op     "=", "<=", ">=", ":"     value  a texture, diet or ingredient id, an allergen, or a Float
    #   part   the name of the component it is said of, nil for none
    Wish = Value.of(:text, :key, :op, :value, part: nil) do
      self::MOST = 24
      # Characters of one.
      self::LONGEST = 160
      self::GRAMMAR = /\A(?:(?<part>.+)\.)?(?<key>[a-z_]+)\s*(?<op><=|>=|=|<|>|≤|≥|:)\s*(?<value>.*)\z/m
      self::SAME = {"<" => "<=", ">" => ">=", "≤" => "<=", "≥" => ">="}.freeze
      self::PLAIN = %w[texture diet lock without].freeze
      # Figures of the product that no model here reckons yet.
      self::NOT_BUILT = %w[holds_to_c water_activity firmness].freeze
      self::NUMBER = /\A\d{1,7}(?:[.,]\d{1,6})?\z/

      # The Wish of `text`. Unreadable, with the mend, where it is none.
      def self.read(text) = WishReader.read(text)

      # The text is written as wishes are kept, well or badly; else it may be words.
      def self.formal?(text) = self::GRAMMAR.match(text.to_s.scrub.strip).then { |match| !match.nil? && (WishKey[match[:key]] || [*self::PLAIN, *self::NOT_BUILT].include?(match[:key])) }

      # First and last texture of "texture=presses..rolls"; twice the same where one is named.
      def textures = value.split("..").values_at(0, -1)

      # A figure is wished for.
      def figure? = !WishKey[key].nil?

      # The figure's WishKey, nil for none.
      def row = WishKey[key]

      # The Ingredient::Entry is what it names, by id, by what it is like or by an allergen.
      def names?(entry) = [entry.id, entry.like, *entry.allergens].include?(value)

      # The Ingredient::Entry, heated or not, cannot be in a bowl that grants it. Low net carbohydrate is the whole bowl's, not a line's.
      def forbids?(entry, heated: false)
        return key == "without" && names?(entry) unless key == "diet"

        value != Mixture::Diets::LOW && (entry.breaks?(value) || (heated && value == Mixture::Diets::RAW))
      end

      # It keeps the Ingredient::Entry as it is in the component of that name.
      def locks?(entry, component) = key == "lock" && (part.nil? || part == component) && names?(entry)

      # It is about the same thing as `other`, so that a cook who says it means it instead: the texture of a part, one end of one figure.
      # Diets, locks and what must go pile up.
      def replaces?(other)
        return text == other.text unless figure? || key == "texture"

        [key, op, part] == [other.key, other.op, other.part]
      end

      # The same wish said of the component `name`; where it cannot be, the wish itself.
      def of(name) = (%w[texture lock].include?(key) || row&.of == "part") ? with(part: name, text: "#{name}.#{text.delete_prefix("#{part}.")}") : self

      # It sets the size of the batch.
      def size? = figure? && row.of == "batch"

      # The same wish with another bound, text and all.
      def at(number) = with(value: number, text: text.sub(/(<=|>=|=|<|>|≤|≥).*\z/m) { $1 + self.class.number(number) })

      # A number as it stands in a wish: no more decimals than it needs.
      def self.number(value) = format("%.6f", value).sub(/\.?0+\z/, "")
    end

    # Reads a wish; says what is wrong with one that is none.
    module WishReader
      # A text that is no wish.
      class Unreadable < Error; end

      def self.read(text)
        plain = text.to_s.scrub.strip
        refuse(too_long(plain)) if plain.length > Wish::LONGEST
        match = Wish::GRAMMAR.match(plain) or refuse("“#{plain[0, 60]}” is no wish; write one such as texture=rolls, kcal<=90, diet=vegan or without:peanut")
        wish = Wish.new(text: plain, key: match[:key], op: Wish::SAME.fetch(match[:op], match[:op]), value: match[:value].strip, part: match[:part])
        fault = fault(wish)
        fault ? refuse(fault) : finished(wish)
      end

      # What is said of a text that no wish is as long as.
      def self.too_long(text) = "“#{text[0, 40]}…” is too long for a wish; #{Wish::LONGEST} characters are the most"

      class << self
        private

        def refuse(message) = raise(Unreadable, message)

        def finished(wish) = wish.figure? ? wish.with(value: wish.value.tr(",", ".").to_f) : wish

        def fault(wish)
          return "“#{wish.key}” belongs to a part that is not built yet; take it out" if Wish::NOT_BUILT.include?(wish.key)
          return unknown(wish) unless wish.figure? || Wish::PLAIN.include?(wish.key)
          return "“#{wish.text}”: #{wish.key} is said of the whole; take “#{wish.part}.” out" if wish.part && !(wish.row&.of == "part" || %w[texture lock].include?(wish.key))

          wish.figure? ? figure_fault(wish) : plain_fault(wish)
        end

        def unknown(wish)
          "“#{wish.key}” is nothing that can be wished for; there are #{(Wish::PLAIN + WishKey::ALL.keys).join(", ")}"
        end

        def plain_fault(wish)
          colon = %w[lock without].include?(wish.key)
          return "“#{wish.text}”: write #{wish.key}#{colon ? ":" : "="}…" unless wish.op == (colon ? ":" : "=")
          return "“#{wish.text}” names nothing" if wish.value.empty?
          return if colon

          (wish.key == "texture") ? texture_fault(wish) : unlisted(wish, Mixture::Diets::ALL, [wish.value])
        end

        def unlisted(wish, known, said) = ("“#{(said - known).first}” is no #{wish.key}; there are #{known.join(", ")}" unless (said - known).empty?)

        def texture_fault(wish)
          all = Binding::Texture::ALL
          unlisted(wish, all, wish.value.split("..", -1)) ||
            ("“#{wish.text}”: name one texture, or two from the drier to the wetter" if wish.value.split("..").size > 2 || all.index(wish.textures.first) > all.index(wish.textures.last))
        end

        def figure_fault(wish)
          row = wish.row
          return "“#{wish.text}”: write #{wish.key} with <=, >= or =" if wish.op == ":"
          return "“#{wish.text}”: “#{wish.value[0, 20]}” is no number from 0 up" unless wish.value.match?(Wish::NUMBER)

          value = wish.value.tr(",", ".").to_f
          return "“#{wish.text}”: #{row.name} is taken up to #{Wish.number(row.most)}" if value > row.most
          return "“#{wish.text}”: a number of pieces is a whole one, from 1" if wish.key == "pieces" && (value < 1 || value % 1 != 0)

          "“#{wish.text}”: a batch weighs more than nothing" if wish.key == "grams" && !value.positive?
        end
      end
    end
  end
end
