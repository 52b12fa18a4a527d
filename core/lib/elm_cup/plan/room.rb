# frozen_string_literal: true

module ElmCup
  module Plan
    # What one task of a plan could do if all others stayed where they are: how far it can move, and what one minute more would break.
    class Room
      # What one minute more breaks. by: "wait" or "window" with the ids of the link's tasks; "away" or a resource with the minute at which
      # there is none; "ready_by", "start_at", "now" or "pin"; "start" or "end" of the plan, which would become longer
      Limit = Value.of(:by, from: nil, to: nil, at: nil) do
        # Limits that links make come before those of places, and hands last.
        def rank = if from
                     0
                   else
                     ((by == Project::HANDS) ? 2 : 1)
                   end
      end
      # How far: minutes, nil for as far as one likes; Limits of it.
      Reach = Value.of(:minutes, :limits)

      # project: a Project; starts: real starts of its tasks.
      def initialize(project, starts)
        @project = project
        @network = Network.new(project)
        @starts = starts.dup
        @profiles = @network.profiles
        @closed = @network.profiles
        @network.size.times { |task| tasks_own(task) { |*use| take(*use) } }
        project.links.each_index { |link| waits(link) { |*use| take(*use) } }
      end

      # Reach of a task (its index) to earlier and to later. A task of the past has none.
      def earlier(task) = reach(task) { back(task) }

      def later(task) = reach(task) { forth(task) }

      # Moves a task to another start that it can reach.
      def move(task, start)
        free(task)
        @starts[task] = start
        fill(task)
      end

      attr_reader :starts

      private

      def reach(task)
        return Reach.new(minutes: 0, limits: [Limit.new(by: "pin")]) if @project.tasks[task].pin

        free(task)
        found = yield
        fill(task)
        most = found.map(&:first).min
        Reach.new(minutes: most, limits: found.select { |minutes, _| minutes == most }.map(&:last).uniq.sort_by(&:rank))
      end

      # Everything of a task, its waits included, is given back; taken again.
      def free(task) = around(task) { |resource, count, from, to| take(resource, -count, from, to) }

      def fill(task) = around(task) { |*use| take(*use) }

      def around(task, &use)
        tasks_own(task, &use)
        links_of(task).each { |link| waits(link, &use) }
      end

      def links_of(task)
        @links_of ||= @project.links.each_with_index.with_object(Hash.new { |hash, key| hash[key] = [] }) do |(link, index), found|
          link.ends.each { |id| found[index_of(id)] << index }
        end
        @links_of[task]
      end

      def index_of(id) = (@index_of ||= @project.tasks.each_with_index.to_h { |task, index| [task.id, index] }).fetch(id)

      def over(task) = @starts[task] + @network.minutes[task]

      def tasks_own(task)
        @network.uses[task].each { |resource, count| yield resource, count, @starts[task], over(task) }
      end

      def waits(index)
        link = @project.links[index]
        from, to = link.ends.map { |id| index_of(id) }
        link.keeps.each { |name, count| yield @network.resource(name), count, over(from), @starts[to] }
      end

      def take(resource, count, from, to) = @profiles[resource].take(count, from, to)

      # [[minutes, Limit], …] of what holds a task back from going later.
      def forth(task)
        ends = over(task)
        found = deadline(task, ends)
        @network.outs[task].each { |to, least| found << [@starts[to] - least - ends, link_limit("wait", task, to)] }
        @network.ins[task].each do |from, _, greatest, keeps|
          found << [over(from) + greatest - @starts[task], link_limit("window", from, task)] if greatest
          keeps.each { |resource, count| found << taken_after(resource, count, @starts[task]) }
        end
        @network.uses[task].each { |resource, count| found << taken_after(resource, count, ends) }
        found.compact
      end

      # The same of going earlier.
      def back(task)
        start = @starts[task]
        found = earliest(start)
        @network.ins[task].each { |from, least| found << [start - least - over(from), link_limit("wait", from, task)] }
        @network.outs[task].each do |to, _, greatest, keeps|
          found << [over(task) + greatest - @starts[to], link_limit("window", task, to)] if greatest
          keeps.each { |resource, count| found << taken_before(resource, count, over(task)) }
        end
        @network.uses[task].each { |resource, count| found << taken_before(resource, count, start) }
        found.compact
      end

      # A plan that is to be over by a time is over then, one that begins at a time is over when its last task is.
      def deadline(task, ends)
        minute = @project.deadline(@project.tasks[task])
        by = minute ? Project::READY_BY : "end"
        [[[(minute || last_end) - ends, 0].max, Limit.new(by: by)]]
      end

      def earliest(start)
        [[@project.ready_by? ? @starts.min : @project.at, @project.ready_by? ? "start" : Project::START_AT], [@project.now, "now"]]
          .filter_map { |minute, by| [[start - minute, 0].max, Limit.new(by: by)] if minute }
      end

      def last_end = @starts.each_index.map { |task| over(task) }.max

      def link_limit(by, from, to) = Limit.new(by: by, from: @project.tasks[from].id, to: @project.tasks[to].id)

      FAR = 100_000

      def taken_after(resource, count, minute)
        taken = @profiles[resource].blocked(count, minute, minute + FAR) or return
        [taken - minute, place_limit(resource, count, taken, taken)]
      end

      def taken_before(resource, count, minute)
        taken = @profiles[resource].blocked_until(count, minute - FAR, minute) or return
        [minute - taken, place_limit(resource, count, taken - 1, taken)]
      end

      # Whether it is closed anyway, or others are at it.
      def place_limit(resource, count, minute, at)
        name = @project.resources.keys[resource]
        closed = @closed[resource].blocked(count, minute, minute + 1)
        Limit.new(by: (closed && name == Project::HANDS) ? "away" : name, at: at)
      end
    end
  end
end
