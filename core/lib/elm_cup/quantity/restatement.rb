# frozen_string_literal: true

module ElmCup
  module Quantity
    # A typed line with another amount in the place of its own: "1/2 c + 2 tbsp cashew butter" with "2/3 cup". Everything else
    # stays as typed.
    module Restatement
      # The text; nil where the line has no amount at a place of its own.
      def self.call(text, amount)
        reading = LineReader.read(text)
        return unless reading.readable?

        numbers = reading.terms.flat_map(&:numbers)
        numbers += reading.weight.numbers if reading.weight
        numbers.empty? ? nil : put(PlainText.of(text), text, numbers.map(&:from).min, amount)
      end

      def self.put(plain, text, from, amount)
        scan = Scan.new(plain, from: from)
        SumReader.new(scan, TermReader.new(scan)).read
        return if scan.fault || scan.charpos <= from

        behind = text[scan.charpos..]
        "#{text[0...from]}#{amount}#{" " if behind.match?(/\A[[:alnum:]]/)}#{behind}"
      end
      private_class_method :put
    end
  end
end
