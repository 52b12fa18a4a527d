# frozen_string_literal: true

module ElmCup
  module Balance
    # One formula that grants the wishes, and what it does to everything else.
    class Answer
      attr_reader :settled, :before, :number

      # settled: Settlement; before: Assessment::Outline of the formula as it is; number: which answer it is, from 0.
      def initialize(settled, before, number: 0)
        @settled = settled
        @before = before
        @number = number
      end

      # The formula document, the Changes that made it, and the JSON Patch of them.
      def document = settled.builder.document

      def changes = settled.builder.changes

      def patch = settled.builder.patch

      # Assessment::Outline of it.
      def after = @after ||= Assessment::Outline.new(settled.assessment)

      # The Assessment of it.
      def assessment = settled.assessment

      # What the change counts; none is less for sure.
      def size = settled.found.cost

      def proved? = settled.found.proved?

      # How many times as large the batch was made first, exact.
      def times = settled.problem.situation.times

      # One sentence that says why it is the least.
      def why = Reason.call(changes, settled.found, number, times: times, edge: settled.edge, quick: settled.quick)

      # Sums::Sums behind its figures.
      def sums = Sums.new(settled.problem, settled.problem.grams_at(settled.found.values), settled.found).to_a
    end
  end
end
