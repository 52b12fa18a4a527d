# frozen_string_literal: true

module ElmCup
  module Assessment
    # Rounding for the answer: as many digits as the figure can carry.
    module Figures
      module_function

      # A Float to `digits` places; nil stays nil.
      def round(value, digits = 1) = value&.to_f&.round(digits)

      # Every number of a hash, keys as strings.
      def round_all(figures, digits) = figures.to_h { |key, value| [key.to_s, round(value, digits)] }

      # Six significant digits, enough to recompute a sum from.
      def significant(value)
        number = value.to_f
        return number if number.zero?

        number.round(6 - Math.log10(number.abs).ceil)
      end
    end
  end
end
