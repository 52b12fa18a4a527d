# frozen_string_literal: true

# Rules of labels and of the day's sugar, against their published text.
RSpec.describe "Rules of labels" do
  let(:rounding) { ElmCup::Mixture::LabelRounding }

  # 21 CFR 101.9(c)(1): energy; (c)(2): fat; (c)(4): sodium; (c)(6), (7): carbohydrate, fibre, sugars, protein. From memory.
  it "rounds as 21 CFR 101.9(c) says" do
    expect([4.9, 5, 47, 47.5, 50, 51, 54.9, 55, 142].map { |kcal| rounding.us_energy(kcal) }).to eq(%w[0 5 45 50 50 50 50 60 140])
    expect([0.49, 0.5, 0.74, 0.75, 4.74, 4.76, 5.4, 5.5].map { |grams| rounding.us_fat(grams) })
      .to eq(["0 g", "0.5 g", "0.5 g", "1 g", "4.5 g", "5 g", "5 g", "6 g"])
    expect([4.9, 5, 137, 138, 140, 144, 145, 146].map { |milligrams| rounding.us_sodium(milligrams) })
      .to eq(["0 mg", "5 mg", "135 mg", "140 mg", "140 mg", "140 mg", "150 mg", "150 mg"])
    expect([0.49, 0.5, 0.99, 1.0, 1.49, 1.5].map { |grams| rounding.us_grams(grams) })
      .to eq(["0 g", "less than 1 g", "less than 1 g", "1 g", "1 g", "2 g"])
  end

  # Guidance of the European Commission on tolerances for nutrition values, December 2012, section 6: rounding. From memory.
  it "rounds as the EU guidance of December 2012 says" do
    expect([0.5, 0.51, 9.94, 9.96, 10.4, 10.5].map { |grams| rounding.eu_grams(grams) })
      .to eq(["< 0.5 g", "0.5 g", "9.9 g", "10 g", "10 g", "11 g"])
    expect([0.1, 0.14].map { |grams| rounding.eu_grams(grams, least: 0.1) }).to eq(["< 0.1 g", "0.1 g"])
    expect([0.0125, 0.013, 0.996, 1.04, 1.05].map { |grams| rounding.eu_salt(grams) }).to eq(["< 0.01 g", "0.01 g", "1 g", "1 g", "1.1 g"])
  end

  it "is shown with an assessment: US for a piece, EU for 100 g with fibre left out of the carbohydrate" do
    answer = assess(formula("100 g rolled oats, ground", "100 g tahini", "100 g maple syrup", "4 g salt"))
    piece, hundred = answer.values_at("nutrition_per_piece", "nutrition_per_100g")
    expect(answer["label"]["us_per_piece"]["calories"]).to eq(rounding.us_energy(piece["kcal"]))
    expect(answer["label"]["us_per_piece"]["sodium"]).to eq(rounding.us_sodium(piece["salt_g"] / 2.5 * 1000))
    expect(answer["label"]["us_per_piece"].values_at("fat", "protein"))
      .to eq([rounding.us_fat(piece["fat_g"]), rounding.us_grams(piece["protein_g"])])
    expect(answer["label"]["eu_per_100g"]["carbohydrate"]).to eq("#{(hundred["carbohydrate_g"] - hundred["fibre_g"]).round} g")
    expect(answer["label"]["eu_per_100g"]["energy"]).to match(/\A\d{4} kJ \/ \d{3} kcal\z/)
  end

  # USDA National Nutrient Database, SR Legacy: grams of saturates and of fat in 100 g. From memory.
  it "has the saturates of each nut and seed, no neighbour's" do
    {"pistachios" => 5.9 / 45.3, "pumpkin-seeds" => 8.66 / 49.05, "macadamias" => 12.06 / 75.8, "hazelnuts" => 4.46 / 60.75,
     "peanuts" => 7.7 / 49.7, "sunflower-seeds" => 4.46 / 51.5, "chia" => 3.33 / 30.7, "flaxseed" => 2.97 / 35.67}.each do |id, share|
      lines = [{"ingredient" => id, "grams" => 100}]
      hundred = assess({"elm_cup" => "formula/1", "name" => id,
                               "components" => [{"name" => "dough", "lines" => lines}]})["nutrition_per_100g"]
      expect(hundred["saturates_g"] / hundred["fat_g"]).to be_within(0.005).of(share), id
    end
  end

  # WHO 2015, Guideline: sugars intake for adults and children: 10 % of energy, better 5 %; a gram of sugar is 4 kcal. From memory.
  it "sets one piece against 5 and 10 % of 2000 kcal" do
    expect([ElmCup::Mixture::DaySugar::BETTER_GRAMS, ElmCup::Mixture::DaySugar::MOST_GRAMS]).to eq([2000 * 0.05 / 4, 2000 * 0.10 / 4])
    answer = assess(formula("100 g honey", "100 g rolled oats, ground"))
    free = answer["nutrition_per_piece"]["free_sugars_g"]
    expect(answer["sugar_of_day"]).to eq("grams" => free.round(1), "of_25_g_pct" => (free / 25 * 100).round(1),
      "of_50_g_pct" => (free / 50 * 100).round(1)).or(
      match("grams" => be_within(0.06).of(free), "of_25_g_pct" => be_within(0.1).of(free / 25 * 100),
        "of_50_g_pct" => be_within(0.1).of(free / 50 * 100))
    )
  end

  # FALCPA 2004 with FASTER 2021; Regulation (EU) 1169/2011, Annex II. From memory.
  it "names the US nine and the EU fourteen" do
    expect(ElmCup::Mixture::Allergens::US_NINE).to match_array(%w[milk egg fish crustacean tree_nut peanut wheat soy sesame])
    expect(ElmCup::Mixture::Allergens::EU_FOURTEEN.size).to eq(14)
    answer = assess(formula("1 cup cookie crumbs", "1/2 cup tahini", "1/2 cup dried apricots", "1/2 cup desiccated coconut",
      "1 cup rolled oats"))
    expect(answer["allergens_us"]).to eq(answer["allergens"] & %w[milk egg fish crustacean tree_nut peanut wheat soy sesame])
    expect(answer["allergens_eu"]).to include("gluten", "sesame", "sulphite")
    expect([answer["allergens_us"], answer["allergens_eu"]].flatten).not_to include("coconut")
    expect(answer["allergen_lines"].find { |each| each["allergen"] == "coconut" }["lines"].map { |line| line["line"] })
      .to eq(["1/2 cup desiccated coconut"])
  end
end
