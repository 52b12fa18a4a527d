# frozen_string_literal: true

module ElmCup
  module SecondLook
    # Xylitol is poisonous to dogs. A caution that is given everywhere.
    module XylitolAndDogs
      ID = "xylitol-dogs"

      # Findings about a Whole; empty where there is nothing to say.
      def self.look(whole)
        whole.places.select { |_, line, _| line.entry.polyol_kind == "xylitol" }.map do |table, line, index|
          Finding.new(rule: ID, component: table.name, message: "Xylitol is poisonous to dogs, in small amounts too: keep these where none can reach them.",
            **LineRemedy.instead(table, index, "#{LineRemedy.grams_text(line.grams)} powdered erythritol", "erythritol-powdered"))
        end
      end
    end
  end
end
