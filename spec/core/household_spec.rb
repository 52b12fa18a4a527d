# frozen_string_literal: true

# Everything below the doors asks the household's pantry, never the one that ships.
RSpec.describe "A household's own pantry" do
  it "doses its own salt by its own weight, and not the salt that ships" do
    bowl = formula("1 cup rolled oats", "3/4 cup tahini", "1/2 cup maple syrup")
    remedy = ->(library) {
      assess(bowl,
        pantry: library)["findings"].find { |finding| finding["rule"] == "no-salt" }["remedy"]["text"]
    }
    flaky = ElmCup.pantry([{"id" => "salt", "price" => 1, "pack_grams" => 500, "grams_per_cup" => 96}])
    expect(remedy.call(flaky)).not_to eq(remedy.call(ElmCup.shipped))
    spoons = [flaky, ElmCup.shipped]
      .map { |library| ElmCup.read_line(remedy.call(library).delete_prefix("Add "), pantry: library)["grams"] }
    expect(spoons.max / spoons.min).to be < 1.5
  end

  it "sweetens with its own syrup, as sweet and as heavy as that is" do
    bowl = formula("1 cup rolled oats", "3/4 cup tahini", "1/4 tsp salt")
    remedy = ->(library) {
      assess(bowl,
        pantry: library)["findings"].find { |finding| finding["rule"] == "no-sweetener" }["remedy"]["text"]
    }
    thin = ElmCup.pantry([{"id" => "maple", "name" => "Maple syrup", "price" => 6, "pack_grams" => 330, "grams_per_cup" => 160}])
    expect(remedy.call(thin)).not_to eq(remedy.call(ElmCup.shipped))
  end

  it "knows its own ingredients from headings when a recipe comes in" do
    text = "Bites\n\n2 cups rolled oats\n1 cup honey\n\nVestry Coating\n2 tbsp cocoa powder\n"
    own = ElmCup.pantry([{"id" => "own-coating", "name" => "Vestry coating", "starts_from" => "chocolate-dark"}])
    parts = ->(library) { ElmCup.import(text, pantry: library)["formula"]["components"].map { |part| part["name"] } }
    expect(parts.call(ElmCup.shipped)).to eq(["dough", "vestry coating"])
    expect(parts.call(own)).to eq(["dough"])
  end

  it "converts by its own weights" do
    own = ElmCup.pantry([{"id" => "honey", "price" => 5, "pack_grams" => 500, "grams_per_cup" => 400}])
    expect(ElmCup.convert("1 cup honey", pantry: own)["grams"]).to eq(400.0)
    expect(ElmCup.convert("1 cup honey")["grams"]).not_to eq(400.0)
  end

  it "makes a library of what was kept once, and sets aside what it cannot read, with the reason" do
    sound = {"id" => "own-tahini", "name" => "Own tahini", "starts_from" => "tahini"}
    broken = [{"id" => "own-x", "name" => "X", "starts_from" => "a-row-of-before"}, {"id" => "own-y", "new" => 1}, [], nil, "text"]
    kept = ElmCup.kept_pantry([sound, *broken])
    expect(kept.library["own-tahini"].name).to eq("Own tahini")
    expect(kept.aside.map(&:said)).to eq(broken)
    expect(kept.aside.map { |each| each.faults.first.message }).to all(match(/\S/))
    expect { ElmCup.check_pantry_size(2_000) }.not_to raise_error
    expect { ElmCup.check_pantry_size(2_001) }.to raise_error(ElmCup::InvalidDocument, /2001 ingredients of your own; 2000 is the most/)
  end
end
