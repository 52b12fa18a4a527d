# frozen_string_literal: true

require "server_helper"

RSpec.describe "What comes and goes over the API", server: true do
  let(:document) { formula("1 cup rolled oats, ground", "10 soft dates, to paste", "1/3 cup tahini", name: "Íntérval bites / no. 2") }
  let(:made) { ask(:post, "/api/formulas", document) }

  it "imports without keeping anything" do
    count = ElmCupServer::Formula.count
    answer = ask(:post, "/api/import", {text: "Bites\nMakes 12\n1 cup oats\n1 cup moon dust\nStir."})
    expect(answer).to include("elm_cup" => "import/1", "kind" => "text")
    expect(answer["lines"].map { |line| line["status"] }).to eq(%w[read unknown])
    expect(ElmCupServer::Formula.count).to eq(count)
    expect(ask(:post, "/api/import", {text: "nothing"})["errors"].first["detail"]).to match(/No amount of anything/)
    expect(ask(:post, "/api/import", {text: "x" * 3_000_000})).to include("status" => 413)
  end

  it "exports a kept formula as a file in each format, under a safe name" do
    {"json" => "application/json", "jsonld" => "application/ld+json", "md" => "text/markdown", "csv" => "text/csv"}.each do |format, type|
      get "/api/formulas/#{made["id"]}/export?format=#{format}"
      expect(last_response.headers["content-type"]).to eq("#{type}; charset=utf-8")
      expect(last_response.headers["content-disposition"]).to eq("attachment; filename=\"interval-bites-no-2.#{format}\"")
      expect(last_response.body.force_encoding("UTF-8")).to eq(ElmCup.export(document, format))
    end
    nameless = ask(:post, "/api/formulas", document.merge("name" => "かし \" ; x=1")) &&
      ask(:post, "/api/formulas", document.merge("name" => "かし"))
    get "/api/formulas/#{nameless["id"]}/export?format=md"
    expect(last_response.headers["content-disposition"]).to eq("attachment; filename=\"formula.md\"")
    expect(ask(:get, "/api/formulas/#{made["id"]}/export?format=doc")).to include("status" => 400)
    expect(ask(:get, "/api/formulas/999999/export?format=md")).to include("status" => 404)
    expect(ask(:post, "/api/export", {document: document, format: "md"})["text"]).to start_with("# Íntérval bites")
  end

  it "compares and scales as the core does" do
    other = ElmCup.scale(document, 2)
    expect(ask(:post, "/api/compare", {before: document, after: other})).to eq(JSON.parse(JSON.generate(ElmCup.compare(document, other))))
    expect(ask(:post, "/api/scaling", {document: document, pieces: 24, piece_grams: 18})["pieces"]).to eq(24)
    expect(ask(:post, "/api/scaling", {document: document, grams: 700})["grams"]).to be_within(0.5).of(700)
    expect(ask(:post, "/api/scaling", {document: document})["errors"].first["detail"]).to match(/Say one of/)
    expect(ask(:post, "/api/scaling", {document: document, grams: 0})["errors"].first["pointer"]).to eq("/grams")
  end

  it "answers for layers, flavours, needs and muted rules as the contract says" do
    layered = document.merge("components" => [document["components"][0], {"name" => "lid", "type" => "filling",
                                                                          "lines" => [{"text" => "1/2 cup honey"}],
                                                                          "takes" => [{"component" => "dough", "share" => 0.25}]}],
      "splits" => [{"name" => "nib", "share" => 0.5, "lines" => [{"text" => "10 g cocoa nibs"}],
                    "topping" => [{"text" => "1 pinch salt"}]}], "needs" => ["vegan"], "muted" => ["honey-infants"], "notes" => ["Stir."])
    answer = ask(:post, "/api/assess", layered)
    expect(answer["breaches"].map { |breach| breach["line"] }).to eq(["1/2 cup honey"])
    expect(answer["muted"].map { |finding| finding["rule"] }).to eq(["honey-infants"])
    expect(answer["splits"][0]["name"]).to eq("nib")
    kept = ask(:post, "/api/formulas", layered)
    expect(kept["version"]["document"]).to eq(layered)
    expect(ask(:get, "/api/formulas")["rows"].find { |each| each["id"] == kept["id"] }["summary"])
      .to include("breaches" => ["vegan"], "components" => 2)
    looped = layered["components"].map { |part|
      part.merge("takes" => [{"component" => (part["name"] == "lid") ? "dough" : "lid", "share" => 0.1}])
    }
    loop = layered.merge("components" => looped)
    expect(ask(:post, "/api/assess", loop)["errors"].first["detail"]).to match(/Shares go round in a loop/)
  end
end
