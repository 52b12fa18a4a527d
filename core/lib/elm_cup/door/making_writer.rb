# frozen_string_literal: true

module ElmCup
  module Door
    # A Counter::Making as a Hash ("make/1").
    module MakingWriter
      class << self
        def call(making)
          {"elm_cup" => "make/1", "name" => making.assessment.name, "stages" => making.stages.map { |stage| stage(stage) },
           "current" => making.current&.step&.id, "upcoming" => making.upcoming&.step&.id, "done" => Json.round(making.done, 3),
           "pieces" => making.assessment.pieces.together&.count, "words" => making.assessment.pieces.together&.words}.compact
        end

        private

        def stage(stage)
          step = stage.step
          {"id" => step.id, "step" => step.step, "component" => step.component, "text" => step.text, "right_when" => step.right_when,
           "said" => (step.said if step.said.any?), "hands" => Json.of(step.hands), "wait" => step.wait && Json.of(step.wait),
           "uses" => step.uses, "state" => stage.state, "look" => stage.look, "lines" => stage.lines.map { |line| line(line) }}.compact
        end

        def line(line)
          {"line" => line.pointer, "component" => line.component, "text" => line.text, "ingredient" => line.ingredient,
           "planned_grams" => line.planned && Json.round(line.planned, 2), "actual_grams" => line.actual && Json.round(line.actual, 2),
           "under_grams" => line.tolerance && Json.round(line.tolerance.under, 2),
           "over_grams" => line.tolerance && Json.round(line.tolerance.over, 2), "coarse" => line.tolerance&.coarse,
           "spoons" => line.spoons, "halves" => line.halves || nil, "status" => line.status}.compact
        end
      end
    end
  end
end
