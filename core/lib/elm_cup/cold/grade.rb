# frozen_string_literal: true

module ElmCup
  module Cold
    # What a firmness means to a hand: slumps < 1.5 kPa <= soft < 12 <= cuts < 20 <= firm, and of shells, bark and what comes out of a mould
    # < 100 <= snaps. It is judged a little warmer than it is, to be on the safe side.
    # Source: docs/model.md, Firmness.
    module Grade
      STANDS = 1.5
      CAUTION_K = 2.0
      CUTS = Touch::ALL.fetch("cut").kpa
      FIRM = Touch::ALL.fetch("dip").kpa
      SNAPS = Touch::ALL.fetch("snap").kpa

      # The id of so many kPa.
      def self.of(kpa, brittle: false)
        return "slumps" if kpa < STANDS
        return "soft" if kpa < CUTS
        return "cuts" if kpa < FIRM

        (brittle && kpa >= SNAPS) ? "snaps" : "firm"
      end

      # What a Firmness is at °C, cautiously.
      def self.at(firmness, celsius, brittle: false) = of(firmness.kpa(celsius + CAUTION_K), brittle: brittle)

      # Two degrees up and down do not mean the same.
      def self.edge?(firmness, celsius, brittle: false)
        at(firmness, celsius, brittle: brittle) != of(firmness.kpa(celsius - CAUTION_K), brittle: brittle)
      end
    end
  end
end
