# frozen_string_literal: true

RSpec.describe ElmCup::Binding::Saturation do
  # Source: docs/model.md, Binding, table of classes.
  it "parts the seven textures where the table does" do
    expect(ElmCup::Binding::Texture.boundaries.map { |edge| edge.round(2) }).to eq([0.46, 0.62, 0.82, 1.09, 1.45, 1.93])
    {0.3 => "loose", 0.5 => "crumbly", 0.7 => "presses", 0.9 => "rolls", 1.2 => "tacky", 1.6 => "spreads", 2.5 => "pours"}
      .each do |s, texture|
      expect(ElmCup::Binding::Texture.at(ElmCup::Binding::Texture.number(s))).to eq(texture)
    end
  end

  it "is the greater of two straight lines" do
    random = Random.new(1)
    50.times do
      a, b, o, d = Array.new(4) { random.rand(0.1..50.0) }
      supply = described_class.new(syrup: a, pulp: b, fat: o, demand: d).supply
      keep = 1 - described_class::LAMBDA
      expect(supply).to be_within(1e-9).of([a + b + keep * o, a + keep * b + o].max)
    end
  end

  # Source: docs/model.md, Binding, F: w g of free water offer 2.5 w, or 1.35 w + .6 U where U g of loose sugar are too few for it.
  it "counts free water by the sugar that it finds" do
    [[10, 40], [10, 19.3], [10, 5], [10, 0]].each do |water, sugar|
      offered = described_class.new(free: 2.5 * water, sugar: sugar, syrup: 0.0, pulp: 0.0, fat: 0.0, demand: 1.0).supply
      expect(offered).to be_within(1e-9).of([2.5 * water, 1.35 * water + 0.6 * sugar].min)
    end
    water = ->(*lines) { bowl(*lines)["binder_split_ml"]["water"] }
    expect(water.call("20 g water", "100 g almond flour")).to be_within(0.05).of(1.35 * 20)
    expect(water.call("20 g water", "100 g almond flour", "100 g granulated sugar")).to be_within(0.05).of(50)
    # Syrups are full of sugar, the water in butter stays in its fat: neither dissolves any. Butter holds .16 mL a gram.
    expect(bowl("40 g honey", "100 g granulated sugar")["binder_ml"]).to eq(28.0)
    expect(water.call("50 g dairy butter", "100 g almond flour")).to be_within(0.01).of(8)
  end

  it "says pours where nothing is dry, loose where nothing binds, and nothing where neither is" do
    expect(bowl("100 g honey")).to include("texture" => "pours", "sentence" => /nothing dry/)
    expect(bowl("100 g honey")).not_to have_key("saturation")
    expect(bowl("100 g oat flour")).to include("texture" => "loose", "sentence" => /nothing binds/)
    expect(bowl("5 g salt")).not_to have_key("texture")
    expect(bowl).to include("sentence" => "There is nothing in it yet.", "grams" => 0.0)
  end

  it "melts hardening fats with the room and on the line's word" do
    share = ->(c) { saturation("60 g coconut oil", "40 g protein powder", kitchen: {"room_c" => c}) }
    expect(share.call(15)).to be < share.call(21)
    expect(share.call(21)).to be < share.call(26)
    expect(saturation("60 g coconut oil, melted", "40 g protein powder", kitchen: {"room_c" => 4})).to eq(share.call(30))
    # Source: docs/model.md, Binding, L(T): coconut 20 °C .65, 22 .75, straight between.
    expect(ElmCup::Fat::LiquidShare.share("coconut", 21)).to be_within(1e-9).of(0.70)
    expect(ElmCup::Fat::LiquidShare.share("cocoa_butter", 0)).to eq(0.05)
    expect(ElmCup::Fat::LiquidShare.share("dairy_butter", 50)).to eq(1.0)
  end

  # Source: docs/model.md, Binding: of G g of powdered sugar w g of free water take out min(G, 2 w) at once; the rest takes .30 mL a gram.
  it "lets powdered sugar dissolve in free water, two grams a gram, and in nothing else" do
    demand = ->(*lines) { bowl(*lines)["lines"].last["demand_ml"] }
    expect(demand.call("50 g maple syrup", "60 g almond flour", "30 g powdered sugar")).to eq(9.0)
    expect(demand.call("50 g almond butter", "30 g powdered sugar")).to eq(9.0)
    expect(demand.call("10 g water", "60 g almond flour", "30 g powdered sugar")).to be_within(0.01).of(3.0)
    expect(demand.call("20 g water", "60 g almond flour", "30 g powdered sugar")).to eq(0.0)
    # Four grams of it in two bowls of the same are one bowl: the share goes by all of it.
    twice = bowl("10 g water", "60 g almond flour", "15 g powdered sugar", "15 g powdered sugar")
    expect(twice["lines"].last(2).map { |line| line["demand_ml"] }).to eq([1.5, 1.5])
  end

  it "takes walnuts to paste where dates lead in the processor, unless the line names a form" do
    forms = ->(text) { bowl("60 g soft dates", text, process: "processor")["lines"].last["form"] }
    expect(forms.call("30 g walnuts")).to eq("paste")
    expect(forms.call("30 g chopped walnuts")).to eq("chopped")
    expect(bowl("20 g soft dates", "80 g walnuts", process: "processor")["lines"].last["form"]).to eq("cut")
  end

  it "makes paste of dates in the processor, chopped before or not, and half of one by hand" do
    s = ->(text, process) { saturation(text, "40 g almond flour", process: process) }
    expect(s.call("100 g soft dates, chopped", "processor")).to eq(s.call("100 g soft dates", "processor"))
    by_hand = bowl("100 g soft dates, chopped", "40 g almond flour")
    expect(by_hand["binder_split_ml"]["pulp"]).to eq(26.0)
    expect(by_hand["lines"][0]["form"]).to eq("chopped")
  end

  it "cuts whole nuts in the processor unless they are left whole" do
    form = ->(text) { bowl("100 g honey", text, process: "processor")["lines"][1]["form"] }
    expect([form.call("60 g whole almonds"), form.call("60 g almonds, left whole"), form.call("60 g almonds, folded in")])
      .to eq(%w[cut whole whole])
  end

  it "splits the binder into kinds that sum to the supply" do
    part = bowl("12 soft dates", "3 tbsp cashew butter", "1 tbsp maple syrup", "1 tsp water", "1 cup rolled oats", process: "processor")
    expect(part["binder_split_ml"].values.sum).to be_within(0.1).of(part["binder_ml"])
    expect(part["binder_split_ml"]["masked"]).to be < 0
  end

  # Worked by hand from the listed figures: honey .70, tahini .63, maple .75, dates .52, melted coconut oil 1.09 mL a gram; 10 g of water
  # find 10.9 g of sugar in 50 g of dates, so 1.35 * 10 + .6 * 10.9 = 20.0 mL, and 50 g find none in oats: 67.5 mL.
  it "shares the binder into what sticks and what is fat" do
    {["40 g honey", "20 g tahini", "60 g oats"] => [28 / 40.6, 12.6 / 40.6],
     ["50 g soft dates, to paste", "20 g maple syrup", "10 g water", "10 g coconut oil, melted", "30 g oats"] => [41 / 71.9, 10.9 / 71.9],
     ["50 g tahini", "60 g oats"] => [0, 1], ["50 g water", "60 g oats"] => [0, 0]}.each do |lines, (tack, grease)|
      expect(bowl(*lines).values_at("tack", "grease")).to match([be_within(0.006).of(tack), be_within(0.006).of(grease)])
    end
  end

  it "warns of sticky hands, of grease and of pieces that fall out" do
    expect(bowl("100 g honey", "60 g rolled oats")["advice"]).to include(/stick to your hands/)
    expect(bowl("100 g sunflower seed butter", "20 g almond flour")["advice"]).to include(/greasy/)
    expect(bowl("30 g honey", "30 g oats", "100 g chocolate chips")["advice"]).to include(/some will fall out/)
    expect(bowl("60 g agave syrup", "80 g sweetened shredded coconut")["little_known"])
      .to include("Agave syrup", "Sweetened shredded coconut")
  end

  # 60 g of the rest fill 50 mL, so that two fifths are 33.3 mL of pieces. Source: densities of docs/model.md, common practice.
  it "reckons the room that pieces take: 1.2 g/mL for nuts and chips, 1.35 for dried fruit" do
    {"chocolate chips" => [39, 41], "almonds" => [39, 41], "raisins" => [44, 46]}.each do |pieces, (few, many)|
      expect(bowl("30 g honey", "30 g oats", "#{few} g #{pieces}")["advice"]).not_to include(/some will fall out/), pieces
      expect(bowl("30 g honey", "30 g oats", "#{many} g #{pieces}")["advice"]).to include(/some will fall out/), pieces
    end
  end

  it "shows what every sum is made of: each why gives its figure again" do
    random = Random.new(5)
    pool = ["2 tbsp honey", "10 soft dates", "1/2 cup tahini", "1 cup rolled oats", "1/4 cup coconut flour", "1 tbsp water",
      "1/2 cup walnuts", "1/4 cup melted dark chocolate", "2 tbsp coconut oil", "1/4 cup powdered sugar"]
    30.times do
      part = bowl(*pool.sample(random.rand(2..6), random: random), process: %w[hand processor].sample(random: random))
      expect(part["why"]).not_to be_empty
      part["why"].each do |step|
        expect(Arithmetic.reckon(step["formula"], step["inputs"])).to be_within(step["value"].abs * 1e-4 + 1e-6).of(step["value"]),
          step.inspect
        expect(step["source"]).not_to be_empty
      end
      figures = part["why"].to_h { |step| [step["figure"], step["value"]] }
      expect(figures["binder_ml"]).to be_within(0.06).of(part["binder_ml"])
      expect(figures["saturation"]).to be_within(0.001).of(part["saturation"]["value"]) if part["saturation"]
    end
  end
end
