# frozen_string_literal: true

RSpec.describe ElmCup::Balance::Wish do
  {
    "texture=rolls" => ["texture", "=", "rolls", nil], "dough.texture=rolls" => ["texture", "=", "rolls", "dough"], "free_sugars<=3" => ["free_sugars", "<=", 3.0, nil], "cost<0,40" => ["cost", "<=", 0.4, nil],
    "protein ≥ 2.5" => ["protein", ">=", 2.5, nil], "top. half.grease<=0.4" => ["grease", "<=", 0.4, "top. half"], "lock:tahini" => ["lock", ":", "tahini", nil], "without:peanut" => ["without", ":", "peanut", nil],
    "texture=presses..rolls" => ["texture", "=", "presses..rolls", nil], "pieces=24" => ["pieces", "=", 24.0, nil], "diet=vegan" => ["diet", "=", "vegan", nil], "grams>=600" => ["grams", ">=", 600.0, nil]
  }.each do |text, (key, op, value, part)|
    it("reads “#{text}”") { expect(described_class.read(text)).to have_attributes(key: key, op: op, value: value, part: part) }
  end

  {
    "firmness=3" => /not built/, "holds_to_c>=27" => /not built/, "water_activity<=0.6" => /not built/, "colour=red" => /nothing that can be wished for; there are texture, diet/, "rolls" => /is no wish/, "" => /is no wish/, "texture=firm" => /no texture; there are loose/,
    "texture=rolls..presses" => /drier to the wetter/, "texture=a..b..c" => /no texture/, "texture>=rolls" => /write texture=/, "diet=paleo" => /no diet/, "kcal<=-3" => /no number from 0/, "kcal<=NaN" => /no number/, "kcal<=1e9" => /no number/, "kcal<=" => /no number/,
    "kcal<=99999" => /up to 5000/, "pieces=2.5" => /whole one/, "pieces=0" => /whole one/, "grams=0" => /more than nothing/, "kcal:3" => /with <=/, "dough.kcal<=90" => /said of the whole/, "lock=tahini" => /write lock:/, "without:" => /names nothing/, "grease<=2" => /up to 1/,
    "\xff<=3" => /is no wish|nothing that can be wished/
  }.each do |text, message|
    it("refuses “#{text.scrub}” with the mend") { expect { described_class.read(text) }.to raise_error(ElmCup::Balance::WishReader::Unreadable, message) }
  end

  # What people type. Words of the kitchen, from memory.
  describe "said by a cook" do
    document = {
      "elm_cup" => "formula/1", "name" => "Slice", "shape" => {"kind" => "ball", "piece_grams" => 20},
      "components" => [{"name" => "base", "lines" => [{"text" => "1 cup rolled oats, ground"}, {"text" => "1/2 cup almond butter"}, {"text" => "1/4 cup honey"}]}, {"name" => "Date caramel", "type" => "filling", "process" => "processor", "lines" => [{"text" => "10 soft dates"}, {"text" => "2 tbsp water"}]}]
    }
    answer = ElmCup.assess(document)
    figure = ->(key, share, places = 1) { (answer["nutrition_per_piece"][key] * share).round(places) }
    {
      "rolls" => "texture=rolls", "should roll" => "texture=rolls", "sticky" => "texture=tacky", "runny" => "texture=pours", "date caramel spreads" => "Date caramel.texture=spreads", "Date caramel: pours" => "Date caramel.texture=pours",
      "under 90 kcal" => "kcal<=90", "90 kcal or less" => "kcal<=90", "at most 90 calories each" => "kcal<=90", "less than 90 kcal a piece" => "kcal<=90", "kcal under 90" => "kcal<=90", "max 3g sugar" => "sugars<=3", "under 3 g of free sugar" => "free_sugars<=3", "no more than 3 g added sugar per ball" => "free_sugars<=3",
      "at least 5g protein" => "protein>=5", "5 g protein" => "protein>=5", "over 2,5 g fibre" => "fibre>=2.5", "2 g of fiber or more" => "fibre>=2", "24 pieces" => "pieces=24", "makes 24" => "pieces=24", "30 truffles" => "pieces=30", "600 g" => "grams=600", "1 kg" => "grams=1000", "½ kg" => "grams=500", "500 g in all" => "grams=500",
      "under 40 cents" => "cost<=0.4", "costs under €0.40" => "cost<=0.4", "less sweet" => "sweetness<=#{(answer["sweetness_pct"] * 0.9).round(1)}", "half the sugar" => "sugars<=#{figure.call("sugars_g", 0.5)}", "20 % less sugar" => "sugars<=#{figure.call("sugars_g", 0.8)}",
      "more protein" => "protein>=#{figure.call("protein_g", 1.1)}", "lighter" => "kcal<=#{figure.call("kcal", 0.9, 0)}", "vegan" => "diet=vegan", "gluten free" => "diet=gluten-free", "no nuts" => "diet=nut-free", "no dairy" => "diet=dairy-free", "low carb" => "diet=low-net-carbohydrate", "no refined sugar" => "diet=refined-sugar-free",
      "no peanut" => "without:peanut", "without sesame" => "without:sesame", "no honey" => "without:honey", "keep the oats" => "lock:oats-rolled", "almond butter stays" => "lock:almond-butter", "kcal<=90" => "kcal<=90", "  Rolls.  " => "texture=rolls", "less greasy" => "grease<=#{(answer["components"][0]["grease"] * 0.9).round(2)}"
    }.each do |said, wish|
      it("takes “#{said}” as #{wish}") { expect(ElmCup.wish(document, said)["wish"]).to eq(wish) }
    end

    ["crunchy", "", "no unicorns", "under 90", "under -3 kcal", "keep the moon", "nicer", "90 kcal 3 g", "<=", "rolls and presses"].each do |said|
      it("says what can be said instead of “#{said}”") { expect { ElmCup.wish(document, said) }.to raise_error(ElmCup::InvalidDocument, /try “rolls”|known here|number/) }
    end

    it "says each wish in words, with what is now" do
      expect(ElmCup.wish(document, "under 90 kcal")).to include("words" => "at most 90 kcal a piece", "now" => "#{answer["nutrition_per_piece"]["kcal"].round} kcal", "met" => true)
      expect(ElmCup.wish(document, "vegan")).to include("met" => false)
    end

    it "knows that less of what has no figure is no wish" do
      expect { ElmCup.wish(document, "cheaper") }.to raise_error(ElmCup::InvalidDocument, /no cost now to go by/)
    end
  end
end
