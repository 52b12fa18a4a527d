# frozen_string_literal: true

# Plans: what was asked and what came of it, as JSON; what is searched and sorted by, as columns. The tasks of each stand by themselves, so
# that what takes the kitchen at a time can be found. Times are UTC.
class CreatePlans < ActiveRecord::Migration[7.2]
  TIME = "GLOB '[0-9][0-9][0-9][0-9]-[0-1][0-9]-[0-3][0-9]T[0-2][0-9]:[0-5][0-9]:[0-5][0-9]Z'"

  def up
    create_table :plans do |t|
      t.text :name, null: false
      t.integer :revision, null: false, default: 1
      t.text :mode, null: false
      t.text :at, null: false
      t.text :starts_at
      t.text :ready_at
      t.text :status, null: false
      t.text :request, null: false
      t.text :result, null: false
      t.datetime :created_at, null: false
      t.datetime :deleted_at
      t.index %i[at id]
      t.index %i[starts_at ready_at]
      t.check_constraint "mode IN ('ready_by', 'start_at')", name: "plans_know_their_mode"
      t.check_constraint "status IN ('fits', 'late', 'none')", name: "plans_know_how_they_stand"
      t.check_constraint "length(trim(name)) > 0", name: "plans_are_named"
      t.check_constraint "revision > 0", name: "plans_count_up"
      t.check_constraint "json_valid(request) AND json_valid(result)", name: "plans_hold_json"
      t.check_constraint "at #{TIME} AND (starts_at IS NULL OR starts_at #{TIME}) AND (ready_at IS NULL OR ready_at #{TIME})", name: "plans_keep_times"
      t.check_constraint "(status = 'none') = (starts_at IS NULL) AND (starts_at IS NULL) = (ready_at IS NULL)", name: "plans_have_times_where_they_go"
      t.check_constraint "starts_at IS NULL OR starts_at <= ready_at", name: "plans_end_after_they_begin"
    end
    create_table :plan_tasks do |t|
      t.references :plan, null: false, foreign_key: {on_delete: :cascade}, index: false
      t.text :task, null: false
      t.text :kind, null: false
      t.references :formula, foreign_key: true
      t.text :starts_at, null: false
      t.text :ends_at, null: false
      t.boolean :pinned, null: false, default: false
      t.boolean :done, null: false, default: false
      t.index %i[plan_id task], unique: true
      t.check_constraint "kind IN ('hands', 'mark')", name: "plan_tasks_know_their_kind"
      t.check_constraint "starts_at #{TIME} AND ends_at #{TIME} AND starts_at <= ends_at", name: "plan_tasks_keep_times"
    end
    execute <<~SQL
      CREATE TRIGGER plans_go_on BEFORE UPDATE OF request ON plans WHEN NEW.revision <> OLD.revision + 1
      BEGIN SELECT RAISE(ABORT, 'a plan goes on from the revision there is'); END
    SQL
  end

  def down = raise(ActiveRecord::IrreversibleMigration)
end
