# frozen_string_literal: true

module ElmCup
  module Cold
    # Why something will not get as firm as it should where it stands, in words.
    module WhySoft
      # Less solid fat than that stiffens nothing.
      LIQUID = 0.10
      PLACES = {"freezer" => "the freezer", "fridge" => "the fridge", "room" => "the room"}.freeze

      # substance, touch: what is touched and for what; place: Place; start_c: °C it comes with; hours: how long was waited.
      def self.words(substance, touch, place, start_c, hours)
        at = Celsius.words(place.celsius)
        return "At #{at} #{PLACES.fetch(place.kind)} is no colder than what goes in." if place.celsius >= start_c
        return "It takes longer than #{hours} hours: put less in at once, or make it thinner." if firm_at_last?(substance, touch, place)

        "#{cause(substance, place.celsius)} at #{at}, so it never gets firm enough #{touch.words}. #{mend(place)}"
      end

      # It would be, however long it takes.
      def self.firm_at_last?(substance, touch, place) = substance.firmness.kpa(place.celsius) >= touch.kpa

      class << self
        private

        def cause(substance, celsius)
          material = substance.material
          melted = material.blend.grams / Material::FAT
          return "There is neither fat nor syrup in it to set" if melted.zero? && material.syrup_ml.zero?
          return "Its syrup stays soft" if material.syrup_ml > melted

          (material.blend.solid_share(celsius) < LIQUID) ? "Its fat is still liquid" : "Too little of its fat has set"
        end

        def mend(place)
          harder = "add a fat that sets harder, or more of the dry side."
          (place.kind == "freezer") ? "#{harder[0].upcase}#{harder[1..]}" : "Use the freezer, or #{harder}"
        end
      end
    end
  end
end
