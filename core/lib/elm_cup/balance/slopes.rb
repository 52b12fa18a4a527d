# frozen_string_literal: true

module ElmCup
  module Balance
    # How a figure that is no sum moves with each amount about a solution: its value with one step more or less of each, by the ordinary
    # assessment. A straight line through these is a cut that the next solution keeps to.
    class Slopes
      # problem: Problem; values: of its Solution; judge: gives the Assessment of other values.
      def initialize(problem, values, &judge)
        @problem = problem
        @values = values
        @judge = judge
      end

      # A Linear that is at most nothing where the figure, taken as straight, is at most `most` (sign 1) or at least that (sign -1).
      # value: what it is now; figure: gives it of an Assessment, nil where it has none.
      def cut(value, most, sign, &figure)
        grams = @problem.grams_at(@values)
        per_gram = @problem.moves.map { |move| slope(move, value, &figure) * sign }
        at_now = per_gram.each_index.sum { |at| per_gram[at] * grams[at] }
        Linear.new(per_gram, sign * (value - most) - at_now)
      end

      private

      # Of one gram; nothing for what cannot move.
      def slope(move, value, &figure)
        others = stepped(move) or return 0.0
        moved = figure.call(@judge.call(others)) or return 0.0
        grams = @problem.grams_at(others)[move.at] - @problem.grams_at(@values)[move.at]
        grams.zero? ? 0.0 : (moved - value) / grams
      end

      # The values with one step more of an amount, or one less where there is no room.
      def stepped(move)
        return if move.gone || move.fixed

        column, by = move.count ? counted(move) : lined(move)
        return unless column

        @values.dup.tap do |others|
          others[column] = others[column].round + by
          others[move.comes] = 1 if move.comes && by.positive?
        end
      end

      def counted(move) = room?(move.count) ? [move.count, 1] : [move.count, -1]

      def lined(move)
        return [move.down, -1] if @values[move.down].round.positive?

        room?(move.up) ? [move.up, 1] : nil
      end

      def room?(column) = @values[column].round < @problem.program.columns[column].upper
    end
  end
end
