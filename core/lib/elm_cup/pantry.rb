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

    # What a household kept, though some of it can no longer be read: library of what can; sound: that, as it was said; aside: Asides of
    # what cannot; read: what each ingredient was read as, by what was said.
    Kept = Value.of(:library, :sound, :aside, :read)
    # said: the ingredient as it was kept, whatever it is; at: its place in what was given; faults: what is wrong with it.
    Aside = Value.of(:said, :at, :faults)

    # The Kept of ingredients that were kept once, whatever this version makes of them: it is never refused. before: a Kept of the same
    # base, whose work is not done twice; where only prices are others, its library is the same but for them.
    def self.kept(ingredients, base:, currency: USUAL_CURRENCY, before: nil)
      read = ingredients.to_h { |said| [said, before&.read&.fetch(said, nil) || read(said, base)] }
      sound, broken = ingredients.each_with_index.partition { |said, _| read[said].is_a?(OwnIngredient::Made) }
      sound = sound.map(&:first)
      Kept.new(library: library_of(sound, read, base, currency, before), sound: sound, read: read,
        aside: broken.map { |said, at| Aside.new(said: said, at: at, faults: read[said]) })
    end

    def self.library_of(sound, read, base, currency, before)
      mades = read.values_at(*sound)
      return base.with(mades, currency: currency) unless before && without_costs(before.sound) == without_costs(sound)

      before.library.priced(mades.to_h { |made| [made.entry.id, made.price] }.compact, currency)
    end

    def self.without_costs(ingredients) = ingredients.map { |said| said.is_a?(Hash) ? said.except(*COSTS) : said }

    # OwnIngredient::Made of what was kept, or its faults.
    def self.read(said, base)
      faults = IngredientSchema.faults(said, base)
      faults.any? ? faults : OwnIngredient.new(said, base).make
    rescue
      # Whatever another version wrote, it stops nobody.
      [Fault.at("", :stored_makes_no_sense)]
    end

    # Keys of an ingredient that say what it costs, and nothing of what it is.
    COSTS = %w[price pack_grams].freeze

    # What of ingredients (Hashes) a verdict depends on; one that only says what a row costs is left out.
    def self.judging(ingredients)
      without_costs(ingredients).reject { |said| said.is_a?(Hash) && said.keys == ["id"] }
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
    private_class_method :faults, :read, :library_of, :without_costs
  end
end
