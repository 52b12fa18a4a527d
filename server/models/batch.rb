# frozen_string_literal: true

module ElmCupServer
  # One making of a version. Its state is what its events say, folded in order.
  class Batch < Record
    self.table_name = "batches"
    belongs_to :formula_version, class_name: "ElmCupServer::FormulaVersion"
    has_many :events, -> { order(:position) }, class_name: "ElmCupServer::BatchEvent", inverse_of: :batch

    # Writes down a finished making in one transaction. A second call with the same client key answers the first batch.
    # `at` is when; now unless the demo says otherwise.
    #   record: client_key, version_id, trial_pieces and document (of a trial only: so many pieces, what was made, which is predicted),
    #   lines, additions, texture, pieces, minutes, note (see openapi.yaml, BatchRecord)
    def self.write_down(record, at: Time.now)
      transaction do
        known = find_by(client_key: record["client_key"])
        next known if known

        version = FormulaVersion.find(record["version_id"])
        batch = create!(formula_version: version, client_key: record["client_key"], predicted: JSON.generate(predicted(record, version)),
          trial_pieces: record["trial_pieces"], created_at: at)
        MadeIt.new(record, cup: version.parsed.dig("kitchen", "cup"))
          .events.each_with_index { |(kind, payload), position| batch.append(kind, payload, position) }
        batch
      end
    end

    # What was made is what is predicted: a trial may be of more than the version.
    def self.predicted(record, version)
      (record["trial_pieces"] && record["document"]) ? VersionSummary.of(record["document"]) : version.summary
    end
    private_class_method :predicted

    # Adds one event.
    def append(kind, payload, position)
      events.create!(position: position, kind: kind, client_key: "#{client_key}:#{position}", payload: JSON.generate(payload))
    end

    # What the events come to.
    def state
      events.each_with_object({"lines" => [], "additions" => []}) { |event, state| event.fold_into(state) }
    end

    # As the contract has a Batch.
    def to_answer
      {
        "id" => id, "formula_id" => formula_version.formula_id, "formula_name" => formula_version.parsed["name"],
        "version_number" => formula_version.number,
        "version_id" => formula_version_id, "made_at" => Record.iso(created_at), "predicted" => JSON.parse(predicted),
        "trial_pieces" => trial_pieces, **state
      }.compact
    end
  end
end
