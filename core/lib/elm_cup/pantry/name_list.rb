# frozen_string_literal: true

module ElmCup
  module Pantry
    # Several names in one cell of a table, a bar between two; a bar or a backslash that is part of a name stands behind a backslash.
    module NameList
      PARTED = /((?:[^|\\]|\\.)*+)(?:\||\z)/m

      # The cell of names; nil for none.
      def self.write(names) = names&.map { |name| SafeCsv.safe(name.gsub(/[\\|]/) { |sign| "\\#{sign}" }) }&.join("|")

      # The names in a cell. A backslash before anything else is a backslash.
      def self.read(cell)
        parts = cell.scan(PARTED).flatten
        parts.pop if parts.last == "" && parts.size > 1
        parts.map { |part| SafeCsv.meant(part).gsub(/\\([\\|])/, '\1') }
      end
    end
  end
end
