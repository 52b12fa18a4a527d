# frozen_string_literal: true

module ElmCup
  module Door
    # Sums behind figures, as Hashes.
    module WhyWriter
      # steps: Binding::Why::Steps. Each formula with its inputs put in gives its value again.
      def self.call(steps) = steps.map { |step| step(step) }

      # One of them; component: the name of the part that it is of, nil for none.
      def self.step(step, component: nil)
        {
          "figure" => step.figure, "value" => Json.significant(step.value), "formula" => step.formula,
          "inputs" => step.inputs.transform_values { |value| Json.significant(value) }, "labels" => step.labels, "source" => step.source,
          "component" => component
        }.compact
      end
    end
  end
end
