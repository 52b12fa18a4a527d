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

    # What stands over a batch in lists and in itself, as a Hash.
    def head
      {"formula_id" => formula_version.formula_id, "formula_name" => formula_name, "version_number" => formula_version.number,
       "version_id" => formula_version_id, "made_at" => Record.iso(created_at), "predicted" => JSON.parse(predicted),
       "trial_pieces" => trial_pieces}.compact
    end

    # As the contract has a Batch. ElmCup::InvalidDocument where what was said cannot be read.
    def to_answer = {"batch" => uuid, **head, **ElmCup.batch_state(events.map(&:to_event), document)}

    # What its bowl is like and what would bring it right, as the contract has a CounterRescue. ElmCup::InvalidDocument where there is no
    # such part or complaint.
    def rescue_answer(component, complaint)
      ElmCup.rescue_batch(document, events.map(&:to_event), component: component, complaint: complaint, pantry: Pantry.library)
    end

    # Its steps while it is made, with what goes in at each, as the contract has a Making.
    def making
      {"batch" => uuid, **head.except("predicted"), "events" => events.size,
       **ElmCup.making(document, events.map(&:to_event), pantry: Pantry.library)}
    end

    # As the version calls it; of one that another version of the application wrote, as the formula is called now.
    def formula_name
      document = formula_version.parsed
      (document["name"] if document.is_a?(Hash)) || formula_version.formula.name
    end

    # All that was said, as a batch document ("batch/1") with what the server knows of each event.
    def to_document = {"elm_cup" => "batch/1", "batch" => uuid, "events" => events.map(&:to_answer)}
  end
end
