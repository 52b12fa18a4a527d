# frozen_string_literal: true

module ElmCupServer
  # A formula as the shelf shows it: what was saved last, of one that was never saved its draft. One that has nothing in it has no row.
  class FormulaRow < Record
    include Listed

    self.table_name = "formula_rows"
    belongs_to :formula, class_name: "ElmCupServer::Formula"

    # What a list can be sorted by => SQL, never null.
    ORDERS = {"name" => "formula_rows.name", "changed" => "formulas.updated_at",
              **%w[fill grams pieces kcal lives].to_h { |figure| [figure, "COALESCE(formula_rows.#{figure}, -1.0)"] }}.freeze

    # Places from the warmest on; more days than any of them keeps.
    PLACES = %w[room fridge freezer].freeze
    MOST_DAYS = 10_000

    # Rows of formulas that are not deleted.
    def self.kept = joins(:formula).merge(Formula.kept).preload(:formula)

    # With all that making them again asks for.
    def self.ready = preload(formula: %i[current_version draft])

    # What a row depends on beside its formula: the core, and what of the household's pantry a verdict depends on.
    def self.made_by(pantry = Pantry.now) = "#{CoreVersion::CURRENT}-#{pantry.judging}"

    # Makes the row of a formula that was just written; nil where it has nothing in it.
    def self.write(formula, pantry = Pantry.now)
      source = formula.source
      return where(formula_id: formula.id).delete_all && nil unless source

      upsert(made_of(formula, source, pantry), unique_by: :formula_id)
      find_by(formula_id: formula.id)
    end

    # The same where a draft was typed into: it is judged when somebody looks.
    def self.touch(formula)
      source = formula.source
      return where(formula_id: formula.id).delete_all unless source

      name = formula.name
      upsert({formula_id: formula.id, name: SearchText.sorted(name), search: SearchText.of(name), source: source, made_by: "", shown: "{}"},
        unique_by: :formula_id)
    end

    # Its columns by what holds now; nil where it is on no shelf any more.
    def made_now(pantry = Pantry.now) = formula.source&.then { |source| self.class.made_of(formula, source, pantry) }

    # As the contract has a FormulaSummary.
    def to_answer
      {"id" => formula_id, "name" => formula.name, "updated_at" => Record.iso(formula.updated_at),
       "version_id" => formula.current_version_id, **answer, "aside" => reasons}.compact
    end

    class << self
      # Columns of the row of a formula.
      def made_of(formula, source, pantry)
        summary, aside = judged(formula.standing, pantry)
        texture = summary["texture"]
        shown = {"version" => formula.current_version&.number, "summary" => summary}.compact
        {formula_id: formula.id, name: SearchText.sorted(formula.name),
         search: SearchText.of(formula.name, texture, *summary["diets"]), source: source, made_by: made_by(pantry),
         shown: JSON.generate(shown), aside: aside && JSON.generate(aside), texture: texture,
         fill: summary.dig("saturation", "value"), grams: summary["grams"], pieces: summary.dig("pieces", "count"),
         kcal: summary["kcal_per_piece"], lives: lives(summary["keep"])}
      end

      private

      # The warmest place first, in one place the longest last; nil where nothing is known.
      def lives(keep) = keep && PLACES.index(keep["place"]) * MOST_DAYS + keep["days"]

      # [its summary, why it cannot be read]: where the document is at fault, one that says nothing; reasons where no screen can mend it.
      def judged(document, pantry)
        [ElmCup.summary(document, pantry: pantry.library), nil]
      rescue ElmCup::InvalidDocument => error
        [ElmCup.unjudged_summary(document, error.faults.size), unreadable(document)]
      rescue => error
        [ElmCup.unjudged_summary(document, 0), senseless(error)]
      end

      def unreadable(document)
        ElmCup.check_draft(document)
        nil
      rescue ElmCup::InvalidDocument => error
        Problem.errors(error.faults)
      end
    end
  end
end
