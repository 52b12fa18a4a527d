# frozen_string_literal: true

module ElmCup
  module Cold
    # Minutes out of the cold until a piece is too soft. nil: not within the hours that are looked at.
    #   from     kind of the place it comes from, start_c its °C      room_c  °C around it
    #   dip_c    °C of a bare piece that is taken out to be dipped, as its chill left it
    #   dip, cut, slump   minutes: too soft to dip, to cut, to stand      fails_first  the part that no longer stands
    #   at_once  pieces to take out at a time where they are dipped
    Warming = Value.of(:from, :start_c, :room_c, :dip_c, :dip, :cut, :slump, :fails_first, :at_once) do
      self::DIGITS = {start_c: 1, room_c: 1, dip_c: 1, dip: 1, cut: 1, slump: 1}.freeze
      # A piece that is dipped, tapped off and set down takes so long. Source: common practice (six to eight in seven to nine minutes).
      self::SECONDS_A_PIECE = 65.0
      self::MOST_AT_ONCE = 24

      # piece: [Substance, mm] of a finished piece; form; place: Place it comes from; room_c: °C around it; bare: [Substance, mm] of one
      # before it is dipped, and dip_c: °C that it has then, nil where none is.
      def self.of(piece, form:, place:, room_c:, bare: nil, dip_c: nil)
        air = Place.new(kind: "room", celsius: room_c).typical
        run = WarmingRun.new(piece, form, place.celsius, air)
        dip = dip_c && WarmingRun.new(bare, form, dip_c, air).minutes_to(Grade::FIRM)
        new(from: place.kind, start_c: place.celsius, room_c: room_c, dip_c: dip_c, dip: dip,
          cut: run.minutes_to(Grade::CUTS), slump: run.stands,
          fails_first: run.weakest, at_once: dip && [(dip * 60 / self::SECONDS_A_PIECE).floor, self::MOST_AT_ONCE].min)
      end
    end
  end
end
