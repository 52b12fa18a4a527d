# frozen_string_literal: true

module ElmCup
  module Plan
    # What a task of a plan is to the cook.
    #   id       of the Task      formula  index of the formula in the plan      step  Method::Step, nil for a mark
    #   words    what is done     kind  "hands" or "mark"
    #   set, sets  which of several sets of a step it is      tray, trays  which of several trays
    #   spread   minutes that its hands-on time may be off by
    Item = Value.of(:id, :formula, :words, :kind, step: nil, set: 1, sets: 1, tray: 1, trays: 1, spread: 0) do
      # The words with which of them it is: "Dip 24 balls (set 2 of 3)".
      def full_words
        which = [("tray #{tray} of #{trays}" if trays > 1), ("set #{set} of #{sets}" if sets > 1)].compact
        which.empty? ? words : "#{words} (#{which.join(", ")})"
      end
    end
  end
end
