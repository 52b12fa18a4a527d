# frozen_string_literal: true

module ElmCup
  module Plan
    # What the length of a plan hangs on: from the first start along limits that leave no minute to the last end; links are followed before
    # places, and places before hands.
    class Chain
      # project: a Project; starts: real starts; reaches: Room::Reach to later, of each task.
      def initialize(project, starts, reaches)
        @project = project
        @starts = starts
        @reaches = reaches
        @at = project.tasks.each_with_index.to_h { |task, index| [task.id, index] }
      end

      # Ids of tasks in their order; empty where nothing holds it all together.
      def ids
        @seen = {}
        first = (0...@starts.size).min_by { |task| [@starts[task], over(task)] }
        (first && way(first) || []).map { |task| @project.tasks[task].id }
      end

      private

      def over(task) = @starts[task] + @project.tasks[task].minutes

      def last = @last ||= (@project.ready_by? ? @project.at : @starts.each_index.map { |task| over(task) }.max)

      def way(task)
        return [task] if over(task) >= last
        return if @seen[task]

        @seen[task] = true
        following(task).each { |other| way(other)&.then { |rest| return [task, *rest] } }
        nil
      end

      # Tasks that a tight task pushes, by the rank of what ties them.
      def following(task)
        reach = @reaches[task]
        return [] unless reach.minutes&.zero?

        reach.limits.sort_by(&:rank).flat_map { |limit| limit.from ? by_link(task, limit) : by_place(task, limit) }.uniq - [task]
      end

      def by_link(task, limit) = [limit.from, limit.to].map { |id| @at.fetch(id) } - [task]

      # Those that take the place, or the hands, from that minute on.
      def by_place(_task, limit)
        return [] unless limit.at

        users = (0...@starts.size).select { |each| @project.tasks[each].uses.key?(limit.by) && @starts[each] == limit.at }
        keepers = @project.links.select { |link| link.keeps.key?(limit.by) }.map { |link| @at.fetch(link.from) }
        keepers.select { |each| over(each) == limit.at } + users
      end
    end
  end
end
