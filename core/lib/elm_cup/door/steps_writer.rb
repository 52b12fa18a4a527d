# frozen_string_literal: true

module ElmCup
  module Door
    # The Method::Steps of an Assessment as a Hash ("steps/1").
    module StepsWriter
      VERSION = "steps/1"

      # strip: Plan::Strip of them; changes: words of what is otherwise than before, nil where nothing was compared.
      def self.call(assessment, steps, strip, changes: nil)
        {"elm_cup" => VERSION, "name" => assessment.name, "steps" => steps.all.each_with_index.map { |step, at| step(step, at, strip) },
         "hands" => Json.of(steps.hands), "span_minutes" => strip.span, "visits" => strip.visits, "bakes" => steps.bakes?,
         "changes" => changes, "kinds" => kinds}.compact
      end

      def self.step(step, at, strip)
        Json.of(step).merge("number" => at + 1, "hands_minutes" => step.hands_minutes, "at" => Json.of(strip.places[step.id]),
          "drafted" => (Json.of(step.drafted) if step.drafted.any?)).compact
      end

      # Kinds of steps that can be added by name.
      def self.kinds = Method::Row.all.values.map { |row| {"step" => row.step, "words" => row.plain} }
      private_class_method :step, :kinds
    end
  end
end
