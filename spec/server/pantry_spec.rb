# frozen_string_literal: true

require "server_helper"

RSpec.describe "The pantry over the API", server: true do
  let(:butter) do
    {"id" => "own-butter", "name" => "Corner peanut butter", "starts_from" => "peanut-butter",
     "ingredients" => "Peanuts, palm oil. May contain milk.", "price" => 3.4, "pack_grams" => 340,
     "label" => {"fat_g" => 48, "carbohydrate_g" => 13, "fibre_g" => 7, "sugars_g" => 5, "protein_g" => 26, "salt_g" => 0.6}}
  end
  let(:document) { formula("1 cup corner peanut butter", "1/2 cup honey", "1 cup rolled oats, ground") }

  def keep(*ingredients) = ask(:post, "/api/pantry", {ingredients: ingredients})

  def row(id) = ask(:get, "/api/pantry")["rows"].find { |each| each["id"] == id }

  it "shows every library row, and takes, changes and gives up ingredients of one's own" do
    expect(ask(:get, "/api/pantry")["rows"].size).to eq(ElmCup.shipped.all.size)
    expect(ask(:post, "/api/assess", document)["components"][0]["lines"][0]["status"]).not_to eq("read")
    expect(keep(butter)["own"]).to eq([butter])
    assessed = ask(:post, "/api/assess", document)
    expect(assessed["components"][0]["lines"][0]).to include("ingredient" => "own-butter", "status" => "read")
    expect(assessed["cost"]).to include("batch" => 2.56, "currency" => "EUR")
    expect(ask(:post, "/api/lines", {text: "1 tbsp corner peanut butter"})["ingredient"]).to eq("own-butter")
    expect(ask(:get, "/api/library")["ingredients"].first).to include("id" => "own-butter", "own" => true)
    keep(butter.merge("price" => 6.8))
    expect(ask(:post, "/api/assess", document)["cost"]["batch"]).to eq(5.12)
    expect(ask(:delete, "/api/pantry/own-butter")).to eq(butter.merge("price" => 6.8))
    expect(row("own-butter")).to be_nil
    expect(ask(:delete, "/api/pantry/own-butter")).to include("status" => 404)
  end

  it "lays a price over a library row and resets it" do
    keep({"id" => "honey", "price" => 6, "pack_grams" => 500})
    expect(row("honey")).to include("own" => true, "price" => {"amount" => 6.0, "pack_grams" => 500.0, "per_100g" => 1.2})
    ask(:delete, "/api/pantry/honey")
    expect(row("honey")).to include("own" => false).and(satisfy { |each| !each.key?("price") })
  end

  it "takes all or none" do
    problem = keep({"id" => "honey", "price" => 6, "pack_grams" => 500}, butter.merge("label" => butter["label"].merge("fat_g" => 120)))
    expect(problem).to include("status" => 422)
    expect(problem["errors"].first).to include("pointer" => "/1/label", "detail" => /come to 165.6 g|come to \d/)
    expect(ElmCupServer::OwnIngredient.count).to eq(0)
    expect(keep).to include("status" => 400)
  end

  it "checks a label without keeping it" do
    answer = ask(:post, "/api/pantry/label", butter)
    expect(answer["notes"]).to include("No-stir: its list names a hard fat")
    expect(answer["starts_from"]["id"]).to eq("peanut-butter")
    expect(ElmCupServer::OwnIngredient.count).to eq(0)
    expect(ask(:post, "/api/pantry/label", butter.merge("starts_from" => "dust"))["errors"])
      .to eq([{"pointer" => "/starts_from", "code" => "no_such_row", "detail" => "There is no pantry row “dust”"}])
  end

  it "goes out as CSV and comes in again, looked over first" do
    keep(butter, {"id" => "honey", "price" => 6.5, "pack_grams" => 500})
    get "/api/pantry/csv"
    expect(last_response.headers).to include("content-type" => "text/csv; charset=utf-8",
      "content-disposition" => /attachment; filename="elm-cup-pantry.csv"/)
    read = ask(:post, "/api/pantry/csv", {text: last_response.body})
    expect(read["ingredients"].map { |each| each["id"] }).to eq(%w[honey own-butter])
    expect(ask(:post, "/api/pantry/csv", {text: "id,colour\nhoney,red\n"})["errors"].first["detail"]).to match(/“colour” is not a column/)
    expect(ask(:post, "/api/pantry/csv", {text: "id,price,pack_grams\nhoney,x,1\n"})["errors"].first)
      .to eq("pointer" => "row 2, price", "code" => "cell_no_number", "detail" => "“x” is not a number")
  end

  it "keeps the currency, and makes summaries again when the pantry changes" do
    keep({"id" => "honey", "price" => 6, "pack_grams" => 500})
    expect(ask(:put, "/api/settings/currency", {value: "GBP"})).to eq("value" => "GBP")
    expect(ask(:post, "/api/assess", formula("1 cup honey"))["cost"]["currency"]).to eq("GBP")
    expect(ask(:put, "/api/settings/currency", {value: "pounds"})).to include("status" => 400)
    made = ask(:post, "/api/formulas", document)
    flagged = -> { ask(:get, "/api/formulas")["rows"].find { |each| each["id"] == made["id"] }["summary"]["flagged"] }
    expect(flagged.call).to eq(1)
    keep(butter)
    expect(flagged.call).to eq(0)
  end

  it "keeps no library under the digest of another moment" do
    # A change that comes in between what one reading asks for: the documents are read once, so that either both are seen or none. While
    # nothing changes they are not read at all.
    reads = 0
    allow(ElmCupServer::OwnIngredient).to receive(:order).and_wrap_original do |original, *arguments|
      reads += 1
      original.call(*arguments)
    end
    keep(butter)
    2.times { ask(:post, "/api/assess", document) }
    expect(reads).to eq(1)
    ask(:delete, "/api/pantry/own-butter")
    keep(butter)
    expect(row("own-butter")).not_to be_nil
  end

  it "is held to by the database" do
    insert = ->(key, json) { ActiveRecord::Base.connection.execute("INSERT INTO ingredients (key, document, created_at, updated_at) VALUES ('#{key}', '#{json}', 0, 0)") }
    expect { insert.call("a", "not json") }.to raise_error(ActiveRecord::StatementInvalid)
    expect { insert.call("a", '{"id":"b"}') }.to raise_error(ActiveRecord::StatementInvalid)
    insert.call("a", '{"id":"a"}')
    expect { insert.call("a", '{"id":"a"}') }.to raise_error(ActiveRecord::StatementInvalid)
    expect { ActiveRecord::Base.connection.execute("INSERT INTO settings (name, value) VALUES ('currency', 'eur')") }
      .to raise_error(ActiveRecord::StatementInvalid)
  end

  it "keeps to the limit as a whole: what would be too many is refused, and nothing of it is kept" do
    stub_const("ElmCup::Pantry::IngredientSchema::MOST", 40)
    rows = ->(range) { range.map { |number| {id: "own-#{number}", name: "Own #{number}", starts_from: "tahini"} } }
    expect(ask(:post, "/api/pantry", {ingredients: rows[1..15]})["own"].size).to eq(15)
    expect(ask(:post, "/api/pantry", {ingredients: rows[16..35]})["own"].size).to eq(35)
    full = ask(:post, "/api/pantry", {ingredients: rows[36..41]})
    expect(full["status"]).to eq(422)
    expect(full["errors"]).to match([a_hash_including("code" => "pantry_full", "detail" => a_string_matching(/41.*40/))])
    expect(ask(:get, "/api/pantry")["own"].size).to eq(35)
    expect(ask(:get, "/api/library")["ingredients"].count { |row| row["own"] }).to eq(35)
  end

  it "sets aside what is stored and cannot be read, named with its reason, and everything else works" do
    ask(:post, "/api/pantry", {ingredients: [{id: "own-tahini", name: "Own tahini", starts_from: "tahini"}]})
    stale = {"id" => "own-spread", "name" => "Own spread", "starts_from" => "a-row-of-before", "of_a_later_version" => 1}
    ElmCupServer::OwnIngredient.create!(key: "own-spread", document: JSON.generate(stale))
    pantry = ask(:get, "/api/pantry")
    expect(pantry["own"].map { |own| own["id"] }).to eq(["own-tahini"])
    reason = a_hash_including("pointer" => "/of_a_later_version")
    expect(pantry["aside"]).to match([{"key" => "own-spread", "ingredient" => stale, "errors" => [reason]}])
    expect(ask(:post, "/api/lines", {text: "2 tbsp own tahini"})).to include("ingredient" => "own-tahini", "status" => "read")
    expect(get("/api/pantry/csv").body).to include("own-tahini")
    expect(ask(:post, "/api/pantry", {ingredients: [{id: "own-dust", name: "House dust", starts_from: "cocoa"}]})["own"].size).to eq(2)
    # Whatever it is, it goes by what it is stored under.
    ElmCupServer::OwnIngredient.create!(key: "own-list", document: "[1]")
    expect(ask(:get, "/api/pantry")["aside"].map { |each| each.values_at("key", "ingredient") }).to include(["own-list", [1]])
    expect(ask(:delete, "/api/pantry/own-list")).to eq([1])
    # Mended, it is one of the others again; or it is taken out.
    mended = ask(:post, "/api/pantry", {ingredients: [{id: "own-spread", name: "Own spread", starts_from: "tahini"}]})
    expect([mended["own"].size, mended["aside"]]).to eq([3, []])
    ElmCupServer::OwnIngredient.find_by!(key: "own-spread").update!(document: JSON.generate(stale))
    expect(ask(:delete, "/api/pantry/own-spread")).to eq(stale)
    expect(ask(:get, "/api/pantry")["aside"]).to eq([])
  end
end
