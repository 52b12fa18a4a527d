# frozen_string_literal: true

module ElmCup
  module Ingredient
    # Every ingredient that ships with the product, with weights and binding figures, found by id.
    class Library
      attr_reader :form_words, :descriptors, :ambiguous_names

      # The library of core/data, loaded once.
      def self.default = @default ||= new

      def initialize
        @entries = DataTable.rows("ingredients").to_h { |row| [row["id"], Entry.from_row(row)] }.freeze
        @weights = DataTable.rows("forms").map { |row| Weight.from_row(row) }.group_by(&:ingredient).freeze
        @binding = DataTable.rows("binding").to_h { |row| [[row["ingredient"], row["form"]], BindingFigures.from_row(row)] }.freeze
        @form_words = FormWords.new(DataTable.rows("form_words"))
        @descriptors = DataTable.rows("descriptors").to_h { |row| [NameWords.of(row["word"]).first, row["note"]] }.freeze
        @ambiguous_names = DataTable.rows("ambiguous_names").to_h { |row| [NameWords.of(row["name"]), DataTable.list(row["ingredients"])] }.freeze
        freeze
      end

      # Every Entry, in the order of the file.
      def all = @entries.values

      # The Entry with this id; nil if there is none.
      def [](id) = @entries[id]

      # Every Weight of an ingredient.
      def weights(id) = @weights.fetch(id, [])

      # BindingFigures of a form; nil if the form is not known for it.
      def binding(id, form) = @binding[[id, form]]

      # True when the ingredient can take the form.
      def form?(id, form) = @binding.key?([id, form])
    end
  end
end
