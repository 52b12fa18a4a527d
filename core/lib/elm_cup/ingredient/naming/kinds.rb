# frozen_string_literal: true

module ElmCup
  module Ingredient
    module Naming
      # What kind of thing a name is by its last words, where nothing nearer is known: rows of kinds.csv.
      class Kinds
        # entry: the row that stands for the kind; noun: its words; members: Entries whose names end with them
        Kind = Value.of(:entry, :noun, :members)

        # ends: NameEnds.
        def initialize(ends, library)
          @kinds = DataTable.rows("kinds").to_h { |row|
            noun = NameWords.of(row["noun"])
            [noun, Kind.new(entry: library[row["row"]], noun: row["noun"], members: ends[noun])]
          }.freeze
          @longest = @kinds.keys.map(&:size).max
          freeze
        end

        # The Kind that words end with; nil for none.
        def of(words) = @longest.downto(1).lazy.filter_map { |size| @kinds[words.last(size)] }.first

        # The words of all.
        def keys = @kinds.keys
      end
    end
  end
end
