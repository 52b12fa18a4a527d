# frozen_string_literal: true

module ElmCup
  module Cold
    # How firm a part is from the freezer to a hot car.
    #   component   name of the part     shell  it is a coat
    #   substance   Substance of it
    #   holds_to_c  whole °C that it holds to: stands, or, of a shell, cuts; nil where it never does
    Hold = Value.of(:component, :shell, :substance, :holds_to_c) do
      # °C that are looked at.
      self::COLDEST = -18
      self::WARMEST = 40
      self::EVERY = 2
      # kPa of what flows, for a logarithm.
      self::SOFTEST = 1e-3
      self::HIDDEN = %i[substance].freeze
      self::ALSO = %i[surely_to_c].freeze
      # The sums of firmness order bowls rather than measure them: one may be so many times softer. Source: an estimate.
      self::UNSURE = 1.5

      # Of a Substance.
      def self.of(substance)
        new(component: substance.name, shell: substance.shell, substance: substance, holds_to_c: to_c(substance.firmness, line(substance)))
      end

      # Whole °C that it holds to even where it is softer than reckoned; nil where it never does then.
      def surely_to_c = self.class.to_c(substance.firmness, self.class.line(substance) * self.class::UNSURE)

      # Points, coldest first.
      def points = self.class.at(substance, (self.class::COLDEST..self.class::WARMEST).step(self.class::EVERY))

      # Points of a Substance at so many °C each.
      def self.at(substance, celsius)
        celsius.map { |each|
          Hold::Point.new(celsius: each, kpa: substance.firmness.kpa(each),
            verdict: Grade.at(substance.firmness, each, brittle: substance.brittle),
            edge: Grade.edge?(substance.firmness, each, brittle: substance.brittle) || nil)
        }
      end

      # Its points as Rows.
      def rows = points.map { |point| Hold::Row.new(component: component, **point.to_h) }

      # ln of how many times as firm at °C as it must be to hold there, judged cautiously.
      def margin(celsius)
        kpa = substance.firmness.kpa(celsius + Grade::CAUTION_K)
        Math.log([kpa, self.class::SOFTEST].max / self.class.line(substance))
      end

      # kPa that it must have to hold.
      def self.line(substance) = substance.shell ? Grade::CUTS : Grade::STANDS

      # The highest whole °C up to 40 where, judged cautiously, it still has so many kPa; nil where it has not even in the freezer.
      def self.to_c(firmness, kpa)
        holds = ->(celsius) { firmness.kpa(celsius + Grade::CAUTION_K) >= kpa }
        return unless holds.call(self::COLDEST)
        return self::WARMEST if holds.call(self::WARMEST)

        (self::COLDEST..self::WARMEST).bsearch { |celsius| !holds.call(celsius) } - 1
      end
    end
    # A Point and the name of its part.
    Hold::Row = Value.of(:component, :celsius, :kpa, :verdict, :edge) do
      self::DIGITS = {kpa: 1}.freeze
    end
    # edge: two degrees up or down decide, nil where they do not.
    Hold::Point = Value.of(:celsius, :kpa, :verdict, :edge) do
      self::DIGITS = {kpa: 1}.freeze
    end
  end
end
