# frozen_string_literal: true

module ElmCup
  module Cold
    # The sums behind the cold: each Step's formula, with its inputs put in, gives its value again. What a run through the body gives is an
    # input: the minutes as they most likely are, and those of the quickest and the slowest air.
    class Why
      SOURCE = "docs/model.md, Cold"
      FIRMNESS = "docs/model.md, Firmness"
      WATER = "docs/model.md, Water activity"

      # cold: the ColdSection; kept: [name, Mixture::WaterActivity] of each part that has one.
      def initialize(cold, kept)
        @cold = cold
        @kept = kept
      end

      # Binding::Why::Steps.
      def steps = [*band("freezer"), *band("fridge"), *firmness, *@kept.flat_map { |name, activity| water(name, activity) }]

      private

      def step(figure, value, formula, inputs, labels, source)
        Binding::Why::Step.new(figure: figure, value: value, formula: formula, inputs: inputs, labels: labels, source: source)
      end

      # Both ends of the leading step's minutes in a place.
      def band(place)
        ready = @cold.leading&.ready_in(place)
        return [] unless ready&.ready

        inputs = {"middle" => ready.middle, "quick" => ready.quick, "slow" => ready.slow}.compact
        labels = {"middle" => "minutes as it most likely goes, from #{ready.start_c.round} °C", "quick" => "minutes with a fan",
                  "slow" => "minutes in still, full air"}.slice(*inputs.keys)
        from = [Ready::LEAST * ready.middle, ready.quick].compact.max
        to = [Ready::MOST * ready.middle, ready.slow].compact.min
        [step("ready_from_#{place}", from, ready.quick ? "max(0.8 * middle, quick)" : "0.8 * middle", inputs.except("slow"),
          labels.except("slow"), SOURCE),
          step("ready_to_#{place}", to, ready.slow ? "min(2 * middle, slow)" : "2 * middle", inputs.except("quick"),
            labels.except("quick"), SOURCE)]
      end

      # Of the part that gives way first, two degrees over what it holds to.
      def firmness
        hold = @cold.weakest
        return [] unless hold&.holds_to_c

        celsius = hold.holds_to_c + Grade::CAUTION_K
        inputs = hold.substance.firmness.inputs(celsius)
        melt = "(fat_share * sqrt(530 * network) * solid + syrup_share * syrup)"
        labels = {
          "fat_share" => "of what flows in #{hold.component}", "network" => "how much its fat stiffens",
          "solid" => "share of its fat that is solid at #{celsius.round} °C", "syrup_share" => "of what flows",
          "syrup" => "root of kPa of its syrup", "thickened" => "by what is dry in it", "packing" => "kPa of the dry side itself"
        }
        [step("firmness_kpa", hold.substance.firmness.kpa(celsius), "#{melt} * #{melt} * thickened + packing", inputs, labels, FIRMNESS)]
      end

      def water(name, activity)
        ideal, beyond, salt = activity.norrish_terms
        labels = {
          "water_share" => "of all moles in the syrup of #{name} that are water",
          "beyond" => "(sum of root K times mole share) squared, by Norrish", "salt" => "what salt lowers it by"
        }
        [step("ln_water_activity", Math.log(activity.norrish), "ln(water_share) - beyond + salt",
          {"water_share" => ideal, "beyond" => beyond, "salt" => salt}, labels, WATER)]
      end
    end
  end
end
