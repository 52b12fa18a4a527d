# frozen_string_literal: true

module ElmCup
  module Balance
    # A figure that can be wished for. `of` says what it is a figure of: a piece, a share of the whole, a part or the batch.
    #   field   its key in the figures of an answer     places  decimals that it is said with     most  the largest bound that is taken
    #   name    what it is called    up, down  what people call more and less of it      typed  words that people write for it, a pattern
    WishKey = Value.of(:key, :of, :field, :unit, :places, :most, :name, :up, :down, :typed) do
      # A WishKey of a row of wish_keys.csv.
      def self.from_row(row)
        new(**row.slice("key", "of", "field", "unit", "name").transform_keys(&:to_sym), places: row["places"].to_i, most: row["most"].to_f,
          up: DataTable.list(row["up"]), down: DataTable.list(row["down"]), typed: row["typed"])
      end

      # "3.2 g", "90 kcal", "0.40"
      def said(value, places: self.places)
        number = format("%.#{places}f", value)
        number = number.sub(/\.?0+\z/, "") if number.include?(".") && key != "cost"
        (unit.nil? || unit == "money") ? number : "#{number} #{unit}"
      end

      self::ALL = DataTable.rows("wish_keys").map { |row| from_row(row) }.to_h { |each| [each.key, each] }.freeze

      # The WishKey of `key`; nil where there is none.
      def self.[](key) = self::ALL[key]
    end
  end
end
