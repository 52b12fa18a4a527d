# frozen_string_literal: true

module ElmCup
  module Quantity
    # One amount of a line: "2 heaping cups", "1 can (400 g)", "10 large".
    #   low, high     Numbers; the same one twice unless a range was typed
    #   unit          Unit, or nil for a count of things
    #   factor        heaping 5/4 and the like; 1 where nothing was said
    #   sign          -1 after "minus"
    #   standard      CupStandard named in the line, or nil for the kitchen's
    #   packed, size  "packed"; "small", "medium", "large"
    #   scoop_number  the disher's number
    #   weight        Term of mass that says the same again, and wins
    #   inner         Term inside brackets that says what one container holds
    Term = Value.of(:low, :high, unit: nil, factor: Rational(1), sign: 1, standard: nil, packed: false, size: nil,
      scoop_number: nil, inner: nil, weight: nil, guessed: false) do
      # Exact amount in the unit, middle of the range, modifiers counted.
      def quantity = sign * factor * (low.value + high.value) / 2

      # Grams that the term itself says, nil if it says none.
      def grams
        return quantity * unit.size if unit && %i[mass stick handful].include?(unit.kind)

        quantity * inner.grams if inner&.grams
      end

      # Millilitres that the term says under `kitchen_standard`, nil if it says none.
      # Scoop number n holds 32 US fluid ounces / n. Source: GNU units, scoop(n).
      def millilitres(kitchen_standard)
        return quantity * inner.millilitres(kitchen_standard) if inner&.millilitres(kitchen_standard)
        return if unit.nil?
        return quantity * 32 * CupStandard::US.fluid_ounce_ml / scoop_number if scoop_number

        each = unit.millilitres(standard || kitchen_standard)
        each && quantity * each
      end

      # Half of the range over its middle, 0 where no range was typed.
      def spread
        middle = (low.value + high.value) / 2
        middle.zero? ? 0 : (high.value - low.value) / 2 / middle
      end

      # Every Number in it, for scaling.
      def numbers = [low, high].uniq(&:from)
    end
  end
end
