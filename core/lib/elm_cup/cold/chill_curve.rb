# frozen_string_literal: true

module ElmCup
  module Cold
    # The middle of a piece against time in one place.
    #   place    its kind        step  id of the step it is drawn for
    #   minutes, celsius         as it most likely goes       low, high  °C at the same minutes at its quickest and at its slowest
    ChillCurve = Value.of(:place, :step, :minutes, :celsius, :low, :high) do
      self::DIGITS = {minutes: 1, celsius: 2, low: 2, high: 2}.freeze
      # Points that a drawing needs.
      self::POINTS = 28

      # Of [typical, quick, slow] Chills.
      def self.of(place, step, chills)
        typical, quick, slow = chills.map(&:samples)
        picked = pick(typical)
        new(place: place, step: step, minutes: picked.map(&:first), celsius: picked.map(&:last),
          low: picked.map { |minutes, _| at(quick, minutes) }, high: picked.map { |minutes, _| at(slow, minutes) })
      end

      def self.pick(samples)
        every = [(samples.size.to_f / self::POINTS).ceil, 1].max
        samples.each_with_index.select { |_, at| (at % every).zero? || at == samples.size - 1 }.map(&:first)
      end

      # °C so many minutes after it went in, as it most likely goes.
      def celsius_at(after) = ChillCurve.at(minutes.zip(celsius), after)

      # °C at so many minutes, straight between two [minutes, °C].
      def self.at(samples, minutes)
        after = samples.bsearch_index { |each, _| each >= minutes } || samples.size - 1
        return samples[after].last if after.zero?

        (t0, c0), (t1, c1) = samples[after - 1, 2]
        c0 + (c1 - c0) * ((minutes - t0) / (t1 - t0)).clamp(0.0, 1.0)
      end
      private_class_method :pick
    end
  end
end
