# frozen_string_literal: true

module ElmCup
  module Wish
    # A wish that can be picked where none is typed: the text that says it, and what a list calls it.
    Pick = Value.of(:text, :words) do
      # Every Pick: textures that hold, figures and diets.
      def self.all
        textures = DataTable.rows("textures").drop(1).map { |row| new(text: row["id"], words: row["word"]) }
        textures + (Key.all.flat_map(&:picks) + Mixture::Diets::ALL).map { |words| new(text: words, words: words) }
      end
    end
  end
end
