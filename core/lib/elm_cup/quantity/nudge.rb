# frozen_string_literal: true

module ElmCup
  module Quantity
    # One spoon step up or down on the last amount of a typed line. Only that number changes.
    module Nudge
      # unit id => [step, in the unit]; a count of things goes by one.
      STEPS = {teaspoon: Rational(1, 4), tablespoon: Rational(1, 2), cup: Rational(1, 4), gram: 5, kilogram: Rational(1, 20), ounce: Rational(1, 4),
               millilitre: 5, decilitre: Rational(1, 4), litre: Rational(1, 20), pound: Rational(1, 8)}.freeze
      SMALL_GRAMS = 20

      # The line with its amount a step larger (+1) or smaller (-1); the same text when it cannot go further or be read.
      def self.call(text, direction)
        reading = LineReader.read(text)
        term = reading.weight || reading.terms.last
        return text unless reading.readable? && term

        number = term.low
        changed = number.value + direction * step(term)
        return text unless changed.positive? && term.low == term.high

        moved = number.with(value: changed)
        text.dup.tap { |out| out[number.from...number.to] = moved.times_text(1) + number.gap_in(out) }
      end

      class << self
        private

        def step(term)
          return 1 if term.unit&.id == :gram && term.low.value <= SMALL_GRAMS

          term.unit ? STEPS.fetch(term.unit.id, 1) : 1
        end
      end
    end
  end
end
