# frozen_string_literal: true

require "server_helper"

RSpec.describe "Kitchen and shape over the API", server: true do
  let(:usual) { ElmCup.usual_kitchen }
  let(:slab) {
    formula("300 g soft dates, to paste", "100 g almond flour", shape: {"kind" => "slab", "tin_mm" => [200, 200], "grid" => [4, 4]})
  }

  it "starts as usual, is kept with a revision, and says when it was changed elsewhere" do
    expect(ask(:get, "/api/kitchen")).to eq(usual)
    expect(ask(:put, "/api/kitchen", usual.merge("cup" => "metric"))).to include("cup" => "metric", "revision" => 1)
    stale = ask(:put, "/api/kitchen", usual.merge("cup" => "imperial"))
    expect([last_response.status, stale["kept"]["cup"], stale["sent"]["cup"]]).to eq([409, "metric", "imperial"])
    expect(ask(:get, "/api/library")["usual_kitchen"]["cup"]).to eq("metric")
    expect(ask(:post, "/api/lines", {"text" => "1 cup honey"})["grams"]).to be_within(1).of(339 * 250 / 236.59)
  end

  it "refuses what is no kitchen, at its place, and keeps nothing of it" do
    {{"tins" => [{"id" => "t", "mm" => [5, 5]}]} => "/tins/0/mm/0", {"places" => [{"id" => "f", "kind" => "freezer",
                                                                                   "dial_c" => 10}]} => "/places/0/dial_c",
     {"hob" => -1} => "/hob", {"asleep" => ["23:00", "25:00"]} => "/asleep/1",
     {"away" => [{"days" => ["mon"], "start" => "08:00", "end" => "24:00"}]} => "/away/0/end",
     {"scoops" => [{"id" => "s", "ml" => 5}, {"id" => "s", "ml" => 6}]} => "/scoops/1/id",
     {"colour" => "red"} => "/colour"}.each do |more, pointer|
      refused = ask(:put, "/api/kitchen", usual.merge(more))
      expect([last_response.status, refused["errors"].map { |error| error["pointer"] }]).to match([422, include(pointer)])
    end
    expect(ask(:get, "/api/kitchen")["revision"]).to eq(0)
  end

  it "answers what the household's own tins would make of it, and a formula's own win" do
    ask(:put, "/api/kitchen",
      usual.merge("tins" => [{"id" => "mine", "name" => "my tin", "mm" => [150, 150], "depth_mm" => 40}], "trays" => []))
    own = ask(:post, "/api/shape", slab)["choices"].select { |choice| choice["own"] }
    expect(own.map { |choice| choice["name"] }).to eq(["my tin"])
    expect(own.first["words"]).to match(/\A1[45] mm deep, 16 of 25 g\z/)
    other = ask(:post, "/api/shape", slab.merge("kitchen" => {"tins" => [{"id" => "other", "mm" => [100, 300]}]}))["choices"]
    expect(other.select { |choice| choice["own"] }.map { |choice| choice["tool"] }).to eq(["other"])
  end

  it "answers the cold in the household's own places, and the quick parts without it" do
    truffles = coated({"kind" => "ball", "piece_grams" => 18}, coat: {"kind" => "dip", "component" => "shell"})
    warm = ask(:post, "/api/cold", truffles)
    expect(warm["cold"]["places"]).to include("kind" => "freezer", "celsius" => -15.0, "fan" => false)
    expect(warm["cold"]["notes"]).to include(/freezer is taken as 3 °C warmer than its dial/)
    ask(:put, "/api/kitchen",
      usual.merge("places" => [{"id" => "f", "kind" => "freezer", "dial_c" => -18, "air_c" => -21.5, "h_top" => 14, "h_bottom" => 11}]))
    cold = ask(:post, "/api/cold", truffles)
    expect(cold["cold"]["notes"]).not_to include(/freezer is taken/)
    expect(cold["cold"]["steps"].first["freezer"]["middle"]).to be < warm["cold"]["steps"].first["freezer"]["middle"]
    expect(ask(:get, "/api/library")["usual_kitchen"]).to include("freezer_c" => -21.5, "fridge_c" => 4)
    header "Content-Type", "application/json"
    post "/api/assess?without=cold,keep", JSON.generate(truffles)
    expect(JSON.parse(last_response.body).keys & %w[components cold keep]).to eq(["components"])
    short = ask(:post, "/api/assess/sections", {"document" => truffles, "sections" => %w[cold keep]})
    expect(short.keys).to contain_exactly("elm_cup", "name", "grams", "cold", "keep")
    ask(:post, "/api/cold", truffles.merge("journey" => [{"minutes" => 0, "celsius" => 20}]))
    expect(last_response.status).to eq(422)
  end

  it "judges a glass of water, and refuses one that tells nothing" do
    glass = {"kind" => "freezer", "air_c" => -16, "readings" => [[0, 20], [20, 14], [40, 8.7]]}
    expect(ask(:post, "/api/kitchen/glass", glass)).to include("elm_cup" => "glass/1", "usual_h" => 9.0, "before" => be_an(Array))
    refused = ask(:post, "/api/kitchen/glass", glass.merge("readings" => [[0, 20], [20, 21]]))
    expect([last_response.status, refused["errors"].first["pointer"]]).to eq([422, "/readings"])
  end

  it "gives the cut as a PDF, and says where there is none" do
    header "Content-Type", "application/json"
    post "/api/shape/template", JSON.generate(slab)
    expect([last_response.status, last_response.headers["content-type"], last_response.body[0, 5]]).to eq([200, "application/pdf", "%PDF-"])
    none = ask(:post, "/api/shape/template", slab.merge("shape" => {"kind" => "ball", "pieces" => 9}))
    expect([last_response.status, none["errors"].first["detail"]]).to match([422, /Nothing is cut here/])
    expect(ask(:post, "/api/kitchen/by-water", {"kind" => "moulds", "water_ml" => 240, "cavities" => 24})).to eq("cavity_ml" => 10.0)
    ask(:post, "/api/kitchen/by-water", {"kind" => "tins", "water_ml" => 240})
    expect(last_response.status).to eq(422)
  end

  it "holds one kitchen alone, that only goes on" do
    ask(:put, "/api/kitchen", usual)
    expect {
      ElmCupServer::Kitchen.connection.execute("INSERT INTO kitchens (id, revision, document) VALUES (2, 1, '{}')")
    }.to raise_error(ActiveRecord::StatementInvalid)
    expect {
      ElmCupServer::Kitchen.connection.execute("UPDATE kitchens SET revision = 7")
    }.to raise_error(ActiveRecord::StatementInvalid,
      /goes on from/)
    ElmCupServer::Kitchen.connection.execute("UPDATE kitchens SET revision = 2, document = '{\"elm_cup\":\"kitchen/9\"}'")
    expect(ask(:get, "/api/kitchen")).to eq(usual.merge("revision" => 2))
  end
end
