# frozen_string_literal: true

# What stands on the screen of a formula, one a formula. The revision only ever grows, also over a draft that was dropped, so that a device
# that missed something always notices.
class CreateDrafts < ActiveRecord::Migration[7.2]
  def up
    create_table :drafts do |t|
      t.references :formula, null: false, foreign_key: true, index: {unique: true}
      t.references :base_version, null: true, foreign_key: {to_table: :formula_versions}
      t.text :document
      t.integer :revision, null: false
      t.string :device, null: false
      t.timestamps
      t.check_constraint "document IS NULL OR json_valid(document)", name: "drafts_hold_json"
      t.check_constraint "revision > 0", name: "drafts_count_from_one"
      t.check_constraint "length(device) BETWEEN 1 AND 40", name: "drafts_have_a_device"
    end
    execute <<~SQL
      CREATE TRIGGER drafts_revision_grows BEFORE UPDATE ON drafts WHEN NEW.revision <= OLD.revision
      BEGIN SELECT RAISE(ABORT, 'the revision of a draft only grows'); END
    SQL
  end

  def down = drop_table(:drafts)
end
