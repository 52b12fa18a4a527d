# frozen_string_literal: true

module ElmCup
  module Plan
    # Lays tasks on a Network's clock one after another, each as early as it goes, and mends what that breaks: where a wait came out too
    # long, or its place was taken meanwhile, the earlier task is moved and all is laid anew from there.
    class Decoder
      # How many tasks were laid so far; how many lists; the order of the last one as it was laid.
      attr_reader :placements, :runs, :order

      def initialize(network)
        @network = network
        @minutes = network.minutes
        @ins = network.ins
        @outs = network.outs
        @pins = network.pins
        @to_pins = @outs.map { |links| links.select { |to, *| @pins[to] } }
        @profiles = network.profiles
        @most_repairs = 3 * network.size + 20
        @placements = 0
        @runs = 0
      end

      # Starts of every task, nil where it does not go. list: every task after those that it waits for; floors: the earliest start of each.
      # turn: where a task comes too late for one that it follows, their places in the list are tried otherwise first.
      def run(list, floors, turn: false)
        @runs += 1
        @order = list.dup
        @floors = floors.dup
        @starts = @pins.dup
        @made = Array.new(@order.size)
        @network.clear(@profiles)
        @starts if lay_pins && lay_all(turn)
      end

      private

      def lay_all(turn)
        turned = {}
        repairs = 0
        at = 0
        while at < @order.size
          task = @order[at]
          if @pins[task] || (wrong = lay(task)).nil?
            at += 1
            next
          end
          repairs += 1
          return if wrong == NEVER || @pins[wrong] || repairs > @most_repairs

          back = @order.index(wrong)
          (at - 1).downto(back) { |each| take_back(@order[each]) }
          if turn && turned[[wrong, task]].nil?
            turned[[wrong, task]] = true
            reorder(wrong, task)
          else
            @floors[wrong] = @floor
          end
          at = back
        end
        true
      end

      NEVER = -1

      # nil where the task is laid; else the task whose move mends it, and in @floor the start that it needs; NEVER where none does.
      def lay(task)
        @placements += 1
        start = @floors[task]
        @ins[task].each do |from, least, *|
          after = @starts[from] + @minutes[from] + least
          start = after if after > start
        end
        start = before_pins(task, start) or return NEVER
        wrong = too_late(task, start)
        return wrong if wrong

        @starts[task] = start
        reserve(task, start)
      end

      # The first start with room for the task, its waits, and what it must be near to that is pinned.
      def before_pins(task, start)
        pinned = @to_pins[task]
        return @network.settle(task, start, @profiles) if pinned.empty?

        length = @minutes[task]
        pinned.each { |to, _, greatest| start = [start, @pins[to] - greatest - length].max if greatest }
        loop do
          start = @network.settle(task, start, @profiles) or return nil
          return nil if pinned.any? { |to, least, *| start + length + least > @pins[to] }

          taken = first_taken(pinned, start + length) or return start
          start = taken - length
        end
      end

      # Where a place is taken before a pinned task calls for it: the minute from which it is not.
      def first_taken(pinned, from)
        pinned.each do |to, least, _, keeps|
          keeps.each do |resource, count|
            taken = @profiles[resource].blocked(count, from, @pins[to] - least)
            return @profiles[resource].earliest(count, taken, 1) if taken
          end
        end
        nil
      end

      def too_late(task, start)
        @ins[task].each do |from, least, greatest, keeps|
          over = @starts[from] + @minutes[from]
          if greatest && start > over + greatest
            @floor = @starts[from] + start - over - greatest
            return from
          end
          next if keeps.empty? || start <= over + least

          keeps.each do |resource, count|
            taken = @profiles[resource].blocked(count, over + least, start) or next
            @floor = (@profiles[resource].earliest(count, taken, [least, 1].max) || (return NEVER)) - @minutes[from]
            return from
          end
        end
        nil
      end

      # Takes all that the task uses and keeps; nil, or the task before it where two waits of it did not have room beside each other.
      def reserve(task, start)
        over = start + @minutes[task]
        @made[task] = []
        @network.uses[task].each { |resource, count| make(task, resource, count, start, over) }
        @network.holds[task].each { |resource, count, from, long| make(task, resource, count, over + from, over + from + long) }
        @to_pins[task].each do |to, least, _, keeps|
          keeps.each { |resource, count| make(task, resource, count, over, @pins[to] - least) }
        end
        @ins[task].each do |from, least, _, keeps|
          keeps.each { |resource, count| make(task, resource, count, @starts[from] + @minutes[from] + least, start) }
        end
        crowded(task, start)
      end

      # Two waits that end in one task may take more of a place together than is free, though each of them had room.
      def crowded(task, start)
        return if @ins[task].sum { |_, _, _, keeps| keeps.size } < 2

        @ins[task].each do |from, least, _, keeps|
          keeps.each do |resource, *|
            taken = @profiles[resource].blocked(0, @starts[from] + @minutes[from] + least, start) or next
            take_back(task)
            @floor = taken + 1 - @minutes[from]
            return from
          end
        end
        nil
      end

      def make(task, resource, count, from, to)
        return if from >= to

        @profiles[resource].take(count, from, to)
        @made[task].push(resource, count, from, to)
      end

      def take_back(task)
        return if @pins[task]

        @made[task].each_slice(4) { |resource, count, from, to| @profiles[resource].take(-count, from, to) }
        @starts[task] = nil
      end

      # `late` right after the last of those it waits for, `early` right before the first of those that wait for it.
      def reorder(early, late)
        @order.delete(late)
        @order.insert(@ins[late].map { |from, *| @order.index(from) }.max + 1, late)
        @order.delete(early)
        @order.insert(@outs[early].map { |to, *| @order.index(to) }.min, early)
      end

      # Pinned tasks go first, and the places beside them are kept as long as they must be; false where there is no room for that.
      def lay_pins
        @pins.each_with_index.all? do |start, task|
          next true if start.nil?

          over = start + @minutes[task]
          take(@network.uses[task], start, over) && @network.holds[task].all? { |resource, count, from, long|
            take([[resource, count]], over + from, over + from + long)
          } &&
            @ins[task].all? { |from, *link| pinned_wait(from, start, *link) }
        end
      end

      def pinned_wait(from, start, least, greatest, keeps)
        return take(keeps, start - least, start) unless @pins[from]

        over = @pins[from] + @minutes[from]
        start.between?(over + least, greatest ? over + greatest : Float::INFINITY) && take(keeps, over, start)
      end

      def take(counts, from, to)
        counts.all? { |resource, count|
          @profiles[resource].blocked(count, from, to).nil? && (@profiles[resource].take(count, from, to) || true)
        }
      end
    end
  end
end
