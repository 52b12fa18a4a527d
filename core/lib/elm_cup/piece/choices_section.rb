# frozen_string_literal: true

module ElmCup
  module Piece
    # What the kitchen's tins, liners, moulds and scoops would make of it, and how often each has to be filled.
    class ChoicesSection < Section
      named "choices", needs: %w[pieces], asked: true
      key("choices") { pieces.together && Picker.new(assessment.formula, assessment.formed_layers, pieces.together).choices }
      key("rounds") { rounds }
      key("top_view") { TopView.of(assessment) }

      # Rounds of whatever is too small for all of it at once, and of what is not.
      def rounds = @rounds ||= pieces.together ? Rounds.new(assessment, pieces.together).all : []
    end
  end
end
