# frozen_string_literal: true

module ElmCup
  module Quantity
    # A number as it stands in a line: its exact value, where it stands (character offsets) and how it was written.
    # `unit_word` is the unit that it leaves unsaid and needs once it is written in digits: "a cup and a half of".
    Number = Value.of(:value, :from, :to, :style, unit_word: nil) do
      # What must stand between the number, once written in digits, and what follows it in `text`.
      def gap_in(text)
        return " #{unit_word}" if unit_word

        (%i[word implied].include?(style) && text[to]&.match?(/[[:alpha:]]/)) ? " " : ""
      end

      # The value in digits, written the same way.
      def text = (style == :decimal) ? FractionText.decimal(value) : FractionText.mixed(value)
    end
  end
end
