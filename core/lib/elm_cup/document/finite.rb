# frozen_string_literal: true

module ElmCup
  module Document
    # JSON can write numbers that no float holds, such as 1e400: they arrive as Infinity and are refused at their place.
    module Finite
      # Faults for every number in a parsed value that is not finite.
      def self.faults(value, pointer = "")
        all?(value) ? [] : places(value, pointer)
      end

      def self.all?(value)
        case value
        when String then true
        when Hash then value.all? { |_, part| all?(part) }
        when Array then value.all? { |part| all?(part) }
        when Float then value.finite?
        else true
        end
      end

      def self.places(value, pointer)
        case value
        when Hash then value.flat_map { |key, part| places(part, "#{pointer}/#{key}") }
        when Array then value.each_with_index.flat_map { |part, index| places(part, "#{pointer}/#{index}") }
        when Float then value.finite? ? [] : [Fault.at(pointer, :number_not_finite)]
        else []
        end
      end

      private_class_method :all?, :places

      # `value`, or InvalidDocument.
      def self.check(value)
        found = faults(value)
        found.empty? ? value : raise(InvalidDocument.new(found))
      end
    end
  end
end
