# frozen_string_literal: true

module ElmCup
  module SecondLook
    # A slab higher than the edge of its tin.
    module TinTooSmall
      ID = "tin-too-small"
      # How deep a tin is of which nobody says. Common practice: hardly one is deeper.
      USUAL_MM = 65.0

      # Findings about a Whole; empty where there is nothing to say.
      def self.look(whole)
        pieces = whole.assessment.pieces.together
        return [] unless pieces&.tin && pieces.count.positive?

        shape = whole.assessment.formula.shape
        edge = edge(whole.assessment.formula)
        deep = pieces.height_mm
        return [] unless deep > edge

        words, patch = remedy(whole, shape, pieces, edge)
        [Finding.mended_by(rule: ID, component: whole.tables.first.name, remedy_text: words, patch: patch,
          message: "The slab would stand #{deep.round} mm high in a #{pieces.tin.words}, whose edge is #{edge.round} mm at the most.")]
      end

      # Millimetres.
      def self.edge(formula)
        formula.kitchen.equipment["tins"].find { |tool| formula.shape.made_with?(tool) && tool.depth_mm }&.depth_mm || USUAL_MM
      end

      # [words, patch] of as deep as the tin is, where the depth is said; of the best tin that it does not overflow, or of as many of this
      # one as it takes; more than there may be are left.
      def self.remedy(whole, shape, pieces, edge)
        return ["Fill it #{edge.floor} mm deep", shape.with_said(depth_mm: edge.floor).patch(shape)] if shape.said["depth_mm"]

        best = Piece::Picker.new(whole.assessment.formula, whole.assessment.formed_layers, pieces).choices.find(&:fits)
        return ["Take the #{best.name}", Piece::Shape.from(best.shape).patch(shape)] if best

        tins = (pieces.tin.count * pieces.height_mm / edge).ceil
        return ["Leave it so", LineRemedy.mute(whole, ID)] if tins > Piece::Slab::MOST_TINS

        ["Take #{tins} such tins", shape.with_said(tins: tins).patch(shape)]
      end
      private_class_method :edge, :remedy
    end
  end
end
