# frozen_string_literal: true

module ElmCup
  module Exchange
    # Lengths as recipes write them, in millimetres.
    module RecipeLength
      UNIT = /(?:cms?(?![a-wyz])|mm(?![a-wyz])|centimet(?:re|er)s?\b|millimet(?:re|er)s?\b|in(?:ch(?:es)?)?\b|["”″])/i
      NUMBER = %r{(?:\d\s+)?\d/\d|\d\s*[½¼¾]|\d{1,3}(?:[.,]\d)?|[½¼¾]|half(?:\s+an?)?|an|one|two}i
      # A number, and its unit where it has one.
      LENGTH = /(?<![\d.,\/])(\d{1,3}(?:[.,]\d)?)\s*-?\s*(#{UNIT})?/i
      # "5 mm thick", "a 2cm-deep layer", "about half an inch high", "a thickness of 1 cm"
      THICK = /(?<![\d.,\/])(?<number>#{NUMBER})\s*-?\s*(?<unit>#{UNIT})[\s-]*(?:thick|deep|high)\b|\b(?:thickness|depth|height)\s+of\s+(?:about\s+)?(?<number2>#{NUMBER})\s*(?<unit2>#{UNIT})/i
      # A bare number of a tin up to this is inches.
      MOST_INCHES = 16
      INCH_MM = 25.4

      module_function

      # Whole millimetres of a number and its unit, nil for none.
      def mm(text, unit = nil)
        number = Quantity::NumberReader.read(StringScanner.new(text.tr(",", "."))).then { |read| read.respond_to?(:value) ? read.value.to_f : 0.0 }
        times = case unit || ((number <= MOST_INCHES) ? "in" : "cm")
        when /\Am/i then 1.0
        when /\Ac/i then 10.0
        else INCH_MM
        end
        (number * times).round
      end

      # Millimetres that something is thick by a text, where they lie within `range`; nil where nothing is said.
      def thick(text, range)
        found = THICK.match(text) or return
        mm(found[:number] || found[:number2], found[:unit] || found[:unit2]).then { |each| each if range.cover?(each) }
      end
    end
  end
end
