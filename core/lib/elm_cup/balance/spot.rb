# frozen_string_literal: true

module ElmCup
  module Balance
    # Where an amount stands: the Assessment::Part, the pointer of its line in the document or of the list that it would join, the
    # Ingredient::Line itself, and the Hash of it as a document has it.
    Spot = Value.of(:part, :pointer, :line, :said)
  end
end
