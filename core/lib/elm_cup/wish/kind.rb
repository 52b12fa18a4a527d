# frozen_string_literal: true

module ElmCup
  module Wish
    # One thing that the cook wants. A subclass is a kind of wish; it registers the keys that it is for as soon as it is loaded.
    #   text   as it is kept        key    "texture", "diet", "lock", "without" or a Key's
    #   op     "=", "<=", ">=", ":"     value  a texture, diet or ingredient id, an allergen, or a Float
    #   part   the name of the component it is said of, nil for none
    #
    # A kind says by itself
    #   fault               [code, facts] of what is wrong with one as it was typed, nil for nothing
    #   now(assessment)     the figure or texture as it is, nil for none     met?(assessment)  whether it is granted
    #   waits(assessment)   a Fault that says why it cannot be judged, nil where it can
    #   words(library)      as a cook says it
    # and, where it says something of the sums of a bowl rather than of single lines,
    #   constrain(problem)  adds to a Balance::Problem what must hold       in_sums(situation, rows, grams)  its figure by those sums
    #   tighten(…)          what to go by after the sums came out otherwise than the assessment
    class Kind < Value.of(:text, :key, :op, :value, part: nil)
      KINDS = {}
      # How a wish is written: by a bound or an equals sign, or by a colon where it names a thing.
      SIGNS = {"<" => "<=", ">" => ">=", "≤" => "<=", "≥" => ">="}.freeze

      class << self
        # key => class of every kind that is built.
        def kinds = KINDS

        # Registers the class for keys.
        def for_keys(*keys) = keys.each { |key| KINDS[key] = self }

        # Keys of all kinds.
        def keys = KINDS.keys

        # It may be said of one component.
        def of_part? = false

        # The sign that it is written with.
        def sign = "="
      end

      # What is wrong with it as it was typed, as [code, facts]; nil for nothing.
      def fault
        sign = self.class.sign
        return [:wish_sign, {text: text, key: key, sign: sign}] unless op == sign

        [:wish_names_nothing, {text: text}] if value.empty?
      end

      # Itself, once it was found to be one.
      def finished = self

      # The figure's Key, nil for no figure.
      def row = nil

      # A line stays as it is for it.
      def lock? = false

      # It keeps the size of a piece.
      def size_lock? = false

      # It sets the size of the batch.
      def size? = false

      # A bowl that is not made yet must say how large a piece is before it can be wished for.
      def needs_shape? = false

      # Its figure is a number of pieces.
      def in_pieces? = false

      # It is said of a part's texture.
      def texture? = false

      # It keeps the Ingredient::Entry as it is in the component of that name.
      def locks?(_entry, _component) = false

      # The Ingredient::Entry, heated or not, cannot be in a bowl that grants it.
      def forbids?(_entry, heated: false) = false

      # The Ingredient::Entry is what it names, by id, by what it is like or by an allergen.
      def names?(entry) = [entry.id, entry.like, *entry.allergens].include?(value)

      # It is about the same thing as `other`, so that a cook who says it means it instead. Diets, locks and what must go pile up.
      def replaces?(other) = text == other.text

      # More of what sets firm may grant it.
      def wants_firm? = false

      # The same wish said of the component `name`; where it cannot be, the wish itself.
      def of(name) = self.class.of_part? ? with(part: name, text: "#{name}.#{text.delete_prefix("#{part}.")}") : self

      # The figure or texture as it is; nil where it has none.
      def now(_assessment) = nil

      # The same as it is said.
      def now_said(assessment) = now(assessment)

      # A Fault that says why it cannot be judged of an Assessment; nil where it can.
      def waits(assessment)
        return Fault.at("", :no_component, name: part) if part && assessment.part(part).nil?

        now(assessment).nil? ? missing(assessment) : nil
      end

      # A Fault of a wish that names what the library does not know; nil for none.
      def unknown_name(_library) = nil

      # "dough: rolls"
      def words(library) = part ? "#{part}: #{plain_words(library)}" : plain_words(library)

      # What it says of the sums of a bowl: nothing, unless its kind does.
      def constrain(problem)
      end

      # Its figure by the sums of a Balance::Situation at `grams`; nil for none.
      def in_sums(_situation, _rows, _grams) = nil

      # The Balance::Ratio that it bounds; nil for none.
      def ratio(_rows) = nil

      # Other wishes that it could give way to, the nearest first; nil where its price is a figure, or nothing.
      def alternatives = nil

      # The same wish with what it gives way to.
      def relaxed_to(other) = with(value: other, text: text.sub(/=.*\z/m, "=#{other}"))

      # How its bounds come in after an answer missed it: a Balance::Correction. before: the one there was; seen: the Assessment of the
      # answer; sums: Balance::Sums of the Problem (its situation, rows and grams at the answer).
      def tighten(before, seen, sums) = before

      private

      # Why there is no figure, as a Fault; nil where none is needed.
      def missing(_assessment) = nil

      # The words without the part that it is said of.
      def plain_words(_library) = value
    end
  end
end
