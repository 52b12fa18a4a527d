# frozen_string_literal: true

# Where a formula lives, so that the shelf can be sorted by it: the room first, then the fridge, then the freezer, each by its days.
class AddLives < ActiveRecord::Migration[7.2]
  def change = add_column(:formula_rows, :lives, :integer)
end
