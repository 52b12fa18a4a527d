# frozen_string_literal: true

module ElmCup
  module Quantity
    # Puts other values in the place of the numbers of a typed line. Everything else stays as typed, except that a unit
    # written out agrees with its number: "1 cup" becomes "2 cups".
    module Rewrite
      UNIT_WORD = /\A([[:space:]]*)([[:alpha:]]+)/

      # `text` with each of `numbers` replaced by what the block gives for it, an exact value, written the same way.
      def self.call(text, numbers)
        numbers.uniq(&:from).sort_by(&:from).reverse_each.with_object(text.dup) do |number, out|
          changed = number.with(value: yield(number))
          behind = out[number.to..].sub(UNIT_WORD) { $1 + Unit.agreeing($2, changed.value) }
          out[number.from..] = changed.text + changed.gap_in(out) + behind
        end
      end
    end
  end
end
