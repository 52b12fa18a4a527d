# frozen_string_literal: true

module ElmCup
  module Cold
    # What is to be done next with what chills, and how firm that wants it.
    #   id     "cut", "dip", "snap" or, of what is eaten from a glass, "spoon"
    #   kpa    from which it can be done      words  "to cut clean"      test  how a cook tells
    # Source: rows of core/data/touches.csv.
    Touch = Value.of(:id, :kpa, :words, :test)
    Touch::ALL = DataTable.rows("touches").to_h { |row|
      [row["touch"], Touch.new(id: row["touch"], kpa: row["kpa"].to_f, words: row["words"], test: row["test"])]
    }.freeze
  end
end
