# frozen_string_literal: true

module ElmCup
  module Binding
    # Time and cold as cures: what waiting, the fridge and warm hands do to a mix, before anything is stirred in.
    # Source: docs/model.md, Dose rules, 5.
    class Remedy
      # kind "rest", "chill" or "warm"; text as a cook says it; minutes [low, high]; place; number: the texture number after, nil where
      # that cannot be told.
      Cure = Value.of(:kind, :text, :minutes, :place, :why, number: nil)
      REST_MINUTES = [30, 30].freeze
      CHILL_MINUTES = [20, 30].freeze
      WARM_MINUTES = [1, 2].freeze
      FRIDGE_C = 4.0
      HANDS_C = 30.0
      # What a rest moves at the least to be worth the wait, in classes.
      LEAST_MOVE = 0.1
      # Share of the supply that must set in the cold.
      SETS = 0.10
      STICKY = %w[tacky spreads].freeze
      FIRM = %w[presses rolls].freeze

      # mix: Mix or SeenMix; want: texture id.
      def initialize(mix, want)
        @mix = mix
        @want = want
        @number = mix.saturation.number
        @index = Texture.index(want)
      end

      # Cures of a bowl that is too wet, in the order they are tried.
      def of_wet = [rest, chill].compact

      # Cures of a bowl that is too dry.
      def of_dry = [warm].compact

      private

      def rest
        number = @mix.number_rested
        return unless number && Texture.at(number) == @want && @number - number >= LEAST_MOVE

        Cure.new(kind: "rest", text: "Wait 30 minutes", minutes: REST_MINUTES, place: "room", number: number,
          why: "flours, oats and seeds go on taking up what is wet")
      end

      def chill
        return unless STICKY.include?(@mix.saturation.texture) && FIRM.include?(@want) && @mix.setting_share(FRIDGE_C) >= SETS

        Cure.new(kind: "chill", text: "20 to 30 minutes in the fridge", minutes: CHILL_MINUTES, place: "fridge",
          why: "its fat sets in the cold")
      end

      def warm
        number = @mix.number_at(HANDS_C)
        return unless number && Texture.at(number) == @want && number > @number

        Cure.new(kind: "warm", text: "Warm it in your hands", minutes: WARM_MINUTES, place: "hands", number: number,
          why: "its fat has set; warm, it binds again")
      end
    end
  end
end
