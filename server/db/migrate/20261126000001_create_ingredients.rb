# frozen_string_literal: true

# The household's own ingredients, and what it put over library rows; and its settings.
class CreateIngredients < ActiveRecord::Migration[7.2]
  def change
    create_table :ingredients do |t|
      t.string :key, null: false
      t.text :document, null: false
      t.timestamps
      t.index :key, unique: true
      t.check_constraint "length(key) BETWEEN 1 AND 60", name: "ingredients_have_a_key"
      t.check_constraint "json_valid(document) AND json_extract(document, '$.id') = key", name: "ingredients_hold_their_document"
    end
    create_table :settings do |t|
      t.string :name, null: false
      t.string :value, null: false
      t.index :name, unique: true
      t.check_constraint "name <> 'currency' OR value GLOB '[A-Z][A-Z][A-Z]'", name: "currency_is_a_code"
    end
  end
end
