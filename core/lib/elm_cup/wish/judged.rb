# frozen_string_literal: true

module ElmCup
  module Wish
    # A figure that is no sum over grams, such as how warm it can get: judged by the assessment alone, and met by cuts. Each time an
    # answer misses it, a straight line through the figure about that answer bounds the next one.
    #
    # A kind of it says its Key (`figure`) and gives `value_of(assessment)`, nil where there is none. Its Key is of "judged".
    class Judged < Figure
      # How far a cut comes in beyond the bound, as a share of the bound.
      FURTHER = 0.001

      # Registers the class for a figure; facts: members of its Key but key and of.
      def self.figure(key, **facts)
        Key.register(Key.new(key: key, of: "judged", field: nil, **facts))
        for_keys key
      end

      def now(assessment) = value_of(assessment)&.round(row.places)

      # No bound on any sum: cuts alone.
      def constrain(problem)
        problem.correction(self).cuts.each { |cut| problem.at_most_nothing(self, cut) }
      end

      def in_sums(_situation, _rows, _grams) = nil

      def tighten(before, seen, sums)
        figure = value_of(seen) or return before
        lower, upper = limits
        cuts = [(cut(sums, figure, upper, 1) if upper && figure > upper), (cut(sums, figure, lower, -1) if lower && figure < lower)].compact
        before.with(cuts: before.cuts + cuts)
      end

      private

      def cut(sums, figure, bound, sign)
        beyond = on_line(bound - sign * FURTHER * bound.abs)
        sums.slopes.cut(on_line(figure), beyond, sign) { |assessment| value_of(assessment)&.then { |value| on_line(value) } }
      end

      # A figure as cuts see it: on a scale on which it moves evenly.
      def on_line(value) = value

      def plain_words(_library) = "#{row.name} #{bounded}"
    end
  end
end
