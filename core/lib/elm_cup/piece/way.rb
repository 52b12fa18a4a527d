# frozen_string_literal: true

module ElmCup
  module Piece
    # A way in which a cook says how large the pieces are: one key of a shape in a document.
    #   key      in the document          word   what a screen calls it
    #   usual    its value where nothing else is known
    #   unit     of its values, nil where there is none
    #   figure   the figure of the pieces that says the same, nil where none does
    #   choices  values to choose from, each with its words; empty where any number will do
    Way = Value.of(:key, :word, :usual, unit: nil, figure: nil, choices: [].freeze) do
      # Bounds of its values, and whether they are whole, by the schema of its shape (a Hash).
      def bounds(schema)
        said = schema.dig("properties", key)
        {"least" => said["minimum"], "most" => said["maximum"], "whole" => said["type"] == "integer"}
      end
    end
    Way::Choice = Value.of(:value, :words)
  end
end
