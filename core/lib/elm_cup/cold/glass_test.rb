# frozen_string_literal: true

module ElmCup
  module Cold
    # How easily a place takes heat, from a glass of water that cools in it: 200 g of water in a tumbler of 150 g.
    # Source: docs/model.md, Calibration: h = -C / area * slope of ln(T - air), least squares from the first minute.
    class GlassTest
      KINDS = %w[freezer fridge].freeze
      # m2 and J/K of the glass and its water: 66 mm wide, 60 mm deep.
      AREA_M2 = 0.0193
      HEAT_J_K = 963.0
      # The first minute is left out; water near ice in a freezer, or near the air, tells little.
      FROM_MINUTE = 1.0
      COLDEST_C = {"freezer" => 5.0}.freeze
      ABOVE_AIR_K = 3.0
      # sd of ln h in many trials, and K of a reading that is typed.
      SD = 0.10
      READING_K = 0.5
      BAND = 1.645
      # W/(m2 K) that no kitchen has.
      RANGE = (2.0..40.0)

      Result = Value.of(:place, :h, :h_low, :h_high, :usual_h, :times, :h_top, :h_bottom, :readings_used, :notes)

      # said: kind, readings ([[minutes, °C], …]), air_c or dial_c, fan (a Hash). InvalidDocument at what cannot be.
      def initialize(said)
        @kind = said["kind"]
        InvalidDocument.refuse("/kind", :not_one_of, given: JsonFaults.shown(@kind), choices: KINDS.join(", ")) unless KINDS.include?(@kind)
        @place = Place.from({"kind" => @kind, "fan" => said["fan"], "dial_c" => dial(said), "air_c" => said["air_c"]})
        @readings = readings(said["readings"])
      end

      # The Result. InvalidDocument where the water does not tell.
      def result
        slope, spread = slope_of(used)
        h = -HEAT_J_K / AREA_M2 * slope / 60
        InvalidDocument.refuse("/readings", :glass_not_cooling) unless slope.negative? && RANGE.cover?(h)

        give = Math.exp(BAND * Math.hypot(SD, spread / slope.abs))
        usual = Place.usual(@kind, fan: @place.fan)
        times = h / (usual.sum / 2)
        Result.new(place: @place, h: h, h_low: h / give, h_high: h * give, usual_h: usual.sum / 2, times: times, h_top: usual.first * times,
          h_bottom: usual.last * times, readings_used: used.size, notes: [@place.assumed, few].compact)
      end

      private

      def dial(said) = said["dial_c"] || Place::USUAL_C.fetch(@kind)

      def readings(said)
        good = said.is_a?(Array) && said.all? { |each|
          each.is_a?(Array) && each.size == 2 && each.all? { |number| number.is_a?(Numeric) && number.to_f.finite? } && each.first >= 0
        }
        InvalidDocument.refuse("/readings", :glass_readings) unless good

        said.map { |minutes, celsius| [minutes.to_f, celsius.to_f] }.sort
      end

      # Those that tell: from the first minute on where there are enough of them, and warm enough.
      def used
        @used ||= begin
          least = [COLDEST_C.fetch(@kind, -Float::INFINITY), @place.celsius + ABOVE_AIR_K].max
          warm = @readings.select { |_, celsius| celsius >= least }
          late = warm.select { |minutes, _| minutes >= FROM_MINUTE }
          found = (late.size >= 2) ? late : warm
          InvalidDocument.refuse("/readings", :glass_too_few, least: least.round(1)) if found.map(&:first).uniq.size < 2
          found
        end
      end

      # Slope of ln(T - air) a minute, and how far it may be off.
      def slope_of(points)
        times = points.map(&:first)
        logs = points.map { |_, celsius| Math.log(celsius - @place.celsius) }
        mean_time, mean_log = [times, logs].map { |each| each.sum / each.size }
        spread = times.sum { |each| (each - mean_time)**2 }
        slope = times.zip(logs).sum { |time, log| (time - mean_time) * (log - mean_log) } / spread
        over = points.sum { |_, celsius| celsius - @place.celsius } / points.size
        [slope, READING_K / over / Math.sqrt(spread)]
      end

      def few = ("Two readings are few: the band is wide." if used.size == 2)
    end
  end
end
