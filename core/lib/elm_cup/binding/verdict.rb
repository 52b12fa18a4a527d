# frozen_string_literal: true

module ElmCup
  module Binding
    # What a mix will be like in the hand: the figures and what to do about them.
    class Verdict
      HANDS_TACK = 0.5
      HANDS_FROM = 2.5
      HANDS_ALWAYS = 3.6
      GREASE_FROM = 0.7
      GREASE_TEXTURE = 3.0
      PIECES_FALL_OUT = 0.40

      attr_reader :mix

      # left_out_grams: what is in the bowl beside the mix, and is not known.
      def initialize(mix, left_out_grams: 0.0)
        @mix = mix
        @left_out_grams = left_out_grams
      end

      # The mix's Saturation.
      def saturation = mix.saturation

      # The mix's Uncertainty; only where it is estimable.
      def uncertainty = @uncertainty ||= Uncertainty.new(mix, left_out_grams: @left_out_grams)

      # S can be said: there is a dry side and some binder.
      def estimable? = saturation.demand.positive? && saturation.supply.positive?

      # Damp hands are wanted.
      def hands_stick?
        number = saturation.number
        !number.nil? && ((saturation.tack >= HANDS_TACK && number >= HANDS_FROM) || number >= HANDS_ALWAYS)
      end

      # So much of the binder is liquid fat that it is felt.
      def greasy? = !saturation.number.nil? && saturation.grease >= GREASE_FROM && saturation.number >= GREASE_TEXTURE

      # So much of the volume is pieces that some fall out.
      def pieces_fall_out? = mix.inclusion_share > PIECES_FALL_OUT

      # Short sentences for the cook, most pressing first.
      def advice
        [
          ("It will stick to your hands: damp them, or oil the scoop." if hands_stick?),
          ("It will feel greasy: rest it cold before you shape it." if greasy?),
          ("More than two fifths of it is pieces: some will fall out." if pieces_fall_out?),
          *uncertainty.little_known.map { |name| "We know little about #{name.downcase} in a bowl like this: go by what you see." }
        ].compact
      end
    end
  end
end
