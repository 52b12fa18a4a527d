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

      summary = ElmCup.summary(version.parsed, pantry: pantry.library)
      upsert({formula_version_id: version.id, core_version: made_by, summary: JSON.generate(summary)}, unique_by: :formula_version_id)
      summary
    end

    # The summary of a document (a Hash) that is no version. InvalidDocument where it is none.
    def self.of(document, pantry = Pantry.now) = ElmCup.summary(document, pantry: pantry.library)

    # What a summary depends on beside its version: the core, and the household's pantry (a Pantry::Kept).
    def self.made_by(pantry = Pantry.now) = "#{CoreVersion::CURRENT}-#{pantry.digest}"
  end
end
