# frozen_string_literal: true

RSpec.describe "What is in the bowl" do
  def per_100g(*lines, **options) = ElmCup.assess(formula(*lines, **options))["nutrition_per_100g"]

  it "adds up to the grams of its lines" do
    answer = ElmCup.assess(formula("100 g rolled oats", "50 g honey", {"ingredient" => "tahini", "grams" => 25}))
    expect(answer["grams"]).to eq(175.0)
    expect(answer["components"].first["lines"].sum { |line| line["share"] }).to be_within(0.001).of(1)
  end

  # Source: the general factors 4/4/9, fibre 2 (EU 1169/2011, Annex XIV, from memory).
  it "reckons energy by the general factors" do
    facts = per_100g("100 g honey")
    expect(facts["kcal"]).to be_within(1).of(4 * (facts["sugars_g"] + facts["protein_g"]) + 2 * facts["fibre_g"])
    expect(per_100g("100 g coconut oil")["kcal"]).to eq(900.0)
    expect(per_100g("100 g erythritol")["kcal"]).to be < 2
    expect(per_100g("100 g xylitol")["kcal"]).to be_within(2).of(240)
    expect(per_100g("100 g vanilla extract")["kcal"]).to be_within(5).of(7 * 34.4 + 4 * 12.8)
  end

  # Source: WHO 2015 on free sugars (from memory): whole fruit no, syrups and honey yes; blended fruit is disputed.
  it "tells total, free and added sugars apart" do
    whole = per_100g("100 g soft dates")
    expect(whole).to include("free_sugars_g" => 0.0, "free_sugars_if_blended_fruit_counts_g" => 0.0, "added_sugars_g" => 0.0)
    paste = per_100g("100 g soft dates", process: "processor")
    expect(paste["free_sugars_g"]).to eq(0.0)
    expect(paste["free_sugars_if_blended_fruit_counts_g"]).to eq(paste["sugars_g"])
    expect(per_100g("100 g honey").values_at("free_sugars_g", "added_sugars_g").uniq).to eq([per_100g("100 g honey")["sugars_g"]])
    expect(per_100g("100 g whole milk")["free_sugars_g"]).to eq(0.0)
  end

  it "takes fibre, erythritol and half of the other polyols from the carbohydrate" do
    facts = per_100g("50 g xylitol", "50 g erythritol")
    expect(facts["net_carbohydrate_g"]).to be_within(0.2).of(25)
    expect(facts["polyols_g"]).to be_within(0.3).of(100)
    almond = per_100g("100 g almond flour")
    expect(almond["net_carbohydrate_g"]).to be_within(0.02).of(almond["carbohydrate_g"] - almond["fibre_g"])
  end

  # Source: sweetness.csv (from memory): a sweetener's own row wins over its sugars.
  it "sums relative sweetness" do
    sweetness = ->(*lines) { ElmCup.assess(formula(*lines))["sweetness_pct"] }
    expect(sweetness.call("100 g granulated sugar")).to be_within(0.2).of(100)
    expect(sweetness.call("100 g maple syrup")).to be_within(0.1).of(62)
    expect(sweetness.call("50 g granulated sugar", "50 g water")).to be_within(0.2).of(50)
    expect(sweetness.call("100 g erythritol")).to be_within(0.2).of(65)
    expect(sweetness.call("100 g whole milk")).to be_within(0.1).of(4.8 * 0.2)
  end

  it "names allergens and the diets that every line keeps to" do
    answer = ElmCup.assess(formula("100 g rolled oats", "50 g tahini", "20 g honey"))
    expect(answer["allergens"]).to eq(%w[gluten sesame])
    expect(answer["diets"]).to include("vegetarian", "nut-free", "dairy-free")
    expect(answer["diets"] & %w[vegan gluten-free sesame-free grain-free]).to eq([])
    safe = ElmCup.assess(formula("100 g gluten-free rolled oats", "50 g sunflower seed butter", "20 g maple syrup"))
    expect(safe["allergens"]).to eq([])
    expect(safe["diets"]).to include("vegan", "gluten-free", "sesame-free")
  end

  it "claims no diet while a line waits" do
    answer = ElmCup.assess(formula("100 g honey", "20 g mystery"))
    expect(answer["diets"]).to eq([])
    expect(answer["notes"]).to include(/not complete/)
    expect(answer).not_to have_key("nutrition_per_100g")
  end

  # Source: docs/model.md, Composition: a dough with 10 % air is about 1.17 g/mL.
  it "knows how dense a dough is" do
    lines = ElmCup::Ingredient::LineResolver.new(process: "processor")
    bowl = ElmCup::Mixture::Bowl.new(["200 g soft dates", "120 g almonds", "80 g rolled oats"].map { |text| lines.resolve(text) })
    expect(ElmCup::Mixture::Density.of(bowl)).to be_within(0.06).of(1.17)
  end
end
