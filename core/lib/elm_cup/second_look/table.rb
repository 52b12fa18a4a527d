# frozen_string_literal: true

module ElmCup
  module SecondLook
    # What a rule looks at: one component, or one flavour's own lines, read and mixed.
    #   name, lines_at  of the component, and the pointer to its lines in the document      type, process  as in the document
    #   opening         JSON Patch operations that make that list where the document leaves it out
    #   lines           Ingredient::Lines in the document's order; flagged ones too
    #   bowl            Mixture::Bowl of these and what it takes of others        mix  Binding::Mix, nil while a line is flagged
    #   measures        Quantity::KitchenMeasures     resolver  Ingredient::LineResolver     library  Ingredient::Library
    Table = Value.of(:name, :lines_at, :type, :process, :lines, :bowl, :mix, :measures, :resolver, :library, opening: []) do
      # [Line, its index] of every line that is read.
      def read_lines = lines.each_with_index.select { |line, _| line.read? }

      # Part of a confection that is eaten as a dough is: coats and toppings are judged elsewhere.
      def eaten_as_dough? = !%w[coating topping].include?(type)
    end

    # What a rule about the whole formula looks at: every Table, the diets that its eaters need, everything in one bowl.
    Whole = Value.of(:tables, :needs, :bowl, :library) do
      # [Table, Line, index] of every line that is read.
      def places = tables.flat_map { |table| table.read_lines.map { |line, index| [table, line, index] } }
    end
  end
end
