# frozen_string_literal: true

module ElmCup
  module Quantity
    # Where a line cannot be read and what would mend it; offsets count characters of the typed text.
    #   code, facts  as of an ElmCup::Fault
    Fault = Value.of(:from, :to, :code, facts: {}) do
      # One sentence for a person.
      def message = FaultWords.say(code, facts)
    end
  end
end
