# frozen_string_literal: true

module ElmCup
  module Balance
    # What was asked and what came of it.
    #   wishes   Wish::States      kept   those among them that nobody said and that are kept to
    #   answers  Answers           clashes  ClashWords     notes  in words
    Result = Value.of(:answers, :clashes, :notes, wishes: [], kept: [])
  end
end
