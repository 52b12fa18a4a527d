# frozen_string_literal: true

module ElmCup
  module Door
    # The cold and the keeping of an Assessment in full, as a Hash ("cold/1").
    module ColdWriter
      VERSION = "cold/1"

      def self.call(assessment)
        cold, card, keep = %w[cold cold_card keep].map { |name| AssessmentWriter.section(assessment.section(name)) }
        {"elm_cup" => VERSION, "name" => assessment.name, "lives" => assessment.formula.lives,
         "cold" => cold["cold"]&.merge(card.fetch("cold_card"), "why" => why(assessment)), "keep" => keep["keep"],
         "findings" => Json.of(assessment.findings.heard.select { |each| SecondLook::PLACE_IDS.include?(each.rule) }),
         "notes" => assessment.notes}.compact
      end

      def self.why(assessment)
        parts = assessment.components.select(&:in_piece?).reject { |part| part.bowl.empty? }
        kept = parts.filter_map { |part| Mixture::WaterActivity.of(part.bowl)&.then { |activity| [part.name, activity] } }
        WhyWriter.call(Cold::Why.new(assessment.section("cold"), kept).steps)
      end
      private_class_method :why
    end
  end
end
