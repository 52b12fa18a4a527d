# frozen_string_literal: true

# What is said at the counter while a batch is made: kinds of events that there were none of before.
class AddCounterKinds < ActiveRecord::Migration[7.2]
  KINDS = %w[step measured left_out rescaled complaint removed temperature timer probe chill_look paused resumed handed_over stored rated
    corrected finished abandoned].freeze

  def up = KINDS.each { |kind| execute "INSERT OR IGNORE INTO event_kinds (name) VALUES (#{connection.quote(kind)})" }

  # What was said of these kinds stands in the log.
  def down = raise(ActiveRecord::IrreversibleMigration)
end
