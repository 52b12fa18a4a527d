# frozen_string_literal: true

module ElmCup
  module Cold
    # Looks at a Conduction step by step, until a layer can be touched.
    class ChillWatch
      # slowness: as in Setting.
      def initialize(layers, judged, kpa, samples, slowness: 1.0)
        @indices = layers.each_index
        @judged = judged
        @line = kpa
        @samples = samples ? [] : nil
        substance, _, start = layers[judged]
        @setting = Setting.new(substance.table, start, poured: substance.poured && start == substance.start_c, slowness: slowness)
        @before = [0.0, @setting.kpa]
        @last = [0.0, start]
        @minutes = 0.0 if @setting.kpa >= kpa
      end

      # The Chill of so many hours.
      def over(conduction, hours)
        conduction.run(hours * 3600.0) { |seconds, run| look(seconds / 60, run) }
        Chill.new(minutes: @minutes, means: @means || means(conduction), samples: (@samples || []).freeze)
      end

      private

      def look(minutes, run)
        @samples&.push([minutes, run.core_c])
        return if minutes.zero? || (@minutes && @samples)

        follow(minutes, run.mean_c(@judged))
        return unless @minutes

        @means ||= means(run)
        :stop unless @samples
      end

      # What sets does not go with the temperature in a straight line: each step is followed in parts.
      PARTS = 3

      def follow(minutes, celsius)
        began, from = @last
        (1..PARTS).each do |part|
          now = began + (minutes - began) * part / PARTS
          kpa = @setting.step(now - @before.first, from + (celsius - from) * part / PARTS)
          cross(now, kpa) if @minutes.nil? && kpa >= @line
          @before = [now, kpa]
          break if @minutes
        end
        @last = [minutes, celsius]
      end

      # Between two looks firmness grows by a factor rather than by a sum.
      def cross(minutes, kpa)
        before, from = @before
        line, low, high = [@line, from, kpa].map { |each| Math.log([each, LEAST_KPA].max) }
        @minutes = before + (minutes - before) * (line - low) / (high - low)
      end

      LEAST_KPA = 0.01

      def means(run) = @indices.map { |at| run.mean_c(at) }
    end
  end
end
