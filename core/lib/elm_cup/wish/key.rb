# frozen_string_literal: true

module ElmCup
  module Wish
    # A figure that can be wished for, and what people call it: a row of core/data/wish_keys.csv, or registered by a kind of its own.
    #   of      "piece", "share", "part" or "batch"     field   its key in the nutrition of a piece
    #   places  decimals that it is said with
    #   most    the largest bound that is taken         name    what it is called
    #   up, down  what people call more and less of it  typed   words that people write for it, a pattern
    #   picks   what is offered of it to who does not type
    Key = Value.of(:key, :of, :field, :unit, :places, :most, :name, :up, :down, :typed, picks: [].freeze) do
      # A Key of a row.
      def self.from_row(row)
        new(**row.slice("key", "of", "field", "unit", "name", "typed").transform_keys(&:to_sym), places: row["places"].to_i,
          most: row["most"].to_f,
          up: DataTable.list(row["up"]), down: DataTable.list(row["down"]), picks: DataTable.list(row["picks"]))
      end

      self::REGISTRY = DataTable.rows("wish_keys").map { |row| from_row(row) }.to_h { |each| [each.key, each] }

      # The Key of `key`; nil where there is none.
      def self.[](key) = self::REGISTRY[key]

      # Every Key, in the order of the table.
      def self.all = self::REGISTRY.values

      # Keys of figures of a piece, a share, a part or the batch.
      def self.of(what) = all.select { |each| each.of == what }

      # Takes one more in.
      def self.register(key) = self::REGISTRY[key.key] = key

      # "3.2 g", "90 kcal", "0.40"
      def said(value, places: self.places)
        number = format("%.#{places}f", value)
        number = number.sub(/\.?0+\z/, "") if number.include?(".") && key != "cost"
        (unit.nil? || unit == "money") ? number : "#{number} #{unit}"
      end
    end
  end
end
