# frozen_string_literal: true

RSpec.describe ElmCup::Balance::Resizing do
  let(:bites) {
    formula("1 cup rolled oats, ground", "10 soft dates, to paste", "1/3 cup tahini", "2 tbsp maple syrup", "1/4 tsp salt",
      shape: {"kind" => "ball", "piece_grams" => 18})
  }

  it "answers with smaller pieces where that is the least change, and says so" do
    now = assess(bites)["nutrition_per_piece"]["kcal"]
    wish = "kcal<=#{(now * 0.9).round}"
    answer = balance(bites, wish)["answers"].first
    expect(answer["changes"].map { |change|
      change.slice("kind", "text")
    }).to eq(["kind" => "size", "text" => "Pieces of 16 g instead of 18 g"])
    expect([answer["patch"],
      answer["formula"]["shape"]]).to eq([[{"op" => "replace", "path" => "/shape/piece_grams", "value" => 16}],
        {"kind" => "ball", "piece_grams" => 16}])
    expect(answer["size"]).to be_within(1e-3).of(2 / 18.0)
    expect(holds?(answer["formula"], wish)).to be(true)
    expect([answer["proved_optimal"], answer["why"]]).to eq([true, "Pieces of 16 g instead of 18 g: nothing else has to change, and it is the smallest change."])
    expect(balance(bites, wish, quick: true)["answers"].first["formula"]).to eq(answer["formula"])
  end

  it "takes the largest piece that will do, coat and all, larger ones for more, and other numbers where those are said" do
    coated = coated({"kind" => "ball", "piece_grams" => 20})
    now = assess(coated)["nutrition_per_piece"]["kcal"]
    answer = balance(coated, "kcal<=#{(now * 0.8).round}")["answers"].first
    grams = answer["formula"]["shape"]["piece_grams"]
    larger = assess(coated.merge("shape" => {"kind" => "ball", "piece_grams" => grams + 1}))["nutrition_per_piece"]["kcal"]
    expect([holds?(answer["formula"], "kcal<=#{(now * 0.8).round}"), larger > (now * 0.8).round]).to eq([true, true])
    more = balance(bites, "protein>=#{(assess(bites)["nutrition_per_piece"]["protein_g"] * 1.2).round(2)}")["answers"]
    expect(more.map { |each| each["formula"]["shape"]["piece_grams"] }).to include(be > 18)
    counted = balance(bites.merge("shape" => {"kind" => "slab", "grid" => [4, 4]}),
      "kcal<=#{(assess(bites.merge("shape" => {"kind" => "slab",
                                               "grid" => [4, 4]}))["nutrition_per_piece"]["kcal"] * 0.9).round}")["answers"].first
    expect(counted["formula"]["shape"]["pieces"]).to be_between(18, 20)
  end

  it "moves lines as well where that is less, the least of every size" do
    now = assess(bites)["nutrition_per_piece"]
    wishes = ["kcal<=#{(now["kcal"] * 0.95).round}", "protein>=#{(now["protein_g"] * 1.05).round(2)}"]
    answer = balance(bites, *wishes)["answers"].first
    kinds = answer["changes"].map { |change| change["kind"] }
    expect([kinds.first, kinds.drop(1) - %w[more less added], kinds.size]).to match(["size", [], be > 1])
    expect([answer["proved_optimal"], answer["why"]])
      .to match([true, /\APieces of 1\d g instead of 18 g; [a-z].*: the smallest change in your measures\./])
    expect(ElmCup::Document::Patch.apply(bites, answer["patch"])).to eq(answer["formula"].except("wishes"))
    wishes.each { |wish| expect([wish, holds?(answer["formula"], wish)]).to eq([wish, true]) }
    answer["sums"].each do |sum|
      expect(Arithmetic.reckon(sum["formula"], sum["inputs"])).to be_within(sum["value"].abs * 1e-4).of(sum["value"])
    end
    expect(answer["sums"].find { |sum| sum["figure"] == "size" }["value"]).to be_within(1e-4).of(answer["size"])
    sizes = (14..22).filter_map do |grams|
      least = balance(bites.merge("shape" => {"kind" => "ball", "piece_grams" => grams}), *wishes, "lock:size")["answers"].first
      least["size"] + (grams / 18.0 - 1).abs if least
    end
    expect(answer["size"]).to be_within(1e-4).of(sizes.min)
    others = balance(bites, *wishes)["answers"].drop(1)
    expect(others.map { |each| each["why"] }).to all(match(/with pieces as they are/))
    expect(others.first["proved_optimal"]).to be(false)
  end

  it "leaves the size where it is to be kept" do
    wish = "kcal<=#{(assess(bites)["nutrition_per_piece"]["kcal"] * 0.93).round}"
    kept = balance(bites, wish, "lock:size")
    expect(kept["answers"].map { |answer| answer["formula"]["shape"] }.uniq).to eq([bites["shape"]])
    expect(kept["wishes"].find { |each| each["wish"] == "lock:size" }["words"]).to eq("keep the size of a piece")
    expect(ElmCup.wish(bites, "keep the size")["wish"]).to eq("lock:size")
    both = balance(bites, wish, "protein>=3.2", "lock:size")["answers"]
    expect(both.flat_map { |answer| answer["changes"].map { |change| change["kind"] } }).not_to include("size")
  end
end
