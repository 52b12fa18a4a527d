# frozen_string_literal: true

module ElmCup
  module Observation
    # What is predicted of one judged part before it is made, with all that it was reckoned from, so that it can be held against what was
    # seen whatever becomes of the figures since.
    #   component  its name      t  texture number     scale  of the spread of t (Binding::Uncertainty)
    #   odds       probability of each texture, loose to pours          inputs  Inputs
    Prediction = Value.of(:component, :t, :scale, :odds, :inputs) do
      self::DIGITS = {t: 6, scale: 6, odds: 6}.freeze

      # A Prediction of each part of an Assessment that can be estimated.
      def self.all(assessment) = assessment.components.select(&:estimable?).map { |part| of(part) }

      def self.of(part)
        uncertainty = part.verdict.uncertainty
        new(component: part.name, t: part.verdict.saturation.number, scale: uncertainty.scale, odds: uncertainty.odds.values,
          inputs: part.contents.each_with_index.filter_map { |line, at| input(part, line, at) if line.read? })
      end

      # What is taken of another part has no line of its own.
      def self.input(part, line, at)
        own = at < part.lines.size
        self::Input.new(line: ("#{part.lines_at}/#{at}" if own), ingredient: line.entry.id, form: line.form, grams: line.grams)
      end
      private_class_method :of, :input
    end
    # One line of the bowl: JSON Pointer (nil where it is taken of another part), ingredient id, form, grams.
    Prediction::Input = Value.of(:line, :ingredient, :form, :grams) do
      self::DIGITS = {grams: 3}.freeze
    end
  end
end
