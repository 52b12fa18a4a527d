# frozen_string_literal: true

module ElmCup
  module Balance
    # Finds the least of a Program in little time: first among the options that the relaxed programme takes and the few that it
    # nearly takes, then, while there is time, among all of them.
    class Search
      NEARLY = 8
      # The cost is the least for sure when no bound lies this far below it.
      SURE = 1e-6
      # cost and values of what was found; bound: none costs less than that.
      Found = Value.of(:cost, :values, :bound) do
        # There is none less.
        def proved? = above <= SURE

        # The share of its cost that it may be above the least.
        def above = cost.positive? ? [(cost - bound) / cost, 0.0].max : 0.0
      end

      # pace: Pace.
      def initialize(program, pace)
        @program = program
        @pace = pace
      end

      # Found among the likely options, or among all where those will not do; nil where there is nothing, or no time.
      # :impossible where nothing can be found, whatever the time.
      def first
        relaxed = Solver.solve(@program, seconds: @pace.left, whole: false)
        return :impossible if relaxed.status == :infeasible
        return unless relaxed.found?

        left_out = unlikely(relaxed)
        return solved(@program) if left_out.empty?

        found = solved(@program.without(left_out))
        found.is_a?(Found) ? found.with(bound: relaxed.cost) : solved(@program)
      end

      # The least of all, or what is nearest to it in the time; `than` is a Found already and stands where nothing less is found.
      def best(than)
        return than if than.proved?

        found = solved(@program)
        return than unless found.is_a?(Found)

        (found.cost < than.cost) ? found : than.with(bound: [found.bound, than.bound].max)
      end

      private

      def solved(program)
        return if @pace.over?

        solution = Solver.solve(program, seconds: @pace.left)
        return :impossible if solution.status == :infeasible

        Found.new(cost: solution.cost, values: solution.values, bound: solution.bound || -Float::INFINITY) if solution.found?
      end

      # Columns of the options that the relaxed programme leaves at nothing, but for those that would come in if they cost a little less.
      def unlikely(relaxed)
        idle = @program.options.reject { |columns| columns.any? { |at| relaxed.values[at] > Solver::TOLERANCE } }
        far = idle.sort_by.with_index { |columns, order| [dearness(columns, relaxed), order] }.drop(NEARLY)
        far.flatten
      end

      # Share of its cost that an option would have to lose to be taken, 0 to 1; what stands in for a line is always looked at.
      def dearness(columns, relaxed)
        costs = columns.map { |at| @program.columns[at].cost }
        return 0.0 if costs.any?(&:negative?)

        cost = costs.last + ((columns.size > 1) ? costs.first / @program.columns[columns.last].upper : 0.0)
        columns.map { |at| relaxed.reduced[at] }.max / cost
      end
    end
  end
end
