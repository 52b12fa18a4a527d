# frozen_string_literal: true

module ElmCup
  module Binding
    # The least dose, in spoons that exist, that brings a mix to the wanted texture; one for each helper that can.
    # Every option is tried by mixing it in and reading the result again, so it gives what it promises.
    class Rescue
      # text to add, half of it to try first, grams, Saturation after, why, the JSON Patch that applies it
      Option = Value.of(:ingredient, :text, :first_text, :grams, :after, :why, :patch)
      Refusal = Value.of(:ingredient, :why)

      HELPERS = DataTable.rows("rescue_helpers").freeze
      MOST_OF_BOWL = 0.5
      TRIES = 6
      REST = "Or let it rest 30 minutes: flours and oats go on drinking."

      # The helper of that id as an Ingredient::Line of one gram; process: "hand" or "processor".
      def self.helper(id, library, process)
        row = HELPERS.find { |each| each["ingredient"] == id }
        entry = library[id]
        form = library.form?(id, row["form"]) ? row["form"] : entry.form_under(process)
        Ingredient::Line.new(status: :read, text: nil, entry: entry, form: form, form_named: true, melted: row["form"] == "melted",
          grams: 1)
      end

      # mix: Mix or SeenMix; want: texture id; measures: Quantity::KitchenMeasures; lines_at: pointer to the lines in the
      # document; opening: JSON Patch operations that make that list where the document leaves it out.
      def initialize(mix, want:, measures:, lines_at:, library:, opening: [])
        @mix = mix
        @want = want
        @measures = measures
        @lines_at = lines_at
        @opening = opening
        @library = library
        @grams = mix.portions.sum(&:grams)
      end

      # True when the texture is not the wanted one and can be judged.
      def needed? = !direction.nil?

      # Options, least first; in a date-led mix water comes first. None brings an allergen that the bowl has not.
      def options
        @options ||= outcomes.grep(Option).sort_by { |option| [(option.ingredient == "water" && @mix.date_led?) ? 0 : 1, option.grams] }
      end

      # Helpers that will not do, and why.
      def refusals = outcomes.grep(Refusal)

      # A word on waiting, where waiting helps.
      def rest_advice
        REST if direction == "drier" && @mix.saturation.number < 5 && @mix.portions.any? { |each| each.figures.d30 > each.figures.d }
      end

      private

      def direction
        return @direction if defined?(@direction)

        number = @mix.saturation.number
        @direction = if number.nil? || !@mix.saturation.demand.positive? || @mix.saturation.texture == @want
          nil
        else
          (number < Texture.index(@want)) ? "wetter" : "drier"
        end
      end

      def outcomes
        @outcomes ||= if direction
          helpers.map { |row|
            brought(row).any? ? refuse(row, "it would bring #{words(brought(row))} into a bowl that has none") : outcome(row)
          }
        else
          []
        end
      end

      # Allergens that a helper has and the bowl has not; coconut is named apart and does not count.
      def brought(row)
        @library[row["ingredient"]].allergens - @mix.lines.flat_map { |line| line.entry.allergens } - ["coconut"]
      end

      def words(allergens) = allergens.join(" and ").tr("_", " ")

      def helpers
        present = @mix.lines.map { |line| line.entry.like }
        HELPERS.select { |row| row["direction"] == direction && (row["only_if_present"].nil? || present.include?(row["ingredient"])) }
      end

      def outcome(row)
        grams = needed_grams(@mix.portion_of(line(row, 1, nil)))
        return refuse(row, "no amount of it would do") if grams.nil?
        return refuse(row, "it would take more than half the bowl again") if grams > MOST_OF_BOWL * @grams
        return refuse(row, "it would take more than a kitchen mixes") if grams > Ingredient::LineResolver::MOST_GRAMS / 2

        measured(row, grams)
      end

      def needed_grams(helper)
        dose = Dose.new(@mix.saturation, helper)
        (direction == "wetter") ? dose.to_wet(Texture.near_edge(@want, from: :dry)) : dose.to_dry(Texture.near_edge(@want, from: :wet))
      end

      # Rounds up to the next spoon and tries it; a spoon more where the company in the bowl changed the figures.
      def measured(row, grams)
        per_ml = per_ml(row)
        ml = grams / per_ml.to_f
        TRIES.times do
          measure = @measures.at_least(ml)
          line = line(row, measure.ml * per_ml, "#{measure.text} #{row["words"]}")
          after = @mix.with(line).saturation
          return option(row, line, measure, after) if after.texture == @want
          return refuse(row, "the smallest spoon of it takes the bowl past what you want") if past?(after)

          ml = measure.ml.to_f * 1.02
        end
        refuse(row, "no spoon of it lands where you want")
      end

      # The helper as a line of the bowl: the same that its text reads as.
      def line(row, grams, text)
        Rescue.helper(row["ingredient"], @library, @mix.process).with(text: text, grams: grams)
      end

      def per_ml(row)
        @library.weights(row["ingredient"]).find { |weight| weight.form == row["form"] && weight.grams_per_ml }.grams_per_ml
      end

      def past?(after)
        wanted = Texture.index(@want)
        (direction == "wetter") ? after.number >= wanted + 1 : after.number < wanted
      end

      def option(row, line, measure, after)
        Option.new(ingredient: row["ingredient"], text: line.text, first_text: "#{first(row, measure)} #{row["words"]}",
          grams: line.grams.to_f, after: after,
          why: why(row, line), patch: [*@opening,
            {"op" => "add", "path" => "#{@lines_at}/-", "value" => {"text" => line.text, "ingredient" => row["ingredient"]}}])
      end

      # Half of the dose, in whole steps of the trade where the half is more than one.
      def first(row, measure)
        step = @measures.nearest(row["first_step_tsp"].to_i * Quantity::CupStandard::US.teaspoon_ml).ml
        half = measure.ml / 2
        @measures.nearest((half > step) ? (half / step).floor * step : half).text
      end

      def why(row, line)
        return "dates lead here, and water is what they want" if row["ingredient"] == "water" && @mix.date_led?

        helper = @mix.portion_of(line)
        (direction == "wetter") ? "it brings #{ml(helper.supply_ml)} mL of binder" : "it takes up #{ml(helper.d_ml)} mL"
      end

      def ml(value) = (value < 10) ? value.round(1) : value.round

      def refuse(row, why) = Refusal.new(ingredient: row["ingredient"], why: why)
    end
  end
end
