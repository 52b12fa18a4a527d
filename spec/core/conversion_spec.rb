# frozen_string_literal: true

RSpec.describe "Grams in kitchen measures" do
  it "stands beside every line given by weight, with its error" do
    line = read("75 g honey")
    expect(line["kitchen"]).to eq("text" => "3 tbsp + 1 1/2 tsp", "error_pct" => -1.1)
    expect(read("1/2 cup (170 g) honey")["kitchen"]["text"]).to eq("1/2 cup")
    expect(read("1/2 cup honey")).not_to have_key("kitchen")
    expect(read("10 dates")).not_to have_key("kitchen")
    expect(bowl({"ingredient" => "tahini", "grams" => 120})["lines"][0]["kitchen"]).to eq("text" => "1/2 cup", "error_pct" => 0.0)
  end

  it "keeps to the measures of the kitchen in the document" do
    line = bowl("75 g honey", kitchen: {"spoons" => ["1 tsp", "1 tbsp"]})["lines"][0]
    expect(line["kitchen"]["text"]).to eq("3 tbsp + 2 tsp")
  end

  it "weighs what melts by its melted weight" do
    expect(read("213 g cocoa butter, melted")["kitchen"]["text"]).to eq("1 cup")
    expect(read("120 g cocoa butter")["kitchen"]["text"]).to eq("1 cup")
  end

  it "goes there and back for every ingredient with a weight per volume" do
    filled = ElmCup.shipped.all.select { |entry| ElmCup.shipped.weights(entry.id).any?(&:grams_per_ml) }
    expect(filled.size).to be > ElmCup.shipped.all.size - 5
    filled.each do |entry|
      there = ElmCup.convert("2 cups #{entry.name.downcase}", to: "g")
      back = ElmCup.convert("#{there["grams"]} g #{entry.name.downcase}", to: "cups")
      expect(back["amount"]).to be_within(0.002).of(2), entry.id
    end
  end

  it "takes any name of a mass or a volume, and nothing else" do
    {"tablespoons" => 16, "T" => 16, "t" => 48, "Cups" => 1, "fluid ounces" => 8, "floz" => 8, "pints" => 0.5, "pinches" => 768}
      .each do |unit, amount|
      expect(ElmCup.convert("1 cup honey", to: unit)["amount"]).to be_within(0.001).of(amount), unit
    end
    ["handful", "scoop", "can", "pieces", "parsec", "", nil].each do |unit|
      expect { ElmCup.convert("1 cup honey", to: unit) }.to raise_error(ElmCup::UnreadableText, /is not a unit to convert to; use g, kg/)
    end
  end
end
