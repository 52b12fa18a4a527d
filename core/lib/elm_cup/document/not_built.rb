# frozen_string_literal: true

module ElmCup
  module Document
    # What the product will know and does not yet: refused by name, never ignored. Rows of core/data/planned.csv less what is
    # registered, so that what is built is no longer refused without a word here.
    module NotBuilt
      PLANNED = DataTable.rows("planned").group_by { |row| row["kind"] }.transform_values { |rows| rows.map { |row| row["name"] }.freeze }
        .freeze

      class << self
        # Names of a kind ("key", "wish", "kitchen") that are planned and not among `built`.
        def names(kind, built) = PLANNED.fetch(kind, []) - built

        # Faults for every such key in a document that is at least a Hash.
        def faults(document, keys)
          names("key", keys).select { |key| document.key?(key) }.map { |key| Fault.at("/#{key}", :key_not_built, key: key) }
        end
      end
    end
  end
end
