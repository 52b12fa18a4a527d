# frozen_string_literal: true

module ElmCup
  module Binding
    # The lines of one component as they meet in the bowl: each with the figures that hold in this company.
    class Mix
      # What free water dissolves as soon as they meet, two grams a gram of water. Granulated and brown sugar dissolve slowly.
      # Source: docs/model.md, Binding, powdered sugar.
      DISSOLVING = %w[sugar-powdered].freeze
      # In the processor they go to paste where pulp leads, even against the oil that this sets free.
      TO_PASTE = %w[walnuts].freeze
      # A processor makes paste of dates, whether they were chopped before or not.
      PROCESSED = {"dates" => {"chopped" => "paste"}}.freeze
      # Volume of pieces: g/mL of dried fruit, and of nuts and chips. Source: docs/model.md, Binding.
      FRUIT_DENSITY = 1.35
      PIECE_DENSITY = 1.2
      MASS_DENSITY = 1.2

      attr_reader :lines, :process, :room_c, :portions, :saturation

      # lines: Ingredient::Lines, all read; room_c: the temperature it is mixed at.
      # alone: Portions of the first lines as they are out of company, where they are known; taught: Taught.
      def initialize(lines, process:, room_c:, library:, alone: [], taught: Taught.nothing)
        @lines = lines
        @process = process
        @room_c = room_c
        @library = library
        @taught = taught
        @alone = (alone + lines.drop(alone.size).map { |line| portion(line, to_paste?(line) ? "paste" : line.form) }).freeze
        guess = Saturation.of(@alone, taught)
        @pulp_led = guess.pulp_led?
        @undissolved = undissolved(guess.free_water_grams)
        @portions = @alone.map { |each| in_company(each) }.freeze
        @saturation = Saturation.of(@portions, taught)
        freeze
      end

      # The mix with one more line.
      def with(line) = Mix.new(lines + [line], process: process, room_c: room_c, library: @library, alone: @alone, taught: @taught)

      # Dates and other pulp lead.
      def date_led? = saturation.pulp_led?

      # The texture number after half an hour's rest, and at another temperature; nil where there is none.
      def number_rested
        demand = portions.sum(0.0) { |each| each.d_ml + (each.figures.d30 - each.figures.d) * each.line.base_grams.to_f * each.undissolved }
        saturation.with_demand(demand).number
      end

      def number_at(celsius) = Mix.new(lines, process: process, room_c: celsius, library: @library, taught: @taught).saturation.number

      # Share of the supply that sets between melted and so cold.
      def setting_share(celsius)
        melted, cold = [1.0, nil].map { |liquid|
          portions.sum(0.0) { |each| each.o_ml / each.liquid * (liquid || Fat::LiquidShare.share(each.figures.fat_curve, celsius)) }
        }
        saturation.supply.positive? ? (melted - cold) / saturation.supply : 0.0
      end

      # A watery line is in it; a spoon of vanilla makes no watery bowl.
      def watery? = portions.any? { |each| each.figures.kind == "water" && each.line.entry.family != "flavour" && each.free_ml.positive? }

      # [Portion, mL of it that count] of every line.
      def counted = portions.map { |each| [each, saturation.counted_ml(each)] }

      # Share of the volume that is pieces; over .4 they fall out.
      def inclusion_share
        pieces = portions.select { |each| each.figures.inclusion }
        volume = pieces.sum(0.0) { |each| each.grams / ((each.line.entry.family == "dried fruit") ? FRUIT_DENSITY : PIECE_DENSITY) }
        rest = (portions - pieces).sum(0.0) { |each| each.grams / MASS_DENSITY }
        volume.zero? ? 0.0 : volume / (volume + rest)
      end

      # Figures per gram of a line that is not in the bowl yet. More of a sugar that has taken all the water counts in full; what there is
      # water for counts nothing.
      def portion_of(line)
        portion = in_company(portion(line, to_paste?(line) ? "paste" : line.form))
        return portion unless dissolving?(line)

        again(portion, @undissolved.positive? ? 1.0 : 0.0)
      end

      private

      def portion(line, form)
        form = PROCESSED.dig(line.entry.family, form) || form if process == "processor"
        figures = @library.binding(line.entry.id, form) || @library.binding(line.entry.id, line.entry.form_under(process))
        Portion.new(line, figures, line.melted ? 1.0 : Fat::LiquidShare.share(figures.fat_curve, room_c))
      end

      def to_paste?(line) = process == "processor" && TO_PASTE.include?(line.entry.like) && !line.form_named

      def dissolving?(line) = DISSOLVING.include?(line.entry.like)

      def in_company(each)
        return again(each, @undissolved) if dissolving?(each.line) && @undissolved < 1.0
        return portion(each.line, each.line.form) if !@pulp_led && to_paste?(each.line)

        each
      end

      def again(each, undissolved) = Portion.new(each.line, each.figures, each.liquid, undissolved: undissolved)

      # The share of the powdered sugar that is left as powder by so many grams of free water.
      def undissolved(water)
        grams = @alone.sum(0.0) { |each| dissolving?(each.line) ? each.grams : 0.0 }
        return water.positive? ? 0.0 : 1.0 unless grams.positive?

        [1 - LooseSugar::DISSOLVED_BY_WATER * water / grams, 0.0].max
      end
    end
  end
end
