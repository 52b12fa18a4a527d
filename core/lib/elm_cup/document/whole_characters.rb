# frozen_string_literal: true

module ElmCup
  module Document
    # JSON can write what is no text: half of a character ("\\udfff" alone), NUL and other characters that control a terminal. They are
    # refused at their place. Tabs and line ends are text.
    module WholeCharacters
      CONTROL = /[\u0000-\u0008\u000e-\u001f\u007f]/

      # nil, or InvalidDocument with every text at fault. A key that is none is named by the object it stands in.
      def self.check(value)
        found = faults(value, "")
        raise InvalidDocument.new(found) if found.any?
      end

      def self.faults(value, pointer)
        case value
        when String then fault(value, pointer)
        when Array then value.each_with_index.flat_map { |part, index| faults(part, "#{pointer}/#{index}") }
        when Hash then value.flat_map { |key, part| fault(key, pointer).then { |bad| bad.any? ? bad : faults(part, "#{pointer}/#{key}") } }
        else []
        end
      end

      def self.fault(text, pointer)
        return [Fault.at(pointer, :half_character)] unless text.valid_encoding?

        text.match?(CONTROL) ? [Fault.at(pointer, :control_character, code: format("%04X", text[CONTROL].ord))] : []
      end
      private_class_method :faults, :fault
    end
  end
end
