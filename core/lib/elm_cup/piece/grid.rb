# frozen_string_literal: true

module ElmCup
  module Piece
    # A slab cut in equal pieces, none wasted: columns and rows of a square tin, wedges and rings of a round one.
    #   tin  Tin, without what is trimmed off     across  columns, or wedges     along  rows, or rings of equal area
    Grid = Value.of(:tin, :across, :along) do
      # How much a piece may be longer than wide before another cut is looked for, in what it costs beside missing the size.
      self::ASPECT_COST = 0.15
      # So many pieces more or fewer are looked at, where that is less than the shares of it.
      self::NEAR = 60
      # So many times as long as wide, a piece is still called square.
      self::SQUARE = 1.15

      # The Grid of `tin` in `count` pieces that come nearest to squares.
      def self.of_count(tin, count)
        divisors = (1..Integer.sqrt(count)).select { |number| (count % number).zero? }
        (divisors | divisors.map { |number| count / number }).map { |along| new(tin: tin, across: count / along, along: along) }
          .min_by { |grid| [grid.aspect.round(6), grid.along] }
      end

      # The Grid of `tin` with pieces nearest to `area_mm2`, near to squares.
      def self.of_area(tin, area_mm2)
        about = tin.area_mm2 / area_mm2
        counts = ([(about * 0.7).floor, about.floor - self::NEAR, 1].max..(about * 1.4).ceil.clamp(2, about.ceil + self::NEAR))
        counts.map { |count| of_count(tin, count) }
          .min_by { |grid| Math.log(grid.piece_mm2 / area_mm2).abs + self::ASPECT_COST * Math.log(grid.aspect) }
      end

      # The Grid of `tin` in pieces nearest to squares of `side_mm`.
      def self.of_side(tin, side_mm)
        return of_area(tin, [side_mm**2, tin.area_mm2].min) if tin.round?

        across, along = tin.sides_mm.map { |side| [(side.to_f / side_mm).round, 1].max }
        new(tin: tin, across: across, along: along)
      end

      # Pieces that it gives.
      def count = across * along

      # Of one piece.
      def piece_mm2 = tin.area_mm2 / count

      # The longer side over the shorter one, at least 1.
      def aspect = sides_mm.max / sides_mm.min

      # [one side, the other] of a piece; of a wedge its length and its width half-way out.
      def sides_mm
        return [tin.sides_mm[0].to_f / across, tin.sides_mm[1].to_f / along] unless tin.round?

        inner, outer = ring_mm(along - 1), ring_mm(along)
        [outer - inner, (across == 1) ? 2 * outer : Math::PI * (inner + outer) / across]
      end

      # The side of a piece that is a square to the eye; nil where none is.
      def square_mm = (sides_mm.sum / 2 unless tin.round? || aspect > self.class::SQUARE)

      # Radii of the rings from the middle, the first 0: rings of equal area, R sqrt(k / n).
      def rings_mm = (0..along).map { |ring| ring_mm(ring) }

      def ring_mm(ring) = tin.sides_mm.first / 2.0 * Math.sqrt(ring.to_f / along)

      # The body of a piece `height_mm` high.
      def body(height_mm)
        return Box.new(length_mm: sides_mm[0], width_mm: sides_mm[1], height_mm: height_mm) unless tin.round?

        inner, outer = ring_mm(along - 1), ring_mm(along)
        arcs = 2 * Math::PI * (inner + outer) / across
        Prism.new(area_mm2: piece_mm2, perimeter_mm: arcs + ((across == 1) ? 0 : 2 * (outer - inner)), height_mm: height_mm,
          across_mm: sides_mm)
      end

      # "6 × 4"
      def words
        return "#{across} × #{along}" unless tin.round?

        (along == 1) ? "#{across} wedges" : "#{across} wedges in #{along} rings"
      end
    end
  end
end
