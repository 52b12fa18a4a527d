# frozen_string_literal: true

module ElmCup
  module Ingredient
    module Naming
      # Allergens that words tell of, "soy cookies": rows of pack_words.csv. A name is never taken for less than its own words say.
      module AllergenWords
        PATTERNS = DataTable.rows("pack_words").select { |row| row["kind"] == "allergen" }
          .to_h { |row| [row["id"], /\b(?:#{row["words"]})\b/] }.freeze

        # Ids of the allergens.
        def self.in(text)
          small = text.downcase
          PATTERNS.filter_map { |id, pattern| id if pattern.match?(small) }
        end
      end
    end
  end
end
