# frozen_string_literal: true

module ElmCupServer
  # One making of a version. Its state is what its events say, whatever order they came in.
  class Batch < Record
    self.table_name = "batches"
    belongs_to :formula_version, class_name: "ElmCupServer::FormulaVersion"
    has_many :events, -> { order(:seq) }, class_name: "ElmCupServer::BatchEvent", inverse_of: :batch

    # The batch of a UUID; RecordNotFound for none.
    def self.named(uuid) = find_by!(uuid: uuid)

    # Hash of what was made: the version, or of a trial what was tried.
    def document = begun&.fetch("document", nil) || formula_version.parsed

    # What was said when it was started; nil where that is not in the log yet.
    def begun = events.find { |event| event.kind == "started" }&.parsed

    # As the contract has a Batch.
    def to_answer
      {
        "batch" => uuid, "formula_id" => formula_version.formula_id, "formula_name" => formula_version.parsed["name"],
        "version_number" => formula_version.number,
        "version_id" => formula_version_id, "made_at" => Record.iso(created_at), "predicted" => JSON.parse(predicted),
        "trial_pieces" => trial_pieces, **ElmCup.batch_state(events.map(&:to_event), document)
      }.compact
    end

    # All that was said, as a batch document ("batch/1") with what the server knows of each event.
    def to_document = {"elm_cup" => "batch/1", "batch" => uuid, "events" => events.map(&:to_answer)}
  end
end
