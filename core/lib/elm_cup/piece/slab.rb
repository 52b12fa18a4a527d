# frozen_string_literal: true

module ElmCup
  module Piece
    # A tin pressed or poured full, layer on layer, and cut. How deep it gets follows from the dough, unless the cook says how deep: then
    # what the tin does not take is over, and a square tin is filled only as far as there is dough.
    class Slab < Shape
      kind "slab"

      TIN_MM = [200, 200].freeze
      # The side of a piece where nothing is said of it.
      USUAL_SIDE_MM = 40.0
      WAYS = [Way::PIECES, Way::PIECE_GRAMS, Way.new(key: "side_mm", word: "mm a side", usual: 40, unit: "mm", figure: "side_mm"),
        Way.new(key: "tins", word: "tins", usual: 1, beside: true),
        Way.new(key: "depth_mm", word: "mm deep", usual: 20, unit: "mm", figure: "height_mm", beside: true),
        Way.new(key: "trim_mm", word: "mm trimmed off", usual: 0, unit: "mm", beside: true)].freeze

      def self.usual = new("kind" => id, "tin_mm" => TIN_MM, "grid" => [6, 4])

      def self.ways = WAYS

      def self.tools = "tins"

      # How deep a slab is wanted where nobody says.
      USUAL_DEPTH_MM = 20.0

      def self.called = %w[piece pieces]

      # What is cut, and how it stands in the tin, are said one way: the other goes.
      SIZES = %w[grid pieces piece_grams side_mm].freeze

      # Faults of a Hash that its schema takes.
      def self.sense_faults(said, pointer)
        slab = new(said)
        least = slab.tin.sides_mm.min
        trimmed = said["trim_mm"].to_f * 2
        if trimmed > least - 2 * LEAST_SIDE_MM
          return [Fault.at("#{pointer}/trim_mm", :trim_takes_all, trim: said["trim_mm"],
            most: (least / 2.0 - LEAST_SIDE_MM).floor)]
        end

        [small_piece(slab, pointer)].compact
      end

      # A piece that no knife cuts.
      LEAST_SIDE_MM = 4

      def self.small_piece(slab, pointer)
        grid = slab.said_grid or return
        return if grid.sides_mm.min >= LEAST_SIDE_MM

        key = SIZES.find { |each| slab.said.key?(each) }
        most = slab.inner.sides_mm.map { |side| (side / LEAST_SIDE_MM).floor }.inject(:*)
        Fault.at("#{pointer}/#{key}", :pieces_too_small, mm: grid.sides_mm.min.round(1), most: most)
      end
      private_class_method :small_piece

      attr_reader :tin

      def poured?(want) = Mixture::Air::FLOWING.include?(want)

      # The Tin without what is trimmed off.
      def inner = tin.trimmed(@trim)

      # The Grid that is said, by itself or by a number; the usual one where nothing is; nil where grams say it.
      def said_grid
        return if @piece_grams
        return Grid.of_side(inner, @side) if @side
        return Grid.new(tin: inner, across: @grid[0], along: @grid[1]) if @grid

        @count ? Grid.of_count(inner, [(@count.to_f / @tins).ceil, 1].max) : Grid.of_area(inner, USUAL_SIDE_MM**2)
      end

      # A number that does not come out even in so many tins is what it is said to be: the last tin has a few over.
      def fixed_count = (@piece_grams || (@side && @depth)) ? nil : @count || said_grid.count * @tins

      # Of a piece whose side and depth are both said.
      def piece_ml = (said_grid.piece_mm2 * @depth / 1000 if @side && @depth)

      def sized(key, value) = self.class.new(said.except(*SIZES).merge(key => value))

      def with_grid(grid) = sized("grid", grid)

      # A batch so many times as large: as many tins where that is a whole number of times, else so many more pieces in the same.
      def scaled(factor)
        tins = @tins * factor
        return with_said(tins: tins.to_i) if tins.to_r.denominator == 1 && tins.between?(1, MOST_TINS) && (@count.nil? || tins == @tins)

        fixed_count ? with_count([(fixed_count * factor).round, 1].max) : self
      end

      MOST_TINS = 50

      def remade(pieces:, piece_grams:, apart:) = with_count(pieces)

      # A spoonful is a few pieces as large as those of the tin.
      def trial(pieces)
        sides = (said_grid || Grid.of_area(inner, USUAL_SIDE_MM**2)).sides_mm.map { |side| [side.round, LEAST_TIN_MM].max }
        self.class.new("kind" => id, "tin_mm" => [sides[0] * pieces, sides[1]], "grid" => [pieces, 1])
      end

      LEAST_TIN_MM = 20

      # In another tin the depth follows from the dough. Columns and rows are no wedges and rings: there the number of pieces stays.
      def with_tool(tool)
        other = said.except("depth_mm", "fixed").merge("tin_mm" => tool.mm)
        return self.class.new(other) if @grid.nil? || tool.mm.size == tin.sides_mm.size

        self.class.new(other.except("grid").merge("pieces" => fixed_count))
      end

      def made_with?(tool) = tool.mm == tin.sides_mm

      def measured(yielded) = "#{yielded.body.mm.last.round} mm deep"

      # By how deep it gets.
      def miss(yielded, _now) = Math.log(yielded.body.mm.last / (@depth || USUAL_DEPTH_MM))

      # Several flavours pressed into the same tins are cut as one block is: what is said of that is said once, and pieces of so large a
      # size are a number of them first.
      def yields_of(all, whole:, inset: Inset::NONE)
        return super if all.one? || whole.empty?

        block = yield_of(whole)
        made = fixed_count ? super : with_grid(block.cut.grid).yields_of(all, whole: whole, inset: inset)
        made.each_with_index.map { |each, at| each.with(notes: at.zero? ? block.notes : []) }
      end

      def yield_of(layers, count: fixed_count, whole: layers, inset: nil)
        floor = tin.area_mm2 * @tins * share(count)
        depth, used = depth_and_share(layers.millilitres * 1000 / floor)
        kept = @depth ? [@depth / (layers.millilitres * 1000 / floor), 1.0].min : 1.0
        grid = grid_of(used, kept * layers.grams / @tins, depth)
        number = count || grid.count * @tins
        return nothing(layers, grid, depth, whole) unless number.positive?

        yielded(layers, grid, depth, number, kept, used)
      end

      def heat_path(yielded) = HeatPath.flat(yielded.layers, tin: true)

      private

      def from_said(said)
        @tin = Tin.new(sides_mm: said["tin_mm"] || TIN_MM)
        @tins = said["tins"] || 1
        @grid, @count = said.values_at("grid", "pieces")
        @piece_grams, @depth, @side = %w[piece_grams depth_mm side_mm].map { |key| float(said, key) }
        @trim = float(said, "trim_mm") || 0.0
      end

      # Share of the tins that one of several flavours has.
      def share(count) = (count && fixed_count) ? [count.to_f / fixed_count, 1e-6].max : 1.0

      # [mm deep, the share of the length of a square tin that is filled]; free: mm that the dough would be deep in all of it.
      def depth_and_share(free)
        return [free, 1.0] if @depth.nil? || (tin.round? && free < @depth)

        [@depth, [free / @depth, 1.0].min]
      end

      # What is cut in each tin: the trimmed tin as far as it is filled.
      def grid_of(used, grams, depth)
        filled = (used < 1) ? inner.with(sides_mm: [[tin.sides_mm[0] * used - 2 * @trim, 1.0].max, inner.sides_mm[1]]) : inner
        return Grid.of_side(filled, @side) if @side
        return said_grid.with(tin: filled) unless @piece_grams

        Grid.of_area(filled, [@piece_grams / grams * tin.area_mm2 * used, filled.area_mm2].min)
      end

      def yielded(layers, grid, depth, number, kept, used)
        grams = layers.grams * kept
        cut = grams * grid.tin.area_mm2 / (tin.area_mm2 * used)
        each = cut / number
        body = grid.body(depth)
        Yield.new(count: number, words: counted(number), piece_grams: each, piece_ml: each / layers.density, body: body,
          size: "#{body.mm.first(2).map { |side| side.round }.join(" × ")} mm, #{said_mm(depth)} mm deep", practice_mm: depth,
          side_mm: grid.square_mm, layers: stacked(layers, each, depth), over_grams: layers.grams - grams,
          trim_grams: @trim.zero? ? nil : grams - cut, cut: Cut.of(grid, @trim), tin: tin_said(used),
          full_grams: @depth && layers.density * tin.area_mm2 * @tins * @depth / 1000, by_weight: Weighing.of(cut, number),
          gives_way: @depth ? "tin_mm" : "depth_mm", notes: notes(grid, used))
      end

      # A flavour that no piece falls to.
      def nothing(layers, grid, depth, whole)
        Yield.new(count: 0, words: counted(0), piece_grams: whole.grams, piece_ml: whole.millilitres, body: grid.body(depth), size: "",
          practice_mm: depth, over_grams: layers.grams, tin: tin_said(1.0))
      end

      def tin_said(used) = TinUsed.new(mm: tin.sides_mm, count: @tins, words: tin.words, filled_mm: (tin.sides_mm[0] * used if used < 1))

      def notes(grid, used)
        [("#{@count} pieces do not come out even in #{@tins} tins: #{grid.count} are cut in each." if @count && @count != grid.count * @tins),
          ("The dough fills #{(tin.sides_mm[0] * used).round} mm of the tin’s #{tin.sides_mm[0].round}." if used < 1),
          (odd(grid) if grid.aspect > LONGEST)].compact
      end

      # A piece so many times as long as wide is said.
      LONGEST = 3.5

      # The nearest number that comes out better, more pieces first.
      def odd(grid)
        near = [1, -1, 2, -2].map { |more| grid.count + more }.select(&:positive?).map { |count| Grid.of_count(grid.tin, count) }
          .find { |other| other.aspect < LONGEST }
        "#{grid.count} pieces come out as strips#{"; #{near.count} would be cut #{near.words}" if near}."
      end

      def said_mm(millimetres) = (millimetres < 10) ? millimetres.round(1) : millimetres.round
    end
  end
end
