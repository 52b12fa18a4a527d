# frozen_string_literal: true

# The household's kitchen: one document with a revision, which every change raises. What is reckoned with the pantry is reckoned with the
# kitchen too, so a change of it gives the pantry another revision.
class CreateKitchen < ActiveRecord::Migration[7.2]
  def up
    create_table :kitchens, id: false do |t|
      t.integer :id, null: false, primary_key: true
      t.integer :revision, null: false
      t.text :document, null: false
      t.check_constraint "id = 1", name: "kitchens_are_one"
      t.check_constraint "revision > 0", name: "kitchens_count_up"
      t.check_constraint "json_valid(document)", name: "kitchens_hold_json"
    end
    %w[INSERT UPDATE DELETE].each do |action|
      execute <<~SQL
        CREATE TRIGGER kitchens_#{action.downcase}_counts AFTER #{action} ON kitchens
        BEGIN UPDATE revisions SET revision = lower(hex(randomblob(8))) WHERE name = 'pantry'; END
      SQL
    end
    execute <<~SQL
      CREATE TRIGGER kitchens_go_on BEFORE UPDATE ON kitchens WHEN NEW.revision <> OLD.revision + 1
      BEGIN SELECT RAISE(ABORT, 'a kitchen goes on from the revision there is'); END
    SQL
  end

  def down = raise(ActiveRecord::IrreversibleMigration)
end
