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
    KITCHEN = File.join(__dir__, "kitchen.json")
    PLAN = File.join(__dir__, "plan.json")
    # The concert is on a Saturday that leaves a week to shop for it.
    SATURDAY = 6

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
        Kitchen.keep(ElmCup.usual_kitchen.merge(JSON.parse(File.read(KITCHEN))))
        JSON.parse(File.read(BATCHES)).each { |batch| write_down(batch, formulas.fetch(batch["formula"])) }
        Dir[File.join(LATER, "*.json")]
          .sort.each { |file| save_later(file, formulas.fetch(File.basename(file, ".json").sub(/\A\d+-/, ""))) }
        Plan.start(concert(JSON.parse(File.read(PLAN)), formulas))
      end
    end

    # The plan of the coming Saturday but one: its formulas by their numbers, its hours on that day.
    def self.concert(said, formulas, today = Time.now.utc.to_date)
      day = (today + 7 + (SATURDAY - today.wday) % 7).iso8601
      orders = said["formulas"].map { |each| each.merge("formula" => formulas.fetch(each["formula"]).id) }
      said.merge("at" => "#{day}T#{said["at"]}", "formulas" => orders,
        "away" => said["away"].map { |each| each.merge("start" => "#{day}T#{each["start"]}", "end" => "#{day}T#{each["end"]}") })
    end

    def self.save_later(file, formula) = formula.save_version(JSON.parse(File.read(file)), parent: formula.current_version)

    # Planned grams come from the assessment; the demo says only how the actual ones differed.
    def self.write_down(batch, formula)
      version = formula.current_version
      made_at = (Time.now.to_date - batch.fetch("days_ago")).to_time + EVENING
      started = {"formula" => formula.id, "version" => version.id, "scale" => 1, "trial_pieces" => batch["trial_pieces"]}.compact
      said = [["started", started], *weighed(batch, version), *outcome(batch)]
      events = said.each_with_index.map do |(kind, data), n|
        {"key" => uuid("#{batch["name"]} #{n}"), "device" => "demo", "n" => n, "at" => (made_at + n).utc.iso8601, "kind" => kind,
         "data" => data}
      end
      BatchLog.new(uuid(batch["name"])).append(events)
    end

    def self.weighed(batch, version)
      ElmCup.assess(version.parsed, pantry: Pantry.library, sections: %w[components])["components"].each_with_index
        .flat_map do |part, at|
          part["lines"].each_with_index.map do |line, row|
            grams = (line["grams"] + batch.fetch("off_by_grams", {})[line["ingredient"]].to_f).round(1)
            ["weighed", {"line" => "/components/#{at}/lines/#{row}", "grams" => grams, "target" => line["grams"], "mode" => "set",
                         "by" => "typed"}]
          end
        end
    end

    def self.outcome(batch)
      texture = ElmCup.library["textures"].index { |each| each["id"] == batch["texture"] }
      [
        *batch.fetch("additions", []).map { |text| ["addition", {"text" => text}] },
        ["looked", {"texture" => texture}],
        (["yield", {"pieces" => batch["pieces"]}] if batch["pieces"]),
        (["took", {"minutes" => batch["minutes"]}] if batch["minutes"]),
        ["note", {"text" => batch["note"]}]
      ].compact
    end

    def self.uuid(name) = Digest::UUID.uuid_v5(Digest::UUID::URL_NAMESPACE, "elm-cup:demo:#{name}")
    private_class_method :write_down, :weighed, :outcome, :uuid, :save_later, :concert
  end
end
