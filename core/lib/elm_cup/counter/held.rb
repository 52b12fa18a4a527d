# frozen_string_literal: true

module ElmCup
  module Counter
    # A line of a bowl at the counter.
    #   line      Ingredient::Line with its grams      spread   one sigma of the logarithm of them
    #   pointer   of the line in the document, nil of an addition      addition  it was stirred in to set the bowl right
    Held = Value.of(:line, :spread, pointer: nil, addition: false) do
      # So many times as much.
      def times(factor) = with(line: line.times(factor))

      def grams = line.grams.to_f
    end
  end
end
