# frozen_string_literal: true

module ElmCup
  module Coating
    # How much coat the same dough wants in pieces of other sizes.
    class SizeChart
      # piece_grams, count, grams of coat in all, its share of a finished piece in per cent, whether it is the size there is now
      Point = Value.of(:piece_grams, :count, :coat_grams, :share_pct, :now) do
        self::DIGITS = {piece_grams: 1, coat_grams: 0, share_pct: 0}.freeze
      end
      SIZES = [8, 10, 12, 14, 16, 18, 20, 24, 28, 32, 40].freeze

      # shape: Piece::Shape; layers: Piece::Layers of the dough; need: Need of the pieces as they are.
      def initialize(shape, layers, need)
        @shape = shape
        @layers = layers
        @need = need
      end

      # Points from small to large; none of a shape whose pieces are not told by grams.
      def points
        return [] unless @need.used.by_size? && @shape.with_grams(SIZES.first)

        now = @need.together
        others = SIZES.select { |grams| grams <= @layers.grams / 2 && (grams - now.piece_grams).abs > 0.6 }
        sized = others.filter_map { |grams| point(@shape.with_grams(grams), now: false) }
        [*sized, of(@need, now, true)].sort_by { |point| [point.piece_grams.round(1), point.now ? 0 : 1] }
          .uniq { |point| point.piece_grams.round(1) }
      end

      private

      def point(shape, now:)
        inset = @need.work.coat.inset
        yielded = shape.yields_of([@layers], whole: @layers, inset: inset).first
        return unless yielded.count.positive?

        of(Need.new(@need.work, [[CoatedPiece.of(shape, yielded, inset), yielded]], yielded, nil), yielded, now)
      end

      def of(need, yielded, now)
        each = need.grams_needed / yielded.count
        Point.new(piece_grams: yielded.piece_grams, count: yielded.count, coat_grams: need.grams_needed,
          share_pct: 100 * each / (each + yielded.piece_grams), now: now)
      end
    end
  end
end
