# frozen_string_literal: true

RSpec.describe "What is in the bowl" do
  def per_100g(*lines, **options) = assess(formula(*lines, **options))["nutrition_per_100g"]

  it "adds up to the grams of its lines" do
    answer = assess(formula("100 g rolled oats", "50 g honey", {"ingredient" => "tahini", "grams" => 25}))
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
    sweetness = ->(*lines) { assess(formula(*lines))["sweetness_pct"] }
    expect(sweetness.call("100 g granulated sugar")).to be_within(0.2).of(100)
    expect(sweetness.call("100 g maple syrup")).to be_within(0.1).of(62)
    expect(sweetness.call("50 g granulated sugar", "50 g water")).to be_within(0.2).of(50)
    expect(sweetness.call("100 g erythritol")).to be_within(0.2).of(65)
    expect(sweetness.call("100 g whole milk")).to be_within(0.1).of(4.8 * 0.2)
  end

  it "names allergens and the diets that every line keeps to" do
    answer = assess(formula("100 g rolled oats", "50 g tahini", "20 g honey"))
    expect(answer["allergens"]).to eq(%w[gluten sesame])
    expect(answer["diets"]).to include("vegetarian", "nut-free", "dairy-free")
    expect(answer["diets"] & %w[vegan gluten-free sesame-free grain-free]).to eq([])
    safe = assess(formula("100 g gluten-free rolled oats", "50 g sunflower seed butter", "20 g maple syrup"))
    expect(safe["allergens"]).to eq([])
    expect(safe["diets"]).to include("vegan", "gluten-free", "sesame-free")
  end

  it "claims no diet while a line waits" do
    answer = assess(formula("100 g honey", "20 g mystery"))
    expect(answer["diets"]).to eq([])
    expect(answer["notes"]).to include(/are without line 2/)
    expect(answer["nutrition_per_100g"]["sugars_g"]).to be_within(1).of(82)
  end

  # Source: docs/model.md, Composition: a dough with 10 % air is about 1.17 g/mL.
  it "knows how dense a dough is" do
    lines = line_resolver("processor")
    bowl = ElmCup::Mixture::Bowl.new(["200 g soft dates", "120 g almonds", "80 g rolled oats"].map { |text| lines.resolve(text) })
    expect(ElmCup::Mixture::Density.of(bowl)).to be_within(0.06).of(1.17)
  end

  # g/mL at 5 °C, worked by hand from the linear forms. Source: Choi & Okos 1986, from memory; ethanol .80 at 5 °C, from memory.
  it "adds up the volumes of what it is made of" do
    at_five = {water: 0.9971, protein: 1.3273, fat: 0.9235, mono: 1.5975, di: 1.5975, starch: 1.5975, polyols: 1.5975, fibre: 1.3097,
               ash: 2.4224, alcohol: 0.80}
    %w[water oil-neutral sugar-granulated psyllium spirits erythritol cocoa protein-powder dates-soft salt oats-rolled].each do |id|
      entry = ElmCup.shipped[id]
      parts = at_five.sum { |part, density| entry.composition.public_send(part) / density }
      bowl = ElmCup::Mixture::Bowl.new([line_resolver("hand").weighed(id, 100)])
      expect(ElmCup::Mixture::Density.of(bowl, air: 0)).to be_within(0.002).of(100 / parts), id
      expect(ElmCup::Mixture::Density.of(bowl)).to be_within(0.002).of(90 / parts), id
    end
  end

  # The whole facts of a bowl, summed here from the rows themselves: a row is scaled to 100 g, energy by 4/4/9, fibre 2, alcohol 7.
  it "sums its rows" do
    grams = {"oats-rolled" => 90, "tahini" => 60, "maple" => 40, "milk-whole" => 20, "cocoa" => 10, "vanilla-extract" => 4, "salt" => 1,
             "xylitol" => 5}
    facts = assess(formula(*grams.map { |id, mass| {"ingredient" => id, "grams" => mass} }))["nutrition_per_100g"]
    raw = ElmCup::DataTable.rows("ingredients").to_h { |row| [row["id"], row] }
    saturated = ElmCup::DataTable.rows("fat_saturates").to_h { |row| [row["fat"], row["saturated_share"].to_f] }
    columns = %w[water protein fat mono di starch fibre polyols alcohol ash]
    scale = ->(row) { 100 / columns.sum { |column| row[column].to_f } }
    sum = ->(&figure) { grams.sum { |id, mass| mass * figure.call(raw.fetch(id)) * scale.call(raw.fetch(id)) } / grams.values.sum }
    sugars = ->(row) { row["mono"].to_f + row["di"].to_f }
    energy = lambda do |row|
      4 * (row["protein"].to_f + sugars.call(row) + row["starch"].to_f) + 9 * row["fat"].to_f + 2 * row["fibre"].to_f +
        7 * row["alcohol"].to_f + ((row["polyol_kind"] == "erythritol") ? 0 : 2.4) * row["polyols"].to_f
    end
    wanted = {
      "kcal" => sum.call(&energy), "protein_g" => sum.call { |row| row["protein"].to_f }, "fat_g" => sum.call { |row| row["fat"].to_f },
      "sugars_g" => sum.call(&sugars), "fibre_g" => sum.call { |row| row["fibre"].to_f },
      "saturates_g" => sum.call { |row|
        row["fat"].to_f * row["fats"].split("|").map { |part| part.split(":") }.sum { |fat, share| saturated.fetch(fat) * share.to_f }
      },
      "carbohydrate_g" => sum.call { |row| sugars.call(row) + row["starch"].to_f + row["fibre"].to_f + row["polyols"].to_f },
      "polyols_g" => sum.call { |row| row["polyols"].to_f }, "salt_g" => sum.call { |row| row["salt"].to_f },
      "free_sugars_g" => sum.call { |row| sugars.call(row) * row["free_share"].to_f },
      "added_sugars_g" => sum.call { |row| sugars.call(row) * row["added_share"].to_f }
    }
    wanted.each do |name, figure|
      expect(facts.fetch(name)).to be_within(0.06 + 0.002 * figure).of(figure), "#{name}: #{facts[name]} for #{figure}"
    end
  end

  # Regulation (EU) 1169/2011, Annex III, 2.4 (from memory): more than 10 % added polyols must say so.
  it "warns of a bowl that is more than a tenth polyol, and of no other" do
    notes = ->(grams) {
      assess(formula({"ingredient" => "oats-rolled", "grams" => 100 - grams},
        {"ingredient" => "erythritol-powdered", "grams" => grams}))["notes"]
    }
    expect(notes.call(12)).to eq(["More than a tenth of it is sugar alcohol (polyols): a lot of it can be laxative."])
    expect([notes.call(9), assess(formula)["notes"]]).to eq([[], []])
  end
end
