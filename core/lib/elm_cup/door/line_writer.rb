# frozen_string_literal: true

module ElmCup
  module Door
    # One line as a Hash: what was typed, what it was read as, what it weighs and gives.
    module LineWriter
      HALVES = [1, 2].freeze

      # line: Ingredient::Line; portion: Binding::Portion or nil; component_grams: mass of the whole component;
      # measures: Quantity::KitchenMeasures; library: where weights are found.
      def self.call(line, portion, component_grams, measures, library)
        {
          "text" => line.label, "status" => line.status.to_s, **(line.chosen ? {"chosen" => line.chosen} : {}),
          "confidence" => Json.round(line.confidence, 2), "candidates" => line.candidates.map { |each| candidate(each) },
          **fault(line), **read(line, portion, component_grams), **in_measures(line, measures, library),
          "assumptions" => line.assumptions, "notes" => line.notes, **(line.apart.any? ? {"apart" => line.apart} : {})
        }
      end

      class << self
        private

        def candidate(each) = {"ingredient" => each.entry.id, "name" => each.entry.name, "confidence" => each.confidence}

        def fault(line)
          return {} if line.read?

          {"message" => line.message, "from" => line.from, "to" => line.to}.compact
        end

        def read(line, portion, component_grams)
          return {"grams" => Json.round(line.grams, 2)}.compact unless line.read?

          {
            "ingredient" => line.entry.id, "name" => line.entry.name, "form" => line.form_in(portion),
            "grams" => Json.round(line.grams, 2), "grams_low" => Json.round(line.grams_low, 2),
            "grams_high" => Json.round(line.grams_high, 2),
            "share" => component_grams.positive? ? Json.round(line.grams / component_grams, 4) : 0.0,
            **preparation(line.prepared), **volumes(portion), "allergens" => line.entry.allergens,
            **(line.possible_allergens.any? ? {"possible_allergens" => line.possible_allergens} : {})
          }
        end

        def preparation(done)
          return {} unless done

          low, high = [done.water_low, done.water_high].minmax
          {"prepared" => {"text" => done.words, "grams_before" => Json.round(done.base_grams, 2),
                          "water_g" => Json.round(done.water_grams, 2),
                          "water_low_g" => Json.round(low, 2), "water_high_g" => Json.round(high, 2)}}
        end

        # A line given by weight also says which spoons and cups come nearest, and so does one of measures that do not exist
        # here, as scaling makes them; things are counted in halves.
        def in_measures(line, measures, library)
          return {} unless line.read?
          return pieces(line.terms.first) if line.terms.size == 1 && odd_count?(line.terms.first)
          return {} unless line.by_weight || !line.terms.all? { |term| measures.exists?(term) }

          nearest = Ingredient::InMeasures.nearest(line, measures, library)
          nearest ? {"kitchen" => {"text" => nearest.text, "error_pct" => Json.round(100 * nearest.error)}} : {}
        end

        def odd_count?(term) = term.unit.nil? && term.low == term.high && term.grams.nil? && !HALVES.include?(term.low.value.denominator)

        def pieces(term)
          halves = [(term.low.value * 2).round, 1].max
          error = Rational(halves, 2) / term.low.value - 1
          {"kitchen" => {"text" => Quantity::FractionText.mixed(Rational(halves, 2)), "error_pct" => Json.round(100 * error)}}
        end

        def volumes(portion)
          return {} unless portion

          split = {"water" => portion.a_ml - portion.syrup_ml, "syrup" => portion.syrup_ml, "pulp" => portion.b_ml, "fat" => portion.o_ml}
          {
            "supply_ml" => Json.round(portion.supply_ml, 2), "demand_ml" => Json.round(portion.d_ml, 2),
            "starred" => portion.figures.starred,
            "split_ml" => split.transform_values { |ml| Json.round(ml, 2) }
          }
        end
      end
    end
  end
end
