# frozen_string_literal: true

require "csv"

module ElmCup
  # CSV that a spreadsheet opens without running it, and that comes back the same: a text cell that begins like a formula, be it in
  # full-width signs or behind blanks, gets an apostrophe in front, as does one whose outer blanks or own apostrophe would be lost. It is
  # taken off again when it is read.
  module SafeCsv
    # Blanks and characters that nobody sees, which a spreadsheet passes over.
    UNSEEN = "[\\p{Z}\\p{C}]"
    # What makes a formula of a cell, and the full-width forms and other dashes that are taken for the same.
    RISKY = /\A#{UNSEEN}*[=+\-@|%\uff1d\uff0b\uff0d\uff20\uff5c\uff05\u2212\u2010-\u2015]|\A[\t\r\n]/
    GUARDED = /#{RISKY}|\A'|\A\p{Z}|\p{Z}\z|[\t\r\n]\z/

    # CSV text of rows (arrays of cells); numbers stay numbers.
    def self.write(rows) = CSV.generate { |csv| rows.each { |row| csv << row.map { |cell| safe(cell) } } }

    # A cell as it can be written.
    def self.safe(cell) = (cell.is_a?(String) && cell.match?(GUARDED)) ? "'#{cell}" : cell

    # A cell as it was meant: blanks around it are a typist's, but where an apostrophe guards them.
    def self.meant(cell)
      guarded = cell.lstrip
      return cell.strip unless guarded.start_with?("'")

      guarded[1..].match?(GUARDED) ? guarded[1..] : cell.strip
    end
  end
end
