# frozen_string_literal: true

require "securerandom"

# Events of batches, as a device sends them.
module Happenings
  # One event; `more` replaces what it has.
  def happened(kind, data = {}, n: nil, at: "2026-06-19T16:02:00Z", **more)
    @count = n || @count.to_i + 1
    {"key" => SecureRandom.uuid, "device" => "tab", "n" => @count, "at" => at, "kind" => kind, "data" => data,
     **more.transform_keys(&:to_s)}
  end

  # The stored batch of a version with what was said of it: [kind, data] each.
  def batch_of(version, *said)
    events = [["started", {"version" => version.id}], *said].map { |kind, data| happened(kind, data) }
    ElmCupServer::BatchLog.new(SecureRandom.uuid).append(events)
  end
end
