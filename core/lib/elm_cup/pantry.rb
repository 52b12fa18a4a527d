# frozen_string_literal: true

module ElmCup
  # The household's own ingredients laid over the library: what a formula is assessed with.
  module Pantry
    CURRENCY = /\A[A-Z]{3}\z/
    USUAL_CURRENCY = "EUR"

    # An Ingredient::Library with the given ingredients (Hashes, docs/ingredient.schema.json) over `base`.
    # InvalidDocument with every fault at its place.
    def self.library(ingredients, base:, currency: USUAL_CURRENCY)
      faults = faults(ingredients, base)
      raise InvalidDocument.new(faults) if faults.any?

      base.with(ingredients.map { |said| OwnIngredient.new(said, base).make }, currency: currency)
    end

    # What a household kept, though some of it can no longer be read: library of what can; aside: Asides of what cannot.
    Kept = Value.of(:library, :aside)
    # said: the ingredient as it was kept, whatever it is; at: its place in what was given; faults: what is wrong with it.
    Aside = Value.of(:said, :at, :faults)

    # The Kept of ingredients that were kept once, whatever this version makes of them: it is never refused.
    def self.kept(ingredients, base:, currency: USUAL_CURRENCY)
      checked = ingredients.each_with_index.map { |said, at| Aside.new(said: said, at: at, faults: IngredientSchema.faults(said, base)) }
      sound, aside = checked.partition { |each| each.faults.empty? }
      Kept.new(library: base.with(sound.map { |each| OwnIngredient.new(each.said, base).make }, currency: currency), aside: aside)
    end

    # Keys of an ingredient that say what it costs, and nothing of what it is.
    COSTS = %w[price pack_grams].freeze

    # What of ingredients (Hashes) a verdict depends on; one that only says what a row costs is left out.
    def self.judging(ingredients)
      ingredients.map { |said| said.is_a?(Hash) ? said.except(*COSTS) : said }.reject { |said| said.is_a?(Hash) && said.keys == ["id"] }
    end

    # nil, or InvalidDocument: whether a pantry may hold so many.
    def self.check_size(count)
      InvalidDocument.refuse("", :pantry_full, count: count, most: IngredientSchema::MOST) if count > IngredientSchema::MOST
    end

    # The library of ingredients of CSV rows: faults name rows and columns.
    def self.library_of_rows(rows, base:)
      library(rows, base: base)
    rescue InvalidDocument => error
      raise Csv.rename(error)
    end

    def self.faults(ingredients, base)
      most = IngredientSchema::MOST
      return [Fault.at("", :too_many_ingredients, count: ingredients.size, most: most)] if ingredients.size > most

      alone = ingredients.size == 1
      found = ingredients.each_with_index.flat_map { |said, at| IngredientSchema.faults(said, base, at: alone ? "" : "/#{at}") }
      return found if found.any?

      ids = ingredients.map { |said| said["id"] }
      ids.tally.select { |_, count| count > 1 }.keys.map { |id| Fault.at("/#{ids.rindex(id)}/id", :ingredient_id_doubled, id: id) }
    end
    private_class_method :faults
  end
end
