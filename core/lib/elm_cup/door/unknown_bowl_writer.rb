# frozen_string_literal: true

module ElmCup
  module Door
    # A Balance::UnknownBowl as a Hash ("rescue/1").
    module UnknownBowlWriter
      def self.call(bowl)
        seen = bowl.seen.saturation
        low, high = bowl.band
        {
          "elm_cup" => "rescue/1", "family" => bowl.family.id, "grams" => bowl.grams, "seen" => bowl.texture, "want" => bowl.want,
          "saturation" => {"value" => Json.round(seen.value, 3), "low" => Json.round(low, 3), "high" => Json.round(high, 3)},
          "binder_ml" => Json.round(seen.supply), "demand_ml" => Json.round(seen.demand),
          "rescue" => RescueWriter.call(bowl.rescue_from, bowl.want) { |option| dose(bowl.dose(option)) },
          "taken_as" => bowl.mix.lines.map { |line|
            {"text" => line.text, "ingredient" => line.entry.id, "grams" => Json.round(line.grams)}
          },
          "sentence" => bowl.sentence, "sums" => WhyWriter.call(bowl.sums), "notes" => bowl.notes
        }.compact
      end

      # A Balance::BowlDose: its ends in grams, and the sums of it.
      def self.dose(dose)
        {"low_grams" => Json.round(dose.low_grams), "high_grams" => Json.round(dose.high_grams), "sums" => WhyWriter.call(dose.sums)}
      end
      private_class_method :dose
    end
  end
end
