# frozen_string_literal: true

module ElmCup
  module Piece
    # The Tools of a kitchen, a list a kind.
    class Equipment
      KINDS = %w[tins moulds liners scoops trays].freeze
      ONE = "processor"
      # Columns of equipment.csv => keys that a document of each kind has.
      KEYS = {
        "tins" => {"mm" => "mm", "depth_mm" => "depth_mm", "material" => "material"},
        "moulds" => {"ml" => "cavity_ml", "cavities" => "cavities"},
        "liners" => {"mm" => "diameter_mm", "depth_mm" => "depth_mm", "material" => "material"},
        "scoops" => {"ml" => "ml"}, "trays" => {"mm" => "mm"}, "processor" => {"ml" => "bowl_ml"}
      }.freeze

      class << self
        # Every common tool, by its kind, as a kitchen's document has it (Hashes).
        def common = @common ||= said_of(DataTable.rows("equipment"))

        # The tools of a kitchen of which nothing is said, likewise.
        def usual = @usual ||= said_of(DataTable.rows("equipment").select { |row| row["usual"] == "yes" })

        private

        def said_of(rows)
          rows.group_by { |row| row["kind"] }.to_h { |kind, all| [kind, all.map { |row| said(kind, row) }.freeze] }.freeze
        end

        def said(kind, row)
          named = (kind == ONE) ? {} : {"id" => row["id"], "name" => row["name"]}
          named.merge(KEYS.fetch(kind).filter_map { |column, key| [key, value(key, row[column])] if row[column] }.to_h)
        end

        def value(key, text)
          return text if key == "material"

          numbers = DataTable.list(text).map { |each| (each.to_f % 1).zero? ? each.to_i : each.to_f }
          (key == "mm") ? numbers : numbers.first
        end
      end

      # said: a kitchen's Hash; what it leaves out is usual.
      def initialize(said)
        @tools = KINDS.to_h { |kind|
          [kind, (said[kind] || Equipment.usual.fetch(kind)).map { |each|
            Tool.from(kind, each)
          }.freeze]
        }.freeze
        @processor = Tool.from(ONE, said[ONE] || Equipment.usual.fetch(ONE).first)
        freeze
      end

      # The Tools of a kind.
      def [](kind) = @tools.fetch(kind)

      # The food processor, a Tool.
      attr_reader :processor
    end
  end
end
