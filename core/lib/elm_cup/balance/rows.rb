# frozen_string_literal: true

module ElmCup
  module Balance
    # The sums of a Situation that wishes speak of: figures of a piece, a share, a part or the batch, as Linears and Ratios.
    class Rows
      # Where a wished texture lies within its class, and how far from the edges of a class it keeps.
      AIM = [0.29, 0.70].freeze
      INSIDE = 0.002
      NOTHING = [0.0, 0.0, 0.0, 0.0].freeze
      # Just under a whole piece counts as one.
      OPEN = 1e-4

      attr_reader :situation

      def initialize(situation)
        @situation = situation
        @amounts = situation.all
        @in_pieces = {}
        @whole = {}
      end

      # A figure of one piece; nil without a shape.
      def per_piece(figure) = pieces && Ratio.new(over: in_pieces(figure), under: pieces)

      # A figure of one gram of what goes into pieces.
      def per_gram(figure) = Ratio.new(over: in_pieces(figure), under: in_pieces("one"))

      # Share of a part's binder that is liquid fat; nil where there is no such part.
      def grease(part)
        return unless part

        a, b, o, = 3.times.map { |at| of_part(part, at) }
        Ratio.new(over: o, under: a + b + o)
      end

      # What everything weighs.
      def grams = Ratio.new(over: whole("one"), under: constant(1.0))

      # How many pieces it makes; nil without a shape.
      def piece_ratio = pieces && Ratio.new(over: pieces, under: constant(1.0))

      # Net carbohydrate of everything over its grams.
      def net_carbohydrate = Ratio.new(over: whole("net_carbohydrate"), under: whole("one"))

      # Sides of the part at an index.
      def sides(part)
        a, b, o, d = 4.times.map { |at| of_part(part, at) }
        keep = 1 - Binding::Saturation::LAMBDA
        Sides.new(p: a + b + o * keep, q: a + b * keep + o, demand: d, lead: b.less(o, 1.0))
      end

      # Texture numbers between which wished classes are taken, from the first to the last: their middle, or all of them. End classes are
      # open.
      def window(textures, all:)
        first, last = textures.map { |texture| Binding::Texture.index(texture) }
        from, to = all ? [INSIDE, 1 - INSIDE] : AIM
        [first.zero? ? nil : first + from, (last == Binding::Texture::ALL.size - 1) ? nil : last + to]
      end

      # Pieces as a sum over the amounts; nil without a shape.
      def pieces
        shape = situation.pieces or return
        @pieces ||= shape.fixed_count ? constant(shape.fixed_count.to_f) : Linear.new(@amounts.map { |amount| pieces_per_gram(amount) })
      end

      # The same of each bowl that is shaped for itself.
      def pieces_apart
        situation.pieces.shares.each_index.map { |bowl|
          Linear.new(@amounts.map { |amount|
            pieces_per_gram(amount) * share(amount, bowl)
          })
        }
      end

      # Whole pieces of all bowls where the amounts weigh `grams`.
      def piece_count(grams) = pieces_apart.sum { |pieces| (pieces.at(grams) + OPEN).floor }

      # Grams of an ingredient, by its id.
      def of_ingredient(id) = Linear.new(@amounts.map { |amount| (amount.entry.id == id) ? 1.0 : 0.0 })

      # Everything, `figure` per gram.
      def whole(figure) = @whole[figure] ||= Linear.new(@amounts.map { |amount| amount.per_gram.fetch(figure) })

      private

      def constant(value) = Linear.new(Array.new(@amounts.size, 0.0), value)

      # Of an Amount, what goes into one of the bowls.
      def share(amount, bowl)
        return situation.pieces.shares[bowl] if amount.bowl.nil?

        (amount.bowl == bowl) ? 1.0 : 0.0
      end

      def pieces_per_gram(amount)
        per_gram = situation.pieces.shape.pieces_per_gram(amount.per_gram.fetch("volume"))
        amount.per_gram.fetch("one") * per_gram * amount.in_piece
      end

      def in_pieces(figure) = @in_pieces[figure] ||= Linear.new(@amounts.map { |amount| amount.per_gram.fetch(figure) * amount.in_piece })

      def of_part(part, letter) = Linear.new(@amounts.map { |amount| amount.binding.fetch(part, NOTHING)[letter] })
    end
  end
end
