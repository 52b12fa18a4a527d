# frozen_string_literal: true

module ElmCup
  module Balance
    # One line that is not as it was.
    #   kind   :more, :less, :added, :gone or :instead; :size of a piece, which is of no component     text   says it: "+2 tsp water"
    #   grams  the difference
    #   was, now  the lines as they read, nil where there is none
    #   steps  how many it moves apart from the size of the batch, nil for no line that stays
    Change = Value.of(:kind, :component, :ingredient, :name, :text, :grams, :was, :now, steps: nil) do
      # The line goes with the size of the batch, and no further.
      def only_size? = steps == 0
    end
  end
end
