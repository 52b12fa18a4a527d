# frozen_string_literal: true

module ElmCup
  module Binding
    # How many grams of one ingredient bring a saturation to another. The supply is the greater of two straight lines,
    # P = A + B + (1 - lambda) O and Q = A + (1 - lambda) B + O, so the answer is exact. Source: docs/model.md, Dose.
    class Dose
      # grams and what they are reckoned from: (target * demand - supply) / (own - target * takes), supply in mL and own in mL a gram of the
      # line that decides.
      Need = Value.of(:grams, :target, :demand, :supply, :own, :takes)

      # saturation: Saturation of the bowl; helper: Portion of the ingredient, figures per gram.
      def initialize(saturation, helper)
        @saturation = saturation
        keep = 1 - Saturation::LAMBDA
        @lines = [
          [saturation.watery + saturation.pulp + keep * saturation.fat, helper.a_per_gram + helper.b_per_gram + keep * helper.o_per_gram],
          [saturation.watery + keep * saturation.pulp + saturation.fat, helper.a_per_gram + keep * helper.b_per_gram + helper.o_per_gram]
        ]
        @demand_per_gram = helper.d_per_gram
      end

      # Grams that raise S to `target`; nil when no amount does.
      def to_wet(target) = wetting(target)&.grams

      # Grams that lower S to `target`; nil when no amount does.
      def to_dry(target) = drying(target)&.grams

      # The Need to raise S to `target`; nil when no amount does.
      def wetting(target)
        needed(target).select { |each| each.own > target * each.takes && each.grams.positive? }.min_by(&:grams)
      end

      # The Need to lower S to `target`; nil when no amount does.
      def drying(target)
        return unless @lines.all? { |_, own| own < target * @demand_per_gram }

        needed(target).max_by(&:grams).then { |most| most if most.grams.positive? }
      end

      private

      def needed(target)
        @lines.map do |supply, own|
          Need.new(grams: (target * @saturation.demand - supply) / (own - target * @demand_per_gram), target: target,
            demand: @saturation.demand, supply: supply, own: own, takes: @demand_per_gram)
        end
      end
    end
  end
end
