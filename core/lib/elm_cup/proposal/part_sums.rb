# frozen_string_literal: true

module ElmCup
  module Proposal
    # The sums behind the texture and the grease of each part of an assessment (Hash).
    module PartSums
      # Hashes like the `why` of a component, each with the component it is of.
      def self.of(assessment)
        (assessment["components"] + (assessment["splits"] || [])).select { |part| part["why"] }.flat_map do |part|
          (part["why"] + [grease(part)].compact).map { |sum| sum.merge("component" => part["name"]) }
        end
      end

      def self.grease(part)
        inputs = (part["binder_split_ml"] || {}).slice("water", "syrup", "pulp", "fat")
        return unless inputs.values.sum.positive?

        {"figure" => "grease", "value" => inputs["fat"] / inputs.values.sum, "formula" => "fat / (water + syrup + pulp + fat)", "inputs" => inputs,
         "labels" => inputs.keys.to_h { |key| [key, "mL of the binder"] }, "source" => "share of the binder that is liquid fat (docs/model.md, Binding)"}
      end
      private_class_method :grease
    end
  end
end
