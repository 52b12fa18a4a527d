# frozen_string_literal: true

module ElmCup
  module Piece
    # What each tool of a kitchen would make of a dough, the best first.
    class Picker
      # tool: its id; name; words: what it would give; shape: the shape with it (Hash); chosen: it is the one there is; miss: how far it is
      # from what is wanted, 0 for just so; own: the kitchen has it; fits: it does not run over its edge
      Choice = Value.of(:tool, :name, :words, :shape, :chosen, :own, :miss, :fits) do
        self::DIGITS = {miss: 3}.freeze
      end

      # formula: Document::Formula; layers: Layers of the dough; now: the Yield there is.
      def initialize(formula, layers, now)
        @formula = formula
        @shape = formula.shape
        @layers = layers
        @now = now
      end

      # Choices; none of a shape that needs no tool. Those of the kitchen before the others that are usual.
      def choices
        kind = @shape.class.tools or return []
        own = @formula.kitchen.equipment[kind]
        more = Equipment.common.fetch(kind).map { |said| Tool.from(kind, said) }.reject { |tool| own.any? { |each| each.id == tool.id } }
        (own.filter_map { |tool| choice(tool, true) } + more.filter_map { |tool| choice(tool, false) })
          .sort_by { |choice| [choice.own ? 0 : 1, choice.miss] }
      end

      private

      def choice(tool, own)
        shape = @shape.with_tool(tool)
        return if shape.class.sense_faults(shape.said, "").any?

        yielded = shape.yields_of([@layers], whole: @layers, inset: @formula.coat&.inset || Inset::NONE).first
        return unless yielded.count.positive?

        Choice.new(tool: tool.id, name: tool.name, words: words(tool, yielded), shape: shape.said, chosen: @shape.made_with?(tool),
          own: own, miss: @shape.miss(yielded, @now).abs, fits: fits?(tool, yielded))
      end

      def words(tool, yielded)
        said = "#{@shape.measured(yielded)}, #{yielded.count} of #{yielded.piece_grams.round((yielded.piece_grams < 10) ? 1 : 0)} g"
        fits?(tool, yielded) ? said : "#{said}: higher than its edge"
      end

      def fits?(tool, yielded) = tool.depth_mm.nil? || yielded.body.mm.last <= tool.depth_mm
    end
  end
end
