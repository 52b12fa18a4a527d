# frozen_string_literal: true

module ElmCup
  module Balance
    # The sum behind the grease of a part.
    module GreaseSum
      SOURCE = "share of the binder that is liquid fat (docs/model.md, Binding)"
      PARTS = %i[water syrup pulp fat].freeze

      # The Sums::Sum of a Binding::Saturation; nil where nothing binds.
      def self.of(saturation)
        inputs = PARTS.to_h { |part| [part.to_s, saturation.public_send(part).round(2)] }
        return unless inputs.values.sum.positive?

        Sums::Sum.new(figure: "grease", value: inputs["fat"] / inputs.values.sum, formula: "fat / (water + syrup + pulp + fat)",
          inputs: inputs, labels: inputs.transform_values { "mL of the binder" }, source: SOURCE)
      end
    end
  end
end
