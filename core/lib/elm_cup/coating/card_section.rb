# frozen_string_literal: true

module ElmCup
  module Coating
    # The coat in full: what to melt and how, and how much of it goes with the size of a piece.
    class CardSection < Section
      named "coat_card", needs: %w[coat pieces], asked: true
      key("coat_card") { coat.need && Card.new(coat.need, assessment.library, spoons, assessment.formula.lives).to_h }
      key("size_chart") { chart }

      private

      def spoons = Spoons.new(assessment.formula.kitchen.measures, assessment.library)

      def chart = coat.need && SizeChart.new(assessment.formula.shape, assessment.formed_layers, coat.need).points
    end
  end
end
