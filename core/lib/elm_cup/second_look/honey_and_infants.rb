# frozen_string_literal: true

module ElmCup
  module SecondLook
    # No honey under twelve months: infant botulism. A caution that is given everywhere.
    module HoneyAndInfants
      ID = "honey-infants"
      MESSAGE = "Honey is not for babies under twelve months."

      # Findings about a Whole; empty where there is nothing to say.
      def self.look(whole) = LineRemedy.cautions(whole, ID, MESSAGE, ["maple syrup", "maple"]) { |entry| entry.like == "honey" }
    end
  end
end
