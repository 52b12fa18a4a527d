# frozen_string_literal: true

module ElmCup
  module Binding
    # The lines of one component as they meet in the bowl: each with the figures that hold in this company.
    class Mix
      # Powdered sugar dissolves where watery binder is more than fat; walnuts in the processor go to paste where dates lead.
      DISSOLVING = {"sugar-powdered" => "dissolved"}.freeze
      TO_PASTE = %w[walnuts].freeze
      # A processor makes paste of dates, whether they were chopped before or not.
      PROCESSED = {"dates" => {"chopped" => "paste"}}.freeze
      # Volume of pieces: g/mL of dried fruit, and of nuts and chips. Source: docs/model.md, Binding.
      FRUIT_DENSITY = 1.35
      PIECE_DENSITY = 1.2
      MASS_DENSITY = 1.2

      attr_reader :lines, :process, :room_c, :portions, :saturation

      # lines: Ingredient::Lines, all read; room_c: the temperature it is mixed at.
      # alone: Portions of the first lines as they are out of company, where they are known.
      def initialize(lines, process:, room_c:, library:, alone: [])
        @lines = lines
        @process = process
        @room_c = room_c
        @library = library
        @alone = (alone + lines.drop(alone.size).map { |line| portion(line, line.form) }).freeze
        guess = Saturation.of(@alone)
        @portions = @alone.map { |each| in_company(each, guess) }.freeze
        @saturation = Saturation.of(@portions)
        freeze
      end

      # The mix with one more line.
      def with(line) = Mix.new(lines + [line], process: process, room_c: room_c, library: @library, alone: @alone)

      # Dates and other pulp lead.
      def date_led? = saturation.pulp_led?

      # Share of the volume that is pieces; over .4 they fall out.
      def inclusion_share
        pieces = portions.select { |each| each.figures.inclusion }
        volume = pieces.sum(0.0) { |each| each.grams / ((each.line.entry.family == "dried fruit") ? FRUIT_DENSITY : PIECE_DENSITY) }
        rest = (portions - pieces).sum(0.0) { |each| each.grams / MASS_DENSITY }
        volume.zero? ? 0.0 : volume / (volume + rest)
      end

      # Figures per gram of a line that is not in the bowl yet.
      def portion_of(line) = in_company(portion(line, line.form), saturation)

      private

      def portion(line, form)
        form = PROCESSED.dig(line.entry.family, form) || form if process == "processor"
        figures = @library.binding(line.entry.id, form) || @library.binding(line.entry.id, line.entry.form_under(process))
        Portion.new(line, figures, line.melted ? 1.0 : Fat::LiquidShare.share(figures.fat_curve, room_c))
      end

      def in_company(each, saturation)
        id = each.line.entry.like
        dissolved = DISSOLVING[id]
        return portion(each.line, dissolved) if dissolved && saturation.watery > saturation.fat
        return portion(each.line, "paste") if TO_PASTE.include?(id) && process == "processor" && !each.line.form_named &&
          saturation.pulp_led?

        each
      end
    end
  end
end
