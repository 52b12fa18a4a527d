# frozen_string_literal: true

module ElmCup
  module Cold
    # What cooks usually give a shape of a size: rows of practice.csv. Said as practice, never as a computation.
    module Practice
      # step, place, [least, most] minutes, the touch test that tells
      Custom = Value.of(:step, :place, :minutes, :touch_test, :source)
      ROWS = DataTable.rows("practice").freeze
      # What a shell goes by, where it lies on pieces, on a slab, or is a cup itself.
      SHELL = "shell"

      class << self
        # The Customs for pieces of a shape (its id) and a size in mm.
        def for(shape, size_mm) = rows(shape, size_mm).map { |row| custom(row) }

        # [least, most] minutes that cooks give a step (its id) of a shape in a place; nil where nobody says.
        def minutes(step, shape, size_mm, place)
          found = [shape, "#{shape}_#{SHELL}", SHELL].lazy.flat_map { |name| rows(name, size_mm) }
            .find { |row| row["place"] == place && DataTable.list(row["steps"]).include?(step) }
          found && custom(found).minutes
        end

        private

        def rows(shape, size_mm)
          ROWS.select { |row| row["shape"] == shape && size_mm.between?(row["size_mm_low"].to_f, row["size_mm_high"].to_f) }
        end

        def custom(row)
          Custom.new(step: row["step"], place: row["place"], minutes: [row["minutes_low"].to_i, row["minutes_high"].to_i].freeze,
            touch_test: row["touch_test"], source: row["source"])
        end
      end
    end
  end
end
