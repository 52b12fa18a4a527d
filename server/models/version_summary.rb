# frozen_string_literal: true

module ElmCupServer
  # What lists show of a version, kept with the version of the core that made it.
  class VersionSummary < Record
    self.table_name = "version_summaries"
    belongs_to :formula_version, class_name: "ElmCupServer::FormulaVersion"

    # The summary of `version` as a Hash, made again when another core, or another pantry, made the one that is kept.
    def self.for(version, pantry = Pantry.now)
      made_by = made_by(pantry)
      kept = version.kept_summary
      return JSON.parse(kept.summary) if kept&.core_version == made_by

      summary = made_from(ElmCup.assess(version.parsed, pantry: pantry.library))
      upsert({formula_version_id: version.id, core_version: made_by, summary: JSON.generate(summary)}, unique_by: :formula_version_id)
      summary
    end

    # The summary of a document (a Hash) that is no version. InvalidDocument where it is none.
    def self.of(document, pantry = Pantry.now) = made_from(ElmCup.assess(document, pantry: pantry.library))

    # What a summary depends on beside its version: the core, and the household's pantry (a Pantry::Kept).
    def self.made_by(pantry = Pantry.now) = "#{CoreVersion::CURRENT}-#{pantry.digest}"

    # The parts of an assessment that a list needs: those of its leading component.
    def self.made_from(assessment)
      name = ElmCup.leading(assessment["components"])
      leading = assessment["components"].find { |part| part["name"] == name }
      {
        "grams" => assessment["grams"], "texture" => leading["texture"], "want" => leading["want"], "saturation" => leading["saturation"],
        "binder_split_ml" => leading["binder_split_ml"], "demand_ml" => leading["demand_ml"], "pieces" => assessment["pieces"],
        "diets" => assessment["diets"], "allergens" => assessment["allergens"], "flagged" => ElmCup.flagged(assessment).size,
        "kcal_per_piece" => assessment.dig("nutrition_per_piece", "kcal"), "components" => assessment["components"].size,
        "breaches" => assessment["breaches"].map { |breach| breach["need"] }.uniq
      }
    end
  end
end
