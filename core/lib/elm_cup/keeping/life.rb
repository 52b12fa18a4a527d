# frozen_string_literal: true

module ElmCup
  module Keeping
    # How many days a kind of thing usually keeps: rows of core/data/keeping_lives.csv, common practice.
    #   id      of the row      days  by place, "room", "fridge" and "freezer"      words  what it is
    Life = Value.of(:id, :days, :words) do
      # The same with no day in the room.
      def cold_only = with(days: days.merge("room" => 0))
    end
    Life::PLACES = %w[room fridge freezer].freeze
    Life::ALL = DataTable.rows("keeping_lives").to_h { |row|
      [row["life"], Life.new(id: row["life"], days: Life::PLACES.to_h { |place| [place, row[place].to_i] }.freeze, words: row["words"])]
    }.freeze
  end
end
