# frozen_string_literal: true

module ElmCup
  module Plan
    # How good starts are: minutes late, the span, the span of the hands, visits, and the sum of starts, the least first.
    class Criteria
      # What starts come to. late: minutes over the deadlines; span: from the first start to `at`, or from `at` to the last end;
      # hands_span: from the first hand's turn to the end of the last; visits to the kitchen; hands_minutes; sum of all starts
      Figures = Value.of(:late, :span, :hands_span, :visits, :hands_minutes, :sum_of_starts) do
        include Comparable

        def <=>(other) = rank <=> other.rank

        def rank = [late, span, hands_span, visits, sum_of_starts]
      end

      def initialize(project)
        @project = project
        @minutes = project.tasks.map(&:minutes)
        @deadlines = project.tasks.map { |task| project.deadline(task) }
        @hands = project.tasks.each_index.select { |at| project.tasks[at].hands_on? && !project.tasks[at].past }
      end

      # Figures of real starts.
      def of(starts)
        turns = turns(starts)
        Figures.new(late: late(starts), span: span(starts), hands_span: turns.empty? ? 0 : turns.map(&:last).max - turns.first.first,
          visits: visits(turns).size, hands_minutes: turns.sum { |from, to| to - from }, sum_of_starts: starts.sum)
      end

      # [[from, to], …] of the visits of real starts.
      def visits(turns)
        turns.each_with_object([]) do |(from, to), visits|
          if visits.any? && from - visits.last.last <= Project::VISIT_GAP
            visits.last[1] = to if to > visits.last.last
          else
            visits << [from, to]
          end
        end
      end

      # [[from, to], …] of every hand's turn, in their order.
      def turns(starts) = @hands.map { |at| [starts[at], starts[at] + @minutes[at]] }.sort!

      # Whether these starts are worse than Figures by what is quickly told.
      def plainly_worse?(starts, figures)
        return false if figures.nil?

        late = late(starts)
        late > figures.late || (late == figures.late && span(starts) > figures.span)
      end

      private

      def late(starts)
        most = 0
        @deadlines.each_with_index do |deadline, at|
          next unless deadline

          over = starts[at] + @minutes[at] - deadline
          most = over if over > most
        end
        most
      end

      def span(starts)
        return @project.at - starts.min if @project.ready_by?

        last = @project.at
        starts.each_with_index { |start, at| last = start + @minutes[at] if start + @minutes[at] > last }
        last - @project.at
      end
    end
  end
end
