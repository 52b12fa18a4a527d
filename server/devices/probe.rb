# frozen_string_literal: true

module ElmCupServer
  module Devices
    # A probe thermometer that is not there: in the room's air, in that of a place, or in a body that cools in it. It lags, is a little off,
    # and rounds. Source: docs/devices.md, the equations.
    class Probe
      KIND = "probe"
      UNIT = "C"
      TICK_S = 1.0
      LAG_FOOD_S = 6.0
      LAG_AIR_S = 30.0
      OFFSET = 0.3
      NOISE = 0.15
      SPREAD = 0.3
      # The tip sits off the middle by up to so much of the radius.
      OFF = 0.25
      RESOLUTION = 0.1

      # place: nil for the room.
      attr_reader :place

      def initialize(noise)
        @noise = noise
        @offset = OFFSET * noise.normal
        @shown = CoolPlace::ROOM_C
      end

      def kind = KIND

      def unit = UNIT

      def tick_s = TICK_S

      def resolution = RESOLUTION

      def maximum = 150

      def state = "ready"

      def command(_what) = nil

      # Puts it into a CoolPlace (nil: the room), into a body there where one is given (ElmCup::Cold::ProbeCurve::Body), which takes heat as
      # an ElmCup::Cold::Air says.
      def move(place, body: nil, air: nil)
        @place = place
        @felt = air&.times(Math.exp(SPREAD * @noise.normal))
        @share = (body&.form == "slab") ? 0.5 + @noise.upto(OFF) / 2 : @noise.upto(OFF)
        @body = body && ElmCup::Cold::Conduction.new(stack(body), @felt, steps: 1, growth: 2.0)
      end

      # A step of so many seconds; what it shows then.
      def step(seconds = TICK_S)
        if @body
          @body.into(@felt.with(celsius: air_c)).run(seconds) { nil }
          follow(@body.at_c(@share), LAG_FOOD_S, seconds)
        else
          follow(air_c, LAG_AIR_S, seconds)
        end
        reading
      end

      # {"value", "status"}: what it shows now.
      def reading = {"value" => ((@shown + @offset + NOISE * @noise.normal) / RESOLUTION).round * RESOLUTION, "status" => "ok"}
        .then { |said| said.merge("value" => said["value"].round(1)) }

      private

      def air_c = @place ? @place.air_c : CoolPlace::ROOM_C

      def follow(celsius, lag_s, seconds) = @shown += (celsius - @shown) * (1 - Math.exp(-seconds / lag_s))

      def stack(body)
        layers = body.layers.map { |substance, mm, start_c| substance.layer(mm, start_c) }
        ElmCup::Cold::Stack.new(form: body.form, layers: layers, tin_j_m2_k: body.tin)
      end
    end
  end
end
