# frozen_string_literal: true

module ElmCup
  module Quantity
    # Spoon steps up or down on the last amount of a typed line. Only that number changes.
    module Nudge
      # unit id => [step, in the unit]; a count of things goes by one.
      STEPS = {teaspoon: Rational(1, 4), tablespoon: Rational(1, 2), cup: Rational(1, 4), gram: 5, kilogram: Rational(1, 20),
               ounce: Rational(1, 4),
               millilitre: 5, decilitre: Rational(1, 4), litre: Rational(1, 20), pound: Rational(1, 8)}.freeze
      SMALL_GRAMS = 20

      # The line with its amount `steps` larger, smaller where negative; it stops short of nothing. The same text when it
      # is a range or cannot be read.
      def self.call(text, steps)
        reading = LineReader.read(text)
        term = reading.weight || reading.terms.last
        return text unless reading.readable? && term && term.low == term.high

        Rewrite.call(text, [term.low]) { |number| moved(number.value, term, steps) }
      end

      class << self
        private

        # Step by step, since a step is smaller near nothing.
        def moved(value, term, steps)
          steps.abs.times do
            changed = value + (steps <=> 0) * step(term, value)
            return value unless changed.positive?

            value = changed
          end
          value
        end

        def step(term, value)
          return 1 if term.unit&.id == :gram && value <= SMALL_GRAMS

          term.unit ? STEPS.fetch(term.unit.id, 1) : 1
        end
      end
    end
  end
end
