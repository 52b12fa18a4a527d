# frozen_string_literal: true

module ElmCup
  module Door
    # A Balance::WishDesk::Reading as a Hash: the first wish that was said, all of them, and all wishes of the formula with them.
    module WishWriter
      def self.call(reading)
        states = reading.states.map { |state| Json.of(state) }
        states.first.merge("said" => states, "wishes" => reading.wishes)
      end
    end
  end
end
