# frozen_string_literal: true

# Ingredients of the household's own: labels that can be true and those that cannot, what a pack's list gives away, CSV.
# The packs are made up.
RSpec.describe ElmCup::Pantry do
  let(:butter) do
    {"id" => "own-butter", "name" => "Corner peanut butter", "starts_from" => "peanut-butter",
     "ingredients" => "Roasted peanuts (99%), sea salt.", "price" => 3.4, "pack_grams" => 340,
     "label" => {"kcal" => 596, "fat_g" => 46, "saturates_g" => 8.5, "carbohydrate_g" => 15, "sugars_g" => 6, "fibre_g" => 7,
                 "protein_g" => 27, "salt_g" => 0.8}}
  end

  def label(said) = ElmCup.label(said)

  def refusal(said) = begin
    label(said).then { nil }
  rescue
    $!.faults.map { |fault| [fault.pointer, fault.message] }
  end

  def with(figures) = butter.merge("label" => butter["label"].merge(figures).compact)

  it "takes a label for 100 g and keeps the library row beside it" do
    answer = label(butter)
    expect(answer["ingredient"]["per_100g"]).to include("fat_g" => 46.0, "protein_g" => 27.0, "sugars_g" => 6.0, "fibre_g" => 7.0,
      "salt_g" => 0.8, "kcal" => be_within(6).of(596))
    expect(answer["ingredient"]["per_100g"].values_at("water_g", "starch_g")).to match([be_within(0.5).of(1.1), be_within(0.1).of(9)])
    expect(answer["starts_from"]["id"]).to eq("peanut-butter")
    expect(answer["ingredient"]["names"]).to eq([])
    expect(label(butter.merge("names" => ["corner pb"]))["ingredient"]["names"]).to eq(["corner pb"])
    expect(answer["starts_from"]["per_100g"]["fat_g"]).to be_within(0.01).of(50 * 100 / 98.5)
  end

  it "takes one for a serving, US kind, with fibre inside the carbohydrate" do
    said = {"basis" => "serving", "serving_g" => 32, "rule" => "us", "kcal" => 190, "fat_g" => 17, "carbohydrate_g" => 7, "fibre_g" => 3,
            "sugars_g" => 1, "protein_g" => 7, "sodium_mg" => 60}
    serving = {"id" => "own-almond", "starts_from" => "almond-butter", "label" => said}
    figures = label(serving)["ingredient"]["per_100g"]
    expect(figures["carbohydrate_g"]).to be_within(0.2).of(700 / 32.0)
    expect(figures["salt_g"]).to be_within(0.01).of(60 * 2.5 / 1000 * 100 / 32)
    eu = serving.merge("label" => serving["label"].merge("rule" => "eu", "carbohydrate_g" => 4))
    expect(label(eu)["ingredient"]["per_100g"]["carbohydrate_g"]).to be_within(0.1).of(figures["carbohydrate_g"])
  end

  it "takes energy in kJ alone, a kilocalorie being 4.184 of them" do
    expect(refusal(with("kcal" => nil, "kj" => 2494))).to be_nil
    expect(refusal(with("kcal" => nil, "kj" => 596))).to match([["/label/kj", /says 142 kcal in 100 g, .* come to 596/]])
    expect(refusal(with("kcal" => nil, "kj" => 4184))).to match([["/label/kj", /1000 kcal in 100 g is more than fat itself has/]])
  end

  it "divides sugars the label lumps together as the row's are divided, and has none where the row has none" do
    honey = {"id" => "own-honey", "starts_from" => "honey",
             "label" => {"fat_g" => 0, "carbohydrate_g" => 80, "sugars_g" => 78, "protein_g" => 0.4}}
    row, own = label(honey).values_at("starts_from", "ingredient").map { |each| each["per_100g"] }
    expect(own["mono_g"] / own["di_g"]).to be_within(0.01 * row["mono_g"] / row["di_g"]).of(row["mono_g"] / row["di_g"])
    oil = {"id" => "own-oil", "starts_from" => "coconut-oil",
           "label" => {"fat_g" => 96, "carbohydrate_g" => 3, "sugars_g" => 2, "protein_g" => 0}}
    expect(label(oil)["ingredient"]["per_100g"].values_at("mono_g", "di_g")).to match([0.0, be_within(0.05).of(2)])
  end

  it "names no fat of what has none" do
    rows = ElmCup.pantry_rows.to_h { |row| [row["id"], row["fats"]] }
    expect(rows.values_at("honey", "peanut-butter")).to match([be_empty, {"peanut" => 1.0}])
  end

  it "has hard fat where the list adds it to a natural row, and the row's fats where it does not" do
    natural, no_stir = ["Peanuts, salt", "Peanuts, palm oil, salt"]
      .map { |list| label(butter.merge("ingredients" => list))["ingredient"]["fats"] }
    expect(natural).to eq(ElmCup.shipped["peanut-butter"].fats)
    expect(no_stir).to include("palm" => 0.05)
    expect(no_stir.values.sum).to be_within(1e-9).of(1)
    shipped = ElmCup.shipped["peanut-butter-no-stir"].fats
    expect(label(butter.merge("starts_from" => "peanut-butter-no-stir", "ingredients" => "Peanuts, palm oil"))["ingredient"]["fats"])
      .to eq(shipped)
  end

  it "says how much of 100 g is left for water where the pantry row has much less or more" do
    wet = {"id" => "own-dates", "starts_from" => "dates-soft",
           "label" => {"fat_g" => 0.2, "carbohydrate_g" => 58, "fibre_g" => 5, "sugars_g" => 55, "protein_g" => 1.5}}
    expect(label(wet)["notes"]).to include(/\A3[45] g of 100 is left and taken as water; the pantry row has 22/)
    near = wet.merge("label" => wet["label"].merge("carbohydrate_g" => 66, "fibre_g" => 7))
    expect(label(near)["notes"].grep(/left and taken as water/)).to eq([])
  end

  it "reckons what 100 g cost" do
    expect(label(butter)["ingredient"]["price"]).to eq("amount" => 3.4, "pack_grams" => 340.0, "per_100g" => 1.0)
  end

  it "takes what the label leaves out from the row, as far as there is room for it" do
    us = {"id" => "own-almond", "starts_from" => "almond-butter",
          "label" => {"rule" => "us", "fat_g" => 53, "carbohydrate_g" => 20, "protein_g" => 21}}
    answer = label(us)
    expect(answer["ingredient"]["per_100g"]).to include("fibre_g" => be_within(0.6).of(10.3), "carbohydrate_g" => be_within(0.3).of(20))
    expect(answer["notes"]).to include(/does not say fibre: 10.\d g in 100 g is taken, as almond butter/, /does not say sugars/)
    full = label(us.merge("label" => {"fat_g" => 55, "carbohydrate_g" => 20, "protein_g" => 24}))["ingredient"]["per_100g"]
    expect(full["fibre_g"]).to be_within(0.1).of(1)
  end

  it "refuses labels that cannot be true, and says why" do
    {
      with("fat_g" => 96, "protein_g" => 60) => ["/label", /come to 178.8 g in 100 g/],
      with("sugars_g" => 20) => ["/label/sugars_g", /Sugars \(20 g\) are part of the carbohydrate \(15 g\)/],
      with("saturates_g" => 60) => ["/label/saturates_g", /part of the fat/],
      with("kcal" => 250) => ["/label/kcal", /says 250 kcal in 100 g, its fat, carbohydrate and protein come to 596/],
      with("kcal" => 1400) => ["/label/kcal", /more than fat itself has/],
      with("kj" => 1000) => ["/label/kj", /1000 kJ are 239 kcal, not 596/],
      with("sodium_mg" => 900) => ["/label/sodium_mg", /900 mg of sodium are 2.25 g of salt, not 0.8/],
      with("protein_g" => nil) => ["/label/protein_g", /A label says protein/],
      with("basis" => "serving") => ["/label/serving_g", /what a serving weighs/],
      with("fat_g" => -1) => ["/label/fat_g", /too little/],
      with("fat" => 1) => ["/label/fat", /not a key of an ingredient/],
      with("rule" => "us", "fibre_g" => 30, "kcal" => nil) => ["/label/fibre_g", /On a US label fibre is part of the carbohydrate/],
      butter.merge("starts_from" => "moon-dust") => ["/starts_from", /no pantry row “moon-dust”/],
      butter.except("starts_from") => ["/starts_from", /Say which pantry row it starts from/],
      butter.except("pack_grams") => ["/price", /what a pack weighs/],
      butter.merge("id" => "Not An Id") => ["/id", /cannot be read/]
    }.each { |said, (pointer, message)| expect(refusal(said)).to match([[pointer, message]]), "#{said} #{refusal(said)}" }
    expect { ElmCup.label([]) }.to raise_error(ElmCup::InvalidDocument, /this is a list/)
  end

  it "allows energy a fifth, since labels may use other factors, and no more" do
    expect([680, 500, 730, 460].map { |kcal| refusal(with("kcal" => kcal))&.dig(0, 0) }).to eq([nil, nil, "/label/kcal", "/label/kcal"])
  end

  # Cocoa powder in the US tables: 228 kcal in 100 g by its own factors, 13.7 g fat, 57.9 g carbohydrate with 37 g fibre, 19.6 g protein;
  # an EU label of the like comes to about 350. From memory.
  it "takes the energy of each label school: a US cocoa's by its own factors, an EU one's not" do
    cocoa = {"fat_g" => 13.7, "fibre_g" => 37, "protein_g" => 19.6, "sugars_g" => 1.8}
    said = ->(rule, carbohydrate, kcal) {
      figures = cocoa.merge("rule" => rule, "carbohydrate_g" => carbohydrate, "kcal" => kcal)
      {"id" => "own-cocoa", "starts_from" => "cocoa", "label" => figures}
    }
    expect(refusal(said.call("us", 57.9, 228))).to be_nil
    expect(refusal(said.call("us", 57.9, 430))).to be_nil
    expect(refusal(said.call("eu", 20.9, 355))).to be_nil
    expect(refusal(said.call("eu", 20.9, 228))).to match([["/label/kcal", /come to 359/]])
    expect(refusal(said.call("us", 57.9, 100))).to match([["/label/kcal", /come to 2\d\d/]])
    expect(refusal(said.call("us", 57.9, 228).merge("starts_from" => "oats-rolled"))&.dig(0, 0)).to be_nil.or(eq("/label/kcal"))
  end

  it "allows for the rounding of small servings: what a true label can say is taken" do
    # Every library row, printed as a US label of a 10 g serving rounds it (21 CFR 101.9(c), from memory), is taken back.
    rows = ElmCup.pantry_rows.select { |row|
      carbohydrate, fat, protein, alcohol, polyols = row["per_100g"].values_at(*%w[carbohydrate_g fat_g protein_g alcohol_g polyols_g])
      carbohydrate + fat + protein > 1 && alcohol.zero? && polyols.zero?
    }
    refused = rows.reject do |row|
      figures = row["per_100g"].transform_keys(&:to_sym).transform_values { |value| value * 0.1 }
      printed = ElmCup::Mixture::LabelRounding.us(figures).transform_values { |text| (text == "less than 1 g") ? 0.5 : text.to_f }
      said = {"basis" => "serving", "serving_g" => 10, "rule" => "us", "kcal" => printed["calories"], "fat_g" => printed["fat"],
              "carbohydrate_g" => printed["carbohydrate"], "fibre_g" => printed["fibre"], "sugars_g" => printed["sugars"],
              "protein_g" => printed["protein"]}
      refusal({"id" => "own", "starts_from" => row["id"], "label" => said}).nil?
    end
    expect(rows.size).to be > 150
    expect(refused.map { |row| row["id"] }).to eq([])
  end

  describe "a pack's list" do
    def list(text) = ElmCup::Pantry::PackList.new(text)

    it "tells a natural nut butter from a no-stir one (common practice)" do
      {"Peanuts" => :natural, "Dry roasted peanuts, salt" => :natural, "100% hazelnuts" => :natural, "Hulled sesame seeds" => :natural,
       "Roasted peanuts 95%, sugar, palm oil, salt" => :no_stir,
       "Peanuts, fully hydrogenated vegetable oils (rapeseed), salt" => :no_stir,
       "Almonds, emulsifier (mono- and diglycerides)" => :no_stir, "Peanuts, sugar, salt" => :other, "Peanuts, sunflower oil" => :other}
        .each { |text, kind| expect(list(text).butter).to eq(kind), text }
    end

    it "finds allergens, and keeps apart what it only warns of" do
      expect(list("Sugar, cocoa butter, whole milk powder, emulsifier (soya lecithin). May contain hazelnuts and wheat.").allergens)
        .to eq(%w[milk soy])
      expect(list("Sugar, cocoa butter, whole milk powder. May contain hazelnuts and wheat.").traces).to eq(%w[tree_nut wheat gluten])
      {"Cocoa butter, shea butter, peanut butter" => %w[peanut], "Coconut milk, guar gum" => %w[coconut], "Gluten-free oats" => [],
       "Rolled oats" => %w[gluten], "Buckwheat, coconut" => %w[coconut], "Barley malt extract" => %w[gluten],
       "Apricots, preservative: sulphur dioxide" => %w[sulphite], "Maltodextrin, nutmeg" => [], "Mixed nuts" => %w[tree_nut],
       "Tahini (sesame)" => %w[sesame], "Almond milk" => %w[tree_nut], "Butter, cream" => %w[milk],
       "Pistachio butter, cacao butter, sesame butter" => %w[tree_nut sesame], "Cashew milk" => %w[tree_nut],
       "Cream of tartar, eggplant" => [], "Crème, œufs, pistachio butter" => %w[tree_nut],
       "Marzipan, meringue, couscous, miso, halva, clams" => %w[tree_nut soy wheat gluten sesame egg mollusc]}
        .each { |text, ids| expect(list(text).allergens).to eq(ids), text }
    end

    it "takes no list for a warning because of where it was made, and none for ended by one" do
      {
        "Product made in Italy from peanuts, milk, sugar." => [%w[milk peanut], []],
        "Made in the UK. Ingredients: hazelnuts, sugar, skimmed milk powder. May contain peanuts." => [%w[milk tree_nut], %w[peanut]],
        "May contain nuts. Ingredients: sugar, milk powder" => [%w[milk], %w[tree_nut]],
        "Almonds. Produced in a facility that handles peanuts and sesame." => [%w[tree_nut], %w[peanut sesame]],
        "Dates. Packed on shared equipment with milk\nand soya." => [[], %w[milk soy]],
        "Dates. Produced in a small bakery where sesame is used" => [[], %w[sesame]],
        "Dates. Made in the same factory as nuts" => [[], %w[tree_nut]],
        "Dates. Packed in an environment where peanuts are present" => [[], %w[peanut]]
      }.each { |text, (allergens, traces)| expect([list(text).allergens, list(text).traces]).to eq([allergens, traces]), text }
    end

    it "lets what is said to be absent be absent, and no more than that" do
      {"Peanuts. Free from milk, gluten and soy." => %w[peanut], "Cocoa butter, no milk" => [], "Contains no nuts. Sunflower seeds" => [],
       "Dairy-free spread: rapeseed oil" => [], "Wheat-free oats" => %w[gluten],
       "Free from gluten, milk chocolate (sugar)" => %w[milk], "Sugar, free from artificial colours. Contains milk." => %w[milk],
       "No added sugar, milk" => %w[milk],
       "Whole eggs free range, sugar" => %w[egg], "Sugar, soya free from additives" => %w[soy], "Free from gluten, milk, sugar" => %w[milk],
       "Made in the UK with plant oils, milk, hazelnuts" => %w[milk tree_nut]}
        .each { |text, ids| expect(list(text).allergens).to eq(ids), text }
      fish = ElmCup.label("id" => "own-sauce", "starts_from" => "caramel-sauce", "ingredients" => "Sugar, anchovy")["ingredient"]
      expect(fish["breaks"]).to include("vegan", "vegetarian")
      malt = ElmCup.label("id" => "own-malt", "starts_from" => "honey", "ingredients" => "Spelt malt")["ingredient"]
      expect(malt["breaks"]).to include("gluten-free", "grain-free")
    end

    it "reads cocoa per cent and sugar-free kinds" do
      expect(["Cocoa solids: 72% minimum", "70% cocoa", "cocoa mass, sugar (cocoa 55 % min)",
        "Cocoa butter 30%"].map { |text| list(text).cocoa_percent }).to eq([72, 70, 55, nil])
      expect([list("Cocoa mass, sweetener (maltitol)").polyol, list("Cocoa mass, sweetener (maltitol)").sugar_free?,
        list("Cocoa mass, sugar, maltitol").sugar_free?]).to eq(["maltitol", true, false])
    end
  end

  it "keeps the row's own binding figures while the pack is like it" do
    alike = label(butter.merge("label" => {"fat_g" => 51, "carbohydrate_g" => 14, "fibre_g" => 8, "protein_g" => 24, "sugars_g" => 5,
                                           "salt_g" => 0.1}, "ingredients" => "Peanuts"))["ingredient"]
    expect(alike["binding"].first).to include("o" => 0.55, "d" => 0.36, "starred" => false)
  end

  it "reckons the energy of polyols by their kind" do
    printed = {"fat_g" => 37, "carbohydrate_g" => 42, "polyols_g" => 36, "sugars_g" => 0.5, "protein_g" => 7, "fibre_g" => 12}
    bar = ->(kcal) {
      {"id" => "own-bar", "starts_from" => "chocolate-dark", "ingredients" => "Cocoa mass, maltitol",
       "label" => {**printed, "kcal" => kcal}}
    }
    # 4 x 7 + 9 x 37 + 4 x 6 + 2 x 12 + 2.4 x 36 = 495
    expect([480, 590, 615, 390].map { |kcal| refusal(bar[kcal])&.dig(0, 0) }).to eq([nil, nil, "/label/kcal", "/label/kcal"])
    expect(refusal(bar[615]).dig(0, 1)).to include("come to 495")
  end

  it "takes a polyol for granted where none is named, and a natural butter made from a no-stir row" do
    sugar_free = {"id" => "own-bar", "starts_from" => "chocolate-dark", "label" => {"fat_g" => 37, "carbohydrate_g" => 42,
                                                                                    "polyols_g" => 36, "sugars_g" => 0.5, "protein_g" => 7,
                                                                                    "fibre_g" => 12, "kcal" => 480}}
    expect(label(sugar_free)["notes"]).to include("Which polyol it holds is not said: maltitol is taken")
    expect(label(sugar_free)["ingredient"]["per_100g"]["polyols_g"]).to be_within(0.5).of(36)
    expect(label(sugar_free.merge("ingredients" => "Cocoa mass, erythritol. May contain milk and sesame."))["notes"])
      .to include("The pack warns of milk and sesame").and(all(satisfy { |note| !note.include?("maltitol is taken") }))
    expect(label(butter)["notes"].grep(/warns|this list/i)).to eq([])
    expect(label(butter.merge("ingredients" => "Peanuts, milk powder"))["notes"])
      .to include("This list has milk, peanut butter, natural in the pantry does not")
    expect(label(butter.merge("ingredients" => "Cashews"))["notes"])
      .to include("Peanut butter, natural in the pantry has peanut, this list does not")
    natural = label(butter.merge("starts_from" => "peanut-butter-no-stir", "ingredients" => "Peanuts, salt"))["ingredient"]
    expect(natural["fats"]).to eq("peanut" => 1.0)
    expect(natural["binding"].first.slice("o", "d"))
      .to eq(ElmCup.pantry_rows.find { |row| row["id"] == "peanut-butter" }["binding"].first.slice("o", "d"))
    no_stir = label(butter.merge("starts_from" => "almond-butter", "ingredients" => "Almonds, palm oil"))["ingredient"]
    expect([no_stir["fats"]["palm"], no_stir["binding"].first["o"]]).to eq([0.05, 0.5])
  end

  it "takes allergens and diets from the list, and says what it tells" do
    breaks = ->(list) { label(butter.merge("ingredients" => list))["ingredient"]["breaks"] }
    expect(breaks["Peanuts, salt"]).to eq(%w[nut-free peanut-free raw])
    expect(breaks["Peanuts, whey powder"]).to include("vegan", "dairy-free")
    expect(breaks["Peanuts, honey"]).to include("vegan").and(satisfy { |ids| !ids.include?("vegetarian") })
    expect(breaks["Peanuts, barley malt extract"]).to include("gluten-free", "grain-free")
    expect(breaks["Peanuts, glucose syrup"]).to include("refined-sugar-free")
    bar = {"id" => "own-bar", "starts_from" => "chocolate-dark",
           "label" => {"fat_g" => 44, "carbohydrate_g" => 31, "sugars_g" => 25, "fibre_g" => 12, "protein_g" => 9}}
    expect(label(bar.merge("ingredients" => "Cocoa mass, sweetener: maltitol"))["notes"])
      .to include("Sweetened with maltitol in place of sugar", "Dark chocolate in the pantry has soy, this list does not")
    expect(label(bar.merge("ingredients" => "Cocoa mass, stevia"))["notes"]).to include("Sweetened with a sweetener in place of sugar")
    melted = ->(row) { row["binding"].find { |each| each["form"] == "melted" } }
    row = ElmCup.pantry_rows.find { |each| each["id"] == "chocolate-dark" }
    made = label(bar)["ingredient"]
    expect(melted[made]["o"]).to be_within(0.002).of(melted[row]["o"] * made["per_100g"]["fat_g"] / row["per_100g"]["fat_g"])
  end

  it "uses the own ingredient by its name, its figures, allergens and price" do
    pantry = ElmCup.pantry([butter.merge("ingredients" => "Peanuts, palm oil, sugar. May contain milk.")])
    document = formula("1 cup corner peanut butter", "1/2 cup honey", "100 g water")
    answer = assess(document, pantry: pantry)
    expect(answer["components"][0]["lines"][0]).to include("ingredient" => "own-butter", "grams" => 256.0)
    expect(answer["traces"]).to eq(["milk"])
    expect(answer["cost"]).to include("batch" => 2.56, "currency" => "EUR", "unpriced" => ["Honey"])
    expect(answer["cost"]["piece"]).to be_within(0.001).of(2.56 * 18 / (256 + 169.5 + 100))
    expect(answer["findings"].map { |finding| finding["rule"] }).to include("no-stir-butter")
    expect(ElmCup.flagged(assess(document)).size).to eq(1)
  end

  it "puts a price and a cup's weight on a library row without touching its figures" do
    pantry = ElmCup.pantry([{"id" => "honey", "price" => 6, "pack_grams" => 500, "grams_per_cup" => 350}], currency: "GBP")
    answer = assess(formula("1 cup honey", "1 cup oats"), pantry: pantry)
    expect(answer["components"][0]["lines"][0]["grams"]).to eq(350.0)
    expect(answer["cost"]).to include("batch" => 4.2, "currency" => "GBP", "unpriced" => ["Rolled oats"])
    figures = ->(library) { ElmCup.pantry_rows(library).find { |row| row["id"] == "honey" }.values_at("per_100g", "binding", "allergens") }
    expect(figures.call(pantry)).to eq(figures.call(ElmCup.shipped))
    expect(pantry.all.size).to eq(ElmCup.shipped.all.size)
  end

  it "builds binding figures from the pack where it differs, by the model's own rules, and stars them" do
    lean = butter.merge("label" => {"fat_g" => 30, "carbohydrate_g" => 30, "protein_g" => 36, "fibre_g" => 1, "sugars_g" => 5,
                                    "salt_g" => 0.5})
    figures = label(lean)["ingredient"]["binding"].first
    fat = label(lean)["ingredient"]["per_100g"]["fat_g"]
    expect(figures).to include("starred" => true, "d" => be_within(0.002).of(0.74 * (1 - fat / 100)))
    moist = {"id" => "own-dates", "starts_from" => "dates-soft",
             "label" => {"fat_g" => 0.2, "carbohydrate_g" => 61, "sugars_g" => 60, "fibre_g" => 6.5, "protein_g" => 1.8, "salt_g" => 0.01}}
    answer = label(moist)["ingredient"]
    water = answer["per_100g"]["water_g"] / 100
    paste = answer["binding"].find { |each| each["form"] == "paste" }
    expect([paste["b"], paste["d"]])
      .to match([be_within(0.002).of(0.52 + 2.5 * (water - 0.22)), be_within(0.002).of(0.46 * (1 - water) / 0.78)])
    expect(label(butter)["ingredient"]["binding"].first["d"]).to be_within(0.041).of(0.36)
  end

  it "shows every row with its figures, source and spread" do
    rows = ElmCup.pantry_rows
    expect(rows.size).to be >= 140
    rows.each do |row|
      expect(row["source"].to_s.length).to be > 3, row["id"]
      expect(row["binding"]).not_to be_empty, row["id"]
      expect(row["binding"].map { |each| each["source"] } + row["forms"].map { |each| each["source"] }).to all(be_a(String))
      expect(row["forms"].map { |each| each["plus_minus_pct"] }).to all(be_between(0, 60))
      expect(row["per_100g"].values_at("water_g", "protein_g", "fat_g", "carbohydrate_g", "ash_g", "alcohol_g").sum).to be_within(0.3)
        .of(100), row["id"]
    end
  end

  describe "as CSV" do
    let(:second) { {"id" => "honey", "price" => 6.0, "pack_grams" => 500.0} }

    it "goes out and comes back the same" do
      text = ElmCup.write_pantry_csv([butter, second])
      expect(ElmCup.read_pantry_csv(text)).to eq([butter, second])
    end

    it "leaves an apostrophe that is the cook's own" do
      expect(ElmCup.read_pantry_csv("id,name\nhoney,'s-Hertogen honey\nmaple,'=x\n").map { |row| row["name"] })
        .to eq(["'s-Hertogen honey", "=x"])
    end

    it "takes a BOM, semicolons, decimal commas and Windows line ends" do
      rows = ElmCup.read_pantry_csv("\uFEFFid;name;price;pack_grams\r\nhoney;;6,50;500\r\n\r\nmaple;;8;250\r\n")
      expect(rows).to eq([{"id" => "honey", "price" => 6.5, "pack_grams" => 500.0},
        {"id" => "maple", "price" => 8.0, "pack_grams" => 250.0}])
    end

    it "writes cells that begin like a formula so that no spreadsheet runs them, and takes them back" do
      risky = butter.merge("name" => "=SUM(A1)", "ingredients" => "+peanuts", "names" => ["@nuts", "-x"])
      text = ElmCup.write_pantry_csv([risky])
      expect(CSV.parse(text, headers: true).first.fields.compact.grep(/\A[=+@-]/)).to eq([])
      expect(ElmCup.read_pantry_csv(text)).to eq([risky])
      expect(CSV.parse(ElmCup.export(formula("1 cup oats").merge("components" => [{"name" => "=cmd",
                                                                                   "lines" => [{"text" => "1 cup oats"}]}]),
        "csv"))[1][0]).to eq("'=cmd")
    end

    it "refuses what cannot be taken, naming row and column" do
      {
        "name,price\nx,1\n" => /no column “id”/, "id,colour,shape\nhoney,red,round\n" => /“colour” is not a column here/,
        "id,name\nhoney,Honey,late\n" => /row 2: There are more cells here than columns: “late” has none/,
        "id,name,\nhoney,Honey,late\n" => /row 2: There are more cells/, "id,id\nhoney,x\n" => /The column “id” is there twice/, "" => /empty/, "id\n" => /no row under the headers/,
        "id,price,pack_grams\nhoney,cheap,500\n" => /row 2, price: “cheap” is not a number/,
        "id,fat_g\npeanut-butter,46\n" => /row 2, carbohydrate_g: A label says carbohydrate and protein/,
        "id,price,pack_grams\nhoney,6,500\nmaple,6,0\n" => /row 3, pack_grams: 0 is not an amount/,
        "id\nhoney\nhoney\n" => /row 3, id: Two ingredients have the id “honey”/, "id\n\"unclosed\n" => /not CSV/,
        "id\nmoon\n" => /row 2, starts_from/, "id\n\xff\n" => /UTF-8/, "id,name\nhoney,#{"x" * 1_000_000}\n" => /1000000 is the most/
      }.each { |text, message| expect { ElmCup.read_pantry_csv(text.b) }.to raise_error(ElmCup::InvalidDocument, message), text[0, 60] }
    end
  end
end
