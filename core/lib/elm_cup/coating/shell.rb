# frozen_string_literal: true

module ElmCup
  module Coating
    # How thick a shell a dip leaves: the film that does not run off, and what freezes onto a cold centre.
    # Source: docs/model.md, Coat: delta = .8 tau / (rho g) + q / {1250 [1700 (Tb - 22) + 10^4]}.
    class Shell
      GRAVITY = 9.81
      # Share of the film's full thickness that stays when the rest has dripped off.
      STAYS = 0.8
      # Seconds that a piece is in the bowl. Thermal effusivities of a centre and of chocolate, W s^.5/(m2 K).
      SECONDS = 3.0
      CENTRE = 745.0
      CHOCOLATE = 800.0
      # kg/m3, J/(kg K), J/kg, °C: of what freezes on.
      FROZEN_DENSITY = 1250.0
      HEAT_CAPACITY = 1700.0
      LATENT = 1e4
      SETS_C = 22.0
      # A centre up to so cold freezes all of it on; one as warm as the second none.
      COLD_C = 10.0
      WARM_C = 20.0
      # Where nobody measured.
      BOWL_C = 42.0
      CENTRE_C = -8.0

      attr_reader :chocolate, :bowl_c, :centre_c

      # chocolate: Chocolate; °C of the bowl and of the middle of a piece.
      def initialize(chocolate, bowl_c: BOWL_C, centre_c: CENTRE_C)
        @chocolate = chocolate
        @bowl_c = bowl_c
        @centre_c = centre_c
        freeze
      end

      # Millimetres of the film.
      def film_mm = 1000 * STAYS * chocolate.yield_pascal / (chocolate.density * GRAVITY)

      # Joules per square metre that a dip gives the centre.
      def heat
        between = (CENTRE * centre_c + CHOCOLATE * bowl_c) / (CENTRE + CHOCOLATE)
        2 * CENTRE * (between - centre_c) * Math.sqrt(SECONDS / Math::PI)
      end

      # Millimetres that freeze on.
      def frozen_mm
        cold = ((WARM_C - centre_c) / (WARM_C - COLD_C)).clamp(0.0, 1.0)
        1000 * cold * heat / (FROZEN_DENSITY * (HEAT_CAPACITY * [bowl_c - SETS_C, 0.0].max + LATENT))
      end

      # Millimetres of one coat.
      def first_mm = film_mm + frozen_mm

      # Millimetres of so many coats: the first has set when the next goes on, and no more freezes to it.
      def mm(coats = 1) = first_mm + (coats - 1) * film_mm

      # Grams on a body (Piece::Box and the like) that is coated all around, `mm` thick.
      def grams(body, thick_mm) = (body.grown(thick_mm).volume_mm3 - body.volume_mm3) * chocolate.density / 1e6

      # The same shell in a bowl of another temperature.
      def at(celsius) = Shell.new(chocolate, bowl_c: celsius, centre_c: centre_c)
    end
  end
end
