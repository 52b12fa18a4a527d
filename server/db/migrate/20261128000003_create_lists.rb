# frozen_string_literal: true

# What the shelf and the log show, a row each, with what they are searched and sorted by in columns. A row is made again when what it was
# made by has changed (`made_by`), and all can be made anew: summaries kept elsewhere go.
class CreateLists < ActiveRecord::Migration[7.2]
  def up
    create_table :formula_rows do |t|
      t.references :formula, null: false, foreign_key: true, index: {unique: true}
      t.string :name, null: false
      t.string :search, null: false
      t.string :texture
      t.float :fill
      t.float :grams
      t.integer :pieces
      t.float :kcal
      listed(t, "formula_rows")
    end
    create_table :batch_rows do |t|
      t.references :batch, null: false, foreign_key: true, index: {unique: true}
      t.references :formula, null: false, foreign_key: true
      t.datetime :made_at, null: false
      t.string :search, null: false
      t.string :texture
      t.datetime :hidden_at
      listed(t, "batch_rows")
      # What the log reads of all rows, to count and to search them, so that it reads none of what only a page shows.
      t.index %i[made_at batch_id search texture formula_id], where: "hidden_at IS NULL AND aside IS NULL", name: "batch_rows_as_listed"
    end
    waiting
    count_pantry
    drop_table :version_summaries
  end

  def down = raise(ActiveRecord::IrreversibleMigration)

  private

  # source: what it was made from; shown: what the list shows; aside: why it cannot be read.
  def listed(table, name)
    table.string :source, null: false
    table.string :made_by, null: false
    table.text :shown, null: false
    table.text :aside
    table.check_constraint "json_valid(shown)", name: "#{name}_hold_json"
    table.check_constraint "aside IS NULL OR json_valid(aside)", name: "#{name}_say_why"
  end

  # What the pantry holds has another revision after every change, whoever makes it: no request reads all of it to learn that.
  def count_pantry
    create_table(:revisions, primary_key: :name, id: :string) { |t| t.string :revision, null: false }
    execute "INSERT INTO revisions (name, revision) VALUES ('pantry', '')"
    {"ingredients" => "", "settings" => "WHEN %s.name = 'currency'"}.each do |table, only|
      %w[INSERT UPDATE DELETE].each do |action|
        execute <<~SQL
          CREATE TRIGGER #{table}_#{action.downcase}_counts AFTER #{action} ON #{table} #{only % ((action == "DELETE") ? "OLD" : "NEW")}
          BEGIN UPDATE revisions SET revision = lower(hex(randomblob(8))) WHERE name = 'pantry'; END
        SQL
      end
    end
  end

  # Rows that wait to be made.
  def waiting
    execute <<~SQL
      INSERT INTO formula_rows (formula_id, name, search, source, made_by, shown)
      SELECT id, lower(name), lower(name), '', '', '{}' FROM formulas
      WHERE current_version_id IS NOT NULL OR id IN (SELECT formula_id FROM drafts WHERE document IS NOT NULL)
    SQL
    execute <<~SQL
      INSERT INTO batch_rows (batch_id, formula_id, made_at, search, source, made_by, shown)
      SELECT batches.id, formula_id, batches.created_at, '', '', '', '{}'
      FROM batches JOIN formula_versions ON formula_versions.id = formula_version_id
    SQL
  end
end
