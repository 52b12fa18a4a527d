# frozen_string_literal: true

module ElmCup
  module Binding
    # A Mix whose composition is only roughly known, set right by the texture that is seen: what it was reckoned to offer and to take
    # up are each moved by the root of what they disagree with the eye. What is stirred in afterwards counts as it is.
    class SeenMix
      extend Forwardable

      def_delegators :@mix, :lines, :process, :room_c, :portions, :portion_of

      # mix: Mix with a dry side and some binder; number: the texture number that is seen.
      def initialize(mix, number, base: mix, demand: 1.0)
        @mix = mix
        @number = number
        @base = base
        @demand = demand
      end

      # The Saturation that is seen, and after what was stirred in.
      def saturation
        @saturation ||= begin
          now = @mix.saturation
          parts = %i[free held syrup sugar pulp fat].to_h { |part| [part, moved(now, part, offered)] }
          Saturation.new(**parts, demand: moved(now, :demand, taken))
        end
      end

      # With one more line.
      def with(line) = SeenMix.new(@mix.with(line), @number, base: @base, demand: @demand)

      # The same with a dry side `factor` times as large as reckoned, to see how much ignorance does.
      def with_demand(factor) = SeenMix.new(@mix, @number, base: @base, demand: factor)

      # What rest, warmth and cold do to it is what they do to the bowl by its lines.
      def number_rested = moved_by(@mix.number_rested)

      def number_at(celsius) = moved_by(@mix.number_at(celsius))

      def setting_share(celsius) = @mix.setting_share(celsius)

      # A watery line is in it.
      def watery? = @mix.watery?

      # [Portion, mL of it that count] of every line.
      def counted = @mix.counted

      # Dates and other pulp lead.
      def date_led? = saturation.pulp_led?

      private

      def moved_by(number) = number && saturation.number + number - @mix.saturation.number

      def moved(now, part, factor)
        base = @base.saturation.public_send(part)
        now.public_send(part) + (factor - 1) * base
      end

      # What the eye says over what was reckoned, half on either side.
      def taken = @taken ||= @demand * Math.sqrt(@base.saturation.value / Texture.saturation(@number))

      def offered = Texture.saturation(@number) / @base.saturation.value * taken
    end
  end
end
