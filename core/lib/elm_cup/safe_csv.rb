# frozen_string_literal: true

require "csv"

module ElmCup
  # CSV that a spreadsheet opens without running it: a text cell that begins like a formula gets an apostrophe in front, which is
  # taken off again when it is read.
  module SafeCsv
    RISKY = /\A[=+\-@\t\r]/

    # CSV text of rows (arrays of cells); numbers stay numbers.
    def self.write(rows) = CSV.generate { |csv| rows.each { |row| csv << row.map { |cell| safe(cell) } } }

    # A cell as it can be written.
    def self.safe(cell) = (cell.is_a?(String) && cell.match?(RISKY)) ? "'#{cell}" : cell

    # A cell as it was meant.
    def self.meant(cell) = (cell&.start_with?("'") && cell[1..].match?(RISKY)) ? cell[1..] : cell
  end
end
