# frozen_string_literal: true

module ElmCup
  module Exchange
    # How a recipe cuts its slab, where it says so by the size of a piece or by rows: "5 cm squares", "3 x 8 cm bars", "3 rows of 5".
    class RecipeCut
      PIECES = /(?:squares?|cubes?|bars?|fingers?|rectangles?|pieces?|slices?|bites?)\b/i
      CUT = /\b(?:cut|slice|score|divide)\w*\b[^.;]{0,50}?/i
      OBLONG = /#{CUT}#{RecipeLength::LENGTH}\s*(?:x|×|by)\s*#{RecipeLength::LENGTH}[\s-]*(?:[a-z]+\s+)?#{PIECES}/i
      SQUARE = /#{CUT}#{RecipeLength::LENGTH}[\s-]*(?:[a-z]+\s+)?#{PIECES}/i
      # Millimetres of a side that a knife cuts.
      SIDES = (10..200)

      # tin: Piece::Tin.
      def initialize(all, tin)
        @all = all
        @tin = tin
      end

      # What a document's slab says of it (Hash), nothing where the recipe tells no size.
      def said
        across, along = oblong
        return square unless across

        (across == along) ? {"side_mm" => across} : {"grid" => grid(across, along)}
      end

      private

      # Millimetres of both sides, nil where they are not told; one unit may do for both.
      def oblong
        found = OBLONG.match(@all) or return
        unit = found[4] || found[2] or return
        sides = [RecipeLength.mm(found[1], found[2] || unit), RecipeLength.mm(found[3], unit)]
        sides if sides.all? { |side| SIDES.cover?(side) } && !@tin.round?
      end

      def square
        found = SQUARE.match(@all)
        return {} unless found && found[2]

        side = RecipeLength.mm(found[1], found[2])
        SIDES.cover?(side) ? {"side_mm" => side} : {}
      end

      # [columns, rows], the way round that misses the sizes by less.
      def grid(across, along)
        [[across, along], [along, across]].map { |sides| @tin.sides_mm.zip(sides).map { |side, each| [(side.to_f / each).round, 1].max } }
          .min_by { |grid| miss(grid, across, along) }
      end

      def miss(grid, across, along)
        made = @tin.sides_mm.zip(grid).map { |side, parts| side.to_f / parts }
        [[across, along], [along, across]].map { |sides| made.zip(sides).sum { |one, other| Math.log(one / other).abs } }.min
      end
    end
  end
end
