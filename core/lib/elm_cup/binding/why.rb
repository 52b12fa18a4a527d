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
        [sum("demand_ml", :d), sum("water_ml", :a) { |each| each.figures.kind != "syrup" },
          sum("syrup_ml", :a) { |each| each.figures.kind == "syrup" },
          sum("pulp_ml", :b), sum("fat_ml", :o), binder, *ratio].compact
      end

      private

      def sum(figure, letter)
        used = @mix.portions.select { |each| each.public_send(:"#{letter}_per_gram").positive? && (!block_given? || yield(each)) }
        return if used.empty?

        inputs = {}
        labels = {}
        used.each.with_index(1) do |each, index|
          inputs["g#{index}"] = each.grams
          inputs["#{letter}#{index}"] = each.public_send(:"#{letter}_per_gram")
          labels["g#{index}"] = "grams of #{each.line.entry.name.downcase}"
          labels["#{letter}#{index}"] = "mL a gram, #{each.figures.form} (#{each.figures.source})"
        end
        formula = (1..used.size).map { |index| "g#{index} * #{letter}#{index}" }.join(" + ")
        Step.new(figure: figure, value: used.sum { |each| each.public_send(:"#{letter}_ml") }, formula: formula, inputs: inputs,
          labels: labels, source: SOURCE)
      end

      def binder
        Step.new(figure: "binder_ml", value: @saturation.supply, formula: "water + syrup + pulp + fat - lambda * min(pulp, fat)",
          inputs: {"water" => @saturation.water, "syrup" => @saturation.syrup, "pulp" => @saturation.pulp, "fat" => @saturation.fat,
                   "lambda" => Saturation::LAMBDA},
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
