# frozen_string_literal: true

module ElmCup
  module Door
    # Components and flavours of an Assessment as Hashes.
    class PartWriter
      # mL of each kind of binder in a Binding::Saturation, what oil masks below nothing.
      def self.split(saturation)
        parts = {water: saturation.water, syrup: saturation.syrup, pulp: saturation.pulp, fat: saturation.fat,
                 masked: 0.0 - saturation.masked}
        Json.round_all(parts, 2)
      end

      def initialize(assessment)
        @assessment = assessment
        @locks = LineLocks.new(assessment)
      end

      # An Assessment::Part that is a component.
      def component(part)
        {
          "name" => part.name, "type" => part.type.id, "process" => part.process, "grams" => Json.round(part.bowl.grams, 2),
          "grams_left" => Json.round(part.grams * @assessment.left(part), 2), "want" => part.want, **alone(part),
          "takes" => part.takings.map { |taking| taking(taking) }, "lines" => lines(part), "may_take" => @assessment.may_take(part)
        }.compact
      end

      # An Assessment::Flavour, the one at an index: judged like a component, with its own pieces, nutrition, allergens and diets.
      def flavour(flavour, index)
        folded = flavour.folded
        {
          "name" => flavour.name, "process" => folded.process, "grams" => Json.round(flavour.bowl.grams, 2), "want" => folded.want,
          **alone(folded), "lines" => lines(folded), "share" => Json.round(flavour.split.share, 4),
          "component" => flavour.base.name, "topping" => lines(flavour.topping, mixed: false), "allergens" => flavour.bowl.allergens,
          "diets" => flavour.diets,
          **pieces(index)
        }.compact
      end

      private

      # What is said of a part whatever stands beside it.
      def alone(part) = part.kept_with(:said) { {"sentence" => part.sentence, **judged(part), **facts(part)} }

      # mixed: nothing of what is only strewn on meets in a bowl.
      def lines(part, mixed: true)
        said = part.kept_with(mixed ? :lines : :strewn) {
          part.lines.each_with_index.map { |line, at|
            line(part, line, (part.portion(at) if mixed))
          }
        }
        @locks.any? ? said.zip(part.lines).map { |each, line| each.merge(@locks.of(line, part.name)) } : said
      end

      def line(part, line, portion) = LineWriter.call(line, portion, part.bowl.grams, part.measures, part.library)

      def pieces(index)
        formed = @assessment.pieces.yields&.at(index) or return {}
        {"pieces" => Json.of(formed), "nutrition_per_piece" => Json.of(@assessment.nutrition.per_piece_of(index), 2)}.compact
      end

      # What a part is on its own, as far as it is read.
      def facts(part)
        bowl = part.bowl
        said = {"allergens" => bowl.allergens, "possible_allergens" => bowl.possible_allergens,
                "diets" => part.flagged? ? [] : Mixture::Diets.kept(bowl), **left_out(part)}
        return said if bowl.empty?

        said.merge("nutrition_per_100g" => Json.round_all(Mixture::Nutrition.new(bowl).for_mass(100.0), 2),
          "sweetness_pct" => Json.round(Mixture::Sweetness.percent(bowl)))
      end

      def left_out(part)
        return {} if part.left_out.empty?

        {"left_out" => part.left_out.map { |each|
          {"line" => each.number, "text" => each.text, "words" => each.words, "message" => each.message}.compact
        }}
      end

      def taking(taking)
        {
          "component" => taking.take.component, "status" => taking.known? ? "read" : "waits", "share" => Json.round(taking.fraction, 4),
          "grams" => Json.round(taking.grams, 2), "text" => taking.take.text, "message" => taking.message,
          "assumptions" => taking.assumptions
        }.compact
      end

      def judged(part)
        verdict = part.verdict or return {}
        saturation = verdict.saturation
        estimate(verdict).merge({
          "texture" => saturation.texture, "binder_ml" => Json.round(saturation.supply), "demand_ml" => Json.round(saturation.demand),
          "binder_split_ml" => PartWriter.split(saturation), "tack" => Json.round(saturation.tack, 2),
          "grease" => Json.round(saturation.grease, 2),
          "advice" => verdict.advice, "little_known" => verdict.estimable? ? verdict.uncertainty.little_known : [],
          "rescue" => RescueWriter.call(part.rescue_from, part.want), "why" => WhyWriter.call(Binding::Why.new(verdict.mix).steps)
        }.compact)
      end

      def estimate(verdict)
        return {} unless verdict.estimable?

        {"saturation" => SaturationWriter.call(verdict), "texture_odds" => Json.round_all(verdict.uncertainty.odds, 3)}
      end
    end
  end
end
