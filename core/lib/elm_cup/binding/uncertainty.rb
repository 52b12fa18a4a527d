# frozen_string_literal: true

module ElmCup
  module Binding
    # How far the texture number may be off, and the odds that follow. Source: docs/model.md, Band.
    class Uncertainty
      LEAST_SCALE = 0.60
      # Figures that were fitted one by one err less together than each for itself.
      TOGETHER = 0.7
      # What is only known by its kind is twice as unsure.
      ROUGH = 2
      MOISTURE_SAID = 0.025
      MOISTURE_UNSAID = 0.035
      PULP_PER_MOISTURE = 2.5
      DEMAND_PER_MOISTURE = -0.46 / 0.78
      # Loose sugar of dates: what is wetter has less of it, and more of it is dissolved already.
      SUGAR_PER_MOISTURE = -2.844
      # Two in three of a Student t with 4 degrees of freedom lie within this many scales.
      TWO_IN_THREE = 1.0998

      # What is left out may be all dry, or all binder: mL a gram. Source: docs/model.md, Lines left out.
      ALL_DRY = 0.7
      ALL_BINDER = 0.75

      # Texture id => probability around a texture number, of a spread of that scale.
      def self.odds_at(number, scale)
        edges = [0.0, *(1...Texture::ALL.size).map { |edge| cumulative((edge - number) / scale) }, 1.0]
        Texture::ALL.each_with_index.to_h { |id, index| [id, edges[index + 1] - edges[index]] }
      end

      # Student's t distribution with 4 degrees of freedom, in closed form.
      def self.cumulative(x)
        return (x.positive? ? 1.0 : 0.0) if x.infinite?

        q = 1 + x * x / 4
        0.5 + 0.375 * (x / Math.sqrt(q)) * (1 - x * x / (12 * q))
      end
      private_class_method :cumulative

      # left_out_grams: what is in the bowl beside the mix, and is not known.
      def initialize(mix, left_out_grams: 0.0)
        @mix = mix
        @saturation = mix.saturation
        @left_out_grams = left_out_grams
      end

      # Scale of the spread of t.
      def scale = @scale ||= [LEAST_SCALE, TOGETHER * Math.sqrt(variance)].max

      # [low, high] of S that two in three bowls keep within, whatever is left out.
      def band
        low, high = numbers.minmax
        [Texture.saturation(low - TWO_IN_THREE * scale), Texture.saturation(high + TWO_IN_THREE * scale)]
      end

      # Texture id => probability.
      def odds
        @odds ||= begin
          all = numbers.map { |number| self.class.odds_at(number, scale) }
          all.one? ? all.first : Texture::ALL.to_h { |id| [id, all.sum { |each| each[id] } / all.size] }
        end
      end

      # Names of ingredients that no case supports and that carry more than a third of either side.
      def little_known
        starred = @mix.portions.select { |each| each.figures.starred }
        starred.select { |each| share(each.d_ml, @saturation.demand) > 1.0 / 3 || share(each.supply_ml, @saturation.volume) > 1.0 / 3 }
          .map { |each| each.line.entry.name }.uniq
      end

      private

      # The texture number, and what it would be were all that is left out dry, and were it all binder.
      def numbers
        return [@saturation.number] unless @left_out_grams.positive?

        @numbers ||= [@saturation.number, @saturation.with_demand(@saturation.demand + ALL_DRY * @left_out_grams).number,
          @saturation.with_syrup(ALL_BINDER * @left_out_grams).number]
      end

      def variance
        parameters + (lambda_slope * Saturation::LAMBDA_SIGMA)**2 + (moisture_slope * moisture_sigma)**2 + prepared
      end

      # What soaking brings and toasting takes is only roughly known, each line for itself.
      def prepared
        @mix.portions.select { |each| each.line.prepared }.sum(0.0) do |each|
          off = Hash.new(0.0).merge(each.water_sigma)
          supply = @saturation.free_weight * off[:a] + @saturation.sugar_weight * off[:u] + @saturation.pulp_weight * off[:b]
          ((share(supply, @saturation.supply) - share(off[:d], @saturation.demand)) / Texture::STEP)**2
        end
      end

      # Delta method: each independent figure's slope of t, times its sigma, squared and summed.
      def parameters
        @mix.portions.group_by(&:key).values.sum(0.0) do |same|
          figures = same.first.figures
          sigma = figures.sigma * ((same.any? { |each| each.line.rough }) ? ROUGH : 1)
          slopes(same, figures.sigma_on).sum { |slope| (slope * sigma)**2 }
        end
      end

      def slopes(portions, side)
        demand = -share(portions.sum(&:d_ml), @saturation.demand) / Texture::STEP
        supply = share(portions.sum { |each| @saturation.counted_ml(each) }, @saturation.supply) / Texture::STEP
        {"d" => [demand], "binder" => [supply], "both" => [demand, supply]}.fetch(side)
      end

      def lambda_slope = -share([@saturation.pulp, @saturation.fat].min, @saturation.supply) / Texture::STEP

      # The moisture of the dates is one unknown, whatever lines they stand in.
      def moisture_slope
        dates = date_portions.sum(&:grams)
        supply = (PULP_PER_MOISTURE * @saturation.pulp_weight + SUGAR_PER_MOISTURE * @saturation.sugar_weight) * dates
        (share(supply, @saturation.supply) - share(DEMAND_PER_MOISTURE * dates, @saturation.demand)) / Texture::STEP
      end

      def moisture_sigma
        (date_portions.all? { |each| each.line.moisture_said }) ? MOISTURE_SAID : MOISTURE_UNSAID
      end

      def date_portions = @date_portions ||= @mix.portions.select(&:date_pulp?)

      def share(part, whole) = whole.positive? ? part / whole : 0.0
    end
  end
end
