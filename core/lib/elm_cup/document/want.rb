# frozen_string_literal: true

module ElmCup
  module Document
    # The texture that cooks aim at for a part of a type in a shape: rows of core/data/wants.csv. A row without a shape, or without a type,
    # is for all of them; the first that fits says it.
    module Want
      ROWS = DataTable.rows("wants").freeze
      KNOWN = {}

      # The texture id; shape: the id of a Piece::Shape, nil where none is said.
      def self.of(type, shape) = KNOWN[[type, shape]] ||= find(type, shape)

      def self.find(type, shape)
        ROWS.find { |row| [nil, type].include?(row["type"]) && [nil, shape || NONE].include?(row["shape"]) }.fetch("want")
      end

      private_class_method :find

      # What rows call it where no shape is said.
      NONE = "none"
    end
  end
end
