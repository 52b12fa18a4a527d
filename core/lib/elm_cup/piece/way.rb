# frozen_string_literal: true

module ElmCup
  module Piece
    # A way in which a cook says how large the pieces are: one key of a shape in a document.
    #   key      in the document          word   what a screen calls it
    #   usual    its value where nothing else is known
    #   unit     of its values, nil where there is none
    #   figure   the figure of the pieces that says the same, nil where none does
    #   choices  values to choose from, each with its words; empty where any number will do
    #   beside   it stands beside the others; of those that do not a document names one
    Way = Value.of(:key, :word, :usual, unit: nil, figure: nil, choices: [].freeze, beside: false) do
      def beside? = beside

      # Bounds of its values, and whether they are whole, by the schema of its shape (a Hash); none of what is no number.
      def bounds(schema)
        said = schema.dig("properties", key)
        {"least" => said["minimum"], "most" => said["maximum"], "whole" => said["type"] == "integer"}.compact
      end
    end
    Way::Choice = Value.of(:value, :words)
    # Ways that several shapes share.
    Way::PIECE_GRAMS = Way.new(key: "piece_grams", word: "grams a piece", usual: 18, unit: "g", figure: "piece_grams")
    Way::PIECES = Way.new(key: "pieces", word: "pieces", usual: 24, figure: "count")
    Way::SCOOP = Way.new(key: "scoop_ml", word: "scoop", usual: Scoop.ml(Scoop::USUAL), unit: "mL", figure: "piece_ml",
      choices: Scoop.choices)
  end
end
