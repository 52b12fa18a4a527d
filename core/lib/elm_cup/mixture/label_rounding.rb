# frozen_string_literal: true

module ElmCup
  module Mixture
    # Nutrition figures as a label prints them. US: 21 CFR 101.9(c), for one serving. EU: the Commission's guidance on tolerances
    # for nutrition values, December 2012, for 100 g. Both from memory.
    module LabelRounding
      KILOJOULES = 4.184
      # Grams of sodium in one gram of salt.
      SODIUM = 0.4

      # Nutrition figures (the keys of Nutrition) as texts with their units, as a US label rounds them.
      def self.us(figures)
        {
          "calories" => us_energy(figures[:kcal]), "fat" => us_fat(figures[:fat_g]), "saturates" => us_fat(figures[:saturates_g]),
          "sodium" => us_sodium(figures[:salt_g] * SODIUM * 1000),
          "carbohydrate" => us_grams(figures[:carbohydrate_g]), "fibre" => us_grams(figures[:fibre_g]),
          "sugars" => us_grams(figures[:sugars_g]),
          "added_sugars" => us_grams(figures[:added_sugars_g]), "protein" => us_grams(figures[:protein_g])
        }
      end

      # The same as an EU label has them; carbohydrate there leaves out fibre.
      def self.eu(figures)
        {
          "energy" => "#{(figures[:kcal] * KILOJOULES).round} kJ / #{figures[:kcal].round} kcal", "fat" => eu_grams(figures[:fat_g]),
          "saturates" => eu_grams(figures[:saturates_g], least: 0.1),
          "carbohydrate" => eu_grams(figures[:carbohydrate_g] - figures[:fibre_g]), "sugars" => eu_grams(figures[:sugars_g]),
          "fibre" => eu_grams(figures[:fibre_g]),
          "protein" => eu_grams(figures[:protein_g]), "salt" => eu_salt(figures[:salt_g])
        }
      end

      class << self
        # Under 5 none, to 50 by fives, above by tens.
        def us_energy(kcal)
          return "0" if kcal < 5

          steps(kcal, (kcal <= 50) ? 5 : 10).to_i.to_s
        end

        # Under half a gram none, under 5 g by halves, above by whole grams.
        def us_fat(grams)
          return "0 g" if grams < 0.5

          "#{plain(steps(grams, (grams < 5) ? 0.5 : 1))} g"
        end

        # Under 5 mg none, to 140 by fives, above by tens.
        def us_sodium(milligrams)
          return "0 mg" if milligrams < 5

          "#{steps(milligrams, (milligrams <= 140) ? 5 : 10).to_i} mg"
        end

        # Under half a gram none, under one “less than 1 g”, above by whole grams.
        def us_grams(grams)
          return "0 g" if grams < 0.5

          (grams < 1) ? "less than 1 g" : "#{steps(grams, 1).to_i} g"
        end

        # From 10 g by whole grams, under it by tenths; at most `least` is only said to be under it.
        def eu_grams(grams, least: 0.5)
          return "< #{least} g" if grams <= least

          "#{plain(steps(grams, (grams < 10) ? 0.1 : 1))} g"
        end

        # From 1 g by tenths, under it by hundredths, at most 0.0125 g only said to be little.
        def eu_salt(grams)
          return "< 0.01 g" if grams <= 0.0125

          "#{plain(steps(grams, (grams < 1) ? 0.01 : 0.1))} g"
        end

        private

        # `value` to the next multiple of `step`, halves away from nothing.
        def steps(value, step)
          exact = Rational(step.to_s)
          (Rational(value.round(6).to_s) / exact).round * exact
        end

        def plain(value) = value.to_f.to_s.delete_suffix(".0")
      end
    end
  end
end
