# frozen_string_literal: true

module ElmCup
  module Method
    # The wait behind a step.
    #   least      minutes that it takes, the late end of its band: what a plan goes by      band  [least, most] of that
    #   greatest   minutes that it may take at most, from the same moment on; nil for as long as one likes
    #   place      what it takes up: "freezer", "fridge", "oven", "melt", nil for nothing
    #   source     "model", "practice" or "cook"      why  what to say of it, nil for nothing
    Wait = Value.of(:least, :greatest, :place, :band, :source, why: nil) do
      # The next step may follow at once.
      def short? = least.zero?

      # Minutes of an early end.
      def early = band.first

      # Both, one after the other: the second takes the place, and says how long it may be.
      def then(other)
        with(least: least + other.least, greatest: other.greatest && other.greatest + least, place: other.place, why: other.why || why,
          band: [band.first + other.band.first, band.last + other.band.last], source: other.short? ? source : other.source)
      end

      def self.none = self::NONE
    end
    Wait::NONE = Wait.new(least: 0, greatest: nil, place: nil, band: [0, 0].freeze, source: "practice")
  end
end
