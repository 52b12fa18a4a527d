# frozen_string_literal: true

module ElmCup
  module Counter
    # Something that is wrong at the counter, as a cook says it: a row of core/data/rescue_complaints.csv with its rows of rescue_rows.csv.
    #   ask       what to look at first, nil for nothing      never   what not to do, nil for nothing
    #   pinned    it stands first, cannot be dismissed unread, and is logged      by_model  its first doses come from the model
    #   rows      what to do, in order
    Complaint = Value.of(:id, :words, :ask, :never, :pinned, :by_model, :rows, :source) do
      # All of them, the pinned ones first.
      def self.all = self::ALL.values

      # The Complaint of an id. InvalidDocument for none.
      def self.named(id)
        self::ALL[id] || InvalidDocument.refuse("/complaint", :no_such_complaint, id: id.to_s, complaints: self::ALL.keys.join(", "))
      end
    end
    # One thing to do.
    #   turn   "do" first, "then" where it is not better      only   a word of Circumstances, nil for always
    #   words  take %{amount} and %{ingredient}      ingredient  ids in the order they are tried ("a|b"), or "lead" for what binds most
    #   amount, measure  so much of it for per_grams of the bowl      minutes  [low, high] to wait, nil for none
    Complaint::Row = Value.of(:turn, :only, :words, :ingredient, :per_grams, :amount, :measure, :minutes, :source) do
      def self.from(row)
        minutes = [row["low"], row["high"]].compact.map(&:to_i)
        new(turn: row["turn"], only: row["only"], words: row["words"], ingredient: row["ingredient"], per_grams: row["per_grams"]&.to_r,
          amount: row["amount"]&.to_r, measure: row["measure"], minutes: (minutes.freeze if minutes.any?), source: row["source"])
      end
    end
    Complaint::ROWS = DataTable.rows("rescue_rows").group_by { |row| row["complaint"] }
      .transform_values { |rows| rows.map { |row| Complaint::Row.from(row) }.freeze }.freeze
    Complaint::ALL = DataTable.rows("rescue_complaints").to_h { |row|
      [row["complaint"], Complaint.new(id: row["complaint"], words: row["words"], ask: row["ask"], never: row["never"],
        pinned: row["pinned"] == "yes", by_model: row["by_model"] == "yes", rows: Complaint::ROWS.fetch(row["complaint"]),
        source: row["source"])]
    }.freeze
  end
end
