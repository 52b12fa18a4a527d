# frozen_string_literal: true

module ElmCup
  module Piece
    # How a bowl becomes pieces. One class a kind; it registers itself when it is loaded, and nobody asks an object what kind it is.
    #
    # A kind says by itself (each where it differs from here):
    #   self.usual, self.ways, self.called     the usual one, its Ways, and what one and many are called
    #   from_said(said)                  its values of a checked Hash, and `said` the Hash again
    #   poured?(want)                    a mix of that texture settles by itself in it, so that it holds little air
    #   fixed_count                      the number of pieces where that is fixed, else nil; `with_count` sets it
    #   fixed_grams                      grams of one where those are fixed, else nil; `with_grams` sets them
    #   piece_ml                         millilitres of one where those are fixed, else nil
    #   yield_of(layers, count:, whole:, inset:)   its Yield of Layers
    #   self.tools, with_tool(tool), made_with?(tool), measured(yielded), miss(yielded, now)
    #                                    the kind of Tools that it is shaped with, and what one of them makes of it
    #   scaled(factor)                   the shape of a batch so many times as large
    #   remade(pieces:, piece_grams:, apart:)  the shape of so many pieces of so many grams
    #   trial(pieces)                    the shape of a spoonful for so many pieces
    #   heat_path(yielded)               how heat leaves a piece as it stands in the cold
    class Shape
      SCHEMA = "formula.schema.json"
      KINDS = {}
      # What was found good lately.
      GOOD = BoundedCache.new(100)
      # Where nothing is said.
      FIRST = "ball"

      class << self
        # id => class of every kind that is built.
        def kinds = KINDS

        # Every kind in the order that a cook is offered them in: that of the document's schema.
        def in_order
          JsonFaults.schema(SCHEMA).value.dig("$defs", "shape", "oneOf").map { |each| kinds.fetch(each["$ref"].split("/").last) }
        end

        # Registers the class under the id that documents name it by.
        def kind(id)
          KINDS[id] = self
          define_singleton_method(:id) { id }
        end

        # The Shape of a checked Hash of a document.
        def from(said) = kinds.fetch(said["kind"]).new(said)

        # The shape of a formula that says none, where one is needed; each kind says its own.
        def usual = kinds.fetch(FIRST).usual

        # "1 ball", "24 balls"; `called`: what one is called, and several.
        def counted(number) = "#{number} #{called[(number == 1) ? 0 : 1]}"

        # So many pieces of it, as a document has it.
        def of_count(count) = usual.with_count(count).said

        # Faults of what a document says of its shape, at `pointer`; whole: what the document is, in words.
        def faults(said, pointer, whole: "a formula")
          return [Fault.at(pointer, :not_object, given: JsonFaults.name_of(said))] unless said.is_a?(Hash)
          return [Fault.at(pointer, :missing_keys, keys: "“kind”")] unless said.key?("kind")

          chosen = kinds[said["kind"]] or return [unknown(said["kind"], "#{pointer}/kind")]
          return [] if GOOD.fetch(said) { chosen.schema.valid?(said) && chosen.sense_faults(said, pointer).empty? }

          found = JsonFaults.of(chosen.schema, said, pointer, whole: whole) { chosen.choice }
          found.empty? ? chosen.sense_faults(said, pointer) : found
        end

        # Faults of a Hash that its schema takes: figures that cannot all be.
        def sense_faults(_said, _pointer) = []

        # Its JSON Schema: the definition of formula.schema.json that has its id.
        def schema = @schema ||= JsonFaults.schema(SCHEMA, part: "#/$defs/#{id}")

        # Code of what is said where a document fits none of the ways that its schema lets it choose from.
        def choice = :"#{id}_choice"

        # The kind of Tools that it is shaped with, nil for none.
        def tools = nil

        # Ways of which a document names at most one.
        def sizes = ways.reject(&:beside?)

        private

        def unknown(given, pointer)
          Fault.at(pointer, :not_one_of, given: JsonFaults.shown(given), choices: kinds.keys.join(", "))
        end
      end

      USUAL_GRAMS = 18
      # Rounding hides so much of a piece.
      NEARLY = 1e-9

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

      def poured?(_want) = false

      def fixed_count = @count

      def fixed_grams = @piece_grams

      def piece_ml = nil

      # The same made with a Tool; whether it is made with that; what a Yield then measures, in words; how far that is from what is wanted.
      # These are for kinds with tools.
      def with_tool(_tool) = self

      def made_with?(tool) = with_tool(tool).said == said

      def measured(yielded) = yielded.size

      def miss(yielded, now) = Math.log(yielded.piece_grams / now.piece_grams)

      # Cavities of a mould that a Yield takes, nil where there are none.
      def cavities_of(_yielded) = nil

      # HeatPath of a piece of a Yield as it stands in the cold.
      def heat_path(yielded) = HeatPath.flat(yielded.layers)

      # HeatPath of a finished piece, by itself on a plate.
      def served_path(yielded) = HeatPath.apart(yielded.layers, yielded.body)

      # Only its top is free: it stands in a liner or a glass.
      def open_top? = false

      # What of a body is rolled in something dry: all that is free.
      def rolled_mm2(body) = open_top? ? body.top_mm2 : body.surface_mm2

      # [name, mm, mm3] of each layer of a shell around one piece of a Yield; none where it has no wall to hold one.
      def shell_of(_yielded, _inset) = []

      # The Yields of Layers that are each shaped for themselves; a fixed number is divided among them by their mass.
      # whole: the Layers of all of them; inset: Inset of a shell.
      def yields_of(all, whole:, inset: Inset::NONE)
        counts = fixed_count ? Division.of(fixed_count, all.map(&:grams)) : []
        all.each_with_index.map do |layers, at|
          layers.empty? ? none(whole, inset) : yield_of(layers, count: counts[at], whole: whole, inset: inset)
        end
      end

      # How many pieces a gram gives that takes up so many millilitres without air, for Balance; nil where the number is fixed.
      def pieces_per_gram(millilitres_per_gram)
        return if fixed_count
        return 1.0 / fixed_grams if fixed_grams

        millilitres_per_gram / ((1 - (poured?(nil) ? Mixture::Air::POURED : Mixture::Air::PRESSED)) * piece_ml)
      end

      # The same kind with its size said in another way: keys of the other ways go.
      def sized(key, value) = self.class.new(said.except(*self.class.sizes.map(&:key)).merge(key => value))

      def with_count(count) = sized("pieces", count)

      # The same with pieces of so many grams; nil where grams are no way to say its size.
      def with_grams(grams) = (sized("piece_grams", grams) if self.class.sizes.any? { |way| way.key == "piece_grams" })

      def scaled(factor) = @count ? with_count([(@count * factor).round, 1].max) : self

      # Flavours are shaped each for itself: there the number holds, and the grams of one give way a little.
      def remade(pieces:, piece_grams:, apart:) = (!apart && with_grams(piece_grams)) || with_count(pieces)

      def trial(pieces) = with_count(pieces)

      # Pieces of it may be made of another size: not where a case or a cavity says how large they are.
      def resizes? = true

      # JSON Patch operations that make a document's `other` shape this one.
      def patch(other)
        gone = (other.said.keys - said.keys).map { |key| {"op" => "remove", "path" => "/shape/#{key}"} }
        gone + said.reject { |key, value| other.said[key] == value }.map { |key, value|
          {"op" => other.said.key?(key) ? "replace" : "add", "path" => "/shape/#{key}", "value" => value}
        }
      end

      # The same shape with other figures of its document.
      def with_said(**changes) = self.class.new(said.merge(changes.transform_keys(&:to_s)))

      private

      # No piece, of what there is nothing of; whole: of what they would be like.
      def none(whole, inset)
        yield_of(whole, inset: inset).with(count: 0, words: counted(0), over_grams: 0.0, trim_grams: nil, by_weight: nil, notes: [])
      end

      # Whole pieces in a share of one.
      def whole_pieces(exact) = (exact + NEARLY).floor

      # Words of a number of pieces.
      def counted(number) = self.class.counted(number)

      # LayerSizes of one piece: each Layer as thick as its share of `height_mm`.
      def stacked(layers, piece_grams, height_mm)
        layers.map { |layer|
          Yield::LayerSize.new(component: layer.component, mm: height_mm * layer.millilitres / layers.millilitres,
            grams: piece_grams * layer.grams / layers.grams)
        }
      end

      # What a document says of a number, as a Float; nil for nothing.
      def float(said, key) = said[key]&.to_f
    end
  end
end
