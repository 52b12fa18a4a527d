# frozen_string_literal: true

module ElmCup
  module Ingredient
    module Naming
      # What kind of thing a name is by its last words, where nothing nearer is known: rows of kinds.csv.
      class Kinds
        # entry: the row that stands for the kind; noun: its words; members: Entries whose names end with them
        Kind = Value.of(:entry, :noun, :members)

        # names: the words of every name => Entry.
        def initialize(names, library)
          @kinds = DataTable.rows("kinds").to_h { |row|
            noun = NameWords.of(row["noun"])
            members = names.select { |words, _| words.last(noun.size) == noun }.values.uniq
            [noun, Kind.new(entry: library[row["row"]], noun: row["noun"], members: members.freeze)]
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
