# frozen_string_literal: true

module ElmCup
  module Balance
    # How much a bowl from the cupboard should come to. aim: grams; range: grams that grant what is wished of its size.
    BowlSize = Value.of(:aim, :range) do
      # What it comes to where nothing says how much.
      self::USUAL_GRAMS = 400.0

      # wishes: Wishes; shape: Piece::Shape, nil for none.
      def self.of(wishes, shape)
        pieces, grams = wishes.select(&:size?).partition(&:in_pieces?).map(&:first)
        each = shape&.fixed_grams
        return by_pieces(pieces, each) if pieces && each

        grams ? by_grams(grams) : new(aim: self::USUAL_GRAMS, range: (0.0..))
      end

      # n pieces are what weighs n to just under n + 1; a number of them is met up to half a piece over.
      def self.by_pieces(wish, each)
        aim = wish.value * each
        new(aim: aim, range: {"<=" => (0.0...aim + each), ">=" => (aim..),
                              "=" => (aim..aim + Wish::BatchPieces::HALF_A_PIECE * each)}.fetch(wish.op))
      end

      def self.by_grams(wish)
        same = Wish::Figure::SAME * wish.value
        new(aim: wish.value, range: {"<=" => (0.0..wish.value), ">=" => (wish.value..),
                                     "=" => (wish.value - same..wish.value + same)}.fetch(wish.op))
      end
      private_class_method :by_pieces, :by_grams
    end
  end
end
