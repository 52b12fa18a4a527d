# frozen_string_literal: true

module ElmCup
  module Binding
    # Measures out one step of a rescue: how much of it, in a measure that a cook has, and what it does; or why it will not do. Every dose
    # is tried by mixing it in and reading the result again, so it gives what it promises. Source: docs/model.md, Dose and Dose rules.
    class Doser
      # Where in the wanted class a dose may land, and what company in the bowl may move it beside that.
      LAND = (0.07..0.70)
      WELL = 0.03
      # Most that may come in, in shares of the bowl: of something new, of anything, and what no kitchen should try.
      MOST_NEW = 0.25
      MOST = 1 / 3.0
      MOST_AT_ALL = 0.5
      # It drinks more than any other: where it is new, it goes in by the teaspoon, and little of it.
      STRONG = "coconut-flour"
      STRONG_FIRST = "1 tsp"
      MOST_STRONG = 0.05
      # The first part moves it by this share of the doubt at the least.
      FIRST_MOVE = 0.3
      # Amounts that are tried.
      TRIES = 6

      # index: of the wanted texture; wetter: the mix is too dry for it; doubt: one sigma of the texture number.
      def initialize(mix, index, wetter:, measures:, doubt:, lines_at:, opening:)
        @mix = mix
        @index = index
        @wetter = wetter
        @measures = measures
        @doubt = doubt
        @lines_at = lines_at
        @opening = opening
        @grams = mix.portions.sum(&:grams)
      end

      # The Rescue::Option or Rescue::Refusal of a DoseSteps::Step.
      def outcome(step)
        helper = step.helper
        line = helper.in_grams or return refuse(helper, "it cannot be weighed here")
        return refuse(helper, "it would bring #{words(brought(helper))} into a bowl that has none") if brought(helper).any?

        range = range(@mix.portion_of(line)) or return refuse(helper, "no amount of it works")
        too_much(helper, range.first) || short_of_sugar(step, range.first) || dose(helper, capped(range, helper))
      end

      private

      # Allergens that a helper has and the bowl has not; coconut is named apart and does not count.
      def brought(helper) = helper.entry.allergens - @mix.lines.flat_map { |line| line.entry.allergens } - ["coconut"]

      def words(allergens) = allergens.join(" and ").tr("_", " ")

      # [least, aimed at, most] grams; nil where no amount does.
      def range(portion)
        dose = Dose.new(@mix.saturation, portion)
        ends = [LAND.begin, Rescue::AIM, LAND.end].map { |share| @mix.saturation.value_at(@index + share) }
        ends.reverse! unless @wetter
        low, aim, high = ends.map { |target| @wetter ? dose.to_wet(target) : dose.to_dry(target) }
        [low, aim || low * 2, high || low * 4] if low
      end

      # The same with no more than may come in.
      def capped((low, aim, high), helper)
        most = most_share(helper) * @grams
        [low, [aim, most].min, [high, most].min]
      end

      def most_share(helper)
        return MOST_STRONG if strong?(helper)

        helper.there? ? MOST : MOST_NEW
      end

      def strong?(helper) = helper.entry.like == STRONG && !helper.there?

      def too_much(helper, grams)
        return refuse(helper, "it would take more than half the bowl again", too_much: true) if grams > MOST_AT_ALL * @grams
        return refuse(helper, "it would take more than a third of the bowl again", too_much: true) if grams > MOST * @grams
        return refuse(helper, "so much of it makes a bowl dry and heavy") if strong?(helper) && grams > MOST_STRONG * @grams
        return refuse(helper, "it would be more than a quarter of the bowl") if grams > most_share(helper) * @grams
        return refuse(helper, "it would take more than a kitchen mixes") if grams > Ingredient::LineResolver::MOST_GRAMS / 2

        most = DoseSteps.most_share(helper.entry) or return
        own = @mix.portions.sum(0.0) { |each| (each.line.entry.like == helper.entry.like) ? each.grams : 0.0 }
        refuse(helper, "more than #{(most * 100).round} % of the bowl is too much of it") if own + grams > most * (@grams + grams)
      end

      # Water goes where there is sugar or pulp to take it, and where there is water already.
      def short_of_sugar(step, grams)
        return unless step.needs == "sugar"

        takes = DoseSteps::WATER_A_GRAM_OF_SUGAR * @mix.saturation.sugar
        refuse(step.helper, "there is too little sugar for it to dissolve") if grams > takes && !@mix.watery?
      end

      # The coarsest amount that lands, found by mixing it in.
      def dose(helper, range)
        line, amount, after = landing(helper, amounts(helper, range).first(TRIES))
        line ? option(helper, line, amount, after) : refuse(helper, "no spoonful of it gets there")
      end

      # [Line, its amount, Saturation after] of the first that lands well within the texture, else of the first that lands in it.
      def landing(helper, amounts)
        tried = []
        amounts.each do |amount|
          line = helper.line(amount) or next
          tried << [line, amount, @mix.with(line).saturation]
          return tried.last if tried.last.last.number.between?(@index + LAND.begin - WELL, @index + LAND.end + WELL)
        end
        tried.find { |_, _, after| after.texture == Texture::ALL[@index] }
      end

      def amounts(helper, range)
        per_ml = helper.grams_per_ml(@measures.standard)
        spoons = per_ml ? dose_amounts.spoons(*range.map { |grams| grams / per_ml }) : []
        spoons.any? ? spoons : dose_amounts.grams(*range)
      end

      def dose_amounts = Quantity::DoseAmounts.of(@measures)

      def option(helper, line, amount, after)
        moved = (after.number - @mix.saturation.number).abs
        said = {"text" => line.text, "ingredient" => helper.entry.id}
        Rescue::Option.new(kind: "dose", ingredient: helper.entry.id, text: line.text,
          first_text: "#{first(helper, line, amount, moved)} #{helper.words}", grams: line.grams.to_f, after: after, number: after.number,
          line: line, why: why(helper, line), patch: [*@opening, {"op" => "add", "path" => "#{@lines_at}/-", "value" => said}])
      end

      # Half of the dose in one measure, or as much of it as can be told.
      def first(helper, line, amount, moved)
        return STRONG_FIRST if strong?(helper)

        share = [0.5, FIRST_MOVE * @doubt / moved].max
        return amount if share >= 1

        per_ml = helper.grams_per_ml(@measures.standard)
        grams = line.grams.to_f
        (per_ml && dose_amounts.nearest(grams * share / per_ml, most: grams / per_ml)) || amount
      end

      def why(helper, line)
        return "dates bind this, and a little water is all they need" if helper.entry.like == "water" && @mix.date_led?

        portion = @mix.portion_of(line)
        sum = @wetter ? "brings #{ml(portion.supply_ml)} mL of binder" : "takes up #{ml(portion.d_ml)} mL"
        return "strong: it #{sum}, so go by the teaspoon and wait 5 minutes after each" if strong?(helper)

        helper.there? ? "it is in the bowl already, and #{sum}" : "it #{sum}"
      end

      def ml(value) = (value < 10) ? value.round(1) : value.round

      def refuse(helper, why, too_much: false) = Rescue::Refusal.new(ingredient: helper.entry.id, why: why, too_much: too_much)
    end
  end
end
