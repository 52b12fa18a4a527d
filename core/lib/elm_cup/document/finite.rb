# frozen_string_literal: true

module ElmCup
  module Document
    # JSON can write numbers that no float holds, such as 1e400: they arrive as Infinity and are refused at their place.
    module Finite
      # Faults for every number in a parsed value that is not finite.
      def self.faults(value, pointer = "")
        case value
        when Hash then value.flat_map { |key, part| faults(part, "#{pointer}/#{key}") }
        when Array then value.each_with_index.flat_map { |part, index| faults(part, "#{pointer}/#{index}") }
        when Float then value.finite? ? [] : [Fault.at(pointer, :number_not_finite)]
        else []
        end
      end

      # `value`, or InvalidDocument.
      def self.check(value)
        found = faults(value)
        found.empty? ? value : raise(InvalidDocument.new(found))
      end
    end
  end
end
