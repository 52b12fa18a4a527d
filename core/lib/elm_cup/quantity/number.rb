# frozen_string_literal: true

module ElmCup
  module Quantity
    # A number as it stands in a line: its exact value, where it stands (character offsets) and how it was written.
    Number = Value.of(:value, :from, :to, :style) do
      # What must stand between the number, once written in digits, and what follows it in `text`.
      def gap_in(text) = (%i[word implied].include?(style) && text[to]&.match?(/[[:alpha:]]/)) ? " " : ""

      # The same number times `factor`, written the same way.
      def times_text(factor)
        (style == :decimal) ? FractionText.decimal(value * factor) : FractionText.mixed(value * factor)
      end
    end
  end
end
