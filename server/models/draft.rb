# frozen_string_literal: true

module ElmCupServer
  # What stands on the screen of a formula, so that another device finds it. One that another device changed is never overwritten unseen.
  class Draft < Record
    self.table_name = "drafts"
    belongs_to :formula, class_name: "ElmCupServer::Formula", inverse_of: :draft
    belongs_to :base_version, class_name: "ElmCupServer::FormulaVersion", optional: true

    # The draft was changed since the revision that was sent: `kept` and `sent` are both, as the contract has a Draft.
    class Stale < StandardError
      attr_reader :kept, :sent

      def initialize(kept, sent)
        super("This formula was changed on another device meanwhile; nothing of either is lost")
        @kept = kept
        @sent = sent
      end
    end

    # Keeps what a device sends ({document, base_version, revision, device}) in the place of the revision that it knew, 0 for none. The
    # same document again is answered as it is kept. Stale, ElmCup::InvalidDocument, RecordNotFound.
    def self.keep(formula, said)
      ElmCup.check_draft(said["document"])
      base = said["base_version"] && formula.versions.find(said["base_version"])
      transaction do
        draft = find_or_initialize_by(formula: formula)
        next draft if draft.same?(said, base)

        draft.hold_to(said)
        draft.update!(document: JSON.generate(said["document"]), base_version: base, device: said["device"],
          revision: draft.revision.to_i + 1)
        unless formula.current_version_id
          formula.update!(name: said["document"]["name"])
          formula.association(:draft).target = draft
          FormulaRow.touch(formula)
        end
        draft
      end
    end

    # Drops it: the formula stands as it was saved. Stale where another device changed it since.
    def drop(revision, device)
      hold_to({"revision" => revision, "document" => nil, "device" => device})
      transaction do
        update!(document: nil, device: device, revision: self.revision + 1)
        FormulaRow.touch(formula) unless formula.current_version_id
      end
    end

    # The document as a Hash, nil where there is none.
    def parsed = document && JSON.parse(document)

    # Something stands in it: a line in any of its lists.
    def line?
      said = parsed or return false
      [*said["components"], *said["splits"]].any? { |part| part["lines"]&.any? || part["topping"]&.any? }
    end

    # As the contract has a Draft.
    def to_answer
      {"formula_id" => formula_id, "document" => parsed || formula.current_version&.parsed, "base_version" => base_version_id,
       "revision" => revision.to_i, "device" => device, "kept" => !document.nil?,
       "updated_at" => updated_at && Record.iso(updated_at)}.compact
    end

    def same?(said, base) = !document.nil? && parsed == said["document"] && base_version_id == base&.id

    def hold_to(said)
      raise Stale.new(to_answer, {"formula_id" => formula_id, **said}.compact) unless said["revision"] == revision.to_i
    end
  end
end
