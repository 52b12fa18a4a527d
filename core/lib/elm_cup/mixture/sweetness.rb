# frozen_string_literal: true

module ElmCup
  module Mixture
    # How sweet a bowl is beside sugar: the sum of mass times relative sweetness, in per cent of the bowl.
    # A sweetener's own row wins over its sugars. Source: core/data/sweetness.csv.
    module Sweetness
      ROWS = DataTable.rows("sweetness").group_by { |row| row["kind"] }
        .transform_values { |rows| rows.to_h { |row| [row["sweetener"], row["relative_mass"].to_f] }.freeze }.freeze

      # Sucrose-equivalent per cent of `bowl` by mass; 0 for an empty bowl.
      def self.percent(bowl)
        return 0.0 if bowl.empty?

        100 * bowl.total { |entry, _| 100 * relative(entry) } / bowl.grams
      end

      # Sweetness of one gram of an ingredient beside one gram of sucrose.
      def self.relative(entry)
        own = ROWS["ingredient"][entry.like]
        return own if own

        parts = entry.composition
        (parts.mono * ROWS["sugar"].fetch("mono") + parts.di * ROWS["sugar"].fetch(entry.di_kind) +
          (entry.polyol_kind ? parts.polyols * ROWS["polyol"].fetch(entry.polyol_kind) : 0)) / 100
      end
    end
  end
end
