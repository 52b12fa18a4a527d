# frozen_string_literal: true

module ElmCup
  module Cold
    # When a body will be firm enough, from what a probe in it shows so far: how easily the place takes heat and how cold its air is are
    # fitted to the curve. Three steps of Gauss and Newton, what is known of the place beforehand counting as one more measurement.
    # Source: docs/model.md, Ready time from a probe.
    class ProbeFit
      # What is known of a place: ln of how much more easily than usual it takes heat, K that its air is off; their variances.
      Prior = Value.of(ln_h: 0.0, air_k: 0.0, ln_h_sd: 0.30, air_sd: 2.5)
      # minutes  until it is ready, the most likely; low, high  90 of 100 lie between      ln_h, air_c  of the place, as fitted
      # covariance  of both
      Answer = Value.of(:minutes, :low, :high, :ln_h, :air_c, :covariance)
      # It is looked at from this share of the predicted time on.
      FROM_SHARE = 0.2
      # A reading may be off by so many K; of a Student t with four degrees of freedom, so that a door that was opened does not pull it.
      NOISE_K = 0.5
      FREEDOM = 4
      TURNS = 3
      MOST_STEP = [0.4, 4.0].freeze
      STEPS = [Math.log(1.05), 0.5].freeze
      SLOWER = 1.3
      # sd of ln of how slowly it sets, and of what the model itself is off by.
      SETTING_SD = 0.30
      MODEL_SD = 0.06
      NINETY = 1.645
      # One point of the curve a minute, or a twelfth of the time.
      LEAST_APART = 1.0
      POINTS = 12

      # body: ProbeCurve::Body; air: Air of the place as it is usually taken; hours: that it is looked for within; readings: [minutes since
      # it went in, °C], in order.
      def initialize(body, air, hours:, readings:, prior: Prior.new, grain: Chill::COARSE)
        @body = body
        @air = air
        @hours = hours
        @grain = grain
        @prior = prior
        @now = readings.last&.first
        @points = self.class.points(readings)
      end

      # Medians of each minute, so far apart that a dozen of them are left: [minutes, °C].
      def self.points(readings)
        return [] if readings.empty?

        apart = [LEAST_APART, readings.last.first / POINTS].max
        last = -Float::INFINITY
        readings.group_by { |minutes, _| minutes.floor }.values.filter_map do |same|
          minutes = same.sum(&:first) / same.size
          next if minutes < last + apart

          last = minutes
          values = same.map(&:last).sort
          [minutes, (values[(values.size - 1) / 2] + values[values.size / 2]) / 2]
        end
      end

      # An Answer; nil where there is nothing to go by, or it does not come to that.
      def answer
        return if @points.empty?

        known, place = fit
        minutes = ready(place) or return
        slopes = STEPS.each_with_index.map { |step, at| Math.log((ready(moved(place, at, step)) || minutes) / minutes) / step }
        slower = Math.log((ready(place, slowness: SLOWER) || minutes) / minutes) / Math.log(SLOWER)
        covariance = inverse(known)
        fitted = [0, 1].product([0, 1]).sum { |a, b| slopes[a] * covariance[a][b] * slopes[b] }
        sd = Math.sqrt(fitted + (SETTING_SD * slower)**2 + MODEL_SD**2)
        low, high = [-1, 1].map { |side| minutes * Math.exp(side * NINETY * sd) }
        minutes, low, high = [minutes, low, high].map { |each| [each, @now].max }
        Answer.new(minutes: minutes, low: low, high: high, ln_h: place[0], air_c: @air.celsius + place[1], covariance: covariance)
      end

      private

      # [what is known (the inverse of the covariance), [ln h, K]].
      def fit
        before = [@prior.ln_h, @prior.air_k]
        weight = [@prior.ln_h_sd, @prior.air_sd].map { |sd| 1 / sd**2 }
        place = before.dup
        known = nil
        TURNS.times do
          known, pull = pulled(place, before, weight)
          place = place.zip(solve(known, pull), MOST_STEP).map { |value, step, most| value + step.clamp(-most, most) }
        end
        [known, place]
      end

      def pulled(place, before, weight)
        shown = curve(place)
        slopes = STEPS.each_with_index.map { |step, at|
          curve(moved(place, at, step)).zip(shown).map { |more, as| (more - as) / step }
        }
        known = [[weight[0], 0.0], [0.0, weight[1]]]
        pull = [0, 1].map { |at| -weight[at] * (place[at] - before[at]) }
        @points.each_with_index do |(_, celsius), index|
          off = celsius - shown[index]
          trust = (FREEDOM + 1) / (FREEDOM + (off / NOISE_K)**2) / NOISE_K**2
          [0, 1].each do |a|
            pull[a] += trust * slopes[a][index] * off
            [0, 1].each { |b| known[a][b] += trust * slopes[a][index] * slopes[b][index] }
          end
        end
        [known, pull]
      end

      def moved(place, at, step) = place.each_with_index.map { |value, index| (index == at) ? value + step : value }

      def air(place) = @air.times(Math.exp(place[0])).warmer(place[1])

      # °C that the probe would show at each point.
      def curve(place)
        run = ProbeCurve.new(@body, air(place), hours: @points.last.first / 60.0, grain: @grain)
        @points.map { |minutes, _| run.at(minutes) }
      end

      # Minutes until it is firm enough.
      def ready(place, slowness: 1.0)
        Chill.of(@body.layers, form: @body.form, judged: @body.judged, air: air(place), kpa: @body.kpa, hours: @hours, tin: @body.tin,
          grain: @grain, slowness: slowness).minutes
      end

      def inverse((row, other))
        whole = row[0] * other[1] - row[1] * other[0]
        [[other[1] / whole, -row[1] / whole], [-other[0] / whole, row[0] / whole]]
      end

      def solve(known, pull) = inverse(known).map { |row| row[0] * pull[0] + row[1] * pull[1] }
    end
  end
end
