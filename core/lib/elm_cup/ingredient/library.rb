# frozen_string_literal: true

module ElmCup
  module Ingredient
    # Every ingredient that ships with the product, with weights and binding figures, found by id.
    class Library
      # Lines that were read lately are kept, so that a change of one line reads one line.
      KEPT_READINGS = 8_000
      KEPT_PARTS = 600

      attr_reader :form_words, :descriptors

      # The library of core/data, loaded once.
      def self.default = @default ||= new

      # ISO 4217 code of the prices in it.
      attr_reader :currency

      # What the household's kitchen is where a formula does not say (Hash, as a formula's kitchen).
      attr_reader :kitchen

      # BoundedCaches of Lines by what they were read from, of whole parts that take of no other (Assessment::Part
      # keeps them), and of what a gram of an ingredient brings (Balance::PerGram).
      attr_reader :readings, :parts, :per_gram

      # The BoundedCache of rows as screens show them (Door::PantryRows) that the row with this id is kept in: one that ships is the same in
      # every library over it.
      def shown(id) = own?(id) ? @shown : @shown_of_base

      def initialize
        @own = {}.freeze
        @currency = nil
        @kitchen = {}.freeze
        @prices = {}.freeze
        @entries = DataTable.rows("ingredients").to_h { |row| [row["id"], Entry.from_row(row)] }.freeze
        @weights = DataTable.rows("forms").map { |row| Weight.from_row(row) }.group_by(&:ingredient).freeze
        @binding = DataTable.rows("binding").to_h { |row| [[row["ingredient"], row["form"]], BindingFigures.from_row(row)] }.freeze
        @binding_of = @binding.values.group_by(&:ingredient).freeze
        @shipped = @entries.transform_values { true }.freeze
        @form_words = FormWords.new(DataTable.rows("form_words"))
        @descriptors = DataTable.rows("descriptors").to_h { |row| [Naming::NameWords.of(row["word"]).first, row["note"]] }.freeze
        @packs = DataTable.rows("packs").map { |row| Pack.from_row(row) }.group_by(&:ingredient).freeze
        finish
      end

      # What finds the ingredient that a typed name means.
      def matcher = @matcher.value

      # A library with Pantry::OwnIngredient::Mades over this one: theirs come first, and take the place of a row with the same id.
      def with(mades, currency: nil)
        dup.tap { |library| library.send(:overlay, mades, currency) }
      end

      # The same library at other prices (id => Price): everything that no price changes, what was read and found included, stays.
      def priced(prices, currency)
        dup.tap { |library| library.send(:price_anew, prices, currency) }
      end

      # The same library in a household with this kitchen (Hash).
      def in_kitchen(kitchen) = dup.tap { |library| library.send(:move_to, kitchen) }

      # What an ingredient costs, a Pantry::Price; nil where that is not known.
      def price(id) = @prices[id]

      # Short, so that an error that names it stays readable.
      def inspect = "#<#{self.class} of #{@entries.size}>"

      # Every Entry, the household's own first, then in the order of the file.
      def all = @entries.values

      # Entries that are or were made from the library row with this id.
      def kinds(id) = @kinds.value.fetch(id, [])

      # The id is a row that ships.
      def shipped?(id) = @shipped.key?(id)

      # The household added or changed it.
      def own?(id) = @own.key?(id)

      # The Entry with this id; nil if there is none.
      def [](id) = @entries[id]

      # Every Weight of an ingredient.
      def weights(id) = @weights.fetch(id, [])

      # Packs that an ingredient is usually sold in.
      def packs(id) = @packs.fetch(id, [])

      # BindingFigures of every form of an ingredient.
      def binding_of(id) = @binding_of.fetch(id, [])

      # BindingFigures of a form; nil if the form is not known for it.
      def binding(id, form) = @binding[[id, form]]

      # True when the ingredient can take the form.
      def form?(id, form) = @binding.key?([id, form])

      private

      def overlay(mades, currency)
        @own = mades.to_h { |made| [made.entry.id, true] }.freeze
        @shown_of_base = @shown
        @currency = currency
        @prices = mades.to_h { |made| [made.entry.id, made.price] }.compact.freeze
        @entries = mades.to_h { |made| [made.entry.id, made.entry] }.then { |own| own.merge(@entries.except(*own.keys)) }.freeze
        @weights = @weights.merge(mades.to_h { |made| [made.entry.id, made.weights] }).freeze
        @binding_of = @binding_of.merge(mades.to_h { |made| [made.entry.id, made.binding] }).freeze
        own = mades.flat_map(&:binding).to_h { |figures| [[figures.ingredient, figures.form], figures] }
        @binding = @binding.reject { |(id, _), _| @own.key?(id) }.merge(own).freeze
        finish
      end

      def price_anew(prices, currency)
        @currency = currency
        @prices = prices.freeze
        @per_gram = BoundedCache.new(KEPT_READINGS)
        freeze
      end

      def move_to(kitchen)
        @kitchen = kitchen.freeze
        freeze
      end

      # Reading every name takes a while: it waits until a name is asked for.
      def finish
        @matcher = Once.new { Naming::Matcher.new(self) }
        @kinds = Once.new { @entries.values.group_by(&:like).freeze }
        @readings = BoundedCache.new(KEPT_READINGS)
        @parts = BoundedCache.new(KEPT_PARTS)
        @per_gram = BoundedCache.new(KEPT_READINGS)
        @shown = BoundedCache.new(KEPT_READINGS)
        @shown_of_base ||= @shown
        freeze
      end
    end
  end
end
