# frozen_string_literal: true

module ElmCup
  module Balance
    # The answer that makes it in another way and moves lines of it as well.
    class VariantAnswer
      attr_reader :number

      # variant: Variant; answer: Answer from there; least: nothing is less for sure.
      def initialize(variant, answer, least: false, number: 0)
        @variant = variant
        @answer = answer
        @least = least
        @number = number
      end

      # The same, as the answer that it came to be among others.
      def ranked(least:, number:) = VariantAnswer.new(@variant, @answer, least: least, number: number)

      def document = @answer.document

      def patch = @variant.patch + @answer.patch

      def before = @variant.before

      def after = @answer.after

      def assessment = @answer.assessment

      # Both changes count.
      def size = @variant.size + @answer.size

      def bound = @variant.size + @answer.bound

      def proved? = @least

      def times = @answer.times

      def changes = [*@variant.changes, *@answer.changes]

      def why
        moves = @answer.moves
        "#{@variant.words}; #{moves[0].downcase}#{moves[1..]}: #{Reason.least(proved: @least, number: number, edge: @answer.edge?)}"
      end

      # Those of the lines; the other change counts beside them.
      def sums = @answer.sums
    end
  end
end
