# frozen_string_literal: true

module ElmCup
  module Piece
    # What is seen from above, to scale: the tin with its cut, or a tray, a mould or a sheet with its pieces lying on it.
    #   on         "tin", "tray", "mould" or "sheet"      words  the same for who cannot see it
    #   outline_mm [across, along] of it, or [diameter]
    #   spots_mm   [x, y] of the middle of each piece that is shown, from the corner or the middle of the outline
    #   spot_mm    [length, width] of a piece              round  pieces are round
    #   more       pieces that did not fit on it
    TopView = Value.of(:on, :words, :outline_mm, :spots_mm, :spot_mm, :round, :more) do
      self::DIGITS = {outline_mm: 1, spots_mm: 1, spot_mm: 1}.freeze
      # A mould's cavities lie so far apart.
      self::APART_MM = 8.0

      class << self
        # The TopView of an assessment's pieces together; nil where there are none.
        def of(assessment)
          pieces = assessment.pieces.together
          return unless pieces&.count&.positive?
          return in_tin(pieces) if pieces.tin

          cavities = assessment.formula.shape.cavities_of(pieces)
          tools = assessment.formula.kitchen.equipment
          return in_mould(pieces, cavities, tools["moulds"].find { |tool| assessment.formula.shape.made_with?(tool) }) if cavities

          on_tray(pieces, tools["trays"].max_by { |tool| tool.tin.area_mm2 })
        end

        private

        def in_tin(pieces)
          said = {on: "tin", words: "#{pieces.tin.words}, cut #{pieces.cut.words}: #{pieces.words}", outline_mm: pieces.tin.mm,
                  round: false, more: 0,
                  spot_mm: pieces.piece_mm.first(2)}
          new(**said, spots_mm: (pieces.tin.mm.size == 1) ? wedges(pieces.cut) : squares(pieces.cut))
        end

        def squares(cut)
          middles = ->(lines) { lines.each_cons(2).map { |one, other| (one + other) / 2 } }
          middles[cut.y_mm].product(middles[cut.x_mm]).map(&:reverse)
        end

        # From the middle of the tin, ring by ring.
        def wedges(cut)
          [0.0, *cut.rings_mm].each_cons(2).flat_map do |inner, outer|
            reach = inner.zero? ? outer * 0.62 : (inner + outer) / 2
            Array.new(cut.grid[0]) { |at| ((at + 0.5) * 2 * Math::PI / cut.grid[0]).then { |turn| [reach * Math.sin(turn), -reach * Math.cos(turn)] } }
          end
        end

        def in_mould(pieces, cavities, tool)
          count = tool ? tool.cavities : cavities
          across = Math.sqrt(count * 1.5).ceil
          pitch = pieces.piece_mm.first + self::APART_MM
          rows = (count.to_f / across).ceil
          spots = (0...count).map { |at| [pitch * (at % across + 0.5), pitch * (at / across + 0.5)] }
          new(on: "mould", words: [tool && "the #{tool.name}", "#{count} cavities"].compact.join(", "), outline_mm: [across * pitch,
            rows * pitch],
            spots_mm: spots.first(cavities), spot_mm: pieces.piece_mm.first(2), round: true, more: [cavities - count, 0].max)
        end

        def on_tray(pieces, tool)
          sides = tool ? tool.tin.sides_mm.map(&:to_f) : [300.0, 220.0]
          sides = [sides[0], sides[0]] if sides.size == 1
          return sheet(pieces, sides) if pieces.sheet_cm2

          length, width = pieces.piece_mm.first(2)
          columns, rows = [length, width].zip(sides).map { |mm, side| [((side - Rounds::APART_MM) / (mm + Rounds::APART_MM)).floor, 1].max }
          fits = [columns * rows, pieces.count].min
          spots = (0...fits).map { |at|
            [at % columns, at / columns].zip([length, width]).map { |place, mm|
              Rounds::APART_MM + mm / 2 + place * (mm + Rounds::APART_MM)
            }
          }
          new(on: "tray", words: "#{fits} of #{pieces.words} on a tray of #{sides.map(&:round).join(" × ")} mm", outline_mm: sides,
            spots_mm: spots, spot_mm: [length, width],
            round: pieces.form != "bar", more: pieces.count - fits)
        end

        # As wide as the tray, and as long as there is of it.
        def sheet(pieces, sides)
          long = pieces.sheet_cm2 * 100 / sides[1]
          new(on: "sheet", words: "a sheet of #{[long, sides[0]].min.round} × #{sides[1].round} mm on a tray of #{sides.map(&:round).join(" × ")} mm", outline_mm: sides,
            spots_mm: [[[long, sides[0]].min, sides[1]]], spot_mm: pieces.piece_mm.first(2), round: false, more: 0)
        end
      end
    end
  end
end
