# frozen_string_literal: true

require "time"
require "active_support/core_ext/digest/uuid"

module ElmCupServer
  # Writes what devices say of a batch into the log, all of it or nothing. What was said before is known by its key and counts once.
  class BatchLog
    # What is said goes against what was said before: another body under a key that is taken, another beginning of the same batch.
    class Conflict < StandardError; end

    SERVER = "server"

    # uuid: of the batch; now: Time; clock: the device's own Time at the moment it sent this, nil where it did not say.
    def initialize(uuid, now: Time.now, clock: nil)
      @uuid = uuid
      @now = now
      @skew_ms = clock ? ((now - clock) * 1000).round : 0
    end

    # Appends events (Hashes of batch.schema.json) and answers the Batch. ElmCup::InvalidDocument where one cannot be taken, Conflict where
    # it goes against what was said before, RecordNotFound where nothing was started under that UUID or the version is none.
    def append(events)
      ElmCup.check_batch("elm_cup" => "batch/1", "batch" => @uuid, "events" => events)
      Record.transaction do
        batch = Batch.find_by(uuid: @uuid) || start(events.first)
        events.each { |said| known?(said) || write(batch, said) }
        batch.events.reset
        # A batch that this version cannot read takes nothing more: it is refused before any of it is kept.
        batch.to_answer
        BatchRow.write(batch)
        batch
      end
    end

    private

    def known?(said)
      kept = BatchEvent.find_by(key: said["key"]) or return false
      return true if kept.batch.uuid == @uuid && kept.body_digest == BatchEvent.digest_of(said)

      raise Conflict, "The key #{said["key"]} stands for something else that was said; send this under a key of its own"
    end

    # The batch that `said` begins, with what is predicted of it.
    def start(said)
      raise ActiveRecord::RecordNotFound unless said["kind"] == "started"

      data = said["data"]
      version = FormulaVersion.find(data["version"])
      raise ActiveRecord::RecordNotFound unless [nil, version.formula_id].include?(data["formula"])

      pantry = Pantry.now
      document = data["document"]
      batch = Batch.create!(uuid: @uuid, formula_version: version, trial_pieces: data["trial_pieces"], created_at: said["at"],
        predicted: JSON.generate(ElmCup.summary(document || version.parsed, pantry: pantry.library)))
      predict(batch, said, document || version.parsed, pantry)
      batch
    end

    # What is predicted is kept with all that it was made of: the core, its figures and the household's pantry may change.
    def predict(batch, said, document, pantry)
      made_by = {"core" => CoreVersion::CURRENT, "pantry_digest" => pantry.digest, "figures_digest" => CoreVersion::FIGURES}
      ElmCup.predictions(document, pantry: pantry.library).each_with_index do |prediction, at|
        insert(batch, {"key" => Digest::UUID.uuid_v5(@uuid, "predicted #{at}"), "device" => SERVER, "n" => at, "at" => said["at"],
                       "kind" => "predicted", "data" => prediction.merge(made_by)})
      end
    end

    def write(batch, said)
      begun = batch.begun if said["kind"] == "started"
      raise Conflict, "This batch was begun otherwise before; begin another one" unless [nil, said["data"]].include?(begun)

      data = ElmCup.complete_event(said["kind"], said["data"], @document ||= batch.document, pantry: Pantry.library)
      insert(batch, said, data: data, skew_ms: @skew_ms)
    end

    def insert(batch, said, data: said["data"], skew_ms: 0)
      batch.events.create!(**said.slice("key", "device", "n", "at", "kind").transform_keys(&:to_sym), data: JSON.generate(data),
        body_digest: BatchEvent.digest_of(said), skew_ms: skew_ms, received_at: @now)
    end
  end
end
