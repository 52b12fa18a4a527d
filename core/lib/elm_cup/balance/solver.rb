# frozen_string_literal: true

require "highs"

# The gem does not give the bound that a search reached, and the library does.
Highs::FFI.extern "HighsInt Highs_getDoubleInfoValue(void* highs, char* info, double* value)"

module ElmCup
  module Balance
    # HiGHS, asked for the least cost of a Program. Its ways are set for many small models: see docs/model.md, Balance.
    module Solver
      TOLERANCE = 1e-6
      # status :optimal, :infeasible, :time (with values where something was found) or :none; values of the columns; reduced costs;
      # bound: no cost is less than that, nil where nothing is known.
      Solution = Value.of(:status, :cost, :values, reduced: [], bound: nil) do
        # There is something to go by.
        def found? = !values.nil?
      end
      NOTHING = Solution.new(status: :infeasible, cost: nil, values: nil)
      FLAGS = {"mip_allow_restart" => 0, "mip_heuristic_run_rins" => 0, "mip_heuristic_run_rens" => 0}.freeze
      NUMBERS = {"mip_pscost_minreliable" => 0}.freeze
      # The least and nothing but the least: no gap is let stand.
      GAPS = {"mip_rel_gap" => 0.0, "mip_abs_gap" => 1e-7}.freeze

      # The Solution within `seconds`; `whole: false` lets every column take any value within its bounds; gap: how far it may be above the
      # least, in units of the cost.
      def self.solve(program, seconds:, whole: true, gap: GAPS.fetch("mip_abs_gap"))
        return NOTHING if program.impossible?
        return Solution.new(status: :optimal, cost: program.offset, values: []) if program.columns.empty?

        attempt(program, seconds, whole, gap, presolve: "choose") || attempt(program, seconds, whole, gap, presolve: "off") ||
          NOTHING.with(status: :none)
      end

      LEAST_SECONDS = 0.005

      class << self
        private

        # nil where the library finds its own answer wrong and refuses it: its presolve does so now and then.
        def attempt(program, seconds, whole, gap, presolve:)
          model = model(program, whole, gap)
          Highs::FFI.Highs_setStringOptionValue(model.to_ptr, +"presolve", +presolve)
          solution(program, model.solve(time_limit: [seconds, LEAST_SECONDS].max), model)
        rescue Highs::Error
          nil
        end

        def model(program, whole, gap)
          columns = program.columns
          rows = program.rows.reject { |row| row.coefficients.empty? }
          starts = rows.each_with_object([0]) { |row, sums| sums << sums.last + row.coefficients.size }
          data = {
            sense: :minimize, offset: program.offset, col_cost: columns.map(&:cost), col_lower: columns.map(&:lower),
            col_upper: columns.map(&:upper),
            row_lower: rows.map(&:lower), row_upper: rows.map(&:upper), a_format: :rowwise, a_start: starts[0...-1],
            a_index: rows.flat_map { |row| row.coefficients.keys }, a_value: rows.flat_map { |row| row.coefficients.values }
          }
          (if whole
             Highs.mip(**data, integrality: columns.map { |column| column.integer ? 1 : 0 })
           else
             Highs.lp(**data)
           end).tap { |model| set(model, gap) }
        end

        def set(model, gap)
          FLAGS.each { |name, value| Highs::FFI.Highs_setBoolOptionValue(model.to_ptr, +name, value) }
          NUMBERS.each { |name, value| Highs::FFI.Highs_setIntOptionValue(model.to_ptr, +name, value) }
          GAPS.merge("mip_abs_gap" => gap).each { |name, value| Highs::FFI.Highs_setDoubleOptionValue(model.to_ptr, +name, value) }
          Highs::FFI.Highs_setStringOptionValue(model.to_ptr, +"parallel", +"off")
        end

        def solution(program, answer, model)
          case answer[:status]
          when :optimal then Solution.new(status: :optimal, cost: answer[:obj_value], values: answer[:col_value],
            reduced: answer[:col_dual], bound: answer[:obj_value])
          when :infeasible, :unbounded_or_infeasible then NOTHING
          when :time_limit then interrupted(program, answer, bound(model))
          else NOTHING.with(status: :none)
          end
        end

        # At the limit it gives what it has, or zeros and no finite cost.
        def interrupted(program, answer, bound)
          found = answer[:obj_value].finite? && holds?(program, answer[:col_value])
          Solution.new(status: :time, cost: (answer[:obj_value] if found), values: (answer[:col_value] if found), bound: bound)
        end

        def bound(model)
          value = Highs::DoubleArray.new(1, [0.0])
          Highs::FFI.Highs_getDoubleInfoValue(model.to_ptr, +"mip_dual_bound", value)
          value.to_a.first.then { |bound| bound if bound.finite? }
        end

        def holds?(program, values)
          program.columns.each_with_index.all? { |column, at| values[at].between?(column.lower - TOLERANCE, column.upper + TOLERANCE) } &&
            program.rows.all? do |row|
              sum = row.coefficients.sum { |at, value| value * values[at] }
              sum.between?(row.lower - TOLERANCE * 10, row.upper + TOLERANCE * 10)
            end
        end
      end
    end
  end
end
