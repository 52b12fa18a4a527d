# frozen_string_literal: true

module ElmCupServer
  # One thing said about a batch. The database forbids changing or removing it.
  class BatchEvent < Record
    self.table_name = "batch_events"
    belongs_to :batch, class_name: "ElmCupServer::Batch", inverse_of: :events

    LISTS = {"weighed" => "lines", "added" => "additions"}.freeze

    # Puts what this event says into `state`: weighings and additions pile up, the rest is said anew.
    def fold_into(state)
      said = JSON.parse(payload)
      LISTS.key?(kind) ? state[LISTS[kind]] << said : state.merge!(said)
    end
  end
end
