# frozen_string_literal: true

module ElmCup
  module Piece
    # How often the processor, a mould or a tray has to be filled for all of it.
    class Rounds
      # what: "processor", "mould" or "tray"; name of the tool; of: the component that is mixed, nil for pieces; fits: how much goes in at
      # once, in pieces or mL; rounds; words
      Round = Value.of(:what, :name, :of, :fits, :rounds, :words) do
        self::DIGITS = {fits: 0}.freeze
      end
      # A processor works while its bowl is at most so full. Source: common practice.
      FULLEST = Rational(2, 3)
      # Millimetres between pieces on a tray, so that they do not touch when they are coated. Source: common practice.
      APART_MM = 10.0

      # together: the Yield of all.
      def initialize(assessment, together)
        @assessment = assessment
        @together = together
        @shape = assessment.formula.shape
        @equipment = assessment.formula.kitchen.equipment
      end

      # Rounds, of whatever it needs.
      def all = [*processor, mould, tray].compact

      private

      def processor
        bowl = @equipment.processor
        fits = bowl.ml * FULLEST
        @assessment.components.select { |part| part.process == "processor" && !part.bowl.empty? && part.type.judged? }.map do |part|
          ml = part.bowl.grams / part.density(false)
          rounds = (ml / fits).ceil
          Round.new(what: "processor", name: bowl.name, of: part.name, fits: fits, rounds: rounds,
            words: "#{part.name}: #{ml.round} mL in a bowl of #{bowl.ml.round}, #{times(rounds)}")
        end
      end

      def mould
        cavities = @shape.cavities_of(@together) or return
        tool = @equipment["moulds"].find { |each| @shape.made_with?(each) } or return
        rounds = (cavities.to_f / tool.cavities).ceil
        Round.new(what: "mould", name: tool.name, of: nil, fits: tool.cavities, rounds: rounds,
          words: "#{cavities} cavities, #{tool.cavities} in the #{tool.name}, #{times(rounds)}")
      end

      def tray
        largest = @equipment["trays"].max_by { |tool| tool.tin.area_mm2 } or return
        fits, rounds = @together.sheet_cm2 ? sheets(largest) : placed(largest)
        return unless fits&.positive?

        much = @together.sheet_cm2 ? "a sheet of #{@together.sheet_cm2.round} cm²" : "#{fits} at once"
        words = "#{@together.words} on the #{largest.name}: #{much}, #{times(rounds)}"
        Round.new(what: "tray", name: largest.name, of: nil, fits: fits, rounds: rounds, words: words)
      end

      def sheets(tool)
        area = tool.tin.area_mm2 / 100
        [area, (@together.sheet_cm2 / area).ceil]
      end

      # Rows and columns of pieces lying with a gap; what is cut in its tin stays there.
      def placed(tool)
        return if @together.tin || @shape.cavities_of(@together)

        length, width = @together.piece_mm.first(2).map { |mm| mm + APART_MM }
        sides = tool.tin.sides_mm
        fits = [(sides[0] / length).floor * ((sides[1] || sides[0]) / width).floor,
          (sides[0] / width).floor * ((sides[1] || sides[0]) / length).floor].max
        [fits, fits.zero? ? nil : (@together.count.to_f / fits).ceil]
      end

      def times(rounds) = (rounds == 1) ? "in one go" : "in #{rounds} rounds"
    end
  end
end
