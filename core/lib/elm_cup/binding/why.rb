# frozen_string_literal: true

module ElmCup
  module Binding
    # The sums behind a verdict. Each Step's formula, with its inputs put in, gives its value again.
    class Why
      # figure: its key in the assessment; formula: arithmetic in + - * / ( ) min max ln sqrt; inputs: name => number;
      # labels: name => what it is, in words.
      Step = Value.of(:figure, :value, :formula, :inputs, :labels, :source)

      SOURCE = "wet granulation in spoons (docs/model.md, Binding); figures of core/data/binding.csv"

      def initialize(mix)
        @mix = mix
        @saturation = mix.saturation
      end

      # Steps from the lines up to the texture number; those that cannot be reckoned are left out.
      def steps
        [sum("demand_ml", :d_ml, :d_per_gram), *water, sum("syrup_ml", :syrup_ml, :bound_per_gram), sum("pulp_ml", :b_ml, :b_per_gram),
          sum("fat_ml", :o_ml, :o_per_gram), binder, *ratio].compact
      end

      private

      # The sum of what portions have of something, each grams times so much a gram.
      def sum(figure, whole, per_gram, unit: "mL")
        used = @mix.portions.select { |each| each.public_send(whole).positive? }
        return if used.empty?

        inputs = {}
        labels = {}
        used.each.with_index(1) do |each, index|
          inputs["g#{index}"] = each.grams
          inputs["k#{index}"] = each.public_send(per_gram)
          labels["g#{index}"] = "grams of #{each.line.entry.name.downcase}"
          labels["k#{index}"] = "#{unit} a gram, #{each.figures.form}#{dissolved(each) if whole == :d_ml} (#{each.figures.source})"
        end
        Step.new(figure: figure, value: used.sum { |each| each.public_send(whole) },
          formula: (1..used.size).map { |index| "g#{index} * k#{index}" }.join(" + "), inputs: inputs, labels: labels, source: SOURCE)
      end

      def dissolved(portion)
        share = ((1 - portion.undissolved) * 100).round
        ", #{share} % of it dissolved" if share.positive?
      end

      # Free water counts in full only where there is sugar enough for it to dissolve.
      def water
        return [] unless @saturation.water.positive?

        free = sum("free_water_ml", :free_ml, :free_per_gram)
        sugar = (sum("loose_sugar_g", :sugar_grams, :sugar_per_gram, unit: "g of sugar that water can dissolve, in") if free)
        inputs = {"free" => @saturation.free, "sugar" => @saturation.sugar, "held" => @saturation.held}
        [free, sugar, Step.new(
          figure: "water_ml", value: @saturation.water, formula: "min(free, #{Saturation::WITHOUT_SUGAR} * free + " \
            "#{Saturation::A_GRAM_OF_SUGAR} * sugar) + held",
          inputs: inputs, source: SOURCE,
          labels: {"free" => "mL of free watery binder, were there sugar enough for it", "sugar" => "g of sugar that it can dissolve",
                   "held" => "mL of water inside butter"}
        )]
      end

      def binder
        Step.new(figure: "binder_ml", value: @saturation.supply, formula: "water + syrup + pulp + fat - lambda * min(pulp, fat)",
          inputs: {"water" => @saturation.water, "syrup" => @saturation.syrup, "pulp" => @saturation.pulp, "fat" => @saturation.fat,
                   "lambda" => @saturation.masking},
          labels: {"lambda" => "share of the lesser of pulp and fat that oil masks, .70 ± .15"}, source: SOURCE)
      end

      def ratio
        return [] unless @saturation.demand.positive? && @saturation.supply.positive?

        [
          Step.new(figure: "saturation", value: @saturation.value, formula: "binder / demand",
            inputs: {"binder" => @saturation.supply, "demand" => @saturation.demand}, labels: {}, source: SOURCE),
          Step.new(figure: "texture_number", value: @saturation.number, formula: "3 + ln(saturation / 0.82) / ln(1.33)",
            inputs: {"saturation" => @saturation.value},
            labels: {"saturation" => "0.82 is where it begins to roll; each texture is 1.33 times the one before"},
            source: "common practice, fitted to its cases")
        ]
      end
    end
  end
end
