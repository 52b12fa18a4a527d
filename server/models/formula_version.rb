# frozen_string_literal: true

module ElmCupServer
  # One saved state of a formula. The database forbids changing or removing it.
  class FormulaVersion < Record
    self.table_name = "formula_versions"
    belongs_to :formula, class_name: "ElmCupServer::Formula", inverse_of: :versions
    belongs_to :parent, class_name: "ElmCupServer::FormulaVersion", optional: true

    # The document as a Hash.
    def parsed = JSON.parse(document)

    # As the contract has a Version.
    def to_answer
      {"id" => id, "formula_id" => formula_id, "number" => number, "parent_id" => parent_id, "created_at" => Record.iso(created_at),
       "document" => parsed}
    end
  end
end
