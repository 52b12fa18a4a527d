# frozen_string_literal: true

module ElmCup
  module Document
    # One line as the document has it: text, or ingredient and grams, or text and ingredient.
    #   pointer  its place in the document     said  its Hash
    Line = Value.of(:pointer, :said) do
      def text = said["text"]

      def ingredient = said["ingredient"]

      def grams = said["grams"]
    end
  end
end
