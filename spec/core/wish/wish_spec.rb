# frozen_string_literal: true

RSpec.describe ElmCup::Wish do
  {
    "texture=rolls" => ["texture", "=", "rolls", nil], "dough.texture=rolls" => ["texture", "=", "rolls", "dough"],
    "free_sugars<=3" => ["free_sugars", "<=", 3.0, nil], "cost<0,40" => ["cost", "<=", 0.4, nil],
    "protein ≥ 2.5" => ["protein", ">=", 2.5, nil], "top. half.grease<=0.4" => ["grease", "<=", 0.4, "top. half"],
    "lock:tahini" => ["lock", ":", "tahini", nil], "without:peanut" => ["without", ":", "peanut", nil],
    "texture=presses..rolls" => ["texture", "=", "presses..rolls", nil], "pieces=24" => ["pieces", "=", 24.0, nil],
    "diet=vegan" => ["diet", "=", "vegan", nil], "grams>=600" => ["grams", ">=", 600.0, nil]
  }.each do |text, (key, op, value, part)|
    it("reads “#{text}”") { expect(described_class.read(text)).to have_attributes(key: key, op: op, value: value, part: part) }
  end

  {
    "firmness>=3@99" => /firmness>=12@25 for 25 °C/, "holds_to_c>=41" => /up to 40/, "water_activity<=2" => /up to 1/,
    "colour=red" => /cannot be a wish; choose from texture, diet/, "rolls" => /is not a wish/, "" => /is not a wish/,
    "texture=firm" => /not a texture; choose from loose/,
    "texture=rolls..presses" => /drier to the wetter/, "texture=a..b..c" => /not a texture/, "texture>=rolls" => /write texture=/,
    "diet=paleo" => /not a diet/, "kcal<=-3" => /not a number from 0/, "kcal<=NaN" => /not a number/, "kcal<=1e9" => /not a number/,
    "kcal<=" => /not a number/,
    "kcal<=99999" => /up to 5000/, "pieces=2.5" => /whole number/, "pieces=0" => /whole number/, "grams=0" => /more than 0 g/,
    "kcal:3" => /with <=/, "dough.kcal<=90" => /for the whole formula/, "lock=tahini" => /write lock:/, "without:" => /names nothing/,
    "grease<=2" => /up to 1/,
    "\xff<=3" => /is not a wish|nothing that can be wished/
  }.each do |text, message|
    it("refuses “#{text.scrub}” with the mend") { expect { described_class.read(text) }.to raise_error(ElmCup::Wish::Unreadable, message) }
  end

  it "takes no text that is too long, as it is kept or in words" do
    expect { described_class.read("without:#{"a" * 160}") }.to raise_error(ElmCup::Wish::Unreadable, /too long for a wish; 160 characters/)
    expect { ElmCup.wish(nil, "vegan and #{"  raw  " * 20} and no soy") }.to raise_error(ElmCup::InvalidDocument, /is not a wish/)
    expect { ElmCup.wish(nil, "vegan and no #{"honey, no " * 15}soy") }.to raise_error(ElmCup::InvalidDocument, /too long for a wish/)
    expect { ElmCup.wish(nil, "no #{"a" * 160}") }.to raise_error(ElmCup::InvalidDocument, /too long for a wish/)
    expect(described_class.read("a" * 145 + ".texture=rolls").part.length).to eq(145)
  end

  it "takes the place of what is about the same, and of nothing else" do
    replaces = ->(one, other) { described_class.read(one).replaces?(described_class.read(other)) }
    [%w[kcal<=80 kcal<=90], %w[pieces=24 pieces=30], %w[texture=rolls texture=presses..rolls], %w[a.grease<=0.2 a.grease<=0.3],
      %w[diet=vegan diet=vegan]].each { |one, other| expect([one, replaces.call(one, other)]).to eq([one, true]) }
    [%w[kcal<=80 kcal>=70], %w[kcal<=80 fat<=8], %w[texture=rolls dough.texture=rolls], %w[diet=vegan diet=raw], %w[lock:tahini lock:honey],
      %w[lock:tahini without:tahini]].each { |one, other| expect([one, replaces.call(one, other)]).to eq([one, false]) }
  end

  it "names, locks and forbids by id, by what an ingredient is like, and by allergen" do
    library = ElmCup.shipped
    tahini, maple = %w[tahini maple].map { |id| library[id] }
    expect(%w[lock:tahini lock:sesame lock:maple].map { |text| described_class.read(text).locks?(tahini, "dough") })
      .to eq([true, true, false])
    expect(%w[dough.lock:tahini top.lock:tahini without:tahini].map { |text| described_class.read(text).locks?(tahini, "dough") })
      .to eq([true, false, false])
    forbids = ->(text) { described_class.read(text).forbids?(tahini) }
    expect(%w[without:sesame diet=sesame-free diet=low-net-carbohydrate lock:tahini].map(&forbids)).to eq([true, true, false, false])
    expect([described_class.read("diet=raw"),
      described_class.read("diet=vegan")].map { |wish| wish.forbids?(library["sunflower-seeds"], heated: true) }).to eq([true, false])
    expect(described_class.read("diet=vegan").forbids?(maple)).to be(false)
  end

  # What people type. Words of the kitchen, from memory.
  describe "said by a cook" do
    document = {
      "elm_cup" => "formula/1", "name" => "Slice", "shape" => {"kind" => "ball", "piece_grams" => 20},
      "components" => [
        {"name" => "base",
         "lines" => [{"text" => "1 cup rolled oats, ground"}, {"text" => "1/2 cup almond butter"}, {"text" => "1/4 cup honey"}]},
        {"name" => "Date caramel", "type" => "filling", "process" => "processor",
         "lines" => [{"text" => "10 soft dates"}, {"text" => "2 tbsp water"}]}
      ]
    }
    answer = Bowls.assess(document)
    figure = ->(key, share, places = 1) { (answer["nutrition_per_piece"][key] * share).round(places) }
    {
      "rolls" => "texture=rolls", "should roll" => "texture=rolls", "sticky" => "texture=tacky", "runny" => "texture=pours",
      "date caramel spreads" => "Date caramel.texture=spreads", "Date caramel: pours" => "Date caramel.texture=pours",
      "under 90 kcal" => "kcal<=90", "90 kcal or less" => "kcal<=90", "at most 90 calories each" => "kcal<=90",
      "less than 90 kcal a piece" => "kcal<=90", "kcal under 90" => "kcal<=90", "max 3g sugar" => "sugars<=3",
      "under 3 g of free sugar" => "free_sugars<=3", "no more than 3 g added sugar per ball" => "free_sugars<=3",
      "at least 5g protein" => "protein>=5", "5 g protein" => "protein>=5", "over 2,5 g fibre" => "fibre>=2.5",
      "2 g of fiber or more" => "fibre>=2", "24 pieces" => "pieces=24", "makes 24" => "pieces=24", "30 truffles" => "pieces=30",
      "600 g" => "grams=600", "1 kg" => "grams=1000", "½ kg" => "grams=500", "500 g in all" => "grams=500",
      "under 40 cents" => "cost<=0.4", "costs under €0.40" => "cost<=0.4",
      "less sweet" => "sweetness<=#{(answer["sweetness_pct"] * 0.9).round(1)}",
      "half the sugar" => "sugars<=#{figure.call("sugars_g", 0.5)}", "20 % less sugar" => "sugars<=#{figure.call("sugars_g", 0.8)}",
      "more protein" => "protein>=#{figure.call("protein_g", 1.1)}", "lighter" => "kcal<=#{figure.call("kcal", 0.9, 0)}",
      "vegan" => "diet=vegan", "gluten free" => "diet=gluten-free", "no nuts" => "diet=nut-free", "no dairy" => "diet=dairy-free",
      "low carb" => "diet=low-net-carbohydrate", "no refined sugar" => "diet=refined-sugar-free",
      "no peanut" => "without:peanut", "without sesame" => "without:sesame", "no honey" => "without:honey",
      "keep the oats" => "lock:oats-rolled", "almond butter stays" => "lock:almond-butter", "kcal<=90" => "kcal<=90",
      "  Rolls.  " => "texture=rolls", "less greasy" => "grease<=#{(answer["components"][0]["grease"] * 0.9).round(2)}"
    }.merge(
      "wetter" => "texture=#{ElmCup::Binding::Texture::ALL[ElmCup::Binding::Texture.index(answer["components"][0]["texture"]) + 1]}",
      "a bit drier" => "texture=#{ElmCup::Binding::Texture::ALL[ElmCup::Binding::Texture.index(answer["components"][0]["texture"]) - 1]}",
      "holds together" => "texture=presses..rolls", "not sticky" => "texture=presses..rolls", "no nuts please" => "diet=nut-free",
      "I want it vegan" => "diet=vegan", "please make it less sweet" => "sweetness<=#{(answer["sweetness_pct"] * 0.9).round(1)}",
      "double the batch" => "pieces=#{answer["pieces"]["count"] * 2}",
      "half as many" => "pieces=#{(answer["pieces"]["count"] / 2.0).round}", "two dozen" => "pieces=24", "a dozen balls" => "pieces=12",
      "half a dozen" => "pieces=6", "thirty pieces" => "pieces=30", "fifteen bites" => "pieces=15", "three dozen bars" => "pieces=36",
      "make it hold together better" => "texture=presses..rolls", "doesn’t stick to my hands" => "texture=presses..rolls",
      "easier to roll" => "texture=rolls", "plant-based" => "diet=vegan", "lactose free" => "diet=dairy-free",
      "don't touch the honey" => "lock:honey", "the oats stay" => "lock:oats-rolled", "triple" => "pieces=#{answer["pieces"]["count"] * 3}",
      "twice the size" => "pieces=#{answer["pieces"]["count"] * 2}",
      "not greasy" => "grease<=#{(answer["components"][0]["grease"] * 0.9).round(2)}", "under ⅔ g fat" => "fat<=0.666667",
      "less than half the sugar" => "sugars<=#{figure.call("sugars_g", 0.5)}", "0,50 € each" => "cost<=0.5",
      "grease under 40 %" => "grease<=0.4", "2 kilos" => "grams=2000",
      "not too sweet" => "sweetness<=#{(answer["sweetness_pct"] * 0.9).round(1)}"
    ).each do |said, wish|
      it("takes “#{said}” as #{wish}") { expect(ElmCup.wish(document, said)["wish"]).to eq(wish) }
    end

    # A figure in the unit of another is a slip, and no wish.
    ["1000 calories in all", "5 % sugar", "3 kcal fat", "€3 protein", "4 g grease"].each do |said|
      it("does not guess what “#{said}” means") do
        expect { ElmCup.wish(document, said) }.to raise_error(ElmCup::InvalidDocument, /is not a wish we can work out/)
      end
    end

    ["use less honey", "more oats", "add water", "less of the almond butter"].each do |said|
      it("says of “#{said}” that it is about one line") do
        expect { ElmCup.wish(document, said) }
          .to raise_error(ElmCup::InvalidDocument, /is about one line: change that line itself, or say what it should give/)
      end
    end

    it "takes what is wrong with it as a wetter or a drier one, where it can be so by the sums" do
      bowl = ->(*lines) {
        {"elm_cup" => "formula/1", "name" => "One",
         "components" => [{"name" => "bowl", "lines" => lines.map { |text| {"text" => text} }}]}
      }
      bowls = [bowl.call("1 cup rolled oats", "2 tbsp honey"), bowl.call("1 cup rolled oats", "1/2 cup honey", "1/4 cup tahini")]
      dry, wet = bowls.map { |each| ElmCup::Binding::Texture.index(assess(each)["components"][0]["texture"]) }
      expect([dry, wet]).to match([be <= 2, be >= 4])
      class_of = ->(document, said) { ElmCup.wish(document, said)["wish"] }
      ["it falls apart", "too crumbly", "less crumbly", "too dry", "wet it up a bit"]
        .each { |said| expect([said, class_of.call(bowls[0], said)]).to eq([said, "texture=#{ElmCup::Binding::Texture::ALL[dry + 1]}"]) }
      ["too sticky", "it sticks to my hands", "it's too wet", "dry it out", "thicker"]
        .each { |said| expect([said, class_of.call(bowls[1], said)]).to eq([said, "texture=#{ElmCup::Binding::Texture::ALL[wet - 1]}"]) }
      [[bowls[0], "too sticky", "drier"], [bowls[1], "not so crumbly", "wetter"]].each do |document, said, further|
        expect { ElmCup.wish(document, said) }
          .to raise_error(ElmCup::InvalidDocument, /does not fit “\w+”, which it is now; say “#{further}”/)
      end
    end

    it "says where prices come from when nothing has one" do
      expect { ElmCup.wish(document, "cheaper") }.to raise_error(ElmCup::InvalidDocument, /put prices on the ingredients in the pantry/)
    end

    ["no sugar", "sugar-free", "unsweetened", "without added sugar"].each do |said|
      it("asks which “#{said}” is meant") do
        expect { ElmCup.wish(document, said) }.to raise_error(ElmCup::InvalidDocument, /“no refined sugar”, or how much/)
      end
    end

    ["crunchy", "", "no unicorns", "under 90", "under -3 kcal", "keep the moon", "nicer", "90 kcal 3 g", "<=", "vegan and", "and",
      "salt and pepper", "rolls and crunchy"].each do |said|
      it("says what can be said instead of “#{said}”") do
        expect { ElmCup.wish(document, said) }.to raise_error(ElmCup::InvalidDocument, /try “rolls”|we know|number/)
      end
    end

    {
      "vegan and under 90 kcal" => %w[diet=vegan kcal<=90], "rolls, vegan" => %w[texture=rolls diet=vegan],
      "no peanuts or sesame" => %w[without:peanut without:sesame],
      "no peanuts, sesame and soy" => %w[without:peanut without:sesame without:soy],
      "keep the oats and honey" => %w[lock:oats-rolled lock:honey], "under 2,5 g fat and 5 g protein" => %w[fat<=2.5 protein>=5],
      "presses or rolls" => %w[texture=presses..rolls], "rolls to presses" => %w[texture=presses..rolls],
      "vegan & gluten-free; no honey" => %w[diet=vegan diet=gluten-free without:honey],
      "at least 5 g protein but at most 90 kcal each" => %w[protein>=5 kcal<=90]
    }.each do |said, wishes|
      it "takes “#{said}” as #{wishes.join(" and ")}" do
        read = ElmCup.wish(document.merge("wishes" => ["kcal<=100", "lock:honey"]), said)
        expect(read["said"].map { |wish| wish["wish"] }).to eq(wishes)
        expect(read["wish"]).to eq(wishes.first)
        replaced = %w[kcal<=100 lock:honey].select { |kept|
          wishes.include?(kept) || (kept.start_with?("kcal") && wishes.any? { |wish| wish.start_with?("kcal<=") })
        }
        expect(read["wishes"]).to eq((%w[kcal<=100 lock:honey] - replaced) + wishes)
      end
    end

    it "takes no two wishes about the same at once" do
      expect { ElmCup.wish(document, "rolls and presses") }
        .to raise_error(ElmCup::InvalidDocument, /“rolls” and “presses” are about the same; say one of them/)
      expect { ElmCup.wish(document, "under 90 kcal and at most 80 kcal") }.to raise_error(ElmCup::InvalidDocument, /about the same/)
      expect { ElmCup.wish(document, "vegan, raw, no soy, no egg, no nuts, no sesame, rolls") }
        .to raise_error(ElmCup::InvalidDocument, /is not a wish/)
    end

    it "says each wish in words, with what is now" do
      expect(ElmCup.wish(document, "under 90 kcal"))
        .to include("words" => "at most 90 kcal a piece", "now" => "#{answer["nutrition_per_piece"]["kcal"].round} kcal", "met" => true)
      expect(ElmCup.wish(document, "vegan")).to include("met" => false)
    end

    it "gives the wishes of the formula with the new one, which takes the place of the one about the same" do
      kept = document.merge("wishes" => ["kcal<=120", "diet=vegan", "lock:honey"])
      expect(ElmCup.wish(kept, "under 90 kcal")["wishes"]).to eq(["diet=vegan", "lock:honey", "kcal<=90"])
      expect(ElmCup.wish(kept, "keep the oats")["wishes"]).to eq(["kcal<=120", "diet=vegan", "lock:honey", "lock:oats-rolled"])
      expect(ElmCup.wish(kept, "vegan")["wishes"]).to eq(["kcal<=120", "lock:honey", "diet=vegan"])
    end

    it "takes no more wishes than a formula may have, however they are said" do
      full = document.merge("wishes" => Array.new(24) { |number| "without:#{ElmCup.shipped.all[number].id}" })
      expect { ElmCup.wish(full, "vegan and raw") }
        .to raise_error(ElmCup::InvalidDocument, %r{/text: 26 wishes are too many; 24 is the most})
      many = ElmCup.shipped.all.first(30).map { |entry| "without:#{entry.id}" }
      joined = ["vegan, raw, nut free, no soy, no egg", "gluten free, no honey, no tahini, no maple, no milk", *many.first(16)]
      expect { ElmCup.balance(document, wishes: joined) }.to raise_error(ElmCup::InvalidDocument, /2\d wishes are too many/)
    end

    it "says a wish of the part that is named, where there are several and it can be" do
      expect(ElmCup.wish(document, "keep the oats", component: "base")).to include("wish" => "base.lock:oats-rolled", "component" => "base")
      expect(ElmCup.wish(document, "under 90 kcal", component: "base")["wish"]).to eq("kcal<=90")
      expect(ElmCup.wish(document, "Date caramel spreads", component: "base")["wish"]).to eq("Date caramel.texture=spreads")
      expect(ElmCup.wish({**document, "components" => document["components"].first(1)}, "keep the oats", component: "base")["wish"])
        .to eq("lock:oats-rolled")
      expect { ElmCup.wish(document, "rolls", component: "moon") }
        .to raise_error(ElmCup::InvalidDocument, %r{/component: There is no component “moon”})
    end

    it "finds what is named in a flavour or strewn on one" do
      flavoured = document.merge("splits" => [{"name" => "green", "share" => 0.5, "component" => "base",
                                               "lines" => [{"text" => "2 tbsp my green stuff", "ingredient" => "pistachios"}],
                                               "topping" => [{"text" => "1 tsp black specks", "ingredient" => "sesame-seeds"}]}])
      expect(ElmCup.wish(flavoured, "keep my green stuff")["wish"]).to eq("lock:pistachios")
      expect(ElmCup.wish(flavoured, "no black specks")["wish"]).to eq("without:sesame-seeds")
    end

    it "reads what needs no bowl where there is none, and refuses a document that is none" do
      expect(ElmCup.wish(nil, "under 90 kcal")).to include("wish" => "kcal<=90", "wishes" => ["kcal<=90"])
      expect { ElmCup.wish(nil, "less sweet") }.to raise_error(ElmCup::InvalidDocument, /no sweetness to start from/)
      expect { ElmCup.wish(nil, "wetter") }.to raise_error(ElmCup::InvalidDocument, /needs a texture to start from/)
      expect { ElmCup.wish([], "rolls") }.to raise_error(ElmCup::InvalidDocument, /JSON object; this is a list/)
    end

    it "knows that nothing is drier than loose, or wetter than what pours" do
      loose = document.merge("components" => [{"name" => "base", "lines" => [{"text" => "2 cups oat flour"}, {"text" => "1 tsp honey"}]}])
      expect { ElmCup.wish(loose, "drier") }.to raise_error(ElmCup::InvalidDocument, /nothing is drier than “loose”/)
    end

    it "knows that less of what has no figure is not a wish" do
      expect { ElmCup.wish(document, "cheaper") }.to raise_error(ElmCup::InvalidDocument, /no cost to start from/)
    end
  end

  it "understands every wish that it offers to be picked" do
    # Nothing in it has a price, so that nothing can be cheaper.
    bites = formula("1 cup rolled oats, ground", "10 soft dates, to paste", "1/3 cup tahini", "2 tbsp maple syrup")
    picks = ElmCup.library["wish_picks"].map { |pick| pick["text"] }
    expect(picks).to include("rolls", "less sweet", "sweeter", "cheaper", "more protein", "vegan")
    expect(picks).not_to include("loose")
    (picks - %w[cheaper]).each { |text| expect([text, ElmCup.wish(bites, text)["said"].size]).to eq([text, 1]) }
    expect { ElmCup.wish(bites, "cheaper") }.to raise_error(ElmCup::InvalidDocument, /price/)
  end
end
