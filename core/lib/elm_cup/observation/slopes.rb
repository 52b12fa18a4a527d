# frozen_string_literal: true

module ElmCup
  module Observation
    # By how much the texture number of a bowl moves with each thing that is not known for sure: derivatives of t at the bowl as it is.
    # Source: docs/model.md, Observation.
    class Slopes
      PULP_A_MOISTURE = Binding::Uncertainty::PULP_PER_MOISTURE
      DEMAND_A_MOISTURE = Binding::Uncertainty::DEMAND_PER_MOISTURE
      SUGAR_A_MOISTURE = Binding::Uncertainty::SUGAR_PER_MOISTURE

      # mix: Binding::Mix with a dry side and some binder.
      def initialize(mix)
        @mix = mix
        @saturation = mix.saturation
      end

      # Latent => slope of the figures and of what several lines share; those that do nothing here are left out.
      def figures
        @figures ||= {**rows, Latent::MASKING => masking, Latent::MOISTURE => moisture, Latent::RELEASE => release}
          .reject { |_, slope| slope.zero? }.freeze
      end

      # Slope of the logarithm of a Portion's grams.
      def amount(portion)
        supplied(@saturation.counted_ml(portion) + @saturation.sugar_weight * portion.sugar_grams) - taken(portion.d_ml)
      end

      private

      # A share of what is offered, and of what is taken, in texture numbers.
      def supplied(millilitres) = millilitres / @saturation.supply / Binding::Texture::STEP

      def taken(millilitres) = millilitres / @saturation.demand / Binding::Texture::STEP

      def rows
        @mix.portions.group_by(&:key).values.each_with_object({}) do |same, found|
          figures = same.first.figures
          rough = same.any? { |portion| portion.line.rough }
          unless figures.sigma_on == "binder"
            found[Latent.figure(figures, "d", rough: rough)] = -taken(same.sum(&:d_ml))
          end
          unless figures.sigma_on == "d"
            found[Latent.figure(figures, "binder", rough: rough)] = supplied(same.sum { |portion| binder(portion) })
          end
        end
      end

      # mL as they count of what a Portion's binder figure gives.
      def binder(portion)
        case Latent.binder(portion.figures)
        when :a then portion.bound_ml + @saturation.free_weight * portion.free_ml
        when :b then @saturation.pulp_weight * portion.b_ml
        else @saturation.fat_weight * portion.o_ml
        end
      end

      def masking = -supplied([@saturation.pulp, @saturation.fat].min)

      # The moisture of the dates is one, whatever lines they stand in.
      def moisture
        grams = @mix.portions.select(&:date_pulp?).sum(&:grams)
        supplied(grams * (PULP_A_MOISTURE * @saturation.pulp_weight + SUGAR_A_MOISTURE * @saturation.sugar_weight)) -
          taken(grams * DEMAND_A_MOISTURE)
      end

      # The fat that a processor sets free from nuts.
      def release
        supplied(@mix.portions.select { |portion| portion.figures.kind == Latent::CUT_NUTS }.sum(&:o_ml) * @saturation.fat_weight)
      end
    end
  end
end
