# frozen_string_literal: true

module ElmCup
  module Balance
    # One formula that grants the wishes, and what it does to everything else.
    class Answer
      attr_reader :settled, :before, :number

      # settled: Settlement; before: Assessment::Outline of the formula as it is; number: which answer it is, from 0; one_size: pieces of
      # other sizes may do with less, and not all of them were looked at.
      def initialize(settled, before, number: 0, one_size: false)
        @settled = settled
        @before = before
        @number = number
        @one_size = one_size
      end

      # The same, as the answer that it came to be among others with pieces of other sizes.
      def ranked(least:, **) = Answer.new(settled, before, number: number, one_size: !least)

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

      # A first answer is so only where no other size of a piece does with less; the others are what `why` says.
      def proved? = settled.found.proved? && (number.positive? || !@one_size)

      # None that keeps the pieces as large as they are counts less.
      def bound = settled.found.bound

      def edge? = settled.edge

      # How many times as large the batch was made first, exact.
      def times = settled.problem.situation.times

      # One sentence that says why it is the least.
      def why = Reason.call(changes, settled.found, number, times: times, edge: edge?, quick: settled.quick, one_size: @one_size)

      # What is done, in words: "More oats".
      def moves = Reason.said(changes, times)

      # Sums::Sums behind its figures.
      def sums = Sums.new(settled.problem, settled.problem.grams_at(settled.found.values), settled.found).to_a
    end
  end
end
