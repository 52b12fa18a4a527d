# frozen_string_literal: true

module ElmCup
  module Piece
    # Where the knife goes in each tin, as a drawing and a template need it. Millimetres from the corner of the tin, or from its middle.
    #   grid      [columns, rows], or [wedges, rings]     words      the same in words
    #   x_mm, y_mm   of the lines across and along, the trimmed edges among them; empty for a round tin
    #   rings_mm  radii of the rings that are cut; empty for a square tin      trim_mm   what goes all around
    Cut = Value.of(:grid, :words, :trim_mm, x_mm: [].freeze, y_mm: [].freeze, rings_mm: [].freeze) do
      self::DIGITS = {x_mm: 1, y_mm: 1, rings_mm: 1, trim_mm: 1}.freeze

      # The Cut of a Grid.
      def self.of(grid, trim_mm)
        said = {grid: [grid.across, grid.along], words: grid.words, trim_mm: trim_mm}
        return new(**said, rings_mm: grid.rings_mm.drop(1)) if grid.tin.round?

        x, y = grid.tin.sides_mm.zip([grid.across, grid.along]).map { |side, parts|
          (0..parts).map { |at|
            trim_mm + side.to_f * at / parts
          }
        }
        new(**said, x_mm: x, y_mm: y)
      end
    end
  end
end
