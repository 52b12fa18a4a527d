# frozen_string_literal: true

module ElmCup
  module SecondLook
    # More pieces than a tray of this kitchen holds. Common practice: a plate fits where a tray does not.
    module TrayTooSmall
      ID = "tray-too-small"

      # Findings about a Whole; empty where there is nothing to say.
      def self.look(whole)
        InRounds.of(whole, ID, "tray") { |words| "Not all of it fits on the tray at once: #{words}. Chill it in rounds, or on a second tray." }
      end
    end
  end
end
