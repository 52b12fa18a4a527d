# frozen_string_literal: true

module ElmCup
  module Cold
    # What cooks usually give pieces like these in the cold.
    class PracticeSection < Section
      named "practice", needs: %w[pieces]
      key("practice") { Practice.for(assessment.formula.shape.id, pieces.together.practice_mm) if pieces.together }
    end
  end
end
