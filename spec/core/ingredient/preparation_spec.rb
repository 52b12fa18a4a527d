# frozen_string_literal: true

# Soaking, toasting, blanching. What the rules are: common practice and from memory, core/data/preparations.csv.
RSpec.describe ElmCup::Ingredient::Preparation do
  def grams(text, **options) = read(text, **options)["grams"]

  it "adds the water of an hour's soak to dates, and says so (common practice: 10 to 20 %)" do
    line = read("10 dates, soaked 1 h")
    expect(line["prepared"]).to eq("text" => "soaked 1 h: + 27 g water", "grams_before" => 180.0, "water_g" => 27.0, "water_low_g" => 18.0,
      "water_high_g" => 36.0)
    expect(line["grams"]).to eq(207.0)
    expect(line["assumptions"]).to include("soaked 1 h: + 27 g water")
  end

  it "grows with the root of the time, up to twice the hour's" do
    expect(grams("100 g soft dates, soaked 15 min")).to be_within(0.05).of(107.5)
    expect(grams("100 g soft dates, soaked for 30 to 60 minutes")).to be_within(0.1).of(113.0)
    {"half an hour" => 30, "1½ h" => 90, "1 1/2 hours" => 90, "an hour" => 60, "0,5 h" => 30, "¾ h" => 45, "two hours" => 120,
     "20-40 min" => 30}.each { |time, minutes| expect(ElmCup::Ingredient::Duration.minutes("soaked #{time}")).to eq(minutes), time }
    expect(["overnight", "12 hours", "for 4 h"].map { |time| grams("100 g soft dates, soaked #{time}") }).to eq([130.0, 130.0, 130.0])
    expect(grams("100 g soft dates, soaked")).to eq(115.0)
  end

  it "takes what stands before the ingredient as done when it was measured, but counts things as they were" do
    expect(grams("200 g soaked dates")).to eq(200.0)
    expect(read("200 g soaked dates")["prepared"]["grams_before"]).to be_within(0.01).of(200 / 1.15)
    expect(grams("10 soaked dates")).to eq(207.0)
    expect(grams("200 g dates, soaked")).to eq(230.0)
  end

  it "reads what is done without a comma as well" do
    {"10 dates soaked 1 h" => 207.0, "10 dates soaked for 15 min" => 193.5,
     "100 g walnuts toasted and chopped" => grams("100 g walnuts, toasted, chopped"), "100 g raisins soaked in rum" => 120.0}
      .each { |text, weight| expect(grams(text)).to eq(weight), text }
    {"1 cup walnuts toasted and chopped" => "chopped", "1/2 cup coconut oil melted and cooled" => "melted", "1 cup oats ground" => "ground",
     "1/2 cup finely chopped and toasted pecans" => "chopped",
     "1/2 cup chopped, toasted pecans" => "chopped"}.each { |text, form| expect(read(text)["form"]).to eq(form), text }
    expect(read("2 tbsp toasted sesame oil")).not_to include("prepared")
    expect(read("1 cup freshly ground almonds")["ingredient"]).to eq("almond-flour")
  end

  it "keeps what was heated from being raw" do
    raw = ->(*lines) { assess(formula(*lines))["diets"].include?("raw") }
    expect([raw["1 cup almonds"], raw["1 cup almonds, toasted"], raw["1 cup roasted hazelnuts"], raw["1 cup blanched almonds"]])
      .to eq([true, false, false, false])
  end

  it "drives half of the water out of what is toasted, and slips skins" do
    expect(grams("100 g almonds, toasted")).to be_within(0.01).of(100 - 4.4 * 100 / read_sum("almonds") / 2)
    expect(read("100 g almonds, blanched and roasted")["prepared"]["text"]).to eq("blanched and roasted: − 2.3 g water, − 4 g skins")
    expect(grams("100 g hazelnuts, toasted")).to be < 100
  end

  # The parts of a row before they are brought to 100 g.
  def read_sum(id)
    row = CSV.read(File.expand_path("../../../core/data/ingredients.csv", __dir__), headers: true).find { |each| each["id"] == id }
    ElmCup::Ingredient::Composition::PARTS.sum { |part| row[part.to_s].to_f }
  end

  it "adds what a paste was blended with" do
    expect(grams("5 large soft dates, blended to a paste with 1 tbsp hot water")).to be_within(0.1).of(120 + 14.8)
    expect(read("5 large soft dates, blended to a paste with 1 tbsp hot water")["form"]).to eq("paste")
  end

  it "says where a preparation makes no difference that is reckoned" do
    expect(read("1 tsp salt, toasted")["notes"]).to eq(["“toasted” changes nothing we count for fine salt"])
    expect(read("1 tbsp chia, soaked in 3 tbsp water")["notes"]).to include(/water that stays in it goes on a line of its own/)
    expect(read("1 cup chickpeas, drained")["notes"]).to eq([])
  end

  it "counts the water in the nutrition and keeps the rest" do
    before, after = ["180 g dates, to paste", "180 g dates, soaked 1 h, to paste"].map { |text| assess(formula(text)) }
    %w[kcal sugars_g fibre_g].each do |figure|
      whole = [before, after].map { |answer| answer["nutrition_per_100g"][figure] * answer["grams"] / 100 }
      expect(whole.last).to be_within(0.02 * whole.first + 0.02).of(whole.first)
    end
    expect(after["grams"] - before["grams"]).to eq(27.0)
  end

  it "binds more where pulp took water up, as pulp of its new moisture and mass, and is less sure" do
    dry, soaked = ["180 g dates, to paste", "180 g dates, soaked 1 h, to paste"].map { |text| bowl(text, "1 cup oats, ground") }
    # Moisture .2231 before and (180 * .2231 + 27) / 207 = .3245 after: past .31 a gram of pulp holds .745 + .35 (M - .31) mL and takes
    # .407 + .25 (M - .31); before .52 + 2.5 (M - .22) and .46 (1 - M) / .78.
    after = (180 * 0.2231 + 27) / 207
    held = 207 * (0.745 + 0.35 * (after - 0.31)) - 180 * (0.52 + 2.5 * 0.0031)
    expect(soaked["binder_split_ml"]["pulp"] - dry["binder_split_ml"]["pulp"]).to be_within(0.1).of(held)
    takes = 207 * (0.407 + 0.25 * (after - 0.31)) - 180 * 0.46 * (1 - 0.2231) / 0.78
    expect(soaked["demand_ml"] - dry["demand_ml"]).to be_within(0.1).of(takes)
    width = ->(part) { Math.log(part["saturation"]["high"] / part["saturation"]["low"]) }
    expect(width.call(bowl("180 g dates, soaked 1 h, to paste", "5 g water")))
      .to be >= width.call(bowl("180 g dates, to paste", "5 g water"))
  end

  it "gives half of it to fruit that is chopped by hand, as its figure is half" do
    line = bowl("100 g soft dates, soaked 1 h, chopped", "1 cup oats")["lines"].first
    expect(line["form"]).to eq("chopped")
    # 115 g of moisture (22.31 + 15) / 115 = .3244 hold 115 * .750 mL, 100 g of .2231 52.8 mL; half of the gain.
    expect(line["split_ml"]["pulp"]).to be_within(0.05).of(26 + (115 * 0.75 - 52.8) / 2)
  end

  it "keeps the water of whole soaked pieces to themselves, and frees that of nuts that are cut" do
    whole = bowl("50 g raisins, soaked 1 h", "100 g tahini", "1 cup oats")["lines"].first
    expect([whole["supply_ml"], whole["grams"]]).to eq([0.0, 60.0])
    cut = bowl("100 g cashews, soaked 8 h", "100 g tahini", process: "processor")["lines"].first
    expect(cut["split_ml"]["water"]).to be_within(0.01).of(2.5 * 30)
    expect(cut["split_ml"]["fat"]).to be_within(0.01).of(14)
  end

  it "scales with the line, the minutes staying" do
    scaled = ElmCup.scale(formula("10 dates, soaked 1 h"), 2)
    expect(scaled["components"][0]["lines"][0]["text"]).to eq("20 dates, soaked 1 h")
    expect(bowl(scaled["components"][0]["lines"][0]["text"])["grams"]).to eq(414.0)
  end
end
