# frozen_string_literal: true

require "csv"

module ElmCup
  # The rows of core/data/*.csv: one row a thing, read once, frozen. Every row carries its source.
  module DataTable
    DIRECTORY = File.expand_path("../../data", __dir__)

    # Rows of `name`.csv as frozen hashes of column => String (nil where the cell is empty).
    def self.rows(name)
      CSV.read(File.join(DIRECTORY, "#{name}.csv"), headers: true, encoding: "UTF-8").map { |row| row.to_h.freeze }.freeze
    end

    # "a|b" => ["a", "b"]; nil => [].
    def self.list(cell) = (cell || "").split("|").freeze
  end
end
