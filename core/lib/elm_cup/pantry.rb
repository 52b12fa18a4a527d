# frozen_string_literal: true

module ElmCup
  # The household's own ingredients laid over the library: what a formula is assessed with.
  module Pantry
    CURRENCY = /\A[A-Z]{3}\z/
    USUAL_CURRENCY = "EUR"

    # An Ingredient::Library with the given ingredients (Hashes, docs/ingredient.schema.json) over the one that ships.
    # InvalidDocument with every fault at its place.
    def self.library(ingredients, currency: USUAL_CURRENCY, base: Ingredient::Library.default)
      faults = faults(ingredients, base)
      raise InvalidDocument.new(faults) if faults.any?

      base.with(ingredients.map { |said| Ingredient::Own.new(said, base).make }, currency: currency)
    end

    # One ingredient checked and made, as a Hash: what it comes to, what its list gave away, and the library row it starts from.
    def self.label(said, base: Ingredient::Library.default)
      refuse("", "An ingredient is a JSON object; this is #{JsonFaults.name_of(said)}") unless said.is_a?(Hash)
      library = library([said], base: base)
      made = Ingredient::Own.new(said, base).make
      {
        "elm_cup" => "label/1", "ingredient" => PantryAnswer.row(library[said["id"]], library),
        "starts_from" => PantryAnswer.row(base[said["starts_from"] || said["id"]], base), "notes" => made.notes
      }
    end

    def self.faults(ingredients, base)
      most = Ingredient::OwnSchema::MOST
      return [fault("", "#{ingredients.size} ingredients are too many; #{most} is the most")] if ingredients.size > most

      alone = ingredients.size == 1
      found = ingredients.each_with_index.flat_map { |said, at| Ingredient::OwnSchema.faults(said, base, at: alone ? "" : "/#{at}") }
      return found if found.any?

      ids = ingredients.map { |said| said["id"] }
      ids.tally.select { |_, count| count > 1 }.keys.map { |id| fault("/#{ids.rindex(id)}/id", "Two ingredients have the id “#{id}”; give one another") }
    end

    def self.fault(pointer, message) = InvalidDocument::Fault.new(pointer: pointer, message: message)

    def self.refuse(pointer, message) = raise(InvalidDocument.new([fault(pointer, message)]))
    private_class_method :faults, :fault, :refuse
  end
end
