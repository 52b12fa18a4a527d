# frozen_string_literal: true

module ElmCup
  module Door
    # What a glass of water says of a place, as a Hash ("glass/1"), and what that makes of a usual ball.
    module GlassWriter
      VERSION = "glass/1"
      # A ball of 25 mm that wants the freezer, to show what a figure means.
      BALL = {"elm_cup" => "formula/1", "name" => "A usual ball",
              "components" => [{"name" => "dough", "lines" => [{"ingredient" => "peanut-butter", "grams" => 190.0},
                {"ingredient" => "coconut-flour", "grams" => 40.0}, {"ingredient" => "maple", "grams" => 60.0}]},
                {"name" => "shell", "type" => "coating", "lines" => [{"ingredient" => "chocolate-chips", "grams" => 140.0}]}],
              "shape" => {"kind" => "ball", "diameter_mm" => 25}, "coat" => {"kind" => "dip", "component" => "shell"}}.freeze

      def self.call(said, library)
        found = Cold::GlassTest.new(said).result
        place = {"id" => found.place.kind, "kind" => found.place.kind, "dial_c" => 0, "air_c" => found.place.celsius,
                 "fan" => found.place.fan}
        before, after = [place, place.merge("h_top" => found.h_top, "h_bottom" => found.h_bottom)].map { |each| minutes(each, library) }
        {"elm_cup" => VERSION, "kind" => found.place.kind, "air_c" => found.place.celsius.round(1), "h" => found.h.round(2),
         "h_low" => found.h_low.round(2), "h_high" => found.h_high.round(2), "usual_h" => found.usual_h, "times" => found.times.round(3),
         "h_top" => found.h_top.round(2), "h_bottom" => found.h_bottom.round(2), "readings_used" => found.readings_used,
         "before" => before, "after" => after, "words" => words(found), "notes" => found.notes}.compact
      end

      class << self
        private

        # [least, most] minutes of the usual ball; nil where it never gets firm.
        def minutes(place, library)
          assessment = Assessment.of(BALL, library: library.in_kitchen({"places" => [place]}))
          assessment.section("cold").leading.ready_in(place["kind"]).ready
        end

        def words(found)
          pct = (100 * (found.times - 1)).round
          cools = if pct.zero?
            "as most do"
          else
            "#{pct.abs} % #{pct.positive? ? "faster" : "slower"} than most"
          end
          "Your #{found.place.kind} cools #{cools}."
        end
      end
    end
  end
end
