# frozen_string_literal: true

module ElmCup
  module Keeping
    # What a water activity allows. Source: rows of core/data/water_activity_limits.csv.
    #   id  "nothing", "room", "controlled", "grid" or "wet"      at_most  the highest activity of it      words
    WaterLimit = Value.of(:id, :at_most, :words)
    WaterLimit::ALL = DataTable.rows("water_activity_limits")
      .map { |row| WaterLimit.new(id: row["limit"], at_most: row["at_most"].to_f, words: row["words"]) }.freeze
    WaterLimit::DRY = "too dry for its water activity to be told"
    # It may stay in the room up to that; by its water alone nothing that makes ill grows.
    WaterLimit::ROOM = WaterLimit::ALL.find { |limit| limit.id == "room" }.at_most
    WaterLimit::CONTROLLED = WaterLimit::ALL.find { |limit| limit.id == "controlled" }.at_most

    # The WaterLimit that an activity falls under.
    def WaterLimit.of(activity) = self::ALL.find { |limit| activity <= limit.at_most } || self::ALL.last
  end
end
