# frozen_string_literal: true

RSpec.describe ElmCup::Assessment::Comparison do
  let(:before) { formula("1 cup rolled oats, ground", "1/2 cup tahini", "1/4 cup honey", "1/4 tsp salt") }
  let(:after) { formula("1 1/4 cups rolled oats, ground", "1/2 cup tahini", "1/4 cup maple syrup", "1/4 tsp salt", name: "Another") }

  it "pairs lines by ingredient, and says what was added, gone and changed" do
    lines = ElmCup.compare(before, after)["components"][0]["lines"]
    expect(lines.map { |line| [line["name"], line["change"], line["grams"], line["grams_change"]] }).to eq([
      ["Rolled oats", "changed", [95.0, 118.75], 23.75], ["Tahini", "same", [120.0, 120.0], 0.0], ["Honey", "gone", [84.75, nil], nil],
      ["Fine salt", "same", [1.5, 1.5], 0.0], ["Maple syrup", "added", [nil, 78.75], nil]
    ])
  end

  it "sets the figures of both side by side" do
    answer = ElmCup.compare(before, after)
    first, second = [before, after].map { |document| assess(document) }
    figures = answer["figures"].to_h { |each| [each["figure"], each] }
    expect(figures["grams"].values_at("before", "after", "change"))
      .to eq([first["grams"], second["grams"], (second["grams"] - first["grams"]).round(4)])
    expect(figures["per_piece.sugars_g"]["after"]).to eq(second["nutrition_per_piece"]["sugars_g"])
    saturation = answer["components"][0]["figures"].find { |each| each["figure"] == "saturation" }
    expect(saturation.values_at("before", "after")).to eq([first, second].map { |each| each["components"][0]["saturation"]["value"] })
    expect(answer.values_at("come", "gone")).to eq([{"allergens" => [], "diets" => ["vegan"]}, {"allergens" => [], "diets" => []}])
    expect(ElmCup.compare(after, before)["gone"]).to eq(answer["come"])
    expect(ElmCup.compare(before, formula("1 cup almonds"))["come"]["allergens"]).to eq(["tree_nut"])
  end

  it "finds nothing changed in a formula beside itself" do
    answer = ElmCup.compare(before, before)
    expect(answer["components"][0]["lines"].map { |line| line["change"] }.uniq).to eq(["same"])
    expect(answer["figures"].map { |each| each["change"] }.uniq).to all(eq(0))
  end

  it "calls a line changed that weighs another amount by another cup" do
    metric = before.merge("kitchen" => {"cup" => "metric"})
    expect(ElmCup.compare(before, metric)["components"][0]["lines"].map { |line| line["change"] })
      .to eq(%w[changed changed changed changed])
  end

  it "pairs components by name, a lone renamed one by place, and takes lines that are not read" do
    two = before.merge("components" => before["components"] + [{"name" => "lid", "lines" => [{"text" => "1 cup moon dust"}]}])
    renamed = before.merge("components" => [before["components"][0].merge("name" => "base")])
    expect(ElmCup.compare(before, two)["components"].map { |part| part["names"] }).to eq([%w[dough dough], [nil, "lid"]])
    expect(ElmCup.compare(before, renamed)["components"].map { |part| part["names"] }).to eq([%w[dough base]])
    others = before.merge("components" => %w[one other].map { |name| before["components"][0].merge("name" => name) })
    expect(ElmCup.compare(others, renamed)["components"].map { |part| part["names"] }).to eq([["one", nil], ["other", nil], [nil, "base"]])
    expect(ElmCup.compare(two, two)["components"][1]["lines"][0]).to include("change" => "same", "name" => "1 cup moon dust")
  end
end
