# frozen_string_literal: true

module ElmCup
  module Method
    # Steps with what each comes after, while some are taken out of their places and put in at others.
    class Graph
      # steps: Steps in their order.
      def initialize(steps)
        @steps = steps.to_h { |step| [step.id, step] }
      end

      def [](id) = @steps[id]

      def key?(id) = @steps.key?(id)

      def ids = @steps.keys

      # Puts another step in the place of the one of its id.
      def change(step)
        @steps[step.id] = step
      end

      # Takes a step out of its place: what came after it comes after what it came after.
      def pull(id)
        before = @steps.fetch(id).after
        followers(id).each { |step| change(step.with(after: step.after.flat_map { |each| (each == id) ? before : [each] }.uniq.freeze)) }
        change(@steps[id].with(after: [].freeze))
      end

      # Puts a step right behind others: what came after those comes after it; before all where there are none.
      def insert(step, after)
        after.each do |id|
          followers(id).each { |other| change(other.with(after: other.after.map { |each| (each == id) ? step.id : each }.uniq.freeze)) }
        end
        first(step) if after.empty?
        place(step.with(after: after.freeze), after)
      end

      # Ids in an order in which each comes after those it waits for, as near to the order they were put down in as can be; those that wait
      # for each other in a circle are left out.
      def order
        left = ids
        done = []
        while (id = left.find { |each| (@steps[each].after & left).empty? })
          left.delete(id)
          done << id
        end
        done
      end

      # Steps in their order.
      def steps = order.map { |id| @steps[id] }

      private

      # Steps that come after the one of an id.
      def followers(id) = @steps.values.select { |step| step.after.include?(id) }

      def first(step)
        @steps.each_value { |other| change(other.with(after: [step.id].freeze)) if other.after.empty? && other.id != step.id }
      end

      # It stands behind the last of those that it comes after.
      def place(step, after)
        others = ids - [step.id]
        at = after.filter_map { |id| others.index(id) }.max
        others.insert(at ? at + 1 : 0, step.id)
        @steps[step.id] = step
        @steps = others.to_h { |id| [id, @steps[id]] }
      end
    end
  end
end
