# frozen_string_literal: true

RSpec.describe ElmCup::Quantity::KitchenMeasures do
  let(:cup) { ElmCup::Quantity::CupStandard::US.cup_ml }
  let(:kitchen) { described_class.new }

  # Source: docs/model.md, Amounts, worked example: 75 g of honey at 339 g a cup.
  it "finds 75 g of honey" do
    nearest = kitchen.nearest(75 * cup / 339)
    expect([nearest.text, nearest.error.round(3)]).to eq(["3 tbsp + 1 1/2 tsp", -0.011])
    nearest = described_class.new(spoons: ["1 tsp", "1 tbsp"]).nearest(75 * cup / 339)
    expect([nearest.text, nearest.error.round(3)]).to eq(["3 tbsp + 2 tsp", 0.036])
  end

  it "writes only measures that exist, at most two terms, and says the true error" do
    random = Random.new(3)
    60.times do
      ml = Rational(random.rand(2.0..900.0).round(2).to_s)
      nearest = kitchen.nearest(ml)
      terms = nearest.text.split(" + ")
      read_back = ElmCup::Quantity::LineReader.read("#{nearest.text} water")
        .terms.sum { |term| term.millilitres(ElmCup::Quantity::CupStandard::US) }
      expect(terms.size).to be <= 2
      expect(read_back).to eq(nearest.ml)
      expect(nearest.error).to be_within(1e-9).of(((nearest.ml - ml) / ml).to_f)
      expect(nearest.error.abs).to be < 0.13
    end
  end

  it "agrees with trying every sum of two terms" do
    spoons = {"tsp" => 1/48r, "tbsp" => 1/16r}
    small = described_class.new(spoons: ["1/2 tsp", "1 tbsp"], cups: [])
    (3..60).each do |quarter_tsp|
      ml = quarter_tsp * cup / 192
      best = (0..20).flat_map { |t| (0..5).map { |h| (t * spoons["tbsp"] + h * spoons["tsp"] / 2) * cup } }.reject(&:zero?)
        .map { |sum| (sum - ml).abs }.min
      expect((small.nearest(ml).ml - ml).abs).to be <= best + ml * Rational(1, 1000)
    end
  end

  it "tries three terms where two miss, and makes up every quarter teaspoon with them" do
    expect(kitchen.nearest(77).error.abs).to be > 0.005
    (1..240).each { |quarters| expect(kitchen.nearest(quarters * cup / 192, exact: true).error.abs).to be < 0.001 }
    expect(kitchen.nearest(Rational("80.1"), exact: true).error.abs).to be <= kitchen.nearest(Rational("80.1")).error.abs
  end

  # Common practice: a cook with one spoon fills it as often as it takes, until a cup can take over.
  it "counts a lone spoon out as far as the smallest cup" do
    {["1 tsp"] => [1/48r, "tsp"], ["1/4 tsp"] => [1/192r, "tsp"], ["1 tbsp"] => [1/16r, "tbsp"]}.each do |spoons, (share, unit)|
      lone = described_class.new(spoons: spoons)
      (1...(1/4r / share)).each do |count|
        nearest = lone.nearest(count * share * cup)
        expect([nearest.ml, nearest.text]).to match([count * share * cup, / #{unit}\z/])
      end
      expect(lone.nearest(cup / 4).text).to eq("1/4 cup")
    end
    expect([3, 4, 6, 11].map { |tsp| kitchen.nearest(tsp * cup / 48).text }).to eq(["1 tbsp", "1 tbsp + 1 tsp", "2 tbsp", "3 tbsp + 2 tsp"])
  end

  it "rounds a dose up, never down" do
    [0.1, 1.3, 4.93, 5.0, 33.3, 118.3, 240.0].each { |ml| expect(kitchen.at_least(ml).ml).to be >= Rational(ml.to_s) * Rational(999, 1000) }
  end

  it "says the least spoon, and how far off it is, of what is too little for any" do
    nearest = kitchen.nearest(0.1)
    expect(nearest.text).to eq("1/4 tsp")
    expect(nearest.error).to be_within(0.01).of(11.32)
    expect(kitchen.smallest_ml).to eq(cup / 192)
  end

  it "refuses what is no spoon" do
    expect { described_class.new(spoons: ["1 furlong"]) }.to raise_error(ArgumentError, /no spoon/)
  end
end
