# frozen_string_literal: true

RSpec.describe ElmCup::Quantity::LineReader do
  def reading(text) = described_class.read(text)

  # [amount, unit] of every term.
  def amounts(text) = reading(text).terms.map { |term| [term.quantity, term.unit&.id] }

  {
    "1/2 c + 2 tbsp cashew butter" => [[1/2r, :cup], [2, :tablespoon]],
    "1/4 cup plus 1 tbsp honey" => [[1/4r, :cup], [1, :tablespoon]],
    "1 cup and 2 tbsp honey" => [[1, :cup], [2, :tablespoon]],
    "1 cup less 2 tbsp oats" => [[1, :cup], [-2, :tablespoon]],
    "1 1/2 cups oats" => [[3/2r, :cup]], "1½ cups oats" => [[3/2r, :cup]], "1 ½ cups oats" => [[3/2r, :cup]],
    "1-1/2 cups oats" => [[3/2r, :cup]],
    "⅔ cup oats" => [[2/3r, :cup]], "0,5 kg dates" => [[1/2r, :kilogram]], "0.5 kg dates" => [[1/2r, :kilogram]],
    "1,000 g oats" => [[1000, :gram]], "0,125 kg almonds" => [[1/8r, :kilogram]], "1,5 kg oats" => [[3/2r, :kilogram]],
    "half a cup of honey" => [[1/2r, :cup]], "a quarter cup of maple syrup" => [[1/4r, :cup]],
    "three quarters of a cup oats" => [[3/4r, :cup]],
    "two and a half cups oats" => [[5/2r, :cup]], "2 and a half cups oats" => [[5/2r, :cup]], "ten dates" => [[10, nil]],
    "a dozen dates" => [[12, nil]],
    "half a dozen dates" => [[6, nil]], "twenty-four dates" => [[24, nil]], "an almond" => [[1, nil]],
    "2-3 tbsp water" => [[5/2r, :tablespoon]], "2–3 tbsp water" => [[5/2r, :tablespoon]], "2 to 3 tbsp water" => [[5/2r, :tablespoon]],
    "1-1 1/2 cups oats" => [[5/4r, :cup]],
    "heaping tbsp cocoa" => [[5/4r, :tablespoon]], "two heaping cups oats" => [[5/2r, :cup]], "2 heaped cups oats" => [[5/2r, :cup]],
    "1 rounded tsp cocoa" => [[23/20r, :teaspoon]],
    "a generous 1/2 cup oats" => [[23/40r, :cup]], "1 scant cup flour" => [[9/10r, :cup]], "1 level tsp salt" => [[1, :teaspoon]],
    "1 T honey" => [[1, :tablespoon]], "1 t honey" => [[1, :teaspoon]], "1 T. honey" => [[1, :tablespoon]],
    "2 Tbs. honey" => [[2, :tablespoon]], "2 TBSP honey" => [[2, :tablespoon]],
    "4 oz. chocolate" => [[4, :ounce]], "1 lb dates" => [[1, :pound]], "2 fl oz water" => [[2, :fluid_ounce]],
    "100g oats" => [[100, :gram]], "2 dl milk" => [[2, :decilitre]], "1 l water" => [[1, :litre]],
    "1 pint cream" => [[1, :pint]], "1 stick butter" => [[1, :stick]], "a pinch of salt" => [[1, :pinch]], "pinch of salt" => [[1, :pinch]],
    "1 dash salt" => [[1, :dash]], "3 drops vanilla" => [[3, :drop]],
    "a handful of raisins" => [[1, :handful]], "small handful raisins" => [[1, :handful]],
    "a good pinch of salt" => [[23/20r, :pinch]], "2 cups good chocolate" => [[2, :cup]], "1 cup chocolate, good" => [[1, :cup]],
    "a good 1/2 cup oats" => [[23/40r, :cup]], "10 halves walnut" => [[10, nil]],
    "two hundred and fifty grams dates" => [[250, :gram]], "a hundred g dates" => [[100, :gram]],
    "1 000 g oats" => [[1000, :gram]], "1'500 g oats" => [[1500, :gram]], "2 100g bars chocolate" => [[2, :bar]],
    "1 quarter cup tahini" => [[1/4r, :cup]], "2 thirds cup tahini" => [[2/3r, :cup]],
    "50g/2oz/¼ cup sugar" => [[50, :gram]], "1 can coconut milk" => [[1, :can]], "Rolled oats, 88 g" => [[88, :gram]],
    "Dates 200g" => [[200, :gram]], "- 1 cup oats" => [[1, :cup]],
    "2 tbsp half and half" => [[2, :tablespoon]], "1 and 1/2 cups oats" => [[3/2r, :cup]], "1 & ½ cups oats" => [[3/2r, :cup]],
    "12 oz bag of chocolate chips" => [[12, :ounce]],
    "Dates (10)" => [[10, nil]], "soft dates: 12" => [[12, nil]],
    "1 tablespoon plus 2 teaspoons honey" => [[1, :tablespoon], [2, :teaspoon]],
    "¼ cup/60 ml maple syrup" => [[1/4r, :cup]], "60ml/¼ cup maple syrup" => [[60, :millilitre]],
    "2 bars (100 g each) dark chocolate" => [[2, :bar]],
    "juice of 1/2 lemon" => [[1/2r, nil]], "the grated zest of one lime" => [[1, nil]],
    "2 dozen dates" => [[24, nil]], "10 x dates" => [[10, nil]], "10x dates" => [[10, nil]], "dates x 10" => [[10, nil]],
    "dates × 10" => [[10, nil]], "1 heaping 1/4 cup oats" => [[5/16r, :cup]],
    "1 dessertspoon honey" => [[1, :dessertspoon]], "1 cup oats, plus 2 tbsp" => [[1, :cup], [2, :tablespoon]],
    "1½ cups oats plus 2 tbsp, ground" => [[3/2r, :cup], [2, :tablespoon]],
    "1 lb 2 oz dates" => [[1, :pound], [2, :ounce]], "1 kg 200 g dates" => [[1, :kilogram], [200, :gram]],
    "1 cup 2 tbsp honey" => [[1, :cup], [2, :tablespoon]],
    "a cup and a half of oats" => [[1, :cup], [1/2r, :cup]], "1 cup and a half oats" => [[1, :cup], [1/2r, :cup]],
    "60 g to 80 g oats" => [[70, :gram]], "60g-80g oats" => [[70, :gram]], "1 cup to 2 cups oats" => [[3/2r, :cup]],
    "a pinch or two of salt" => [[3/2r, :pinch]],
    "1 cup or 240 ml water" => [[1, :cup]], "1) 2 cups oats" => [[2, :cup]], "3. 12 dates" => [[12, nil]],
    "a couple of dates" => [[2, nil]],
    "1 tbsp cocoa, heaping" => [[5/4r, :tablespoon]], "2 cups oats (scant)" => [[9/5r, :cup]], "10 pieces of dates" => [[10, :piece]],
    "scoop #40 peanut butter" => [[1, :scoop]], "#40 scoop tahini" => [[1, :scoop]]
  }.each do |text, wanted|
    it("reads the amount of “#{text}”") { expect(amounts(text)).to eq(wanted) }
  end

  it "keeps the ends of a range" do
    term = reading("2-3 tbsp water").terms.first
    expect([term.low.value, term.high.value, term.spread]).to eq([2, 3, 1/5r])
  end

  it "lets a weight in brackets win over the volume before it" do
    expect(reading("1½ cups (135 g) oats").weight.grams).to eq(135)
    expect(reading("handful (about 45 g) raisins").weight.grams).to eq(45)
    expect(reading("5 dates (about 120 g)").weight.grams).to eq(120)
    expect(reading("1 1/2 cups oats, 135 g").weight.grams).to eq(135)
    expect(reading("1 cup oats, about 88 g, ground").weight.grams).to eq(88)
    expect(reading("1 cup plus 2 tbsp (99 g) oats").weight.grams).to eq(99)
    expect(reading("1 cup oats, plus 2 tbsp (99 g)").weight.grams).to eq(99)
    expect(reading("100 g oats, 1 kg more if you like").weight).to be_nil
    expect(reading("1 tbsp (15 ml) honey").weight).to be_nil
  end

  it "weighs each amount by its own bracket where there are several" do
    {"1 cup (88 g) plus 2 tbsp (12 g) oats" => 100, "1 cup oats (88 g), plus 2 tbsp (12 g)" => 100, "1 cup (88 g) plus 2 tbsp oats" => 99,
     "1 cup (90 g) less 2 tbsp (10 g) oats" => 80}
      .each { |text, grams| expect(read(text)["grams"]).to be_within(0.01).of(grams), text }
  end

  it "drops no amount without a word" do
    expect(reading("1 cup almond flour, plus 2 tbsp more if needed").notes).to eq(["“plus 2 tbsp more” is not counted"])
    expect(reading("1 cup oats, plus 10 dates").fault.message).to match(/put “10 dates” on a line of its own/)
  end

  it "reads what a container holds, and two ways of saying one amount" do
    expect(reading("2 (14 oz) cans coconut milk").terms.first.grams).to eq(28 * Rational("28.349523125"))
    expect(reading("1 14-oz can coconut milk").terms.first.grams).to eq(14 * Rational("28.349523125"))
    expect(reading("2 x 50 g chocolate").terms.first.grams).to eq(100)
    expect(reading("1 cup / 88 g oats").weight.grams).to eq(88)
  end

  it "takes a standard named in the line" do
    us, metric = ElmCup::Quantity::CupStandard::US, ElmCup::Quantity::CupStandard.find("metric")
    expect(reading("1 metric cup oats").terms.first.millilitres(us)).to eq(250)
    expect(reading("1 US cup oats").terms.first.millilitres(metric)).to eq(us.cup_ml)
  end

  it "parts name, preparation and flags" do
    line = reading("10 large soft dates, pitted (optional), plus more for rolling")
    expect([line.name, line.preparations, line.flags, line.terms.first.size]).to eq(["soft dates", ["pitted"], [:optional], "large"])
    expect(line.notes).to include(/plus more for rolling/)
    expect(reading("1/2 cup coconut, plus 1/4 cup for rolling").notes).to eq(["“plus 1/4 cup for rolling” is not counted"])
    expect(reading("1 cup peanut butter plus 2 tbsp for drizzling").notes).to eq(["“plus 2 tbsp for drizzling” is not counted"])
    expect(reading("1 cup coconut + more for rolling").notes).to eq(["“+ more for rolling” is not counted"])
    expect(reading("salt, to taste").flags).to eq([:to_taste])
    expect(reading("2 tbsp maple syrup or honey").name).to eq("maple syrup")
    ["2 tbsp honey or maple syrup", "2 tbsp honey (or maple syrup)", "2 tbsp honey, or maple syrup"]
      .each { |text| expect(reading(text).notes).to eq(["“or maple syrup” is not used: the first is taken"]), text }
  end

  it "hears that a measure is packed wherever the line says so" do
    ["1 cup packed brown sugar", "1 cup brown sugar, packed", "1 cup brown sugar, firmly packed", "1 cup (packed) brown sugar",
      "1 cup of packed brown sugar", "1 packed cup brown sugar"].each do |text|
      expect(read(text)["grams"]).to be_within(0.01).of(216), text
    end
    ["1 cup brown sugar", "1 cup loosely packed brown sugar", "1 cup brown sugar, lightly packed"]
      .each { |text| expect(read(text)["grams"]).to be_within(0.01).of(145), text }
  end

  it "scales every number of a line, those that say an amount again too" do
    {"1 cup (88 g) plus 2 tbsp (12 g) oats" => "2 cups (176 g) plus 4 tbsp (24 g) oats",
     "1/4 cup / 50 g / 2 oz sugar" => "1/2 cup / 100 g / 4 oz sugar", "1 cup (88 g) oats" => "2 cups (176 g) oats"}
      .each { |text, twice| expect(reading(text).scaled_text(2)).to eq(twice) }
  end

  it "takes the first weight of several" do
    ["1/4 cup / 50 g / 2 oz sugar", "50 g / 2 oz / 1/4 cup sugar", "1/4 cup (50 g / 2 oz) sugar"]
      .each { |text| expect(read(text)["grams"]).to eq(50), text }
  end

  it "weighs each of what is counted" do
    {"12 dates (20 g each)" => 240, "12 dates, 20 g each, pitted" => 240, "2 bars dark chocolate (100 g each)" => 200,
     "12 dates (240 g)" => 240, "1 cup oats, 88 grams" => 88}
      .each { |text, grams| expect(read(text)["grams"]).to be_within(0.01).of(grams), text }
  end

  it "reads what was pasted from a page: its spaces, digits and hyphens" do
    ["1\u00a0cup\u00a0oats", "1\u2009cup oats", "\ufeff1 cup oats", "\uff11 cup oats", "\t1 cup oats"].each do |text|
      expect(amounts(text)).to eq([[1, :cup]]), text.inspect
      expect(reading(text).name).to eq("oats")
      expect(reading(text).text).to eq(text)
    end
    expect(reading("1\u00a0cup oats").scaled_text(2)).to eq("2\u00a0cups oats")
    expect(reading("\u22123 tbsp honey").fault.message).to match(/below zero/)
  end

  it "does not add up two ways of saying one amount" do
    expect(amounts("14 oz 400 g coconut milk")).to eq([[14, :ounce]])
    expect(amounts("1 cup 2% milk")).to eq([[1, :cup]])
  end

  {
    "" => /empty/, "honey" => /No amount/, "2 tbsp" => /Of what/, "???" => /No amount/, "-3 tbsp honey" => /below zero/,
    "0 g honey" => /zero/, "1/0 cup honey" => /zero/, "1 1/0 cup honey" => /zero/, "2 and 1/0 cup honey" => /zero/,
    "1e308 g honey" => /plainly/, "NaN g honey" => /No amount/, "10 dates + 2 tbsp honey" => /Two ingredients/,
    "1 cup oats, 10 dates and honey" => /put “10 dates and honey” on a line of its own/, "1 scoop #3 dough" => /4 to 100/,
    "\xff\xfe" => /UTF-8/,
    "9999999999999 g oats" => /plainly/, "a lot of milk" => /“lot” is not a measure/,
    "1 cup oats and 2 tbsp honey for rolling" => /put “2 tbsp honey/, "1 cup oats, 2 tbsp" => /Two ingredients/,
    "1 tsp. cinnamon + 1/4 tsp. nutmeg" => %r{put “1/4 tsp. nutmeg” on}, "1 tsp each cinnamon and ginger" => /“each” gives one amount/,
    "a little honey" => /“little” is not a measure/, "a touch of lemon juice" => /“touch” is not a measure/
  }.each do |text, message|
    it("flags “#{text.scrub}” at its place and keeps it as typed") do
      line = reading(text)
      expect(line.fault.message).to match(message)
      expect(line.text).to eq(text)
      expect(line.fault.from).to be <= line.fault.to
    end
  end

  it "does not take times, lengths and other ways to say the amount for a second ingredient" do
    ["10 dates, soaked 1 h", "1 cup dates, 1 hour in hot water", "100 g chocolate, cut into 1 cm pieces", "1 cup dates, about 10",
      "1 cup dates (10 large)", "1 cup oats, 88 g"].each { |text| expect(reading(text).fault).to be_nil, text }
  end

  it "names the place of the fault" do
    fault = reading("2 cups + 0 tbsp oats").fault
    expect("2 cups + 0 tbsp oats"[fault.from...fault.to]).to eq("0")
  end

  it "refuses a line past the limit without reading it" do
    expect(reading("1 cup #{"o" * 100_000}").fault.message).to match(/300 is the most/)
  end

  it "never raises, whatever is typed" do
    random = Random.new(7)
    pieces = ["1", "1/0", "0", "/", "½", "and", "cup", "tbsp", "(", ")", "g", "-", "–", ",", "#40", "scoop", "and a half", "heaping", "to",
      "can", "é", "<b>", "\u0000", " ", "x", "dozen", "%"]
    2000.times do
      text = Array.new(random.rand(1..9)) { pieces.sample(random: random) }.join([" ", ""].sample(random: random))
      expect { reading(text) }.not_to raise_error
    end
  end

  it "scales exactly: by k and back by 1/k gives the amounts again" do
    ["1/2 c + 2 tbsp honey", "a cup oats", "2-3 tbsp water", "1½ cups (135 g) oats", "pinch of salt", "1,000 g oats",
      "100 g / 3.5 oz chocolate", "half a cup of honey", "two heaping cups oats", "Dates 200g", "a cup and a half of oats",
      "1 lb 2 oz dates", "60 g to 80 g oats",
      "a pinch or two of salt", "scoop #40 tahini", "3. 12 dates", "1 cup oats, plus 2 tbsp", "1 cup (88 g) plus 2 tbsp (12 g) oats",
      "1 heaping 1/4 cup oats",
      "2 dozen dates", "10 x dates"].each do |text|
      [1/3r, 1/2r, 3/4r, 2, 7].each do |factor|
        scaled = reading(reading(text).scaled_text(factor))
        expect(scaled.terms.map(&:quantity)).to eq(reading(text).terms.map { |term| term.quantity * factor }),
          "#{text} × #{factor} → #{scaled.text}"
        back = reading(scaled.scaled_text(1 / Rational(factor)))
        expect(back.terms.map(&:quantity)).to eq(reading(text).terms.map(&:quantity))
        expect(back.weight&.grams).to eq(reading(text).weight&.grams)
      end
    end
  end

  it "lets a unit that is written out agree with its number" do
    {"1 cup oats" => "2 cups oats", "1 tablespoon honey" => "2 tablespoons honey", "1 pinch salt" => "2 pinches salt",
     "a can (400 g) coconut milk" => "2 cans (400 g) coconut milk", "1 c oats" => "2 c oats", "50 g oats" => "100 g oats"}
      .each { |one, two| expect(reading(one).scaled_text(2)).to eq(two) }
    {"2 cups oats" => "1 cup oats", "1½ cups oats" => "3/4 cup oats", "3 cups oats" => "1 1/2 cups oats"}
      .each { |two, one| expect(reading(two).scaled_text(1/2r)).to eq(one) }
  end

  it "nudges the last amount by a spoon step and keeps everything else" do
    nudge = ElmCup::Quantity::Nudge
    expect(nudge.call("1/2 c + 2 tbsp honey, warm", 1)).to eq("1/2 c + 2 1/2 tbsp honey, warm")
    expect(nudge.call("a cup oats", -1)).to eq("3/4 cup oats")
    expect(nudge.call("10 dates", 1)).to eq("11 dates")
    expect(nudge.call("1/4 tsp salt", -1)).to eq("1/4 tsp salt")
    expect(nudge.call("2 tbsp honey", 3)).to eq("3 1/2 tbsp honey")
    expect(nudge.call("25 g honey", -4)).to eq("17 g honey")
    expect(nudge.call("2 dates", -60)).to eq("1 dates")
    expect(nudge.call("2-3 tbsp honey", 1)).to eq("2-3 tbsp honey")
    expect(nudge.call("nonsense", 1)).to eq("nonsense")
  end

  it "reads more ways to put an amount: circa, behind a dash, before a count in brackets or more for the outside" do
    {
      "c. 1/2 c. oats" => "0.5 cup", "Vanilla — a few drops" => "3.0 drop", "few drops vanilla" => "3.0 drop", "dates 14 (soft)" => "14.0 ",
      "coconut, 40g + extra to roll" => "40.0 gram", "2 Tbl honey" => "2.0 tablespoon", ".5 t salt" => "0.5 teaspoon"
    }.each { |text, amount| expect(reading(text).terms.map { |term| "#{term.low.value.to_f} #{term.unit&.id}" }).to eq([amount]), text }
  end

  it "says what words for the outside do: more of it is not counted, the rest is" do
    expect(reading("50 g cocoa, for dusting").notes).to eq(["“for dusting” changes nothing: what is written before it is counted"])
    expect(reading("200 g white chocolate for the outside").name).to eq("white chocolate")
    expect(reading("25g cocoa, plus 1 tbsp to roll").notes).to eq(["“plus 1 tbsp to roll” is not counted"])
    expect(reading("sesame seeds (for sprinkling)").notes).to eq(["“for sprinkling” changes nothing: what is written before it is counted"])
  end
end
