# frozen_string_literal: true

module ElmCup
  module Coating
    # The sums behind a coat: each Step's formula, with its inputs put in, gives its value again.
    class Why
      SOURCE = "docs/model.md, Coat"

      # need: Need.
      def initialize(need)
        @need = need
        @shell = need.work.shell
        @chocolate = need.work.chocolate
      end

      # Binding::Why::Steps: how thick it gets where it is dipped, and what is needed.
      def steps = [*(dipped if @need.used.dips?), needed, spare].compact

      private

      def step(figure, value, formula, inputs, labels)
        Binding::Why::Step.new(figure: figure, value: value, formula: formula, inputs: inputs,
          labels: labels, source: SOURCE)
      end

      def dipped
        return if @need.work.coat.thickness_mm

        [density, film, frozen]
      end

      def density
        step("shell_density", @chocolate.density, "1 / ((1 - fat) / 1500 + fat / 900)", {"fat" => @chocolate.fat},
          {"fat" => "share of fat in it, after thinning"})
      end

      def film
        step("film_mm", @shell.film_mm, "1000 * 0.8 * 0.5 * (phi / (0.7 - phi)) * (phi / (0.7 - phi)) / (density * 9.81)",
          {"phi" => @chocolate.solids, "density" => @chocolate.density}, {"phi" => "share of its volume that is solid",
            "density" => "kg/m³"})
      end

      def frozen
        cold = ((Shell::WARM_C - @shell.centre_c) / (Shell::WARM_C - Shell::COLD_C)).clamp(0.0, 1.0)
        step("frozen_mm", @shell.frozen_mm, "1000 * cold * heat / (1250 * (1700 * max(bowl - 22, 0) + 10000))",
          {"cold" => cold, "heat" => @shell.heat, "bowl" => @shell.bowl_c},
          {"cold" => "1 for a cold centre, 0 for one as warm as the room", "heat" => "J/m² that the centre takes in 3 s",
           "bowl" => "°C of the bowl"})
      end

      def needed
        count = @need.together.count
        step("grams_needed", @need.grams_needed, "pieces * coat + trim",
          {"pieces" => count, "coat" => @need.wanted_each, "trim" => @need.grams_needed - count * @need.wanted_each},
          {"coat" => "grams that one piece wants, #{@need.words}", "trim" => "grams on what is trimmed off"})
      end

      def spare
        value = @need.grams_with_spare
        dips = @need.used.dips?
        formula = dips ? "needed * #{Dip::DRIPS} + #{Dip::STAYS_IN_BOWL}" : "needed * #{Kind::SPARE}"
        step("grams_with_spare", value, formula, {"needed" => @need.grams_needed}, {"needed" => "grams on the pieces"})
      end
    end
  end
end
