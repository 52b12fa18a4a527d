# frozen_string_literal: true

module ElmCup
  module Pantry
    # Checks ingredients of the household's own before anything is made of them.
    module IngredientSchema
      SCHEMA = JsonFaults.schema("ingredient.schema.json")
      MOST = 2_000

      # Faults of one parsed ingredient; at: its pointer. library: the rows it may start from.
      def self.faults(said, library, at: "")
        found = JsonFaults.of(SCHEMA, said, at, whole: "an ingredient")
        return found if found.any?

        found = start(said, library, at)
        found << Fault.at("#{at}/price", :price_without_pack) if said["price"] && !said["pack_grams"]
        said["label"] ? found + label(said, library, at) : found
      end

      def self.label(said, library, at)
        family = library[said["starts_from"] || said["id"]]&.family
        LabelCheck.new(said["label"], "#{at}/label", polyol: polyol(said), family: family).faults
      end

      # The polyol that its pack's list names, nil for none.
      def self.polyol(said) = said["ingredients"] && PackList.new(said["ingredients"]).polyol

      def self.start(said, library, at)
        row = said["starts_from"] || said["id"]
        return [] if library.shipped?(row)
        return [Fault.at("#{at}/starts_from", :no_such_row, row: row)] if said["starts_from"]

        [Fault.at("#{at}/starts_from", :row_missing, id: said["id"])]
      end

      private_class_method :start, :label, :polyol
    end
  end
end
