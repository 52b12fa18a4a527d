# frozen_string_literal: true

module ElmCup
  module Ingredient
    # Checks ingredients of the household's own before anything is made of them.
    module OwnSchema
      SCHEMA = JsonFaults.schema("ingredient.schema.json")
      MOST = 2_000

      # Faults of one parsed ingredient; at: its pointer. library: the rows it may start from.
      def self.faults(said, library, at: "")
        found = JsonFaults.of(SCHEMA, said, at, whole: "an ingredient")
        return found if found.any?

        found = start(said, library, at)
        found << fault(at, "price", "Say what a pack weighs too (pack_grams)") if said["price"] && !said["pack_grams"]
        found += LabelCheck.new(said["label"], "#{at}/label", polyol: said["ingredients"] && PackList.new(said["ingredients"]).polyol).faults if said["label"]
        found
      end

      def self.start(said, library, at)
        row = said["starts_from"] || said["id"]
        return [] if library.shipped?(row)
        return [fault(at, "starts_from", "There is no library row “#{row}”")] if said["starts_from"]

        [fault(at, "starts_from", "Say which library row it starts from, such as “peanut-butter”; its id “#{said["id"]}” is none")]
      end

      def self.fault(at, key, message) = InvalidDocument::Fault.new(pointer: "#{at}/#{key}", message: message)
      private_class_method :start, :fault
    end
  end
end
