# frozen_string_literal: true

require "server_helper"

RSpec.describe "The JSON API", server: true do
  let(:document) {
    formula("1 cup rolled oats, ground", "10 soft dates, to paste", "1/3 cup tahini", "2 tbsp maple syrup", "1/4 tsp salt",
      name: "Interval bites")
  }
  let(:made) { ask(:post, "/api/formulas", document) }

  it "gives the core's own assessment" do
    expect(ask(:post, "/api/assess", document)).to eq(JSON.parse(JSON.generate(ElmCup.assess(document))))
  end

  it "assesses a formula with flagged lines and an empty component" do
    expect(ask(:post, "/api/assess", formula("2 tbsp butter", "nonsense"))["components"][0]["lines"].map { |line| line["status"] })
      .to eq(%w[read unreadable])
    expect(ask(:post, "/api/assess", formula)["components"][0]["sentence"]).to match(/nothing in it yet/)
  end

  it "reads, nudges, converts and scales" do
    expect(ask(:post, "/api/lines", {text: "10 dates", process: "processor"})).to include("ingredient" => "dates-soft", "form" => "paste")
    expect(ask(:post, "/api/nudge", {text: "10 dates", steps: 1})).to eq("text" => "11 dates")
    expect(ask(:post, "/api/convert", {text: "1/2 c + 2 tbsp honey", to: "g"})["grams"]).to eq(211.88)
    expect(ask(:post, "/api/scale", {document: document, factor: "1/2"})["components"][0]["lines"][0]["text"])
      .to eq("1/2 cup rolled oats, ground")
    library = ask(:get, "/api/library")
    expect(library["ingredients"].size).to be >= 80
    expect(library["part_types"].first).to eq("dough")
    # A scoop of number 40 is a fortieth of a US quart, 946.35 mL (NIST Handbook 44, appendix C).
    ball = library["shapes"].first
    expect(ball.slice("kind", "want", "usual"))
      .to eq("kind" => "ball", "want" => "rolls", "usual" => {"kind" => "ball", "piece_grams" => 18})
    expect(ball["ways"].map { |way| way.values_at("key", "usual", "least", "most", "whole") })
      .to eq([["piece_grams", 18, 1, 1000, false], ["scoop_ml", 23.66, 1, 1000, false], ["pieces", 24, 1, 10_000, true],
        ["diameter_mm", 30, 5, 120, false]])
    expect(ball["ways"][1]["choices"])
      .to include({"value" => 23.66, "words" => "#40 (24 mL)"}, {"value" => 9.46, "words" => "#100 (9.5 mL)"})
  end

  describe "formulas" do
    it "are made, listed, shown, versioned, copied, deleted and brought back" do
      id = made["id"]
      expect(made["version"]).to include("number" => 1, "parent_id" => nil, "document" => document)
      expect(ask(:get, "/api/formulas")["rows"].find { |each| each["id"] == id }["summary"])
        .to include("texture" => ElmCup.assess(document)["components"][0]["texture"])
      second = ask(:post, "/api/formulas/#{id}/versions", {document: document.merge("name" => "Renamed"), parent_id: made["version"]["id"]})
      expect(second).to include("number" => 2, "parent_id" => made["version"]["id"])
      expect(ask(:get, "/api/formulas/#{id}")).to include("name" => "Renamed", "versions" => 2)
      expect(ask(:get, "/api/versions/#{made["version"]["id"]}")["document"]).to eq(document)
      expect(ask(:get, "/api/formulas/#{id}/versions").map { |version| version["number"] }).to eq([1, 2])
      copy = ask(:post, "/api/formulas/#{id}/copy", {})
      expect(copy["name"]).to eq("Renamed (copy)")
      ask(:delete, "/api/formulas/#{id}")
      expect(ask(:get, "/api/formulas")["rows"].map { |each| each["id"] }).to include(copy["id"])
      expect(ask(:get, "/api/formulas")["rows"].map { |each| each["id"] }).not_to include(id)
      expect(ask(:get, "/api/formulas/#{id}")).to include("status" => 404)
      expect(ask(:post, "/api/formulas/#{id}/restore", {})["name"]).to eq("Renamed")
    end

    it "take nothing half: a bad document changes nothing" do
      id = made["id"]
      before = ElmCupServer::FormulaVersion.count
      problem = ask(:post, "/api/formulas/#{id}/versions", {document: document.merge("components" => []), parent_id: made["version"]["id"]})
      expect(problem).to include("status" => 422,
        "errors" => [{"pointer" => "/components", "code" => "list_empty", "detail" => "At least one is needed here"}])
      expect(ElmCupServer::FormulaVersion.count).to eq(before)
      expect(ask(:get, "/api/formulas/#{id}")["version"]["number"]).to eq(1)
    end

    it "do not take a parent from another formula" do
      other = ask(:post, "/api/formulas", document)
      expect(ask(:post, "/api/formulas/#{made["id"]}/versions", {document: document, parent_id: other["version"]["id"]}))
        .to include("status" => 404)
    end

    it "make their summaries again when the core has changed" do
      kept = ElmCupServer::FormulaRow.find_by(formula_id: made["id"])
      kept.update_columns(made_by: "0", shown: '{"summary":{"grams":1,"flagged":0,"diets":[],"allergens":[]}}')
      expect(ask(:get, "/api/formulas")["rows"].find { |each| each["id"] == made["id"] }["summary"]["grams"]).to be > 100
      expect(kept.reload.made_by).to eq(ElmCupServer::FormulaRow.made_by)
    end
  end

  it "tells one core from another by any of its figures" do
    files = ElmCupServer::CoreVersion::FILES
    expect(files.map { |file| File.basename(file) }).to include("binding.csv", "saturation.rb", "formula.schema.json")
    Dir.mktmpdir("core") do |folder|
      FileUtils.cp(files, folder)
      copies = files.map { |file| File.join(folder, File.basename(file)) }
      expect(ElmCupServer::CoreVersion.of(copies)).to eq(ElmCupServer::CoreVersion.of(copies))
      before = ElmCupServer::CoreVersion.of(copies)
      binding = File.join(folder, "binding.csv")
      File.write(binding, File.read(binding).sub("0.52", "0.53"))
      expect(ElmCupServer::CoreVersion.of(copies)).not_to eq(before)
    end
  end

  it "lists a shelf of any length with the same few questions to the database" do
    questions = lambda do
      count = 0
      counter = ActiveSupport::Notifications.subscribe("sql.active_record") { count += 1 }
      ask(:get, "/api/formulas")
      ActiveSupport::Notifications.unsubscribe(counter)
      count
    end
    ask(:post, "/api/formulas", document)
    # The first time asks for the columns, too.
    questions.call
    few = questions.call
    5.times { ask(:post, "/api/formulas", document) }
    expect(questions.call).to eq(few)
  end

  describe "bad requests" do
    it "are answered as problem documents" do
      {"" => 422, "nonsense" => 400, "{\"elm_cup\":1e400}" => 400, "[" * 10_000 => 400, "{\"elm_cup\":\"formula/2\"}" => 422,
       "{\"a\":\"\xff\"}" => 400, "[]" => 400}.each do |body, status|
        header "Content-Type", "application/json"
        post "/api/assess", body
        expect(last_response.status).to eq(status), body[0, 20].inspect
        expect(last_response.headers["content-type"]).to eq("application/problem+json")
        expect(JSON.parse(last_response.body)["detail"].length).to be > 10
      end
    end

    it "are refused for size, kind and place" do
      header "Content-Type", "text/plain"
      post "/api/assess", "{}"
      expect(last_response.status).to eq(415)
      header "Content-Type", "application/json"
      post "/api/assess", "{\"a\":\"#{"x" * 2_100_000}\"}"
      expect(last_response.status).to eq(413)
      expect(ask(:get, "/api/nowhere")).to include("status" => 404)
      expect(ask(:get, "/api/formulas/12345")).to include("status" => 404)
      get "/api/formulas/abc"
      expect(last_response.status).to eq(400)
    end

    it "from another site or to another name do not come in" do
      header "Content-Type", "application/json"
      header "Origin", "https://evil.example"
      post "/api/formulas", JSON.generate(document)
      expect(last_response.status).to eq(403)
      expect(ElmCupServer::Formula.where(name: "Interval bites").count).to eq(0)
      header "Origin", nil
      get "/api/formulas", {}, {"HTTP_HOST" => "evil.example"}
      expect(last_response.status).to eq(403)
    end
  end

  it "sends the security headers with every answer" do
    ["/api/health", "/api/nowhere", "/", "/assets/none.js", "/formulas/1/mix", "/../../Gemfile"].each do |path|
      get path
      expect(last_response.headers["content-security-policy"]).to include("default-src 'self'"), path
      expect(last_response.headers["x-content-type-options"]).to eq("nosniff")
      expect(last_response.body).not_to include("rubygems")
    end
    get "/assets/none.js"
    expect(last_response.status).to eq(404)
  end

  it "changes the parts of a formula as the core does, and says what cannot be" do
    document = formula("1 cup rolled oats, ground", "10 soft dates, to paste").merge("wishes" => ["dough.texture=rolls"])
    made = ask(:post, "/api/parts", {document: document, edit: {kind: "rename_part", at: 0, name: "oat dough"}})
    expect(made["formula"].values_at("components", "wishes"))
      .to match([[a_hash_including("name" => "oat dough")], ["oat dough.texture=rolls"]])
    expect(made.except("formula")).to eq("words" => "the name of dough")
    expect(ask(:post, "/api/parts", {document: document, edit: {kind: "add_flavour"}})["place"]).to eq("list" => "splits", "index" => 0)
    expect(ask(:post, "/api/parts", {document: document, edit: {kind: "remove_part", at: 0}})["errors"])
      .to eq([{"pointer" => "/edit/at", "code" => "last_part", "detail" => "A formula has at least one part; take its lines out instead"}])
    [{kind: "explode"}, {}, "x", {kind: "move_part", at: "0", to: 1}].each do |edit|
      expect([edit, ask(:post, "/api/parts", {document: document, edit: edit})["status"]]).to eq([edit, 400])
    end
  end
end
