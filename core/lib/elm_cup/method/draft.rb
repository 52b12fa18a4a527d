# frozen_string_literal: true

module ElmCup
  module Method
    # The steps that a formula asks for, drafted from what is known of it: its ingredients, parts, shape, coat and cold.
    class Draft
      # assessment: Assessment; baked: it is to be baked.
      def initialize(assessment, baked: false)
        @assessment = assessment
        @baked = baked
        @sheet = Sheet.new
      end

      # Steps, each after those that it waits for; none where nothing is read.
      def steps
        return [] if @assessment.read_lines.empty?

        start = set_out
        ready = make_parts(start)
        PieceSteps.new(@sheet, @assessment, ready, start, baked: @baked).add if @assessment.pieces.together&.count&.positive?
        @sheet.steps
      end

      private

      def set_out
        shape = @assessment.formula.shape&.id
        line = {"slab" => " and line the tin", "cup" => " and set the cases out", "mould" => " and wipe the mould"}.fetch(shape, "")
        @sheet.add("set_out", after: [], facts: {and_line: line})
      end

      # Name of each part => id of its last step, those first of which others take.
      def make_parts(start)
        steps = PartSteps.new(@sheet, @assessment)
        melted = @assessment.formula.coat&.component if @assessment.coat.need&.used&.melted?
        parts = @assessment.components.reject { |part| part.empty? || part.type.id == "topping" || part.name == melted }
        ready = {}
        until parts.empty?
          part = parts.find { |each| each.takings.none? { |taking| waiting?(taking, parts, each) } } || parts.first
          ready[part.name] = steps.add(part, start, part.takings.filter_map { |taking| ready[taking.take.component] })
          parts -= [part]
        end
        ready
      end

      def waiting?(taking, parts, part) = parts.any? { |each| each != part && each.name == taking.take.component }
    end
  end
end
