# frozen_string_literal: true

require "server_helper"

RSpec.describe "Other formulas over the API", server: true do
  let(:document) {
    formula("1 cup rolled oats, ground", "10 soft dates, to paste", "1/3 cup tahini", "2 tbsp maple syrup", "1/4 tsp salt",
      name: "Interval bites")
  }

  it "balances as the core does, by wishes that are kept or said" do
    answer = ask(:post, "/api/balance", {document: document, wishes: ["texture=tacky", "less sweet"]})
    expect(last_response.status).to eq(200)
    expect(answer["wishes"].map { |wish| wish["wish"] }).to include("texture=tacky", a_string_matching(/\Asweetness<=/))
    expect(answer["answers"].size).to be_between(1, 3)
    expect(patched(document, answer["answers"][0]["patch"])).to eq(answer["answers"][0]["formula"])
    expect(ask(:post, "/api/assess", answer["answers"][0]["formula"])["components"][0]["texture"]).to eq("tacky")
  end

  it "takes the wishes that are kept with the formula, and shows each with what is" do
    kept = document.merge("wishes" => ["texture=tacky", "kcal<=200"])
    expect(ask(:post, "/api/assess", kept)["wishes"].map { |wish| [wish["words"], wish["met"]] })
      .to match([["tacky", false], ["at most 200 kcal a piece", true]])
    expect(ask(:post, "/api/balance", {document: kept})["answers"].first["formula"]["wishes"]).to eq(kept["wishes"])
    saved = ask(:post, "/api/formulas", kept)
    expect(ask(:get, "/api/formulas/#{saved["id"]}")["version"]["document"]["wishes"]).to eq(kept["wishes"])
    expect(ask(:post, "/api/formulas", kept.merge("wishes" => ["firm=3"]))).to include("status" => 422,
      "errors" => [{"pointer" => "/wishes/0", "code" => "wish_unknown", "detail" => a_string_matching(/cannot be a wish/)}])
  end

  it "gives the first that is found at once where that is asked" do
    answer = ask(:post, "/api/balance", {document: document, wishes: ["texture=tacky", "kcal<=60"], quick: true})
    expect(answer["answers"].size).to eq(1)
    expect(answer["clashes"]).to eq([])
  end

  it "explains a clash, with what each wish would have to give" do
    answer = ask(:post, "/api/balance", {document: document, wishes: ["kcal<=20", "texture=rolls"]})
    expect(answer["answers"]).to eq([])
    expect(answer["clashes"].first).to include("wishes" => ["kcal<=20"], "words" => a_string_matching(/is not possible here/))
    relaxed = answer["clashes"].first["relax"].first
    expect(ask(:post, "/api/balance", {document: document, wishes: [relaxed["becomes"], "texture=rolls"]})["answers"]).not_to be_empty
  end

  it "keeps helpers to what is ticked in the cupboard" do
    expect(ask(:get, "/api/settings/cupboard")).to eq("value" => [])
    ask(:put, "/api/settings/cupboard", {value: %w[oat-flour]})
    expect(ask(:get, "/api/settings/cupboard")).to eq("value" => %w[oat-flour])
    wishes = ["texture=loose..pours", "5 % less sweet", "without:water", "lock:dates-soft", "lock:oats-rolled", "lock:tahini", "lock:maple"]
    expect(ask(:post, "/api/balance", {document: document,
      wishes: wishes})["answers"].flat_map { |answer| answer["changes"].map { |change| change["ingredient"] } }.uniq).to eq(%w[oat-flour])
    expect(ask(:put, "/api/settings/cupboard", {value: %w[own-gone maple]})).to eq("value" => %w[maple])
    expect(ask(:put, "/api/settings/cupboard", {value: %w[a a]})).to include("status" => 400)
    expect { ElmCupServer::Setting.keep("cupboard", "{}") }.to raise_error(ActiveRecord::StatementInvalid, /is a list/)
  end

  it "asks the database as often for eighty ticks as for one" do
    queries = lambda do |ids|
      ask(:put, "/api/settings/cupboard", {value: ids})
      count = 0
      counter = ->(*, payload) { count += 1 unless payload[:name] == "SCHEMA" }
      ActiveSupport::Notifications.subscribed(counter,
        "sql.active_record") { ask(:post, "/api/balance", {document: document, wishes: ["texture=tacky"], quick: true}) }
      settings = 0
      reading = ->(*, payload) { settings += 1 unless payload[:name] == "SCHEMA" }
      ActiveSupport::Notifications.subscribed(reading, "sql.active_record") { ask(:get, "/api/settings/cupboard") }
      [count, settings]
    end
    one = queries.call(%w[maple])
    expect(queries.call(ElmCup.shipped.all.first(80).map(&:id))).to eq(one)
    expect(one.max).to be < 12
  end

  it "can be called off" do
    expect(ask(:delete, "/api/balance/nobody-asked-this")).to eq("called_off" => false)
    model = BalanceModels.document(6)
    wishes = BalanceModels.wishes(6, ElmCup.assess(model))
    began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    asker = Thread.new { ElmCupServer::Searches.during("ticket-1", seconds: 10) { |pace| ElmCup.balance(model, wishes: wishes, **pace) } }
    sleep 0.01 until ElmCupServer::Searches::RUNNING.key?("ticket-1")
    expect(ask(:delete, "/api/balance/ticket-1")).to eq("called_off" => true)
    expect(asker.value["notes"]).to include("Stopped.")
    expect(Process.clock_gettime(Process::CLOCK_MONOTONIC) - began).to be < 8
    expect(ElmCupServer::Searches::RUNNING).to eq({})
  end

  it "calls the oldest off past so many at once" do
    stops = []
    nested = ->(left) { ElmCupServer::Searches.during("many-#{left}") { |pace| (stops << pace[:stop]) && left.positive? && nested.call(left - 1) || stops.map(&:call) } }
    expect(nested.call(ElmCupServer::Searches::MOST)).to eq([true] + [false] * ElmCupServer::Searches::MOST)
    expect(ElmCupServer::Searches::RUNNING).to eq({})
  end

  it "refuses what cannot be asked, naming the place" do
    {
      {wishes: ["kcal<=-3"]} => "/wishes/0", {wishes: ["colour=3"]} => "/wishes/0", {wishes: ["moon.texture=rolls"]} => "/wishes/0",
      {wishes: ["without:moon"]} => "/wishes/0", {wishes: ["rolls"], have: ["moon"]} => "/have",
      {document: document.except("shape"), wishes: ["kcal<=3"]} => "/wishes/0", {document: formula("1 moon rock"),
                                                                                 wishes: ["rolls"]} => "/components",
      {document: formula, wishes: ["rolls"]} => "/components",
      {document: {}, wishes: ["rolls"]} => "/elm_cup", {} => "/wishes", {wishes: ["cost<=1"]} => "/wishes/0"
    }.each do |body, pointer|
      problem = ask(:post, "/api/balance", {document: document, **body})
      expect([body, problem["status"], problem["errors"].map { |error| error["pointer"] }]).to match([body, 422, include(pointer)])
    end
    [{wishes: []}, {wishes: ["x" * 200]}, {wishes: 3}, {seconds: 900}, {ticket: "a b"}, {more: 1}]
      .each { |body| expect(ask(:post, "/api/balance", {document: document, **body})["status"]).to eq(400) }
  end

  it "reads typed wishes, finds substitutes, bowls and doses, and makes trials" do
    expect(ask(:post, "/api/wish", {document: document, text: "under 90 kcal"}))
      .to include("wish" => "kcal<=90", "words" => "at most 90 kcal a piece")
    expect(ask(:post, "/api/wish", {document: document, text: "crunchy"})).to include("status" => 422)
    expect(ask(:post, "/api/wish", {document: document.merge("wishes" => ["kcal<=95"]), text: "under 90 kcal"})["wishes"])
      .to eq(["kcal<=90"])
    expect(ask(:post, "/api/wish", {document: document, text: "rolls", component: "moon"}))
      .to include("status" => 422, "errors" => [a_hash_including("pointer" => "/component")])
    expect(ask(:post, "/api/wish", {text: "vegan and no honey"})["said"].map { |wish| wish["words"] }).to eq(["vegan", "without honey"])
    expect(ask(:post, "/api/wish", {text: "vegan"})).to include("wish" => "diet=vegan", "wishes" => ["diet=vegan"])
    expect(ask(:post, "/api/wish", {text: "less sweet"})).to include("status" => 422)
    substitutes = ask(:post, "/api/substitute", {document: document, line: "tahini", reason: "sesame-free"})
    expect(substitutes["candidates"].map { |each| each["ingredient"] }).to include("sunflower-seed-butter")
    expect(ask(:post, "/api/substitute", {document: document, line: "moon", reason: "vegan"}))
      .to include("status" => 422, "errors" => [a_hash_including("pointer" => "/line")])
    have = %w[dates-soft oats-rolled almond-butter maple coconut-oil almond-flour].map { |id| {ingredient: id} }
    bowls = ask(:post, "/api/cupboard", {elm_cup: "cupboard/1", have: have, shape: {kind: "ball", piece_grams: 18}, want: "rolls"})
    expect(bowls["answers"].map { |answer| answer["family"] }.uniq.size).to eq(3)
    expect(ask(:post, "/api/cupboard", {elm_cup: "cupboard/1", have: [{ingredient: "moon"}]})).to include("status" => 422)
    none = ask(:post, "/api/cupboard",
      {elm_cup: "cupboard/1", have: have, shape: {kind: "ball", piece_grams: 18}, want: "rolls", wishes: ["under 20 kcal"]})
    expect(none["clashes"].first).to include("wishes" => a_collection_including("kcal<=20"), "words" => a_string_matching(/a usual/))
    trial = ask(:post, "/api/trial", {document: document, pieces: 2, scale: 0.1})
    expect(trial).to include("elm_cup" => "trial/1", "pieces" => 2)
    expect(ask(:post, "/api/rescue", {elm_cup: "bowl/1", family: "date-led", grams: 400, seen: "presses"})["rescue"]["options"].first)
      .to include("ingredient" => "water")
    expect(ask(:post, "/api/rescue", {elm_cup: "bowl/1", family: "moon", grams: 400, seen: "crumbly"})).to include("status" => 422)
  end
end
