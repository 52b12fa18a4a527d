# frozen_string_literal: true

module ElmCup
  module SecondLook
    # Something perishable, or so moist that germs can grow in it, that is meant to stand in the room. Common practice; not over two hours.
    module PerishableOnCounter
      ID = "perishable-on-counter"

      # Findings about a Whole; empty where there is nothing to say.
      def self.look(whole)
        return [] unless whole.assessment.formula.lives == "room"

        part = whole.assessment.section("keep").parts.find { |each| each.life == "perishable" } or return []
        why = part.why.split(". ").first.delete_suffix(".")
        [Finding.mended_by(rule: ID, component: part.component, remedy_text: "Keep it in the fridge",
          message: "#{part.component}: #{why}. Keep it in the fridge, and not over two hours on the counter.",
          patch: [{"op" => "add", "path" => "/lives", "value" => "fridge"}])]
      end
    end
  end
end
