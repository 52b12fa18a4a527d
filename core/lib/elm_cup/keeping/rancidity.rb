# frozen_string_literal: true

module ElmCup
  module Keeping
    # Which fat turns rancid first. Source: common practice (walnut and seed oils; twice as fast every 10 K).
    module Rancidity
      # Fats that turn early, and the share of all fat from which it matters.
      EARLY = %w[walnut sunflower].freeze
      MATTERS = 0.10

      # Words about a Mixture::Bowl; nil where nothing turns early.
      def self.words(bowl)
        all = bowl.composition.fat
        return unless all.positive?

        grams = bowl.lines.to_h { |line| [line, fat(line)] }
        return if grams.values.sum < MATTERS * all

        name = grams.max_by(&:last).first.entry.name
        "#{name} #{name.end_with?("s") ? "turn" : "turns"} rancid first: every 10 °C colder keeps it fresh about twice as long. Taste before you serve."
      end

      # Grams of such fat in a line.
      def self.fat(line)
        entry = line.entry
        EARLY.sum(0.0) { |name| entry.fats.fetch(name, 0.0) } * entry.composition.fat * line.base_grams.to_f / 100
      end
      private_class_method :fat
    end
  end
end
