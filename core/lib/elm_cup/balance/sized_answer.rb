# frozen_string_literal: true

module ElmCup
  module Balance
    # The answer that shapes the bowl in pieces of another size and moves lines of it as well.
    class SizedAnswer
      attr_reader :number

      # resized: Resized, the bowl as it is in pieces of that size; answer: Answer from there; least: nothing is less for sure.
      def initialize(resized, answer, least: false, number: 0)
        @resized = resized
        @answer = answer
        @least = least
        @number = number
      end

      # The same, as the answer that it came to be among others.
      def ranked(least:, number:) = SizedAnswer.new(@resized, @answer, least: least, number: number)

      def document = @answer.document

      def patch = @resized.patch + @answer.patch

      def before = @resized.before

      def after = @answer.after

      def assessment = @answer.assessment

      # Both changes count.
      def size = @resized.size + @answer.size

      # None that keeps to that size counts less.
      def bound = @resized.size + @answer.bound

      def proved? = @least

      def times = @answer.times

      def changes = [resizing, *@answer.changes]

      def why = "#{resizing.text}; #{@answer.moves.then { |text| text[0].downcase + text[1..] }}: #{Reason.least(proved: @least, number: number, edge: @answer.edge?)}"

      # The size of the change is that of both; the other figures are those of the lines.
      def sums
        size, *others = @answer.sums
        piece = @resized.sums.first
        [size.with(value: (size.value + piece.value).round(7), formula: "#{size.formula} + #{piece.formula}",
          inputs: size.inputs.merge(piece.inputs), labels: size.labels.merge(piece.labels)), *others]
      end

      private

      # As large as pieces come out in the end: where their number is said, lines that moved change it too.
      def resizing = @resizing ||= @resized.with(assessment: assessment).changes.first
    end
  end
end
