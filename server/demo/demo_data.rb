# frozen_string_literal: true

module ElmCupServer
  # The made-up scenario of the demo: the interval table of an amateur choir's midsummer concert.
  module DemoData
    FILES = Dir[File.join(__dir__, "formulas/*.json")].sort_by { |file| File.basename(file).to_i }.freeze
    # Second versions, made after the batches that are logged.
    LATER = File.join(__dir__, "versions")
    # Seconds into the day: batches are made after work.
    EVENING = 18.5 * 3600
    PANTRY = File.join(__dir__, "pantry.json")
    CUPBOARD = File.join(__dir__, "cupboard.json")
    BATCHES = File.join(__dir__, "batches.json")

    # Fills an empty database; does nothing to one that holds a formula, a deleted one included.
    def self.load_once
      return if Formula.exists?

      Record.transaction do
        OwnIngredient.keep(JSON.parse(File.read(PANTRY)))
        Setting.keep_list("cupboard", JSON.parse(File.read(CUPBOARD)))
        formulas = FILES.to_h { |file|
          JSON.parse(File.read(file)).then { |document|
            [File.basename(file, ".json").sub(/\A\d+-/, ""), Formula.start(document)]
          }
        }
        JSON.parse(File.read(BATCHES)).each { |batch| write_down(batch, formulas.fetch(batch["formula"])) }
        Dir[File.join(LATER, "*.json")]
          .sort.each { |file| save_later(file, formulas.fetch(File.basename(file, ".json").sub(/\A\d+-/, ""))) }
      end
    end

    def self.save_later(file, formula) = formula.save_version(JSON.parse(File.read(file)), parent: formula.current_version)

    # Planned grams come from the assessment; the demo says only how the actual ones differed.
    def self.write_down(batch, formula)
      version = formula.current_version
      lines = ElmCup.assess(version.parsed, pantry: Pantry.library)["components"].flat_map do |component|
        component["lines"].map do |line|
          planned = line["grams"]
          actual = (planned + batch.dig("off_by_grams", line["ingredient"]).to_f).round(1)
          {"component" => component["name"], "text" => line["text"], "planned_grams" => planned, "actual_grams" => actual}
        end
      end
      made_at = (Time.now.to_date - batch.fetch("days_ago")).to_time + EVENING
      Batch.write_down(batch.slice("client_key", "trial_pieces", "additions", "texture", "pieces", "minutes",
        "note").merge("version_id" => version.id, "lines" => lines), at: made_at)
    end
    private_class_method :write_down, :save_later
  end
end
