# frozen_string_literal: true

module ElmCup
  module SecondLook
    # Xylitol is poisonous to dogs. A caution that is given everywhere.
    module XylitolAndDogs
      ID = "xylitol-dogs"
      MESSAGE = "Xylitol is poisonous to dogs, in small amounts too: keep these out of their reach."

      # Findings about a Whole; empty where there is nothing to say.
      def self.look(whole)
        LineRemedy.cautions(whole, ID, MESSAGE, ["powdered erythritol", "erythritol-powdered"]) { |entry| entry.polyol_kind == "xylitol" }
      end
    end
  end
end
