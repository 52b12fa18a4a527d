# frozen_string_literal: true

module ElmCup
  module Document
    # What a part of a confection is: a row of core/data/part_types.csv.
    #   judged    its texture is judged as a dough's is     in_piece  it goes into what is shaped to pieces
    #   melted    it is melted before it is used
    PartType = Value.of(:id, :judged, :in_piece, :melted) do
      # A PartType of a row.
      def self.from_row(row)
        yes = ->(column) { row[column] == "yes" }
        new(id: row["type"], judged: yes["judged"], in_piece: yes["in_piece"], melted: yes["melted"])
      end

      # Every type, first the one that stands for a whole formula where there are several.
      self::ALL = DataTable.rows("part_types").map { |row| from_row(row) }.freeze
      self::IDS = self::ALL.map(&:id).freeze
      self::BY_ID = self::ALL.to_h { |type| [type.id, type] }.freeze

      # What a part is where nothing is said.
      def self.usual = self::BY_ID.fetch("dough")

      # The PartType of an id, the usual one where nothing is said.
      def self.[](id) = id ? self::BY_ID.fetch(id) : usual

      def judged? = judged

      def in_piece? = in_piece

      def melted? = melted

      # Its place among types when one part must stand for all.
      def order = self.class::IDS.index(id)
    end
  end
end
