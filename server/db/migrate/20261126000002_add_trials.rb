# frozen_string_literal: true

# A batch may be a trial of a few pieces, made before the real bowl is spent; and what the kitchen has is kept as a list.
class AddTrials < ActiveRecord::Migration[7.2]
  def up
    add_column :batches, :trial_pieces, :integer
    # SQLite adds no check to a table that is there: the same is said by triggers.
    execute <<~SQL
      CREATE TRIGGER batches_trial_of_few BEFORE INSERT ON batches
      WHEN NEW.trial_pieces IS NOT NULL AND NOT (typeof(NEW.trial_pieces) = 'integer' AND NEW.trial_pieces BETWEEN 1 AND 6)
      BEGIN SELECT RAISE(ABORT, 'a trial is of 1 to 6 pieces'); END
    SQL
    %w[INSERT UPDATE].each do |action|
      execute <<~SQL
        CREATE TRIGGER settings_cupboard_is_a_list_on_#{action.downcase} BEFORE #{action} ON settings
        WHEN NEW.name = 'cupboard' AND NOT (json_valid(NEW.value) AND json_type(NEW.value) = 'array')
        BEGIN SELECT RAISE(ABORT, 'the cupboard is a list'); END
      SQL
    end
  end

  def down
    execute "DROP TRIGGER batches_trial_of_few"
    %w[insert update].each { |action| execute "DROP TRIGGER settings_cupboard_is_a_list_on_#{action}" }
    remove_column :batches, :trial_pieces
  end
end
