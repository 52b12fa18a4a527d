# frozen_string_literal: true

module ElmCup
  module Coating
    # How many pieces are dipped before the bowl must be warmed again: each takes its shell out and cools what stays.
    # Source: docs/model.md, Coat: dT = -(q A + .25 (T - 21) 20) / (1750 m + 150), m in kg.
    class DipSet
      STARTS_C = 45.0
      STOPS_C = 35.0
      # Grams that no fork dips into.
      LEAST_GRAMS = 20.0
      # W/K to the room, °C of the room, seconds a piece takes; J/(kg K) of chocolate, J/K of the bowl.
      TO_ROOM = 0.25
      ROOM_C = 21.0
      SECONDS = 20.0
      HEAT_CAPACITY = 1750.0
      BOWL = 150.0
      # More is never asked for.
      MOST = 500
      # What is said to a cook: no more than so many at once.
      CAUTIOUS = 8

      # shell: Shell; body: of a bare piece; grams: melted; share: of a piece that goes in; thick_mm: of its coat where the
      # cook says it.
      def initialize(shell, body, grams, share: 1.0, thick_mm: nil, starts_c: STARTS_C, room_c: ROOM_C)
        @shell = shell
        @body = body
        @grams = grams
        @share = share
        @thick_mm = thick_mm
        @starts_c = starts_c
        @room_c = room_c
      end

      # Whole pieces before the bowl is too cold or too empty.
      def pieces
        celsius = @starts_c
        left = @grams
        (0..MOST).each do |dipped|
          shell = @shell.at(celsius)
          after = left - shell.grams(@body, @thick_mm || shell.first_mm) * @share
          celsius -= drop(shell, celsius, left)
          return dipped if after < LEAST_GRAMS || celsius < STOPS_C

          left = after
        end
        MOST
      end

      private

      def drop(shell, celsius, grams)
        (shell.heat * @body.surface_mm2 * @share / 1e6 + TO_ROOM * (celsius - @room_c) * SECONDS) / (HEAT_CAPACITY * grams / 1000 + BOWL)
      end
    end
  end
end
