# frozen_string_literal: true

module ElmCup
  module Plan
    # The orders that a search begins with: every task after those that it waits for, the most pressing first, by four measures of that.
    class StartLists
      # Lists of a Network's tasks that hang together by links.
      def self.groups(network)
        seen = Array.new(network.size)
        (0...network.size).reject { |task| seen[task] }.filter_map { |task| flood(network, task, seen) unless seen[task] }
      end

      def self.flood(network, task, seen)
        seen[task] = true
        found = [task]
        found.each do |each|
          (network.ins[each] + network.outs[each]).each do |other, *|
            found.push(other) unless seen[other]
            seen[other] = true
          end
        end
      end
      private_class_method :flood

      # network: a Network without circles; heads: of Network#heads.
      def initialize(network, heads)
        @network = network
        @heads = heads
        @tails = network.tails
      end

      # Lists of tasks: longest tail, earliest start, most followers, latest finish; and what was begun brought to its end first, as trays
      # that share one slot must be.
      def all
        followers = followers()
        [->(task) { -@network.minutes[task] - @tails[task] }, ->(task) { @heads[task] }, ->(task) { -followers[task] },
          ->(task) { -@tails[task] }].map { |rank| by(rank) }.push(through).uniq
      end

      # A list in which the task that has the lowest rank goes first among those that can.
      def by(rank)
        ranks = Array.new(@network.size) { |task| rank.call(task) }
        left = @network.ins.map(&:size)
        ready = (0...@network.size).select { |task| left[task].zero? }
        Array.new(@network.size) do
          ready.delete(ready.min_by { |task| [ranks[task], task] }).tap do |task|
            @network.outs[task].each { |to, *| ready.push(to) if (left[to] -= 1).zero? }
          end
        end
      end

      # A list in which what was made possible last goes first.
      def through
        left = @network.ins.map(&:size)
        ready = (0...@network.size).select { |task| left[task].zero? }.sort_by { |task| @tails[task] }
        Array.new(@network.size) do
          ready.pop.tap do |task|
            freed = @network.outs[task].map(&:first).select { |to| (left[to] -= 1).zero? }
            ready.concat(freed.sort_by { |to| @tails[to] })
          end
        end
      end

      private

      # How many tasks wait for each, near or far.
      def followers
        sets = []
        @network.order.reverse_each { |task| sets[task] = @network.outs[task].flat_map { |to, *| [to, *sets[to]] }.uniq }
        sets.map(&:size)
      end
    end
  end
end
