# frozen_string_literal: true

module ElmCup
  module Plan
    # A project as numbers, read forwards or in the mirror: there time runs backwards, links point the other way, and the latest start is
    # the earliest end. What is built on it knows of one direction only.
    #   minutes[j]  of task j      uses[j]  [[resource, how many], …]
    #   ins[j]      [[i, least, greatest or nil, [[resource, how many], …]], …] of links i to j      outs[j]  the same of links j to k
    #   holds[j]    [[resource, how many, from, length], …]: what must be free after its end, its links together
    #   pins[j]     minute of its start, nil where it is free
    class Network
      attr_reader :project, :size, :minutes, :uses, :ins, :outs, :holds, :pins

      def initialize(project, mirrored: false)
        @project = project
        @mirrored = mirrored
        @size = project.tasks.size
        @minutes = project.tasks.map(&:minutes)
        @names = project.resources.keys
        @uses = project.tasks.map { |task| counts(task.uses) }
        @pins = project.tasks.map { |task| task.pin && turned(task.pin, task.minutes) }
        link
        @holds = Array.new(size) { |task| together(@outs[task].reject { |to, *| @pins[to] }) }
        @profiles = @names.map { |name| Profile.new(project.resources[name], blocked(name)) }
      end

      # Short, so that an error that names it stays readable.
      def inspect = "#<#{self.class} of #{size} tasks>"

      # A fresh Profile of each resource, with nothing done yet.
      def profiles = @profiles.map(&:dup)

      # The profiles made fresh again.
      def clear(profiles) = profiles.each_with_index { |profile, at| profile.become(@profiles[at]) }

      # Starts in this direction of starts in the other, or in real time: it is the same both ways.
      def turn(starts) = @mirrored ? starts.each_with_index.map { |start, task| turned(start, @minutes[task]) } : starts

      # A task's start of its real start.
      def turned(start, minutes) = @mirrored ? -(start + minutes) : start

      # Index of the Profile of a resource, nil where it is not part of it.
      def resource(name) = @names.index(name)

      # Earliest start of each task by the links and by what is closed, whatever else goes on; nil where one can never be.
      def heads(floors)
        open = profiles
        order.each_with_object([]) do |task, heads|
          start = @ins[task].map { |from, least| heads[from] + @minutes[from] + least }.push(floors[task]).max
          heads[task] = @pins[task] || settle(task, start, open) || (return nil)
        end
      end

      # Minutes from each task's end to the last end, by the links alone.
      def tails
        @tails ||= order.reverse.each_with_object([]) do |task, tails|
          tails[task] = @outs[task].map { |to, least| least + @minutes[to] + tails[to] }.max || 0
        end
      end

      # Every task after all those that it waits for; fewer than there are where they wait for each other in a circle.
      def order
        @order ||= begin
          left = @ins.map(&:size)
          ready = (0...size).select { |task| left[task].zero? }
          ready.each { |task| @outs[task].each { |to, *| ready.push(to) if (left[to] -= 1).zero? } }
        end
      end

      # The first start at or after `start` at which there is room for a task and for what is kept after it; nil where there is none.
      def settle(task, start, profiles)
        length = @minutes[task]
        uses = @uses[task]
        holds = @holds[task]
        before = nil
        until start == before
          before = start
          uses.each { |resource, count| start = profiles[resource].earliest(count, start, length) || (return nil) }
          holds.each do |resource, count, from, long|
            start = (profiles[resource].earliest(count, start + length + from, long) || (return nil)) - length - from
          end
        end
        start
      end

      private

      def counts(hash) = hash.map { |name, count| [@names.index(name), count] }

      def link
        at = project.tasks.each_with_index.to_h { |task, index| [task.id, index] }
        @ins = Array.new(size) { [] }
        @outs = Array.new(size) { [] }
        project.links.each do |link|
          from, to = link.ends.map { |id| at.fetch(id) }
          from, to = to, from if @mirrored
          @ins[to] << [from, link.least, link.greatest, counts(link.keeps)]
          @outs[from] << [to, link.least, link.greatest, counts(link.keeps)]
        end
      end

      # Several links may keep some of one resource: each stretch with the sum of those that last so long.
      def together(links)
        kept = links.flat_map { |_, least, _, keeps|
          keeps.map { |resource, count|
            [resource, count, least]
          }
        }.select { |_, _, least| least.positive? }
        kept.group_by(&:first).flat_map do |resource, each|
          stops = [0, *each.map(&:last).uniq.sort]
          stops.each_cons(2).map { |from, to| [resource, each.sum { |_, count, least| (least >= to) ? count : 0 }, from, to - from] }
        end
      end

      def blocked(name)
        (project.blocked[name] || []).map { |from, to, count| @mirrored ? [-to, -from, count] : [from, to, count] }
      end
    end
  end
end
