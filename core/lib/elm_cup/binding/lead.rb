# frozen_string_literal: true

module ElmCup
  module Binding
    # What kind of binder a Portion is, and which of them leads a bowl: the kind with the largest share of the supply as it counts.
    # Rows of leads.csv, the first that fits. Source: docs/model.md, Dose rules.
    module Lead
      ROWS = DataTable.rows("leads").map { |row| [row["lead"], DataTable.list(row["of"]).map { |of| of.split(":", 2) }] }.freeze
      NONE = "none"

      class << self
        # "syrup", "nut butter" …; nil where it offers nothing by its kind.
        def of(portion)
          entry = portion.line.entry
          ROWS.find { |_, of| of.any? { |what, which| said?(what, which, entry, portion.figures.kind) } }&.first
        end

        # The lead of a bowl, NONE where nothing binds; counted: [Portion, mL that count] pairs.
        def of_bowl(counted)
          counted.select { |_, ml| ml.positive? }.group_by { |portion, _| of(portion) }.max_by { |_, same| same.sum(&:last) }&.first || NONE
        end

        private

        def said?(what, which, entry, kind)
          case what
          when "id" then entry.like == which
          when "family" then entry.family == which
          else kind == which
          end
        end
      end
    end
  end
end
