# frozen_string_literal: true

module ElmCup
  module SecondLook
    # What a rule about the whole formula looks at: every Table, the diets that its eaters need, everything in one bowl.
    Whole = Value.of(:tables, :needs, :bowl, :library) do
      # [Table, Line, index] of every line that is read.
      def places = tables.flat_map { |table| table.read_lines.map { |line, index| [table, line, index] } }
    end
  end
end
