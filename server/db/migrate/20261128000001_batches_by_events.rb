# frozen_string_literal: true

require "digest"
require "active_support/core_ext/digest/uuid"

# Batches are addressed by a UUID of the device's own, and are what their events say: each with its own key, device, count and time.
# Kinds are rows, so that a new one is a row. What was written before is carried over; nothing of it is lost.
class BatchesByEvents < ActiveRecord::Migration[7.2]
  KINDS = %w[started predicted weighed looked addition yield took note].freeze
  TEXTURES = %w[loose crumbly presses rolls tacky spreads pours].freeze
  # Parts by what stands first for the whole formula.
  ORDER = %w[dough base filling layer coating topping].freeze
  UUID = /\A\h{8}-\h{4}-\h{4}-\h{4}-\h{12}\z/
  DEVICE = "import"

  def up
    %w[batches batch_events].each { |table| set_aside(table) }
    make_tables
    select_all("SELECT * FROM old_batches ORDER BY id").each { |row| carry_over(row) }
    execute "DROP TABLE old_batch_events"
    execute "DROP TABLE old_batches"
  end

  def down = raise(ActiveRecord::IrreversibleMigration)

  private

  # Under another name, its triggers and the names of its indexes gone.
  def set_aside(table)
    names = select_all("SELECT type, name FROM sqlite_master WHERE tbl_name = '#{table}' AND type IN ('trigger', 'index') AND sql NOT NULL")
    names.each { |row| execute "DROP #{row["type"]} \"#{row["name"]}\"" }
    rename_table table, "old_#{table}"
  end

  def make_tables
    create_table(:event_kinds, primary_key: :name, id: :string)
    KINDS.each { |kind| execute "INSERT INTO event_kinds (name) VALUES (#{connection.quote(kind)})" }
    create_table :batches do |t|
      t.string :uuid, null: false
      t.references :formula_version, null: false, foreign_key: true
      t.integer :trial_pieces
      t.text :predicted, null: false
      t.datetime :created_at, null: false
      t.index :uuid, unique: true
      t.check_constraint "length(uuid) = 36", name: "batches_have_a_uuid"
      t.check_constraint "json_valid(predicted)", name: "batches_hold_json"
      t.check_constraint "trial_pieces IS NULL OR (typeof(trial_pieces) = 'integer' AND trial_pieces BETWEEN 1 AND 6)",
        name: "a_trial_is_of_1_to_6_pieces"
    end
    create_table :batch_events, primary_key: :seq do |t|
      t.references :batch, null: false, foreign_key: true
      t.string :key, null: false
      t.string :device, null: false
      t.integer :n, null: false
      t.string :kind, null: false
      t.string :at, null: false
      t.integer :skew_ms, null: false, default: 0
      t.text :data, null: false
      t.string :body_digest, null: false
      t.datetime :received_at, null: false
      t.foreign_key :event_kinds, column: :kind, primary_key: :name
      t.index :key, unique: true
      t.index %i[batch_id device n], unique: true
      t.check_constraint "length(key) = 36", name: "events_have_a_uuid"
      t.check_constraint "n >= 0", name: "events_count_from_nothing"
      t.check_constraint "json_valid(data)", name: "events_hold_json"
    end
    %w[batches batch_events].product(%w[UPDATE DELETE]).each do |table, action|
      execute <<~SQL
        CREATE TRIGGER #{table}_no_#{action.downcase} BEFORE #{action} ON #{table}
        BEGIN SELECT RAISE(ABORT, '#{table} are only ever added to'); END
      SQL
    end
  end

  def carry_over(row)
    version = select_one("SELECT * FROM formula_versions WHERE id = #{row["formula_version_id"]}")
    @document = JSON.parse(version["document"])
    uuid = uuid_of(row["client_key"])
    insert("batches", id: row["id"], uuid: uuid, formula_version_id: version["id"], trial_pieces: row["trial_pieces"],
      predicted: row["predicted"], created_at: row["created_at"])
    @moment = {batch_id: row["id"], device: DEVICE, at: iso(row["created_at"])}
    started = {"formula" => version["formula_id"], "version" => version["id"], "scale" => 1, "trial_pieces" => row["trial_pieces"]}
    add("started", started.compact, key: "#{uuid}:started", n: 0, received_at: row["created_at"])
    select_all("SELECT * FROM old_batch_events WHERE batch_id = #{row["id"]} ORDER BY position").each { |event| carry_event(event) }
  end

  def carry_event(event)
    kind, data = translated(event["kind"], JSON.parse(event["payload"]))
    add(kind, data, key: event["client_key"], n: event["id"], received_at: event["created_at"])
  end

  def add(kind, data, key:, n:, received_at:)
    data = JSON.generate(data)
    insert("batch_events", **@moment, key: uuid_of(key), n: n, kind: kind, data: data, body_digest: Digest::SHA256.hexdigest(data),
      received_at: received_at)
  end

  def translated(kind, said)
    case kind
    when "weighed" then ["weighed", weighed(said)]
    when "added" then ["addition", {"component" => leading, **said}]
    when "seen" then ["looked", {"component" => leading, "texture" => TEXTURES.index(said["texture"])}]
    when "yielded" then ["yield", said]
    when "took" then ["took", said]
    when "noted" then ["note", {"text" => said["note"]}]
    end
  end

  # Part and text stay beside the pointer: the line may stand in no version, as those of a trial do.
  def weighed(said)
    {"line" => pointer(said["component"], said["text"]), "component" => said["component"], "text" => said["text"],
     "target" => said["planned_grams"], "grams" => said["actual_grams"], "mode" => "set", "by" => "typed"}.compact
  end

  def pointer(part, text)
    found = lists.select { |name, _, lines| name == part && lines.count { |line| line["text"] == text } == 1 }
    return unless found.size == 1

    _, at, lines = found.first
    "#{at}/#{lines.index { |line| line["text"] == text }}"
  end

  # [name of the part, pointer to the list, its lines]
  def lists
    %w[components splits].flat_map do |list|
      (@document[list] || []).each_with_index.flat_map do |part, index|
        %w[lines topping].filter_map { |key| [part["name"], "/#{list}/#{index}/#{key}", part[key]] if part[key] }
      end
    end
  end

  def leading
    @document["components"].min_by.with_index { |part, index| [ORDER.index(part["type"] || "dough") || ORDER.size, index] }["name"]
  end

  def uuid_of(key) = UUID.match?(key) ? key.downcase : Digest::UUID.uuid_v5(Digest::UUID::URL_NAMESPACE, "elm-cup:#{key}")

  def iso(at) = Time.parse("#{at} UTC").iso8601(3)

  def insert(table, **columns)
    execute "INSERT INTO #{table} (#{columns.keys.join(", ")}) VALUES (#{columns.values.map { |value| connection.quote(value) }.join(", ")})"
  end
end
