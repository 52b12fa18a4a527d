# frozen_string_literal: true

module ElmCup
  module Assessment
    # Sums behind figures, as Hashes ready for JSON.
    module WhyAnswer
      # steps: Binding::Why::Steps.
      def self.of(steps)
        steps.map do |step|
          {
            "figure" => step.figure, "value" => Figures.significant(step.value), "formula" => step.formula,
            "inputs" => step.inputs.transform_values { |value| Figures.significant(value) }, "labels" => step.labels, "source" => step.source
          }
        end
      end
    end
  end
end
