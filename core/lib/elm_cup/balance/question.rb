# frozen_string_literal: true

module ElmCup
  module Balance
    # What is asked: a Situation, wishes, and how long it may take. Gives Problems for any of the wishes, and says whether they can
    # be had together.
    class Question
      attr_reader :situation, :wishes, :pace

      # near: textures that hold keep within so many classes of where they are, where that can be; nil where the whole class will do.
      def initialize(situation, wishes, pace, near: nil)
        @near = near
        @situation = situation
        @wishes = wishes
        @pace = pace
        @possible = {}
      end

      # The Problem of some wishes, each with its own bowl to set out from. Classes of texture are whole.
      def problem(wishes, corrections: {}, all: true)
        Problem.new(Sizing.of(situation, wishes), wishes, corrections: corrections, all: all, near: all ? nil : @near)
      end

      # true, false, or nil where the time did not suffice to know.
      def possible?(wishes)
        key = wishes.map(&:text).sort
        return @possible[key] if @possible.key?(key)

        answer = asked(problem(wishes).program)
        @possible[key] = answer unless answer.nil?
        answer
      end

      # The figure of a wish as the bowl is now; nil where it has none. Of bowls that are shaped each for itself whole pieces count.
      def now(wish)
        rows = Rows.new(situation)
        grams = situation.all.map(&:grams)
        (wish.in_pieces? && situation.pieces&.apart?) ? rows.piece_count(grams) : wish.in_sums(situation, rows, grams)
      end

      private

      def asked(program)
        return false if Solver.solve(program, seconds: pace.left, whole: false).status == :infeasible

        status = Solver.solve(program.with_cost({}, 0.0), seconds: pace.left)
        return true if status.found?

        (status.status == :infeasible) ? false : nil
      end
    end
  end
end
