# frozen_string_literal: true

module ElmCup
  module Door
    # The rows of a library as a screen shows them: every figure with its source and spread.
    module PantryRows
      # All rows of `library` as Hashes.
      def self.rows(library) = library.all.map { |entry| row(entry, library) }

      # One Ingredient::Entry as a Hash.
      def self.row(entry, library)
        price = library.price(entry.id)
        price ? unpriced(entry, library).merge("price" => price(price)) : unpriced(entry, library)
      end

      # The same without what it costs, kept with the library.
      def self.unpriced(entry, library) = library.shown(entry.id).fetch(entry.id) { row_of(entry, library) }

      def self.row_of(entry, library)
        {
          "id" => entry.id, "name" => entry.name, "family" => entry.family,
          "names" => (entry.names + entry.assumed_names).reject { |name| name.casecmp?(entry.name) },
          "starts_from" => entry.starts_from, "own" => library.own?(entry.id), "per_100g" => per_100g(entry),
          "fats" => entry.composition.fat.positive? ? entry.fats : {},
          "allergens" => entry.allergens, "traces" => entry.traces,
          "breaks" => Mixture::Diets::BY_LINE.select { |diet| entry.breaks?(diet) },
          "perishable" => entry.perishable, "sweetness" => (100 * Mixture::Sweetness.relative(entry)).round(1),
          "forms" => library.weights(entry.id).map { |weight| weight(weight) },
          "binding" => library.binding_of(entry.id).map { |figures| figures(figures) },
          "label" => entry.label, "source" => entry.source, "note" => entry.note
        }.compact
      end

      private_class_method :unpriced, :row_of

      class << self
        private

        def per_100g(entry)
          line = Ingredient::Line.new(status: :read, entry: entry, form: entry.hand_form, grams: 100)
          figures = Mixture::Nutrition.new(Mixture::Bowl.new([line])).for_mass(100.0).transform_keys(&:to_s)
          parts = entry.composition
          sugars = {"mono_g" => parts.mono, "di_g" => parts.di, "starch_g" => parts.starch}
          {"water_g" => parts.water, **figures, **sugars, "ash_g" => parts.ash, "alcohol_g" => parts.alcohol}
            .transform_values { |value| value.round(2) }
        end

        def price(price)
          {"amount" => price.amount.to_f, "pack_grams" => price.pack_grams.to_f, "per_100g" => (100 * price.per_gram).round(4).to_f}
        end

        def weight(weight)
          {
            "form" => weight.form, "grams_each" => weight.grams_each&.to_f&.round(2),
            "grams_per_cup" => weight.grams_per_ml && (weight.grams_per_ml * Quantity::CupStandard::US.cup_ml).to_f.round(1),
            "size" => weight.size, "plus_minus_pct" => (100 * weight.plus_minus).round, "source" => weight.source
          }.compact
        end

        def figures(figures)
          {
            "form" => figures.form, "a" => figures.a, "b" => figures.b, "o" => figures.o, "d" => figures.d, "d30" => figures.d30,
            "sigma" => figures.sigma, "sigma_on" => figures.sigma_on,
            "starred" => figures.starred, "source" => figures.source
          }.transform_values { |value| value.is_a?(Float) ? value.round(3) : value }
        end
      end
    end
  end
end
