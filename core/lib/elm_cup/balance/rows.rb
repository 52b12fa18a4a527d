# frozen_string_literal: true

module ElmCup
  module Balance
    # The sums of a Situation that wishes speak of: figures of a piece, a share, a part or the batch, as Linears and Ratios.
    class Rows
      # Where a wished texture lies within its class, and how far from the edges of a class it keeps.
      AIM = [0.29, 0.70].freeze
      INSIDE = 0.002
      # What a gram of an amount brings to a part's texture: figures of a Binding::Portion, mL and grams of sugar a gram.
      PARTS = %i[bound_per_gram free_per_gram sugar_per_gram b_per_gram o_per_gram d_per_gram].freeze
      NOTHING = Array.new(PARTS.size, 0.0).freeze
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

      # Share of a part's binder that is liquid fat, with sugar enough for its free water or not, as it is now; nil where there is no such
      # part.
      def grease(part)
        return unless part

        bound, free, sugar, pulp, fat, = of_part(part)
        short = excess(free, sugar).at(@amounts.map(&:grams)).positive?
        water = short ? free * Binding::Saturation::WITHOUT_SUGAR + sugar * Binding::Saturation::A_GRAM_OF_SUGAR : free
        Ratio.new(over: fat, under: bound + water + pulp + fat)
      end

      # What everything weighs.
      def grams = Ratio.new(over: whole("one"), under: constant(1.0))

      # How many pieces it makes; nil without a shape.
      def piece_ratio = pieces && Ratio.new(over: pieces, under: constant(1.0))

      # Net carbohydrate of everything over its grams.
      def net_carbohydrate = Ratio.new(over: whole("net_carbohydrate"), under: whole("one"))

      # Sides of the part at an index.
      def sides(part)
        bound, free, sugar, pulp, fat, demand = of_part(part)
        keep = 1 - Binding::Saturation::LAMBDA
        watery = bound + free
        Sides.new(p: watery + pulp + fat * keep, q: watery + pulp * keep + fat, excess: excess(free, sugar), demand: demand,
          lead: pulp.less(fat, 1.0))
      end

      # Grams of loose sugar in the part at an index.
      def loose_sugar(part) = of_part(part)[PARTS.index(:sugar_per_gram)]

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
        amount.per_gram.fetch("one") * per_gram * amount.shaped
      end

      def in_pieces(figure) = @in_pieces[figure] ||= Linear.new(@amounts.map { |amount| amount.per_gram.fetch(figure) * amount.in_piece })

      # Linears of PARTS.
      def of_part(part)
        PARTS.each_index.map { |at| Linear.new(@amounts.map { |amount| amount.binding.fetch(part, NOTHING)[at] }) }
      end

      # What free water counts too much where its sugar is all there is.
      def excess(free, sugar)
        (free * (1 - Binding::Saturation::WITHOUT_SUGAR)).less(sugar, Binding::Saturation::A_GRAM_OF_SUGAR)
      end
    end
  end
end
