# frozen_string_literal: true

# Formulas and their versions. A version never changes and never goes.
class CreateFormulas < ActiveRecord::Migration[7.2]
  def up
    create_table :formulas do |t|
      t.string :name, null: false
      t.references :current_version, null: true
      t.datetime :deleted_at
      t.timestamps
      t.check_constraint "length(trim(name)) BETWEEN 1 AND 120", name: "formulas_name_said"
      t.index :deleted_at
    end
    create_table :formula_versions do |t|
      t.references :formula, null: false, foreign_key: true
      t.references :parent, null: true, foreign_key: {to_table: :formula_versions}
      t.integer :number, null: false
      t.text :document, null: false
      t.datetime :created_at, null: false
      t.index %i[formula_id number], unique: true
      t.check_constraint "number > 0", name: "versions_count_from_one"
      t.check_constraint "json_valid(document)", name: "versions_hold_json"
    end
    create_table :version_summaries do |t|
      t.references :formula_version, null: false, foreign_key: true, index: {unique: true}
      t.string :core_version, null: false
      t.text :summary, null: false
      t.check_constraint "json_valid(summary)", name: "summaries_hold_json"
    end
    forbid("UPDATE", "formula_versions")
    forbid("DELETE", "formula_versions")
  end

  def down
    drop_table :version_summaries
    drop_table :formula_versions
    drop_table :formulas
  end

  private

  def forbid(action, table)
    execute <<~SQL
      CREATE TRIGGER #{table}_no_#{action.downcase} BEFORE #{action} ON #{table}
      BEGIN SELECT RAISE(ABORT, '#{table} are never changed or removed'); END
    SQL
  end
end
