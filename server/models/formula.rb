# frozen_string_literal: true

module ElmCupServer
  # A confection as designed: a chain of versions, one of them current. Deleting hides it, so that it can be undone.
  class Formula < Record
    self.table_name = "formulas"
    has_many :versions, -> { order(:number) }, class_name: "ElmCupServer::FormulaVersion", inverse_of: :formula
    belongs_to :current_version, class_name: "ElmCupServer::FormulaVersion", optional: true
    has_one :row, class_name: "ElmCupServer::FormulaRow"
    has_one :draft, class_name: "ElmCupServer::Draft", inverse_of: :formula

    # How long a formula that has nothing in it may wait for its first line.
    UNTOUCHED = 30 * 24 * 3600

    scope :kept, -> { where(deleted_at: nil) }

    # What there is to choose from, by name: id, name and number of the version of those that were saved.
    def self.names
      kept.where.not(current_version_id: nil).joins(:row).merge(FormulaRow.readable).order("formula_rows.name", :id)
        .pluck(:id, "formulas.name", :current_version_id).map { |id, name, version| {"id" => id, "name" => name, "version_id" => version} }
    end

    # A formula that is not on the shelf yet, with nothing but its draft. ElmCup::InvalidDocument when the document cannot be taken.
    def self.begin(document, device:)
      ElmCup.check_draft(document)
      transaction do
        sweep
        create!(name: document["name"]).tap { |formula| Draft.keep(formula, {"document" => document, "revision" => 0, "device" => device}) }
      end
    end

    # Takes out what was begun long ago and never typed into.
    def self.sweep(now = Time.now)
      untouched = where(current_version_id: nil).where(created_at: ...(now - UNTOUCHED)).joins(:draft).where(drafts: {revision: 1})
      untouched.includes(:draft).reject { |formula| formula.draft.line? }.each { |formula| [formula.draft, formula].each(&:destroy!) }
    end
    private_class_method :sweep

    # A new formula whose first version is `document`. ElmCup::InvalidDocument when it cannot be taken.
    def self.start(document)
      ElmCup.check(document)
      transaction { create!(name: document["name"]).tap { |formula| formula.save_version(document, parent: nil) } }
    end

    # Makes `document` the next version, born of `parent`, and the current one.
    def save_version(document, parent:)
      ElmCup.check(document)
      transaction do
        version = versions.create!(number: (versions.maximum(:number) || 0) + 1, parent: parent, document: JSON.generate(document))
        update!(name: document["name"], current_version: version)
        FormulaRow.write(self)
        version
      end
    end

    # A formula of its own that starts from the current version.
    def copy
      document = standing
      Formula.start(document.merge("name" => "#{document["name"][0, 110]} (copy)"))
    end

    # Hides it; bring_back shows it again with all its versions.
    def hide = update!(deleted_at: Time.now)

    def bring_back = update!(deleted_at: nil)

    # Hash of what was saved last; of what was never saved, its draft.
    def standing = current_version ? current_version.parsed : draft.parsed

    # What its row in lists is made from, as a text; nil where there is nothing to show: it was never saved, and its draft has no line.
    def source
      return "version #{current_version_id}" if current_version_id

      "draft #{draft.revision}" if draft&.line?
    end

    # With the current document.
    def to_answer
      {"id" => id, "name" => name, "created_at" => created_at.utc.iso8601(6), "version" => current_version&.to_answer,
       "versions" => versions.count}.compact
    end

    # The Draft, one that keeps nothing yet where there is none.
    def standing_draft = draft || Draft.new(formula: self, base_version: current_version)
  end
end
