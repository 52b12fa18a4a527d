# frozen_string_literal: true

module ElmCup
  module Coating
    # How a coat goes on. One class a kind; it registers itself when it is loaded.
    #
    # A kind says by itself
    #   layers(piece, work)   CoatLayers on one piece          spare(grams)   grams to have ready where so many end on the pieces
    #   words                 what is done, "dipped"
    # and where it differs from here
    #   melted?  it is poured warm        inset(coat)  Piece::Inset that it leaves a filling        fits?(piece)  it can be done to a
    #   CoatedPiece
    #   dips?    pieces go into the bowl, one after another        band_pct  how far its grams may be off
    class Kind
      KINDS = {}

      class << self
        # id => object of every kind that is built.
        def all = KINDS

        # Registers the class under the id that documents name it by.
        def kind(id)
          KINDS[id] = new
          define_method(:id) { id }
        end
      end

      # Estimates of common practice may be off by so much.
      def band_pct = 40

      # What is done to a CoatedPiece.
      def words_on(_piece) = words

      def melted? = true

      def dips? = false

      def fits?(_piece) = true

      def inset(_coat) = Piece::Inset::NONE

      # Its grams go with the size of a piece; what lies on the top of a slab does not.
      def by_size? = true

      # Millimetres of its CoatLayers: they lie on each other.
      def thickness_mm(layers) = layers.sum(&:mm)

      # Source: docs/model.md, Coat: what is spread or poured wants a quarter more.
      SPARE = 1.25

      def spare(grams) = grams * SPARE
    end
    # One layer of a coat on one piece.
    CoatLayer = Value.of(:name, :mm, :grams) do
      self::DIGITS = {mm: 2, grams: 2}.freeze
    end
    # What a kind looks at: body of the bare piece, whether only its top is free, mm2 of it that is rolled, and [name, mm, mm3] of a shell
    # where the shape has room for one.
    CoatedPiece = Value.of(:body, :open_top, :rolled_mm2, :shell) do
      # Of a Piece::Shape and its Yield.
      def self.of(shape, yielded, inset)
        new(body: yielded.body, open_top: shape.open_top?, rolled_mm2: shape.rolled_mm2(yielded.body),
          shell: shape.shell_of(yielded, inset))
      end

      def open_top? = open_top
    end
  end
end
