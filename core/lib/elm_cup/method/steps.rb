# frozen_string_literal: true

module ElmCup
  module Method
    # The method of a formula: what is drafted of it, the recipe's own lines among it, and what the cook set otherwise.
    class Steps
      BAKE = "bake"

      # assessment: Assessment. InvalidDocument where steps wait for each other in a circle.
      def initialize(assessment)
        @assessment = assessment
        @said = assessment.formula.steps
        @edits = Edits.new(@said)
        refuse_circle if @edits.circle.any?
      end

      # Steps in their order, dropped ones too.
      def all = @all ||= graph.steps

      # Steps that are done.
      def kept = @kept ||= all.reject(&:dropped)

      # Steps that are drafted, before anybody set anything otherwise.
      def drafted
        @drafted ||= begin
          baked = @said.any? { |each| each["step"] == BAKE && !each["dropped"] }
          Sayings.new(Draft.new(@assessment, baked: baked).steps, @assessment.formula.notes).steps
        end
      end

      # Hands-on minutes of all that is done, with their band.
      def hands
        kept.map(&:hands).reduce(Hands.none) { |sum, hands| sum + hands }.then { |sum| sum.with(minutes: sum.minutes + kept.sum(&:out)) }
      end

      # A baked slab would do: it is one that suits, and nobody asked for it yet.
      def bakes? = Keeping::Baked.suits?(@assessment) && all.none? { |step| step.step == BAKE }

      private

      def graph = @graph ||= @edits.graph(drafted)

      def refuse_circle
        known = drafted.to_h { |step| [step.id, step.text] }
        texts = @edits.circle.map { |id| "“#{@edits.text(id) || known.fetch(id, id)}”" }
        InvalidDocument.refuse("/steps", :step_circle, steps: texts.join(" waits for "))
      end
    end
  end
end
