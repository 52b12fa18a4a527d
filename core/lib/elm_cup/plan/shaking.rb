# frozen_string_literal: true

module ElmCup
  module Plan
    # Moves tasks of a list to other places that their links allow: one to three of them anywhere, or a few of one formula together, since
    # half of a formula moved ahead mostly helps nobody.
    class Shaking
      # Of a hundred times, how often some of one formula are moved together; how many of them.
      TOGETHER = 60
      RUN = (2..4)

      # network: a Network; random: what is drawn from.
      def initialize(network, random)
        @network = network
        @random = random
        @group = StartLists.groups(network).each_with_index.with_object([]) do |(tasks, index), group|
          tasks.each { |task| group[task] = index }
        end
      end

      # Another list.
      def call(list)
        list = list.dup
        (@random.rand(100) < TOGETHER) ? move_run(list) : move_some(list)
        list
      end

      private

      def move_some(list)
        (1 + @random.rand(3)).times do
          move(list, list[@random.rand(list.size)]) { |_, low, high| low + @random.rand(high - low + 1) }
        end
      end

      def move_run(list)
        from = @random.rand(list.size)
        group = @group[list[from]]
        run = list[from..].select { |task| @group[task] == group }.first(RUN.first + @random.rand(RUN.size))
        far = 1 + @random.rand(list.size)
        if @random.rand < 0.5
          run.each { |task| move(list, task) { |at, low, _| [at - far, low].max } }
        else
          run.reverse_each { |task| move(list, task) { |at, _, high| [at + far, high].min } }
        end
      end

      # The block gives the new place of its old one, and of the first and the last that the links allow.
      def move(list, task)
        at = list.index(task)
        list.delete_at(at)
        low = @network.ins[task].map { |each, *| list.index(each) + 1 }.max || 0
        high = @network.outs[task].map { |each, *| list.index(each) }.min || list.size
        list.insert(yield(at, low, high).clamp(low, high), task)
      end
    end
  end
end
