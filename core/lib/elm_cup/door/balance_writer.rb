# frozen_string_literal: true

module ElmCup
  module Door
    # A Balance::Result as a Hash ("balance/1").
    module BalanceWriter
      VERSION = "balance/1"

      def self.call(result)
        {
          "elm_cup" => VERSION, "wishes" => result.wishes.map { |state| wish(state, result.kept) },
          "answers" => result.answers.map { |each| answer(each) },
          "clashes" => Json.of(result.clashes), "notes" => result.notes
        }
      end

      # A Balance::Answer, or what is used like one.
      def self.answer(answer)
        {
          "formula" => answer.document, "changes" => answer.changes.map { |each| change(each) }, "patch" => answer.patch,
          "before" => OutlineWriter.call(answer.before), "after" => OutlineWriter.call(answer.after),
          **Json.of(Assessment::DietChange.of(answer.before, answer.after)), "size" => Json.round(answer.size, 4),
          "proved_optimal" => answer.proved?,
          "why" => answer.why, "sums" => sums(answer), **((answer.times == 1) ? {} : {"times" => Json.round(answer.times, 4)})
        }
      end

      # The sums behind the texture and the grease of each part of an Assessment.
      def self.part_sums(assessment)
        assessment.judged_parts.select(&:verdict).flat_map do |part|
          grease = Balance::GreaseSum.of(part.verdict.saturation)
          steps = Binding::Why.new(part.verdict.mix).steps.map { |step| WhyWriter.step(step, component: part.name) }
          grease ? [*steps, Json.of(grease).merge("component" => part.name)] : steps
        end
      end

      class << self
        private

        def wish(state, kept) = Json.of(state).merge(kept.include?(state.wish) ? {"kept" => true} : {})

        def change(change)
          {
            "kind" => change.kind.to_s, "component" => change.component, "text" => change.text, "grams" => Json.round(change.grams, 2),
            "ingredient" => change.ingredient, "was" => change.was, "now" => change.now, "only_size" => change.only_size? || nil
          }.compact
        end

        def sums(answer) = answer.sums ? Json.of(answer.sums) + part_sums(answer.assessment) : []
      end
    end
  end
end
