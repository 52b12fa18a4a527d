# frozen_string_literal: true

module ElmCup
  module SecondLook
    # What a rule about the whole formula looks at: every Table, the diets that its eaters need, everything in one bowl.
    #   assessment   of the formula, for rules about its pieces and its coat
    Whole = Value.of(:tables, :places, :needs, :bowl, :library, :assessment) do
      # The Whole of Tables.
      def self.of(tables, **said)
        new(tables: tables, places: tables.flat_map { |table| table.read_lines.map { |line, index| [table, line, index] } }, **said)
      end
    end
  end
end
