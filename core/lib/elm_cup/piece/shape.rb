# frozen_string_literal: true

module ElmCup
  module Piece
    # How a bowl becomes pieces. One class a kind; it registers itself when it is loaded, and nobody asks an object what kind it is.
    #
    # A kind says by itself (each where it differs from here):
    #   self.usual, self.ways, self.called     the usual one, its Ways, and what one and many are called
    #   from_said(said)                  its values of a checked Hash, and `said` the Hash again
    #   want                             the texture that cooks aim at for it, nil where its parts say
    #   fixed_count                      the number of pieces where that is fixed, else nil; `with_count` sets it
    #   fixed_grams                      grams of one where those are fixed, else nil
    #   yield_of(bowl, count:, whole:)   its Yield of a Mixture::Bowl
    #   pieces_per_gram(ml_per_gram)     how many pieces a gram gives, for Balance; nil where the number is fixed
    #   scaled(factor)                   the shape of a batch so many times as large
    #   remade(pieces:, piece_grams:, apart:)  the shape of so many pieces of so many grams
    class Shape
      SCHEMA = "formula.schema.json"
      KINDS = {}
      # What was found good lately.
      GOOD = BoundedCache.new(100)

      class << self
        # id => class of every kind that is built.
        def kinds = KINDS

        # Registers the class under the id that documents name it by.
        def kind(id)
          KINDS[id] = self
          define_singleton_method(:id) { id }
        end

        # The Shape of a checked Hash of a document.
        def from(said) = kinds.fetch(said["kind"]).new(said)

        # The shape of a formula that says none, where one is needed; each kind says its own.
        def usual = kinds.values.first.usual

        # "1 ball", "24 balls"; `called`: what one is called, and several.
        def counted(number) = "#{number} #{called[(number == 1) ? 0 : 1]}"

        # So many pieces of it, as a document has it.
        def of_count(count) = usual.with_count(count).said

        # Faults of what a document says of its shape, at `pointer`; whole: what the document is, in words.
        def faults(said, pointer, whole: "a formula")
          return [Fault.at(pointer, :not_object, given: JsonFaults.name_of(said))] unless said.is_a?(Hash)
          return [Fault.at(pointer, :missing_keys, keys: "“kind”")] unless said.key?("kind")

          chosen = kinds[said["kind"]] or return [unknown(said["kind"], "#{pointer}/kind")]
          return [] if GOOD.fetch(said) { chosen.schema.valid?(said) }

          JsonFaults.of(chosen.schema, said, pointer, whole: whole) { chosen.choice }
        end

        # Its JSON Schema: the definition of formula.schema.json that has its id.
        def schema = @schema ||= JsonFaults.schema(SCHEMA, part: "#/$defs/#{id}")

        # Code of what is said where a document fits none of the ways that its schema lets it choose from.
        def choice = :"#{id}_choice"

        private

        def unknown(given, pointer)
          return Fault.at(pointer, :not_this, given: JsonFaults.shown(given), wanted: JsonFaults.shown(kinds.keys.first)) if kinds.size == 1

          Fault.at(pointer, :not_one_of, given: JsonFaults.shown(given), choices: kinds.keys.join(", "))
        end
      end

      USUAL_GRAMS = 18

      # The Hash as a document has it.
      attr_reader :said

      # said: a checked Hash.
      def initialize(said)
        @said = said.freeze
        from_said(said)
        freeze
      end

      # What rows of practice call it.
      def id = self.class.id

      # The Yields of bowls that are each shaped for themselves; a fixed number is divided among them by their mass.
      # whole: the Mixture::Bowl of all of them.
      def yields_of(bowls, whole:)
        counts = fixed_count ? Division.of(fixed_count, bowls.map(&:grams)) : []
        bowls.each_with_index.map { |bowl, at| yield_of(bowl, count: counts[at], whole: whole) }
      end

      # JSON Patch operations that make a document's `other` shape this one.
      def patch(other)
        said.reject { |key, value| other.said[key] == value }
          .map { |key, value| {"op" => "replace", "path" => "/shape/#{key}", "value" => value} }
      end

      # The same shape with other figures of its document.
      def with_said(**changes) = self.class.new(said.merge(changes.transform_keys(&:to_s)))
    end
  end
end
