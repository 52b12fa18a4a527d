# frozen_string_literal: true

module ElmCup
  module Piece
    # A bowl rolled into equal balls. One of the three ways to say the size is given.
    class Ball
      # count of whole pieces, grams and millimetres of one, grams that are over
      Result = Value.of(:count, :piece_grams, :diameter_mm, :over_grams)

      # density in g/mL; piece_grams, scoop_ml or pieces, all > 0.
      def initialize(density:, piece_grams: nil, scoop_ml: nil, pieces: nil)
        @density = density
        @pieces = pieces
        @piece_grams = piece_grams || (scoop_ml && scoop_ml * density)
      end

      # The Result for `grams` of the bowl.
      def of(grams)
        each = @pieces ? grams / @pieces : @piece_grams
        count = @pieces || (grams / each + 1e-9).floor
        Result.new(count: count, piece_grams: each, diameter_mm: diameter_mm(each), over_grams: [grams - count * each, 0.0].max)
      end

      private

      # d = (6 V / pi)^(1/3)
      def diameter_mm(grams) = 10 * Math.cbrt(6 * grams / @density / Math::PI)
    end
  end
end
