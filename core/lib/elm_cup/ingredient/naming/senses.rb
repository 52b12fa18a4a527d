# frozen_string_literal: true

module ElmCup
  module Ingredient
    module Naming
      # The usual sense of a plain word, and the others that it may have: rows of senses.csv.
      class Senses
        # usual: Entry; others: Entries
        Sense = Value.of(:usual, :others)

        def initialize(library)
          @senses = DataTable.rows("senses").to_h { |row|
            usual = library[row["usual"]]
            others = DataTable.list(row["others"]).map { |id| library[id] } - [usual]
            [NameWords.of(row["word"]), Sense.new(usual: usual, others: others.freeze)]
          }.freeze
          freeze
        end

        # The Sense of words as NameWords gives them; nil for none.
        def [](words) = @senses[words]

        # The words of all.
        def keys = @senses.keys
      end
    end
  end
end
