# frozen_string_literal: true

module ElmCup
  module Plan
    # A project on the clock, or why that cannot be.
    class Planner
      # What came of it.
      #   status    :fits; :late where it cannot be over in time and was begun now; :none
      #   project   the Project that was solved: from now on where it is late
      #   starts    real starts, Criteria::Figures, bound of the span; nil where there is no plan
      #   contradiction  Contradiction that proves that there is none, nil where none is known
      #   late      minutes over the deadline
      Result = Value.of(:status, :project, starts: nil, figures: nil, bound: nil, contradiction: nil, late: 0) do
        def plan? = !starts.nil?

        # Real end of the task at an index.
        def end_of(task) = starts[task] + project.tasks[task].minutes

        # Minutes of the first start and of the last end.
        def first = starts.min

        def last = starts.each_index.map { |task| end_of(task) }.max
      end

      # The Result of a Project. horizon: [from, to], minutes that it is looked for between.
      def self.call(project, horizon: nil) = new(project, horizon).result

      def initialize(project, horizon)
        @project = project
        @horizon = horizon
      end

      def result
        contradiction = Contradiction.of(@project, horizon: @horizon)
        return Result.new(status: :none, project: @project, contradiction: contradiction) if contradiction

        found = Search.new(@project).best
        # What was done may leave too little time to its hour: then there is no plan that keeps it.
        return from_now if @project.now && @project.ready_by? && (found.nil? || too_early?(found))

        (found && within?(found)) ? of(@project, found, :fits) : Result.new(status: :none, project: @project)
      end

      private

      # What only goes weeks before or after is no answer.
      def within?(found) = @horizon.nil? || found.starts.all? { |start| start.between?(*@horizon) }

      def too_early?(found)
        @project.tasks.zip(found.starts).any? { |task, start| !task.past && start < @project.now }
      end

      # Begun now, and as little late as can be.
      def from_now
        tasks = @project.tasks.map { |task| task.past ? task : task.with(ready_by: @project.deadline(task)) }
        project = @project.with(mode: Project::START_AT, at: @project.now, tasks: tasks)
        found = Search.new(project).best
        if found
          of(project, found, found.figures.late.positive? ? :late : :fits)
        else
          Result.new(status: :none, project: project)
        end
      end

      def of(project, found, status)
        Result.new(status: status, project: project, starts: found.starts, figures: found.figures, bound: found.bound,
          late: found.figures.late)
      end
    end
  end
end
