# frozen_string_literal: true

module ElmCup
  module Binding
    # How many grams of one ingredient bring a saturation to another. The supply is the greater of two leads,
    # P = A' + B + (1 - lambda) O and Q = A' + (1 - lambda) B + O, and A' in each the lesser of two straight lines, with sugar enough for
    # the free water and without; so the answer is exact. Source: docs/model.md, Dose.
    class Dose
      # grams and what they are reckoned from: (target * demand - supply) / (own - target * takes), supply in mL and own in mL a gram of the
      # line that decides.
      Need = Value.of(:grams, :target, :demand, :supply, :own, :takes)
      # One straight line: mL that are there, and that a gram of the helper adds.
      Line = Value.of(:supply, :own)

      # saturation: Saturation of the bowl; helper: Portion of the ingredient, figures per gram.
      def initialize(saturation, helper)
        @saturation = saturation
        @demand_per_gram = helper.d_per_gram
        keep = 1 - saturation.masking
        @leads = [[1.0, keep], [keep, 1.0]].map do |pulp, fat|
          [[1.0, 0.0], [Saturation::WITHOUT_SUGAR, Saturation::A_GRAM_OF_SUGAR]].map { |water, sugar|
            Line.new(
              supply: saturation.syrup + saturation.held + water * saturation.free + sugar * saturation.sugar +
                pulp * saturation.pulp + fat * saturation.fat,
              own: helper.bound_per_gram + water * helper.free_per_gram + sugar * helper.sugar_per_gram +
                pulp * helper.b_per_gram + fat * helper.o_per_gram
            )
          }
        end
      end

      # Grams that raise S to `target`; nil when no amount does.
      def to_wet(target) = wetting(target)&.grams

      # Grams that lower S to `target`; nil when no amount does.
      def to_dry(target) = drying(target)&.grams

      # The Need to raise S to `target`; nil when no amount does: all lines of one lead reach it.
      def wetting(target)
        @leads.filter_map { |lines|
          short = lines.select { |line| line.supply < target * @saturation.demand }
          next if short.empty? || short.any? { |line| line.own <= target * @demand_per_gram }

          most = short.map { |line| need(line, target) }.max_by(&:grams)
          most if (lines - short).all? { |line| reached?(line, most.grams, target) }
        }.min_by(&:grams)
      end

      # The Need to lower S to `target`; nil when no amount does: one line of each lead comes down to it.
      def drying(target)
        least = @leads.map { |lines|
          next if lines.any? { |line| line.supply <= target * @saturation.demand }

          lines.select { |line| line.own < target * @demand_per_gram }.map { |line| need(line, target) }.min_by(&:grams) || :never
        }
        least.compact.max_by(&:grams) unless least.include?(:never)
      end

      private

      def need(line, target)
        Need.new(grams: (target * @saturation.demand - line.supply) / (line.own - target * @demand_per_gram), target: target,
          demand: @saturation.demand, supply: line.supply, own: line.own, takes: @demand_per_gram)
      end

      def reached?(line, grams, target) = line.supply + line.own * grams >= target * (@saturation.demand + @demand_per_gram * grams)
    end
  end
end
