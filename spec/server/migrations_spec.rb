# frozen_string_literal: true

require "server_helper"

RSpec.describe "A database written before batches were events", server: true do
  def database_at(version)
    path = File.join(Dir.mktmpdir("elm-cup"), "old.sqlite3")
    ActiveRecord::Base.establish_connection(adapter: "sqlite3", database: path)
    ActiveRecord::Migration.verbose = false
    ActiveRecord::MigrationContext.new(ElmCupServer::Database::MIGRATIONS).migrate(version)
    path
  end

  def insert(table, **columns)
    connection = ActiveRecord::Base.connection
    connection.execute("INSERT INTO #{table} (#{columns.keys.join(", ")}) VALUES (#{columns.values.map { |value| connection.quote(value) }.join(", ")})")
  end

  let(:at) { "2026-11-20 18:30:00" }
  let(:key) { "0f8fad5b-d9cb-469f-a165-70867728950e" }
  let(:document) do
    {"elm_cup" => "formula/1", "name" => "Bites",
     "components" => [{"name" => "glaze", "type" => "coating", "lines" => [{"text" => "20 g cocoa butter"}]},
       {"name" => "dough", "lines" => [{"text" => "1 cup oats"}, {"text" => "10 soft dates"}]}]}
  end
  let(:old_events) do
    [["weighed", {component: "dough", text: "10 soft dates", planned_grams: 240.0, actual_grams: 252.0}],
      ["weighed", {component: "dough", text: "a line long gone", planned_grams: 5.0, actual_grams: 6.0}],
      ["added", {text: "1 tsp water", grams: 4.93, ingredient: "water"}], ["seen", {texture: "tacky"}], ["yielded", {pieces: 17}],
      ["took", {minutes: 45}], ["noted", {note: "Very moist."}]]
  end

  before do
    ActiveRecord::Base.connection_pool.unpin_connection!
    path = database_at(20261126000002)
    insert("formulas", id: 1, name: "Bites", current_version_id: 3, created_at: at, updated_at: at)
    insert("formula_versions", id: 3, formula_id: 1, number: 1, document: JSON.generate(document), created_at: at)
    [[1, key, nil], [2, "demo-batch-0002", 2]].each do |id, client_key, trial|
      insert("batches", id: id, formula_version_id: 3, client_key: client_key,
        predicted: JSON.generate("texture" => "rolls", "grams" => 9.5), created_at: at,
        trial_pieces: trial)
    end
    old_events.each_with_index do |(kind, payload), at_row|
      insert("batch_events", batch_id: 1, position: at_row, kind: kind, client_key: "#{key}:#{at_row}", payload: JSON.generate(payload),
        created_at: at)
    end
    ElmCupServer::Database.open(path)
  end
  after do
    ElmCupServer::Database.open(REQUESTS_DATABASE)
    ActiveRecord::Base.connection_pool.pin_connection!(false)
  end

  it "is carried over, nothing lost: kinds, keys, times, trials and what was predicted" do
    batch = ElmCupServer::Batch.named(key).to_answer
    expect(batch).to include("version_id" => 3, "made_at" => "2026-11-20T18:30:00Z", "predicted" => {"texture" => "rolls", "grams" => 9.5},
      "texture" => "tacky", "pieces" => 17, "minutes" => 45, "note" => "Very moist.",
      "additions" => [{"text" => "1 tsp water", "grams" => 4.93, "ingredient" => "water"}])
    expect(batch["lines"]).to eq([
      {"line" => "/components/1/lines/1", "component" => "dough", "text" => "10 soft dates", "planned_grams" => 240.0,
       "actual_grams" => 252.0},
      {"component" => "dough", "text" => "a line long gone", "planned_grams" => 5.0, "actual_grams" => 6.0}
    ])
    events = ElmCupServer::Batch.named(key).to_document["events"]
    expect(events.map { |event| event["kind"] }).to eq(%w[started weighed weighed addition looked yield took note])
    expect(events.map { |event| event["device"] }.uniq).to eq(["import"])
    expect(events.map { |event| event["n"] }).to eq([0, 1, 2, 3, 4, 5, 6, 7])
    expect(events.map { |event| event["at"] }.uniq).to eq(["2026-11-20T18:30:00.000Z"])
    expect(events.find { |event| event["kind"] == "looked" }["data"]).to eq("component" => "dough", "texture" => 4)
    expect(events.map { |event| event["key"] }.uniq.size).to eq(8)
    expect(ElmCupServer::Batch.pluck(:trial_pieces)).to eq([nil, 2])
    expect(ActiveRecord::Base.connection.execute("PRAGMA foreign_key_check")).to eq([])
    expect(ActiveRecord::Base.connection.tables.grep(/old/)).to eq([])
  end

  it "stands in the lists as before, made anew" do
    shelf = ask(:get, "/api/formulas")["rows"]
    expect(shelf.map { |row| [row["name"], row["version"], row["summary"]["components"]] }).to eq([["Bites", 1, 2]])
    rows = ElmCupServer::BatchRow.answers(ElmCupServer::BatchRow.kept.to_a)
    expect(rows.map { |row| row.values_at("batch", "texture", "trial_pieces") })
      .to contain_exactly([key, "tacky", nil], [a_string_matching(/\h{8}-/), nil, 2])
    expect(rows.find { |row| row["batch"] == key }["changes"]).to include("text" => "10 soft dates", "grams" => 12.0)
  end

  it "takes new batches and events, and is as closed as a new one" do
    ElmCupServer::BatchLog.new(key).append([happened("note", {"text" => "Better next day."}, at: "2026-11-21T08:00:00Z")])
    expect(ElmCupServer::Batch.named(key).to_answer["note"]).to eq("Better next day.")
    version = ElmCupServer::FormulaVersion.find(3)
    expect(batch_of(version, ["looked", {"texture" => 3}]).to_answer["texture"]).to eq("rolls")
    expect { ElmCupServer::BatchEvent.first.update!(kind: "note") }.to raise_error(ActiveRecord::StatementInvalid)
  end
end
