# frozen_string_literal: true

module ElmCupServer
  # A batch as the log shows it. One that is hidden stays in the database, as all that was said of a batch does.
  class BatchRow < Record
    include Listed

    self.table_name = "batch_rows"
    belongs_to :batch, class_name: "ElmCupServer::Batch"

    # What a list can be sorted by => SQL, never null.
    ORDERS = {"made" => "batch_rows.made_at"}.freeze

    # What is told of a batch that cannot be read.
    NOTHING = {"additions" => [], "changes" => [], "told" => {"additions" => 0, "changes" => 0}}.freeze

    scope :kept, -> { where(hidden_at: nil) }
    # With all that making them again asks for.
    scope :ready, -> { preload(batch: [:events, {formula_version: :formula}]) }

    # Those of a formula, and that came out with a texture; nil for all.
    def self.of(formula_id, texture) = where({formula_id: formula_id, texture: texture}.compact)

    # Takes a batch out of the lists; what was said of it stays.
    def self.hide(batch) = where(batch_id: batch.id).update_all(hidden_at: Time.now)

    def self.bring_back(batch) = where(batch_id: batch.id).update_all(hidden_at: nil)

    # What a row depends on beside what was said.
    def self.made_by = CoreVersion::CURRENT

    # Makes the row of a batch that something was just said of.
    def self.write(batch) = upsert(made_of(batch), unique_by: :batch_id)

    # Its columns by what holds now.
    def made_now = self.class.made_of(batch)

    # As the contract has a BatchSummary.
    def to_answer = aside ? answer.merge("aside" => reasons) : answer

    class << self
      # Columns of the row of a batch.
      def made_of(batch)
        head = batch.head
        brief, aside = told(batch)
        said = [head["formula_name"], brief["note"], *brief["additions"].map { |each| each["text"] }]
        {batch_id: batch.id, formula_id: head["formula_id"], made_at: batch.created_at, search: SearchText.of(*said),
         source: batch.events.map(&:seq).max.to_s, made_by: made_by, shown: JSON.generate({"batch" => batch.uuid, **head, **brief}),
         aside: aside && JSON.generate(aside), texture: brief["texture"]}
      end

      private

      # [what it came to, why that cannot be read]
      def told(batch)
        [ElmCup.batch_brief(batch.events.map(&:to_event), batch.document), nil]
      rescue ElmCup::InvalidDocument => error
        [NOTHING, Problem.errors(error.faults)]
      rescue => error
        [NOTHING, senseless(error)]
      end
    end
  end
end
