# frozen_string_literal: true

module ElmCup
  module Pantry
    # One ingredient from its pack's label, checked and made.
    class LabelReading
      # entry: the Ingredient::Entry that it comes to, in `library`; start: the row it starts from, in `base`; notes: what its list gave
      # away
      attr_reader :entry, :library, :start, :base, :notes

      # said: a Hash (docs/ingredient.schema.json). InvalidDocument where the label cannot be true.
      def initialize(said, base:)
        InvalidDocument.refuse("", :ingredient_not_object, given: JsonFaults.name_of(said)) unless said.is_a?(Hash)
        @base = base
        @library = Pantry.library([said], base: base)
        @entry = @library[said["id"]]
        @start = base[said["starts_from"] || said["id"]]
        @notes = OwnIngredient.new(said, base).make.notes
      end
    end
  end
end
