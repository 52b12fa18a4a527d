# frozen_string_literal: true

module ElmCup
  module Plan
    # Moves one task at a time of a plan that was found, within the room that it has, to the ends of its room and beside other turns of the
    # hands, as long as that makes the plan better.
    class Tidying
      PASSES = 4

      def initialize(project, criteria)
        @project = project
        @criteria = criteria
      end

      # [starts, Figures] of the tidied plan.
      def call(starts, figures)
        room = Room.new(@project, starts)
        PASSES.times do
          before = figures
          free.each { |task| figures = tidy(room, task, figures) }
          break if figures == before
        end
        [room.starts, figures]
      end

      private

      def free = @project.tasks.each_index.reject { |task| @project.tasks[task].pin }

      def tidy(room, task, figures)
        start = room.starts[task]
        candidates(room, task).each do |other|
          moved = room.starts.dup.tap { |starts| starts[task] = other }
          next if @criteria.plainly_worse?(moved, figures)

          found = @criteria.of(moved)
          next unless (found <=> figures).negative?

          figures = found
          start = other
        end
        room.move(task, start) unless start == room.starts[task]
        figures
      end

      def candidates(room, task)
        start = room.starts[task]
        length = @project.tasks[task].minutes
        low = start - (room.earlier(task).minutes || 0)
        high = start + (room.later(task).minutes || 0)
        beside = neighbours(room.starts, task).flat_map { |from, to| [to, from - length] } if @project.tasks[task].hands_on?
        [low, high, *beside].uniq.select { |minute| minute.between?(low, high) && minute != start }
      end

      def neighbours(starts, task)
        @project.tasks.each_index.filter_map do |other|
          [starts[other], starts[other] + @project.tasks[other].minutes] if other != task && @project.tasks[other].hands_on?
        end
      end
    end
  end
end
