# frozen_string_literal: true

module ElmCup
  module Piece
    # A bowl rolled into equal balls: so many grams each, a scoop each, or so many of them.
    class Ball < Shape
      kind "ball"

      # count of whole pieces, the same in words, grams and millimetres of one, its size in words, grams that are over
      Yield = Value.of(:count, :words, :piece_grams, :diameter_mm, :size, :over_grams) do
        self::DIGITS = {piece_grams: 2, diameter_mm: 1, over_grams: 1}.freeze

        # What its size is told by.
        def size_mm = diameter_mm

        # Several together; the size is that of the first, which a scoop may make a little heavier in one bowl than in another.
        def self.together(yields)
          count = yields.sum(&:count)
          yields.first.with(count: count, words: Ball.counted(count), over_grams: yields.sum(&:over_grams))
        end
      end

      # Where nothing else is known, a small scoop, or a tray of them.
      USUAL_SCOOP = 40
      USUAL_COUNT = 24
      scoop_ml = ->(number) { Scoop.millilitres(number).to_f.round(2) }
      scoops = Scoop::NUMBERS.map { |number| Way::Choice.new(value: scoop_ml[number], words: "##{number} (#{Scoop.said_ml(number)} mL)") }
      WAYS = [
        Way.new(key: "piece_grams", word: "grams a piece", usual: USUAL_GRAMS, unit: "g", figure: "piece_grams"),
        Way.new(key: "scoop_ml", word: "scoop", usual: scoop_ml[USUAL_SCOOP], unit: "mL", choices: scoops),
        Way.new(key: "pieces", word: "pieces", usual: USUAL_COUNT, figure: "count")
      ].freeze

      def self.usual = new("kind" => id, "piece_grams" => USUAL_GRAMS)

      def self.ways = WAYS

      def self.called = %w[ball balls]

      def want = "rolls"

      def fixed_count = @count

      def fixed_grams = @piece_grams

      # whole: the bowl of everything, for a part so small that no piece falls to it.
      def yield_of(bowl, count: fixed_count, whole: bowl)
        density = Mixture::Density.of(bowl) || 1.0
        each = if count then count.positive? ? bowl.grams / count : whole.grams
        else @piece_grams || @scoop_ml * density
        end
        number = count&.positive? ? count : (bowl.grams / each + 1e-9).floor
        across = diameter_mm(each / density)
        Yield.new(count: number, words: Ball.counted(number), piece_grams: each, diameter_mm: across, size: "#{across.round} mm across",
          over_grams: [bowl.grams - number * each, 0.0].max)
      end

      def pieces_per_gram(millilitres_per_gram)
        return if @count

        @piece_grams ? 1.0 / @piece_grams : millilitres_per_gram / ((1 - Mixture::Density::AIR_PRESSED) * @scoop_ml)
      end

      def with_count(count) = Ball.new("kind" => id, "pieces" => count)

      def scaled(factor) = @count ? with_said(pieces: [(@count * factor).round, 1].max) : self

      # Flavours are rolled each for itself: there the number holds, and the grams of one give way a little.
      def remade(pieces:, piece_grams:, apart:) = Ball.new("kind" => id, **(apart ? {"pieces" => pieces} : {"piece_grams" => piece_grams}))

      private

      def from_said(said)
        @piece_grams = said["piece_grams"]&.to_f
        @scoop_ml = said["scoop_ml"]&.to_f
        @count = said["pieces"]
      end

      # d = (6 V / pi)^(1/3), V in mL.
      def diameter_mm(millilitres) = 10 * Math.cbrt(6 * millilitres / Math::PI)
    end
  end
end
