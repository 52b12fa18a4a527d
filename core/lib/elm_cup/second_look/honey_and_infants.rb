# frozen_string_literal: true

module ElmCup
  module SecondLook
    # No honey under twelve months: infant botulism. A caution that is given everywhere.
    module HoneyAndInfants
      ID = "honey-infants"

      # Findings about a Whole; empty where there is nothing to say.
      def self.look(whole)
        whole.places.select { |_, line, _| line.entry.like == "honey" }.map do |table, line, index|
          Finding.new(rule: ID, component: table.name, message: "Honey is not for babies under twelve months.",
            **LineRemedy.instead(table, index, "#{LineRemedy.grams_text(line.grams)} maple syrup", "maple"))
        end
      end
    end
  end
end
