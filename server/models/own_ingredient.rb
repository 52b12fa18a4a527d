# frozen_string_literal: true

module ElmCupServer
  # An ingredient of the household's own, or what it put over a library row: a document of docs/ingredient.schema.json.
  class OwnIngredient < Record
    self.table_name = "ingredients"

    # Keeps ingredients (Hashes), new or in the place of those with the same id, all or none. ElmCup::InvalidDocument when one of
    # them cannot be taken, or all together would be too many.
    def self.keep(ingredients)
      transaction do
        ElmCup.pantry(ingredients)
        ingredients.each { |said| find_or_initialize_by(key: said["id"]).update!(document: JSON.generate(said)) }
        ElmCup.check_pantry_size(count)
      end
    end

    # The document as a Hash.
    def parsed = JSON.parse(document)
  end
end
