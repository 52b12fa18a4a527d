# frozen_string_literal: true

module ElmCup
  module Balance
    # A mixed-integer programme: least cost over columns within bounds, rows within bounds.
    class Program
      # cost: of one; lower, upper: bounds; integer: whole numbers only.
      Column = Value.of(:name, :cost, :lower, :upper, integer: true)
      # coefficients: column index => Float.
      Row = Value.of(:name, :coefficients, :lower, :upper)

      attr_reader :columns, :rows, :offset, :options

      def initialize
        @columns = []
        @rows = []
        @offset = 0.0
        @options = []
      end

      # Adds a column; its index.
      def column(name, cost:, upper:, lower: 0, integer: true)
        @columns << Column.new(name: name, cost: finite(cost, name), lower: finite(lower, name), upper: finite(upper, name),
          integer: integer)
        @columns.size - 1
      end

      # Adds a row of coefficients by column index; one without any is checked at once by `possible?`.
      def row(name, coefficients, lower: -Float::INFINITY, upper: Float::INFINITY)
        kept = coefficients.reject { |_, value| finite(value, name).zero? }
        raise ArgumentError, "#{name} has a bound that is no number" if lower.to_f.nan? || upper.to_f.nan?

        @rows << Row.new(name: name, coefficients: kept, lower: lower.to_f, upper: upper.to_f)
      end

      # Adds to the constant of the cost.
      def add_offset(value) = @offset += finite(value, "offset")

      # Columns that are taken or left together: what the search may leave out at first.
      def option(*indices) = @options << indices

      # A row that has no column and cannot hold.
      def impossible?
        rows.any? { |row| row.coefficients.empty? && !0.0.between?(row.lower - Solver::TOLERANCE, row.upper + Solver::TOLERANCE) }
      end

      # The same with other costs: `coefficients` by column, `offset`.
      def with_cost(coefficients, offset)
        dup.tap do |other|
          other.send(:replace, columns.each_with_index.map { |column, at|
            column.with(cost: finite(coefficients.fetch(at, 0.0), column.name))
          }, offset)
        end
      end

      # The same in which the columns of `indices` stay at nothing.
      def without(indices)
        dup.tap { |other|
          other.send(:replace, columns.each_with_index.map { |column, at|
            indices.include?(at) ? column.with(lower: 0.0, upper: 0.0) : column
          }, offset)
        }
      end

      private

      def replace(columns, offset)
        @columns = columns
        @offset = offset
      end

      def finite(value, name)
        number = value.to_f
        raise ArgumentError, "#{name} is not finite" unless number.finite?

        number
      end
    end
  end
end
