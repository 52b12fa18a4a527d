# frozen_string_literal: true

module ElmCup
  module Cold
    # One piece coming warm: kPa of each layer over time, cautiously.
    class WarmingRun
      # Hours that are looked at.
      HOURS = 4

      # form: "slab" …; celsius it starts with; air: Air.
      def initialize(layers, form, celsius, air)
        @layers = layers.map(&:first)
        stack = Stack.new(form: form, layers: layers.map { |substance, mm| substance.layer(mm, celsius) })
        cells, steps, growth = Chill::COARSE
        @times = []
        @kpa = @layers.map { [] }
        Conduction.new(stack, air, cells: cells, steps: steps, growth: growth).run(HOURS * 3600.0) { |seconds, run|
          note(seconds / 60, run)
        }
      end

      # Until the softest layer that is no shell, where there is any, has less than so many kPa.
      def minutes_to(line)
        inside = @layers.each_index.reject { |at| @layers[at].shell }
        (inside.empty? ? @layers.each_index.to_a : inside).filter_map { |at| crossing(at, line) }.min
      end

      # Until the first layer no longer stands, and its name.
      def stands = failing&.last

      def weakest = failing && @layers[failing.first].name

      private

      def failing
        @failing ||= @layers.each_index.filter_map { |at| crossing(at, Hold.line(@layers[at]))&.then { |min| [at, min] } }.min_by(&:last)
      end

      def note(minutes, run)
        @times << minutes
        @layers.each_with_index { |substance, at|
          celsius = run.mean_c(at) + Grade::CAUTION_K
          @kpa[at] << substance.table.kpa(celsius, substance.table.solid_share(celsius))
        }
      end

      LEAST_KPA = 0.01

      # Between two looks firmness falls by a factor rather than by a sum.
      def crossing(layer, line)
        found = @kpa[layer].index { |kpa| kpa < line } or return
        return 0.0 if found.zero?

        before, at, after = [@kpa[layer][found - 1], line, @kpa[layer][found]].map { |kpa| Math.log([kpa, LEAST_KPA].max) }
        @times[found - 1] + (@times[found] - @times[found - 1]) * (before - at) / (before - after)
      end
    end
  end
end
