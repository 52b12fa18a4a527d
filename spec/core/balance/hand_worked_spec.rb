# frozen_string_literal: true

# Two ingredients at a time, worked on paper with the figures of the model (docs/model.md, Binding: oats ground 1.1 mL a gram of demand,
# honey .70 and water 2.5 mL a gram of binder) and of the measures (1 cup oats ground 95 g, 1/4 cup honey 84.75 g, 1 tsp water 4.93 g).
RSpec.describe "Balance worked by hand" do
  # D = 95 * 1.1 = 104.5 mL, s = 84.75 * .70 = 59.3 mL: S = .568, crumbly. To press in the middle S must lie between
  # .82 * 1.33 ** (2.29 - 3) = .670 and .82 * 1.33 ** (2.70 - 3) = .753.
  let(:dry) { formula("1 cup rolled oats, ground", "1/4 cup honey", want: "presses") }

  # Nothing there is sugar or pulp, so water is no help: it would only wet the oats (.54 of its 2.5 mL, without sugar).
  it "takes 1 tbsp of honey, and not a quarter cup less of oats, which overshoots" do
    answers = balance(dry, "texture=presses", have: [])["answers"]
    expect(answers.first["changes"].map { |change| change["text"] }).to eq(["+1 tbsp honey"])
    # (84.75 * 5 / 4 * .70) / 104.5 = .710; less oats: 59.3 / (71.25 * 1.1) = .757, past .753.
    expect(answers.first["after"]["components"].first["saturation"]["value"]).to be_within(0.003).of(0.710)
    expect(answers.first["size"]).to be_within(1e-6).of(0.25)
    expect(answers.first["proved_optimal"]).to be(true)
    expect(answers[1]["changes"].map { |change| change["text"] }).to eq(["−1/4 cup rolled oats"])
    expect(answers.map { |answer| answer["why"].include?("only just gets there") }).to eq([false, true])
  end

  # D = 95 * 1.1 + 100 * .48 = 152.5 mL, s = 59.3 mL: S = .389. 100 g of sugar take 52 g of water at the most. To press in the middle,
  # s must be at least .670 * 152.5 = 102.2 mL: 42.9 more, 17.2 g of water at 2.5 mL a gram (60 g of sugar are there for 42.9 mL and more),
  # 4 tsp of 4.94 g: (59.3 + 49.4) / 152.5 = .713.
  it "takes water where there is sugar for it: .30 as nothing like it is there, .01 a teaspoon" do
    sweet = formula("1 cup rolled oats, ground", "1/4 cup honey", "100 g granulated sugar", want: "presses")
    answer = balance(sweet, "texture=presses", "lock:honey", "lock:oats-rolled", "lock:sugar-granulated", have: [])["answers"].first
    expect(answer["changes"].map { |change| change["text"] }).to eq(["+4 tsp water"]).or eq(["+1 tbsp + 1 tsp water"])
    expect(answer["size"]).to be_within(1e-6).of(0.30 + 0.04)
    expect(answer["after"]["components"].first["saturation"]["value"]).to be_within(0.003).of(0.713)
  end

  it "leaves what is locked and moves the other" do
    answer = balance(dry, "texture=presses", "without:water", "lock:honey", have: [])["answers"].first
    # Only the oats are left: 1 cup less 1/4 cup is at the edge of pressing, .757, past the middle and within the class (to .82).
    expect(answer["changes"].map { |change| change["text"] }).to eq(["−1/4 cup rolled oats"])
    expect(answer["why"]).to match(/only just gets there/)
    expect(answer["size"]).to be_within(1e-6).of(0.25)
  end

  # 150 g of dates in paste and 50 g of almond flour: sugars 65.5 % of 150 g and 5 % of 50 g or so, in pieces of 20 g.
  it "brings sugar under a bound by the smallest step that does" do
    document = formula("150 g soft dates, to paste", "50 g almond flour", process: "processor", want: "rolls",
      shape: {"kind" => "ball", "piece_grams" => 20})
    now = assess(document)["nutrition_per_piece"]["sugars_g"]
    entry = ElmCup.shipped
    dates, almond = %w[dates-soft almond-flour].map { |id| entry[id].composition.sugars / 100 }
    expect(now).to be_within(0.01).of(20 * (150 * dates + 50 * almond) / 200)
    # A twentieth of 150 g is 7.5, of 50 g is 2.5: steps of 10 g (nearer to 7.5 than 5 is, as a ratio) and 2 g.
    after = ->(less, more) { 20 * ((150 - 10 * less) * dates + (50 + 2 * more) * almond) / (200 - 10 * less + 2 * more) }
    wanted = 9.0
    cheapest = (0..7).to_a.product((0..25).to_a).select { |less, more| after.call(less, more) <= wanted }
      .min_by { |less, more| less * 10 / 150.0 + more * 2 / 50.0 }
    answer = balance(document, "sugars<=9", "texture=loose..pours", "without:water", "lock:size", have: [])["answers"].first
    expect(answer["size"]).to be_within(1e-4).of(cheapest.first * 10 / 150.0 + cheapest.last * 2 / 50.0)
    expect(answer["after"]["sugars_g"]).to be <= wanted
  end

  it "makes a batch of the wished weight and no other, pieces within half a one" do
    document = formula("100 g rolled oats, ground", "80 g honey", shape: {"kind" => "ball", "piece_grams" => 10})
    larger = balance(document, "grams=360", "texture=loose..pours", have: [])["answers"].first
    expect(larger["after"]["grams"]).to be_between(360 * 0.98, 360 * 1.02)
    expect(larger["formula"]["components"][0]["lines"].map { |line| line["text"] }).to eq(["200 g rolled oats, ground", "160 g honey"])
    pieces = balance(document, "pieces=27", "texture=loose..pours", have: [])["answers"].first["after"]
    expect(pieces["pieces"]).to eq(27)
    expect(pieces["grams"]).to be_between(270, 275)
  end

  it "finds a clash of two and its price" do
    # Sugar a piece of 20 g is at most 20 times its share; oats ground and honey alone: more honey for the one, less for the other.
    document = formula("1 cup rolled oats, ground", "1/2 cup honey", shape: {"kind" => "ball", "piece_grams" => 20})
    clash = balance(document, "texture=tacky", "sugars<=9", "lock:oats-rolled", "lock:size", have: [])["clashes"].first
    expect(clash["wishes"]).to contain_exactly("texture=tacky", "sugars<=9")
    # Tacky begins at S = .82 * 1.33 ** 1 = 1.09: honey >= 1.09 * 104.5 / .70 = 162.8 g, reached by tbsp from 169.5 g: 7 tbsp fall short
    # of it at 148.3 g, 8 tbsp, the half cup there is, give 169.5 g: 20 * 169.5 * .8 / 264.5 = 10.6 g of sugar at the least.
    honey = ElmCup.shipped["honey"].composition.sugars / 100
    oats = ElmCup.shipped["oats-rolled"].composition.sugars / 100
    least = 20 * (169.5 * honey + 95 * oats) / 264.5
    price = clash["relax"].find { |relax| relax["wish"] == "sugars<=9" }
    expect(price["to"]).to be_within(0.02).of(least)
    expect(clash["relax"].find { |relax| relax["wish"] == "texture=tacky" }["to"]).to eq("presses").or eq("rolls")
  end
end
