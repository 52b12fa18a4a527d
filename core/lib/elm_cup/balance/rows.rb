# frozen_string_literal: true

module ElmCup
  module Balance
    # What wishes say about the sums of a Situation: ratios with their bounds, and windows for textures.
    class Rows
      # A wished bound on a Ratio; `lower` or `upper` may be nil.
      Bound = Value.of(:ratio, lower: nil, upper: nil)
      # The lines P and Q of a part's supply, and its demand.
      Sides = Value.of(:p, :q, :demand, :lead) do
        # The texture number where the amounts weigh `grams`; nil where there is nothing dry, or nothing that binds.
        def number(grams)
          supply, dry = [p.at(grams), q.at(grams)].max, demand.at(grams)
          Binding::Texture.number(supply / dry) if supply.positive? && dry.positive?
        end
      end
      # What the sums of a wish have been found to miss, in its own unit or in classes: off is how much more the figure came to than was reckoned,
      # and the bounds go by that; inward is how far they come in beside.
      Correction = Value.of(off: 0.0, inward: 0.0)
      CORRECT = Correction.new
      # Where a wished texture lies within its class, and how far from the edges of a class it keeps.
      AIM = [0.29, 0.70].freeze
      INSIDE = 0.002
      # What = means for a figure, as a share of it; and for the number of pieces.
      SAME = 0.02
      HALF_A_PIECE = 0.5
      OPEN = 1e-4

      def initialize(situation)
        @situation = situation
        @amounts = situation.amounts + situation.candidates
      end

      # The Ratio that a figure wish is about; nil where it cannot be said (no pieces, no such part).
      def ratio(wish)
        row = wish.row
        case row.of
        when "piece" then pieces && Ratio.new(over: in_pieces(wish.key), under: pieces)
        when "share" then Ratio.new(over: in_pieces(wish.key), under: in_pieces("one"))
        when "part" then grease(@situation.part_of(wish))
        when "batch" then (wish.key == "grams") ? Ratio.new(over: whole("one"), under: constant(1.0)) : (pieces && Ratio.new(over: pieces, under: constant(1.0)))
        end
      end

      # The Bound of a figure wish, corrected.
      def bound(wish, correction = CORRECT)
        lower, upper = limits(wish)
        Bound.new(ratio: ratio(wish), lower: lower && lower - correction.off + correction.inward, upper: upper && upper - correction.off - correction.inward)
      end

      # [least, most] that a figure wish allows, nil where there is no end.
      def limits(wish)
        value = wish.value
        return piece_limits(wish) if wish.key == "pieces"

        case wish.op
        when "<=" then [nil, value]
        when ">=" then [value, nil]
        else [value * (1 - SAME), value * (1 + SAME)]
        end
      end

      # Sides of the part of a texture wish.
      def sides(part)
        a, b, o, d = 4.times.map { |at| of_part(part, at) }
        keep = 1 - Binding::Saturation::LAMBDA
        Sides.new(p: a + b + o * keep, q: a + b * keep + o, demand: d, lead: b.less(o, 1.0))
      end

      # Texture numbers between which wished classes are taken, from the first to the last: their middle, or all of them. End classes are open.
      def window(textures, all:)
        first, last = textures.map { |texture| Binding::Texture.index(texture) }
        from, to = all ? [INSIDE, 1 - INSIDE] : AIM
        [first.zero? ? nil : first + from, (last == Binding::Texture::ALL.size - 1) ? nil : last + to]
      end

      # Net carbohydrate of everything over its grams.
      def net_carbohydrate = Ratio.new(over: whole("net_carbohydrate"), under: whole("one"))

      # Pieces as a sum over the amounts; nil without a shape.
      def pieces
        shape = @situation.pieces or return
        (shape.kind == :count) ? constant(shape.size.to_f) : Linear.new(@amounts.map { |amount| pieces_per_gram(amount) })
      end

      # The same of each bowl that is rolled for itself.
      def pieces_apart
        @situation.pieces.shares.each_index.map { |bowl| Linear.new(@amounts.map { |amount| pieces_per_gram(amount) * share(amount, bowl) }) }
      end

      # Whole pieces of all bowls where the amounts weigh `grams`.
      def piece_count(grams) = pieces_apart.sum { |pieces| (pieces.at(grams) + OPEN).floor }

      # Grams of an ingredient, by its id.
      def of_ingredient(id) = Linear.new(@amounts.map { |amount| (amount.entry.id == id) ? 1.0 : 0.0 })

      # Everything, `figure` per gram.
      def whole(figure) = Linear.new(@amounts.map { |amount| amount.per_gram.fetch(figure) })

      private

      def constant(value) = Linear.new(Array.new(@amounts.size, 0.0), value)

      # Of an Amount, what goes into one of the bowls.
      def share(amount, bowl)
        return @situation.pieces.shares[bowl] if amount.bowl.nil?

        (amount.bowl == bowl) ? 1.0 : 0.0
      end

      def pieces_per_gram(amount)
        shape = @situation.pieces
        per_gram = (shape.kind == :grams) ? 1.0 / shape.size : amount.per_gram.fetch("volume") / ((1 - Mixture::Density::AIR_PRESSED) * shape.size)
        amount.per_gram.fetch("one") * per_gram * amount.in_piece
      end

      def in_pieces(figure) = Linear.new(@amounts.map { |amount| amount.per_gram.fetch(figure) * amount.in_piece })

      def of_part(part, letter) = Linear.new(@amounts.map { |amount| amount.binding.fetch(part, NOTHING)[letter] })

      NOTHING = [0.0, 0.0, 0.0, 0.0].freeze

      def grease(part)
        return unless part

        a, b, o, = 3.times.map { |at| of_part(part, at) }
        Ratio.new(over: o, under: a + b + o)
      end

      # Pieces are whole: n of them are what weighs n to just under n + 1.
      def piece_limits(wish)
        met = @situation.met.key?(wish.text)
        value = wish.value + (@situation.pieces&.lost || 0.0)
        case wish.op
        when "<=" then [nil, value + 1 - OPEN]
        when ">=" then [value, nil]
        else [value, value + (met ? 1 - OPEN : HALF_A_PIECE)]
        end
      end
    end
  end
end
