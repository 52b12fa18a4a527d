# frozen_string_literal: true

module ElmCup
  module Binding
    # What kind of binder a Portion is, and which of them leads a bowl: the kind with the largest share of the supply as it counts.
    # Rows of leads.csv, the first that fits. Source: docs/model.md, Dose rules.
    module Lead
      # What is said of an id, a family and a kind of binder: which => [place of the row, lead], of the first row that says it.
      BY_ID, BY_FAMILY, BY_KIND = %w[id family kind].map { |what|
        DataTable.rows("leads").each_with_index.with_object({}) { |(row, place), found|
          DataTable.list(row["of"]).grep(/\A#{what}:/) { |of| found[of.delete_prefix("#{what}:")] ||= [place, row["lead"]].freeze }
        }.freeze
      }
      NONE = "none"

      class << self
        # "syrup", "nut butter" …; nil where it offers nothing by its kind.
        def of(portion)
          entry = portion.line.entry
          [BY_ID[entry.like], BY_FAMILY[entry.family], BY_KIND[portion.figures.kind]].compact.min_by(&:first)&.last
        end

        # The lead of a bowl, NONE where nothing binds; counted: [Portion, mL that count] pairs.
        def of_bowl(counted)
          counted.select { |_, ml| ml.positive? }.group_by { |portion, _| of(portion) }.max_by { |_, same| same.sum(&:last) }&.first || NONE
        end
      end
    end
  end
end
