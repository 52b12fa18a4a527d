# frozen_string_literal: true

module ElmCup
  module Cold
    # What a probe that sits in a body shows while that cools: near the middle, never quite in it, and a little late.
    # Source: docs/model.md, Ready time from a probe.
    class ProbeCurve
      # Seconds that a probe lags behind in food.
      LAG_S = 6.0
      # Where its tip sits: a share of the radius from the heart; of a slab, of the way from its foot to its top.
      OFF = 0.16
      OFF_IN_SLAB = 0.5 + 0.12 / 2

      # body: Body; air: Air that it stands in; hours: how long; grain: as in Chill.
      def initialize(body, air, hours:, grain: Chill::FINE, lag_s: LAG_S, off: nil)
        @shown = [[0.0, body.layers[body.judged].last]]
        share = off || ((body.form == "slab") ? OFF_IN_SLAB : OFF)
        @lag_s = lag_s
        run(body, air, hours, grain) { |seconds, conduction| show(seconds, conduction.at_c(share)) }
      end

      # °C that it shows after so many minutes.
      def at(minutes)
        after = @shown.bsearch_index { |time, _| time >= minutes } || (return @shown.last.last)
        return @shown.first.last if after.zero?

        (from, low), (to, high) = @shown[after - 1], @shown[after]
        low + (high - low) * (minutes - from) / (to - from)
      end

      private

      def run(body, air, hours, grain, &block)
        stack = Stack.new(form: body.form, layers: body.layers.map { |each, mm, start_c| each.layer(mm, start_c) }, tin_j_m2_k: body.tin)
        cells, steps, growth = grain
        Conduction.new(stack, air, cells: cells, steps: steps, growth: growth).run(hours * 3600.0) { |seconds, conduction|
          block.call(seconds, conduction) if seconds.positive?
          nil
        }
      end

      # It follows a temperature that goes in a straight line from one look to the next.
      def show(seconds, celsius)
        minutes, shown = @shown.last
        span = seconds - minutes * 60
        @real ||= shown
        slope = (celsius - @real) / span
        fades = Math.exp(-span / @lag_s)
        @shown << [seconds / 60, celsius - slope * @lag_s * (1 - fades) + (shown - @real) * fades]
        @real = celsius
      end
    end
    # A body as it is put into the cold. layers: [Substance, mm, °C] from the foot up or the heart outwards; judged: index of the layer that
    # is touched; tin: as in Stack; kpa: firm enough to be touched.
    ProbeCurve::Body = Value.of(:form, :layers, :judged, :kpa, tin: nil) do
      # Of a StepPlan that goes in as it is, nothing of it cold yet.
      def self.of(plan)
        new(form: plan.form, layers: plan.layers.map { |substance, mm| [substance, mm, substance.start_c] }, judged: plan.judged,
          kpa: plan.touch.kpa, tin: plan.tin)
      end
    end
  end
end
