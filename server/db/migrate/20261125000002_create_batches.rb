# frozen_string_literal: true

# Batches and what was said about them. Events are only ever added; a client key makes each count once.
class CreateBatches < ActiveRecord::Migration[7.2]
  KINDS = %w[weighed added seen yielded took noted].freeze

  def up
    create_table :batches do |t|
      t.references :formula_version, null: false, foreign_key: true
      t.string :client_key, null: false
      t.text :predicted, null: false
      t.datetime :created_at, null: false
      t.index :client_key, unique: true
      t.check_constraint "length(client_key) BETWEEN 8 AND 64", name: "batches_key_length"
      t.check_constraint "json_valid(predicted)", name: "batches_hold_json"
    end
    create_table :batch_events do |t|
      t.references :batch, null: false, foreign_key: true
      t.integer :position, null: false
      t.string :kind, null: false
      t.string :client_key, null: false
      t.text :payload, null: false
      t.datetime :created_at, null: false
      t.index :client_key, unique: true
      t.index %i[batch_id position], unique: true
      t.check_constraint "kind IN (#{KINDS.map { |kind| "'#{kind}'" }.join(", ")})", name: "events_known_kind"
      t.check_constraint "json_valid(payload)", name: "events_hold_json"
    end
    %w[batches batch_events].product(%w[UPDATE DELETE]).each do |table, action|
      execute <<~SQL
        CREATE TRIGGER #{table}_no_#{action.downcase} BEFORE #{action} ON #{table}
        BEGIN SELECT RAISE(ABORT, '#{table} are only ever added to'); END
      SQL
    end
  end

  def down
    drop_table :batch_events
    drop_table :batches
  end
end
