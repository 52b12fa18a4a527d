# frozen_string_literal: true

module ElmCup
  module SecondLook
    # A soft fat in something that is meant to ride in a bag or stand in a room. Common practice: coconut oil holds in the cold alone.
    module SoftInTheBag
      ID = "soft-in-the-bag"

      # Findings about a Whole; empty where there is nothing to say.
      def self.look(whole)
        return [] unless whole.assessment.formula.lives == "room"

        soft = whole.assessment.section("keep").parts.select { |part| part.soft && !coat?(whole, part) }.first(1)
        soft.map do |part|
          hold = whole.assessment.section("cold").holds.find { |each| each.component == part.component }
          holds = hold.holds_to_c ? "holds only to #{hold.holds_to_c} °C" : "does not hold its shape"
          Finding.mended_by(rule: ID, component: part.component, remedy_text: "Keep it in the fridge",
            message: "The #{part.component} #{holds}: too soft for a bag or a room. Keep it cold, lean on dates instead of coconut oil, or bake the pressed slab.",
            patch: [{"op" => "add", "path" => "/lives", "value" => "fridge"}])
        end
      end

      # Coats have a rule of their own.
      def self.coat?(whole, part) = whole.assessment.section("cold").substances.coat&.name == part.component
      private_class_method :coat?
    end
  end
end
