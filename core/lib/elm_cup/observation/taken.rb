# frozen_string_literal: true

module ElmCup
  module Observation
    # What was taken back: an event `corrected` names the key of another, which does not hold then. What takes back another taking back lets
    # that hold again.
    module Taken
      CORRECTED = "corrected"

      # Events in order => those that hold.
      def self.back(events)
        void = {}
        events.select { |event| event.kind == CORRECTED }.reverse_each do |event|
          void[event.data["key"]] = true unless void.key?(event.key)
        end
        void.empty? ? events : events.reject { |event| void.key?(event.key) }
      end
    end
  end
end
