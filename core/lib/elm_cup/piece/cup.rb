# frozen_string_literal: true

module ElmCup
  module Piece
    # Liners with a straight wall, filled: with a shell at the bottom, on the wall and on top, or with nothing but the filling. So many of
    # them, so many grams in each, or as many as can be filled.
    class Cup < Shape
      kind "cup"

      DIAMETER_MM = 32.0
      DEPTH_MM = 20.0
      # A filling thinner than that is none.
      LEAST_FILLING_MM = 1.0
      LINERS = %w[paper foil silicone].freeze
      WAYS = [Way::PIECES, Way.new(key: "piece_grams", word: "grams of filling a cup", usual: 12, unit: "g", figure: "piece_grams"),
        Way.new(key: "diameter_mm", word: "mm across", usual: 32, unit: "mm", figure: "diameter_mm", beside: true),
        Way.new(key: "depth_mm", word: "mm deep", usual: 20, unit: "mm", beside: true)].freeze

      def self.usual = new("kind" => id, "diameter_mm" => DIAMETER_MM.to_i, "depth_mm" => DEPTH_MM.to_i, "liner" => LINERS.first)

      def self.ways = WAYS

      def self.tools = "liners"

      def self.called = %w[cup cups]

      def with_tool(tool)
        liner = LINERS.include?(tool.material) ? {"liner" => tool.material} : {}
        with_said(diameter_mm: tool.mm.first, depth_mm: tool.depth_mm, **liner)
      end

      def made_with?(tool) = [tool.mm.first, tool.depth_mm] == [@across, @depth]

      def poured?(want) = Mixture::Air::FLOWING.include?(want)

      # Of the whole inside, which a shell makes less.
      def piece_ml = (room(Inset::NONE).volume_mm3 / 1000 unless @count || @piece_grams)

      def yield_of(layers, count: fixed_count, whole: layers, inset: Inset::NONE)
        room = room(inset)
        most = room.volume_mm3 / 1000 * layers.density
        each = if count then count.positive? ? [layers.grams / count, most].min : whole.grams
        else [@piece_grams || most, most].min
        end
        number = count&.positive? ? count : whole_pieces(layers.grams / each)
        filling = Prism.disc(room.across_mm.first, each / layers.density * 1000 / room.area_mm2)
        Yield.new(count: number, words: counted(number), piece_grams: each, piece_ml: each / layers.density,
          body: Prism.disc(@across, [filling.height_mm + inset.heights_mm, @depth].min), practice_mm: @across, diameter_mm: @across,
          size: size(filling), layers: stacked(layers, each, filling.height_mm), over_grams: [layers.grams - number * each, 0.0].max,
          full_grams: count && count * most, by_weight: Weighing.of(number * each, number), gives_way: gives_way,
          notes: notes(layers, count, most))
      end

      def open_top? = true

      def resizes? = false

      def remade(pieces:, piece_grams:, apart:) = with_count(pieces)

      # Bottom, wall and top around as much filling as there is.
      def shell_of(yielded, inset)
        floor = Math::PI / 4 * @across**2
        filling = yielded.body.height_mm - inset.heights_mm
        wall = (floor - room(inset).area_mm2) * [filling, 0].max
        [["bottom", inset.bottom_mm, floor * inset.bottom_mm], ["wall", inset.wall_mm, wall], ["top", inset.top_mm, floor * inset.top_mm]]
      end

      def heat_path(yielded) = HeatPath.apart(yielded.layers, yielded.body)

      private

      def from_said(said)
        @piece_grams = float(said, "piece_grams")
        @count = said["pieces"]
        @across = float(said, "diameter_mm") || DIAMETER_MM
        @depth = float(said, "depth_mm") || DEPTH_MM
      end

      # What of the inside is left for the filling: a thick shell leaves at least a little.
      def room(inset)
        Prism.disc([@across - 2 * inset.wall_mm, @across / 2].max, [@depth - inset.heights_mm, LEAST_FILLING_MM].max)
      end

      def size(filling) = "#{@across.round} mm across, filling #{filling.height_mm.round(1)} mm high"

      def gives_way = (@count || @piece_grams) ? "filling" : "pieces"

      def notes(layers, count, most)
        return too_full(most) if @piece_grams
        return [] unless count&.positive? && layers.grams - count * most > most * SOME_OVER

        ["#{count} cups hold #{(count * most).round} g; #{(layers.grams / most).ceil} would take all of it."]
      end

      def too_full(most)
        return [] unless @piece_grams > most * OVERFULL

        ["A cup holds #{Quantity::FractionText.decimal(Rational(most.round(1).to_s))} g of the filling, not #{said["piece_grams"]}: it is filled to the edge."]
      end

      # More than rounding.
      OVERFULL = 1.005
      # The share of a filling that is worth one more.
      SOME_OVER = 0.25
    end
  end
end
