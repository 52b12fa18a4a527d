# frozen_string_literal: true

module ElmCupServer
  module Devices
    # A freezer or fridge that is not there: its wall is cooled in turns, its air follows the wall and rushes out when the door opens. It is
    # a little off its dial, by what nobody tells. Source: docs/devices.md, the equations.
    class CoolPlace
      TICK_S = 5.0
      ROOM_C = 21.0
      SHUT_S = 180.0
      OPEN_S = 10.0
      # Share of the room's air that comes in.
      RUSH = 0.7
      # Minutes in which the wall follows the air.
      WALL_MIN = 180.0
      # By kind: °C that its dial is off at the most likely, and by how much that varies; K of the turns; K a minute that it cools; minutes
      # in which warmth comes in; K that its coils are colder than the air.
      KINDS = {
        "freezer" => {bias: 3.0, give: 2.5, turn: 1.2, cools: 0.30, loss: 600.0, coil: 3.0},
        "fridge" => {bias: 2.0, give: 1.5, turn: 1.0, cools: 0.35, loss: 200.0, coil: 2.0}
      }.freeze
      # Minutes that warmth takes without power: empty, and more for what is in it.
      CUT_EMPTY_MIN = 600.0
      CUT_FULL_MIN = 3600.0

      attr_reader :kind, :air_c, :wall_c

      # dial_c: as it is set; bias_k: what it is off, drawn where it is nil; fill: share of it that is full.
      def initialize(kind, noise, dial_c:, bias_k: nil, fill: 0.5)
        @kind = kind
        @figures = KINDS.fetch(kind)
        @target = dial_c + (bias_k || @figures[:bias] + @figures[:give] * noise.normal)
        @wall_c = @air_c = @target
        @fill = fill
        @on = false
        @open_s = 0.0
        @cut = false
      end

      def tick_s = TICK_S

      # A step of so many seconds.
      def step(seconds = TICK_S)
        @on = true if @wall_c > @target + @figures[:turn]
        @on = false if @wall_c < @target - @figures[:turn] || @cut
        loss = @cut ? CUT_EMPTY_MIN + CUT_FULL_MIN * @fill : @figures[:loss]
        @wall_c += ((ROOM_C - @wall_c) / loss - (@on ? @figures[:cools] : 0.0) + (@air_c - @wall_c) / WALL_MIN) * seconds / 60
        follow(seconds)
      end

      # What is done with it: open its door for so many seconds, cut its power for good or give it back.
      def simulate(what, seconds: nil)
        case what
        when "door" then @open_s = seconds || 20.0
        when "cut" then @cut = !@cut
        end
      end

      private

      def follow(seconds)
        open = [@open_s, seconds].min
        @open_s -= open
        draw(RUSH * ROOM_C + (1 - RUSH) * @wall_c, OPEN_S, open) if open.positive?
        draw(@wall_c - (@on ? @figures[:coil] : 0.0), SHUT_S, seconds - open)
      end

      def draw(towards, within_s, seconds) = @air_c += (towards - @air_c) * (1 - Math.exp(-seconds / within_s))
    end
  end
end
