# frozen_string_literal: true

module ElmCup
  module SecondLook
    # What a rule looks at: one component, or one flavour's own lines, read and mixed.
    #   name, lines_at  of the component, and the pointer to its lines in the document      type, process  as in the document
    #   opening         JSON Patch operations that make that list where the document leaves it out
    #   lines           Ingredient::Lines in the document's order; flagged ones too
    #   bowl            Mixture::Bowl of these and what it takes of others        mix  Binding::Mix, nil while a line is flagged
    #   measures        Quantity::KitchenMeasures     resolver  Ingredient::LineResolver     library  Ingredient::Library
    #   read_lines      [Line, its index] of every line that is read
    Table = Value.of(:name, :lines_at, :type, :process, :lines, :read_lines, :bowl, :mix, :measures, :resolver, :library, opening: []) do
      # [Binding::Portion, index of its line] of its own lines, in their order; none without a mix.
      def portions = mix ? mix.portions.first(read_lines.size).zip(read_lines.map(&:last)) : []

      # Part of a confection that is eaten as a dough is: coats and toppings are judged elsewhere.
      def eaten_as_dough? = type.judged?
    end
  end
end
