# frozen_string_literal: true

module ElmCup
  module Binding
    # How many grams of one ingredient bring a saturation to another. The supply is the greater of two straight lines,
    # P = A + B + (1 - lambda) O and Q = A + (1 - lambda) B + O, so the answer is exact. Source: docs/model.md, Dose.
    class Dose
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
      def to_wet(target)
        @lines.filter_map { |supply, own|
          slope = own - target * @demand_per_gram
          (target * @saturation.demand - supply) / slope if slope.positive?
        }.select(&:positive?).min
      end

      # Grams that lower S to `target`; nil when no amount does.
      def to_dry(target)
        slopes = @lines.map { |_, own| target * @demand_per_gram - own }
        return unless slopes.all?(&:positive?)

        @lines.zip(slopes).map { |(supply, _), slope| (supply - target * @saturation.demand) / slope }.max.then { |grams| grams if grams.positive? }
      end
    end
  end
end
