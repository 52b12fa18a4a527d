# frozen_string_literal: true

require "digest"

module ElmCupServer
  # One thing said about a batch. The database forbids changing or removing it.
  class BatchEvent < Record
    self.table_name = "batch_events"
    self.primary_key = "seq"
    belongs_to :batch, class_name: "ElmCupServer::Batch", inverse_of: :events

    # What two sendings of one event share, as a digest: all that the device says of it.
    def self.digest_of(said)
      Digest::SHA256.hexdigest(JSON.generate(said.slice("device", "n", "at", "kind").to_a << said["data"].to_a.sort))
    end

    # The data as a Hash.
    def parsed = JSON.parse(data)

    # As the core has an event.
    def to_event = {"key" => key, "device" => device, "n" => n, "at" => at, "kind" => kind, "data" => parsed, "skew_ms" => skew_ms}

    # As the contract has a BatchEvent.
    def to_answer = to_event.merge("seq" => seq, "received_at" => Record.iso(received_at))
  end
end
