# frozen_string_literal: true

RSpec.describe "A typed line" do
  # text => [ingredient, form, grams]
  {
    "1 cup rolled oats, ground" => ["oats-rolled", "ground", 95.0], "1 cup rolled oats" => ["oats-rolled", "rolled", 88.0],
    "1/2 c + 2 tbsp cashew butter" => ["cashew-butter", "smooth", 160.0], "10 large soft dates" => ["dates-soft", "whole", 240.0],
    "10 dates, soft" => ["dates-soft", "whole", 240.0],
    "5 dates, dry" => ["dates-dry", "whole", 37.5], "1 cup chopped walnuts" => ["walnuts", "chopped", 117.0],
    "100 g walnuts, to paste" => ["walnuts", "paste", 100.0],
    "2 tbsp ground flax" => ["flax-ground", "ground", 13.5], "1 cup packed brown sugar" => ["sugar-brown", "granulated", 216.0],
    "1 stick butter" => ["dairy-butter", "soft", 113.4],
    "1/2 cup melted dark chocolate" => ["chocolate-dark", "melted", 130.0], "1 scoop protein powder" => ["protein-powder", "powder", 31.0],
    "1 can (400 g) coconut milk" => ["coconut-milk", "liquid", 400.0],
    "handful (about 45 g) raisins" => ["raisins", "whole", 45.0], "2 bananas" => ["banana", "paste", 236.0],
    "1 metric cup honey" => ["honey", "syrup", 358.2], "2 tbsp unsalted butter" => ["dairy-butter", "soft", 28.4],
    "1/4 cup coconut, desiccated" => ["coconut-desiccated", "shred", 21.3],
    "60 g coconut oil, melted" => ["coconut-oil", "melted", 60.0], "1 cup cocoa butter" => ["cocoa-butter", "pieces", 120.0],
    "1/2 cup half and half" => ["half-and-half", "liquid", 121.0], "1 lemon, zested" => ["citrus-zest", "shred", 6.0],
    "2 limes, juiced" => ["citrus-juice", "liquid", 90.0], "2 squares (20 g) dark chocolate" => ["chocolate-dark", "chips", 20.0],
    "1 cup cream of coconut" => ["coconut-cream-sweetened", "liquid", 300.0], "1 tsp almond extract" => ["almond-extract", "liquid", 4.3]
  }.each do |text, (ingredient, form, grams)|
    it("“#{text}” is #{grams} g of #{ingredient}, #{form}") do
      line = read(text)
      expect(line).to include("status" => "read", "ingredient" => ingredient, "form" => form)
      expect(line["grams"]).to be_within(0.06).of(grams)
      expect(line["confidence"]).to be >= ElmCup::Ingredient::Naming::Matcher::LEAST_CONFIDENCE
    end
  end

  it "takes the forms of the processor when nothing else is said" do
    {"1 cup rolled oats" => "cut", "1 cup walnuts" => "cut", "10 soft dates" => "paste", "1 cup chopped pecans" => "chopped",
     "1 cup oats, ground" => "ground"}
      .each { |text, form| expect(read(text, process: "processor")["form"]).to eq(form), text }
  end

  it "weighs a cup as it is filled, whatever the processor makes of it afterwards" do
    ["1 cup cashews", "1 cup soft dates", "1 cup rolled oats", "1 cup raisins"]
      .each { |text| expect(read(text, process: "processor")["grams"]).to eq(read(text)["grams"]), text }
    expect(read("1 cup cashews, chopped", process: "processor")["grams"]).to eq(117.0)
  end

  it "keeps what is stirred in by hand out of the processor" do
    expect(read("1 cup rolled oats, stirred in", process: "processor")["form"]).to eq("rolled")
    expect(read("1/2 cup walnuts, folded in", process: "processor")["form"]).to eq("whole")
    expect(read("20 g oats stirred in")["ingredient"]).to eq("oats-rolled")
  end

  it "reads the juice and the zest of a fruit" do
    expect(read("juice of 1/2 lemon")).to include("ingredient" => "citrus-juice", "grams" => 22.5, "assumptions" => include(/45 g/))
    expect(read("zest of 1 lime")).to include("ingredient" => "citrus-zest", "grams" => 6.0)
  end

  it "says what it takes for granted" do
    expect(read("10 dates")["assumptions"]).to include(/taken as soft dates/, /18 g/)
    expect([read("10 dates"), read("10 soft dates")].map { |line| line["confidence"] }).to eq([0.85, 0.98])
    expect(read("a few dates")["assumptions"]).to include(/“a few” is taken as 3, a guess/)
    expect(read("three dates")["assumptions"]).not_to include(/guess/)
    expect(read("a handful of raisins")["assumptions"]).to include(/30 g, a guess/)
    expect(read("1 scoop protein powder")["assumptions"]).to include(/31 g/)
    expect(read("salt, to taste")).to include("grams" => 0.0, "notes" => include(/counted as nothing/))
  end

  it "takes so many of what nobody counts as grams, and says so" do
    expect(read("200 oats")).to include("grams" => 200.0, "assumptions" => include("no measure: taken as grams"))
    expect(read("5 oats")["status"]).to eq("unreadable")
    expect(read("100 butter")["grams"]).to eq(100.0)
    ["24 pretzels", "30 cornflakes"].each { |text| expect(read(text)["status"]).to eq("unreadable"), text }
    expect(read("20 dates")["grams"]).to be > 200
  end

  it "takes the other choice where the first is not known, and says so" do
    line = read("1 cup flumph or roasted peanuts")
    expect(line).to include("ingredient" => "peanuts", "assumptions" => include("we do not know “flumph”: “roasted peanuts” is taken"))
    expect(line["notes"]).not_to include(/the first is taken/)
    expect(read("1 cup honey or flumph")).to include("ingredient" => "honey")
    expect(read("1 cup flumph or blarg")["status"]).to eq("unknown")
  end

  it "takes the row that the words before a plain noun name" do
    expect(read("200 g goat mascarpone cheese")).to include("ingredient" => "mascarpone", "assumptions" => include(/taken as mascarpone/))
    expect(read("1 cup fresh coconut")["ingredient"]).to eq("coconut-fresh")
    expect(read("100 g fresh strawberries")["ingredient"]).to eq("strawberries")
    ["4 fresh figs", "6 fresh apricots", "100 g ripe fresh figs"].each { |text| expect(read(text)["status"]).to eq("unknown"), text }
    expect(read("3 tbsp defatted almond flour")).to include("ingredient" => "flour-any", "assumptions" => include(/do not know/))
  end

  it "takes a plain word in its usual sense, and says so" do
    {"2 tbsp butter" => "dairy-butter", "1 cup milk" => "milk-whole", "1 cup chocolate" => "chocolate-dark",
     "2 tbsp nut butter" => "almond-butter", "2 tbsp syrup" => "maple", "1 cup oats" => "oats-rolled"}.each do |text, id|
      expect(read(text)).to include("status" => "read", "ingredient" => id, "assumptions" => include(/is taken as/)), text
    end
  end

  it "leaves what it does not know to the cook, with its place" do
    line = read("2 tbsp moon dust")
    expect(line).to include("status" => "unknown", "message" => /moon dust/)
    expect("2 tbsp moon dust"[line["from"]...line["to"]]).to eq("moon dust")
    chosen = read("2 tbsp moon dust", ingredient: "spice-mixed")
    expect(chosen).to include("status" => "read", "ingredient" => "spice-mixed",
      "assumptions" => include(/treated as mixed spice, as you chose/))
  end

  it "keeps what the cook chose while the line names the same thing, and lets it go with the name" do
    kept = ->(text) { read(text, ingredient: "spice-mixed", was: "2 tbsp house spice")["chosen"] }
    ["3 tbsp house spice", "half a tbsp of house spice", "20 g house spice, sifted", "house spice, 20 g", "1/2 cup House Spices"]
      .each { |text| expect(kept.call(text)).to eq("spice-mixed"), text }
    ["2 tbsp honey", "2 tbsp house", "2 tbsp"].each { |text| expect(kept.call(text)).to be_nil, text }
    expect(read("2 tbsp honey", ingredient: "spice-mixed", was: "2 tbsp house spice")["ingredient"]).to eq("honey")
  end

  it "gives misspelt names a lower confidence than right ones, and never matches below the stated one" do
    {"cashew butter" => "cashew buter", "maple syrup" => "maple sirup", "tahini" => "tahinni", "coconut flour" => "cocnut flour",
     "hazelnut butter" => "hazlenut butter", "almond flour" => "almnd flour",
     "desiccated coconut" => "dessicated coconut", "vanilla extract" => "vanila extract"}.each do |right, wrong|
      good, bad = read("1 cup #{right}"), read("1 cup #{wrong}")
      best = [bad["confidence"], *bad["candidates"].map { |each| each["confidence"] }].max
      expect(best).to be < good["confidence"], wrong
      expect(best).to be > 0.5
      expect(bad["confidence"]).to be >= ElmCup::Ingredient::Naming::Matcher::LEAST_CONFIDENCE if bad["status"] == "read"
      found = bad["ingredient"] || bad.dig("candidates", 0, "ingredient")
      expect(found).to eq(good["ingredient"])
    end
  end

  it "takes a name that is spelt nearly like one alone for it, and says so" do
    {"coconut suger" => "sugar-coconut", "dried mangoe" => "mango-dried", "tahinni" => "tahini"}.each do |wrong, id|
      expect(read("1 cup #{wrong}")).to include("status" => "read", "ingredient" => id,
        "assumptions" => include(/“#{wrong.split.last}” is read as/)), wrong
    end
  end

  # An allergen that a name tells of must never be lost in what it is taken for.
  it "takes no name that tells of a nut, of milk or of another allergen for something without it" do
    told = {"almond" => "tree_nut", "walnut" => "tree_nut", "cashew" => "tree_nut", "hazelnut" => "tree_nut", "pecan" => "tree_nut",
            "pistachio" => "tree_nut", "peanut" => "peanut", "sesame" => "sesame", "tahini" => "sesame", "soy" => "soy", "whey" => "milk",
            "butter cream" => "milk"}
    ElmCup.shipped.all.each do |entry|
      [entry.name, *entry.names, *entry.assumed_names].each do |name|
        told.each do |word, allergen|
          expect(entry.allergens + entry.possible).to include(allergen), "#{name} → #{entry.id}" if name.downcase.match?(/\b#{word}/)
        end
      end
    end
    {"pistachio cream" => "tree_nut", "hazelnut syrup" => "tree_nut", "peanut oil" => "peanut", "walnut oil" => "tree_nut",
     "brazil nut brownie" => "tree_nut", "soy cookies" => "soy"}.each do |name, allergen|
      line = read("1 tsp #{name}")
      expect([(line["status"] == "unknown") ? allergen : nil, *line["possible_allergens"], *line["allergens"]]).to include(allergen), name
    end
  end

  it "hears the noun that two choices share" do
    {"1/3 cup almond or cashew butter" => "almond-butter", "1/3 cup peanut/almond butter" => "peanut-butter",
     "1 cup rolled or quick oats" => "oats-rolled", "1/2 cup dark or milk chocolate" => "chocolate-dark",
     "2 tbsp honey or date syrup" => "honey", "1/2 cup almonds or cashew butter" => "almonds",
     "1 cup oat or almond flour" => "oat-flour"}.each { |text, id| expect(read(text)["ingredient"]).to eq(id), text }
  end

  it "takes a word of preparation in the ingredient's own name for nothing more" do
    expect(read("1 cup blanched almond flour")).not_to include("prepared")
    expect(read("1 cup blanched almonds")["prepared"]["text"]).to eq("blanched: − 5.8 g skins")
  end

  it "only guesses at a short word that is a letter off, and at a word that begins with another letter" do
    {"dats" => "dates-soft", "hony" => "honey", "paisins" => "raisins"}.each do |name, id|
      line = read("100 g #{name}")
      expect(line["status"]).to eq("unknown"), name
      expect(line["candidates"].map { |each| each["ingredient"] }).to include(id)
    end
  end

  it "passes over words that say nothing of the weight, and says what another per cent of cocoa is taken as" do
    expect(read("175 g ready-to-eat dried apricots")).to include("ingredient" => "apricots-dried", "status" => "read")
    expect(read("1/2 cup nut butter of choice")).to include("ingredient" => "almond-butter")
    expect(read("100 g dark chocolate 64 %")).to include("ingredient" => "chocolate-dark", "confidence" => 0.84,
      "assumptions" => ["“dark chocolate 64 %” is taken as dark chocolate"])
  end

  it "says that an unnamed protein powder is taken for the milk kind" do
    expect(read("30 g protein powder")).to include("ingredient" => "protein-powder", "allergens" => ["milk"],
      "assumptions" => ["“protein powder” is taken as whey protein powder"])
  end

  it "does not take a longer name for a shorter one" do
    {"1 cup coconut sugar cookies" => "sugar-coconut", "2 tbsp date vinegar" => "dates-soft", "1 cup almond liqueur" => "almonds",
     "1 cup oat hay" => "oats-rolled"}.each { |text, id| expect(read(text)["ingredient"]).not_to eq(id), text }
    expect(read("1 cup coconut sugar")["ingredient"]).to eq("sugar-coconut")
    expect(read("1 cup almond milk")["ingredient"]).to eq("milk-almond")
  end

  it "asks for what cannot be guessed" do
    {"1 can tahini" => /what one can holds/, "1 scoop honey" => /Which scoop/, "2 squares tahini" => /what they weigh/,
     "3 tahini" => /We do not know what one piece of tahini weighs/, "200 kg oats" => /100 kg/}.each do |text, message|
      expect(read(text)).to include("status" => "unreadable", "message" => message)
    end
  end

  it "finds every ingredient by its own names" do
    ElmCup.shipped.all.each do |entry|
      [entry.name, *entry.names].each do |name|
        expect(read("100 g #{name}")["ingredient"]).to eq(entry.id), name
      end
    end
  end

  it "takes a pack's claim for no part of the name where the ingredient keeps to it, and never where it does not" do
    answers = ["1/2 cup dairy-free dark chocolate chips", "1 cup plant-based milk", "1 cup gluten free rolled oats",
      "100 g vegan milk chocolate", "100 g vegan quark"].map { |text| read(text) }
    expect(answers.map { |each| each["ingredient"] }).to eq(["chocolate-chips", "milk-plant", "oats-rolled-gluten-free", nil, nil])
    vegan = read("100 g vegan chocolate")
    expect(vegan).to include("status" => "read", "ingredient" => "chocolate-dark")
  end

  it "is not made unsure of what it knows by what is done to it" do
    expect(read("20 g unsalted butter, softened")["ingredient"]).to eq("dairy-butter")
    expect(read("80 g butter, unsalted")["ingredient"]).to eq("dairy-butter")
    expect(read("80 g butter, softened")["ingredient"]).to eq("dairy-butter")
  end
end
