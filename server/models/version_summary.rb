# frozen_string_literal: true

module ElmCupServer
  # What lists show of a version, kept with the version of the core that made it.
  class VersionSummary < Record
    self.table_name = "version_summaries"
    belongs_to :formula_version, class_name: "ElmCupServer::FormulaVersion"

    # The summary of `version` as a Hash, made again when another core made the one that is kept.
    def self.for(version)
      kept = version.kept_summary
      return JSON.parse(kept.summary) if kept&.core_version == CoreVersion::CURRENT

      summary = made_from(ElmCup.assess(version.parsed))
      upsert({formula_version_id: version.id, core_version: CoreVersion::CURRENT, summary: JSON.generate(summary)}, unique_by: :formula_version_id)
      summary
    end

    # The parts of an assessment that a list needs: those of its leading component.
    def self.made_from(assessment)
      leading = assessment["components"].find { |part| part["saturation"] } || assessment["components"].first
      {
        "grams" => assessment["grams"], "texture" => leading["texture"], "want" => leading["want"], "saturation" => leading["saturation"],
        "binder_split_ml" => leading["binder_split_ml"], "demand_ml" => leading["demand_ml"], "pieces" => assessment["pieces"],
        "diets" => assessment["diets"], "allergens" => assessment["allergens"], "flagged" => ElmCup.flagged(assessment).size,
        "kcal_per_piece" => assessment.dig("nutrition_per_piece", "kcal")
      }
    end
  end
end
