# frozen_string_literal: true

module ElmCup
  module Cold
    # How much more of the space the dry side of an ingredient holds than it fills: what it soaks up and tangles.
    # Source: rows of core/data/firmness_bind.csv.
    module BindingFactor
      ROWS = DataTable.rows("firmness_bind").group_by { |row| row["of"] }
        .transform_values { |rows| rows.to_h { |row| [row["name"], row["factor"].to_f] }.freeze }.freeze
      NONE = 1.0

      # The factor of an Ingredient::Entry in a form; loose: it lies in the mix in pieces, and tangles nothing.
      def self.of(entry, form, loose: false)
        return NONE if loose

        ROWS["ingredient"][entry.like] || (ROWS["ground"][entry.family] if form == "ground") || ROWS["family"][entry.family] || NONE
      end
    end
  end
end
