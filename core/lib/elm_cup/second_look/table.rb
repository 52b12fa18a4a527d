# frozen_string_literal: true

module ElmCup
  module SecondLook
    # What a rule looks at: one component with its lines read and mixed.
    #   name, index   of the component in the document      type, process  as in the document
    #   lines         Ingredient::Lines in the document's order; flagged ones too
    #   bowl          Mixture::Bowl          mix  Binding::Mix, nil while a line is flagged
    #   measures      Quantity::KitchenMeasures       resolver  Ingredient::LineResolver
    Table = Value.of(:name, :index, :type, :process, :lines, :bowl, :mix, :measures, :resolver) do
      # [Line, its index] of every line that is read.
      def read_lines = lines.each_with_index.select { |line, _| line.read? }

      # Part of a confection that is eaten as a dough is: coats and toppings are judged elsewhere.
      def eaten_as_dough? = !%w[coating topping].include?(type)
    end
  end
end
