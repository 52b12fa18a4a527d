# frozen_string_literal: true

RSpec.describe "Where a formula lives" do
  def keep(document) = ElmCup.cold(document)["keep"]

  # name => [formula, place, days in the room, fridge and freezer]. Common practice: docs/model.md, Keeping, lives in days.
  cases = {
    "dates, nuts and oats" => [["200 g soft dates", "120 g almonds", "80 g rolled oats, toasted", {process: "processor"}], "room",
      [5, 10, 60]],
    "nut butter, syrup and flour" => [["190 g peanut butter", "40 g coconut flour", "60 g maple syrup"], "fridge", [2, 10, 60]],
    "bark on coconut oil" => [
      ["62 g protein powder", "109 g coconut oil, melted", "10 g cocoa powder",
        {shape: {"kind" => "bark", "thickness_mm" => 4}}], "fridge", [0, 7, 21]
],
    "moulded chocolate that was not tempered" => [["200 g dark chocolate, melted", {shape: {"kind" => "mould", "cavity_ml" => 8}}],
      "fridge", [0, 60, 90]],
    "cream cheese" => [["200 g cream cheese", "100 g almond butter", "50 g powdered sugar"], "fridge", [0, 5, 30]],
    "squash" => [["100 g squash puree", "200 g rolled oats", "80 g peanut butter"], "fridge", [0, 5, 30]]
  }
  cases.each do |name, (lines, place, days)|
    it "keeps #{name} in the #{place}: #{days.join("/")} days" do
      options = lines.last.is_a?(Hash) ? lines.last : {}
      answer = keep(formula(*lines.grep(String), **options))
      expect([answer["place"], answer["days"].values]).to eq([place, days])
      expect(answer["why"]).to match(/[a-z].*\./)
    end
  end

  it "says what a soft part holds to, with a minus that is no hyphen" do
    expect(keep(formula("100 g water", "20 g honey"))["why"]).to match(/It holds only to −\d+ °C: too close to a room of 21 °C\./)
  end

  it "lets a spoon of juice be, and not a bowl of cream" do
    spoon = keep(formula("300 g soft dates", "150 g oats", "1 tsp lemon juice", process: "processor"))
    expect(spoon["parts"].first["perishable"]).to eq([])
    cream = keep(formula("100 g heavy cream", "200 g dark chocolate, melted"))
    expect(cream["parts"].first["perishable"]).to eq(["100 g heavy cream"])
    expect(cream["cautions"].first).to include("not over two hours on the counter: it holds 100 g heavy cream")
    expect(cream["notes"]).to include(/acidity is not known/)
  end

  it "takes the shortest and the coldest of the parts, and names both" do
    cups = keep(coated({"kind" => "cup", "pieces" => 24}, coat: {"kind" => "cup", "component" => "shell"}))
    expect(cups["days"]).to eq("room" => 0, "fridge" => 7, "freezer" => 14)
    expect([cups["limits"], cups["placed_by"]]).to eq(%w[dough dough])
    balls = keep(coated({"kind" => "ball", "piece_grams" => 18}, coat: {"kind" => "dip", "component" => "shell"}))
    expect(balls["days"]["fridge"]).to eq(balls["parts"].map { |part| part["days"]["fridge"] }.min)
  end

  it "minds what is strewn on or folded in where that spoils, and nothing else of it" do
    bites = formula("200 g soft dates", "120 g almonds", process: "processor")
    strewn = ->(text) {
      bites.merge("components" => bites["components"] + [{"name" => "on top", "type" => "topping", "lines" => [{"text" => text}]}])
    }
    berries = keep(strewn.call("60 g raspberries"))
    expect(berries["days"]).to eq("room" => 0, "fridge" => 5, "freezer" => 30)
    expect([berries["place"], berries["limits"]]).to eq(["fridge", "on top"])
    expect(keep(strewn.call("20 g desiccated coconut"))["parts"].map { |part| part["component"] }).to eq(["dough"])
    folded = keep(bites.merge("splits" => [{"name" => "fresh", "share" => 0.5, "lines" => [{"text" => "80 g blueberries"}]}]))
    expect(folded["days"]["room"]).to eq(0)
  end

  it "tells of water that goes from layer to layer, of what goes soft, and of what turns rancid" do
    layers = {"elm_cup" => "formula/1", "name" => "L", "shape" => {"kind" => "slab"}, "components" => [
      {"name" => "crunch", "type" => "base",
       "lines" => [{"text" => "120 g puffed rice"}, {"text" => "120 g almond butter"}, {"text" => "60 g honey"}]},
      {"name" => "caramel", "type" => "filling", "process" => "processor",
       "lines" => [{"text" => "200 g soft dates"}, {"text" => "60 g coconut milk"}]}
    ]}
    answer = keep(layers)
    expect(answer["trades"]).to include(/Water goes from caramel \(0\.\d\d\) to crunch/, /Puffed rice goes soft in a day or two/)
    expect(keep(formula("200 g walnuts", "200 g soft dates", process: "processor"))["rancidity"]).to start_with("Walnuts turn rancid first")
    expect(keep(formula("200 g almonds", "200 g soft dates", process: "processor"))).not_to have_key("rancidity")
  end

  it "offers to bake a pressed slab that could be carried, and nothing else" do
    slab = keep(formula("200 g soft dates", "150 g rolled oats", "60 g honey", process: "processor", shape: {"kind" => "slab"}))
    expect(slab["baked"]).to include("water_loss_pct" => [15, 30], "words" => /20 minutes at 175 °C.*\(an estimate\)/)
    expect(slab["baked"]["water_activity_high"]).to be < slab["parts"].first["water_activity_high"]
    expect(slab["cautions"]).to include(/oven and the tin are hot/)
    expect(keep(formula("200 g dark chocolate", "50 g cream", shape: {"kind" => "slab"}))).not_to have_key("baked")
    expect(keep(formula("200 g soft dates", "150 g oats"))).not_to have_key("baked")
  end

  # Common practice and published warnings: docs/model.md, Keeping.
  it "says each caution that applies with its reason, and none that does not, first things first" do
    says = ->(*lines, **more) { keep(formula(*lines, **more))["cautions"] }
    expect(says.call("100 g honey", "200 g oats")).to include("No honey for children under 12 months: it is in dough.")
    expect(says.call("100 g maple syrup", "200 g oats").grep(/12 months/)).to eq([])
    expect(says.call("100 g xylitol", "200 g almond butter")).to include(/poisonous to dogs/)
    expect(says.call("200 g soft dates", "100 g almonds",
      process: "processor")).to include(/cut them up for under-fours/).and include(/It holds .*tree nut/)
    expect(says.call("200 g soft dates", "100 g almonds", shape: {"kind" => "slab"})).to include(/cut them up for under-fours/)
    expect(says.call("200 g cream cheese", "40 g sugar", shape: {"kind" => "glass", "pieces" => 4}).grep(/under-fours/)).to eq([])
    expect(says.call("100 g plain flour", "80 g butter")).to include(/Raw flour/)
    expect(says.call("100 g plain flour, toasted", "80 g butter").grep(/Raw flour/)).to eq([])
    expect(says.call("200 g soft dates",
      "100 g walnuts")).to include("Feel soft dates for pits: a missed one breaks a tooth.", /bits of shell/)
    all = says.call("100 g honey", "200 g cream cheese", "100 g soft dates")
    expect(all.first).to include("it holds 200 g cream cheese")
    expect(all.last).to include("your local home-kitchen rules")
    expect(all.find { |each| each.include?("Local food-safety rules go first") }).to be_a(String)
  end

  it "promises nothing: no word of it says that anything is safe" do
    texts = cases.values.map { |lines, *| JSON.generate(keep(formula(*lines.grep(String), **(lines.grep(Hash).first || {})))) }
    expect(texts.join).not_to match(/\bsafe\b|guarantee|harmless|nothing that makes ill|no risk/i)
    data = Dir[File.expand_path("../../../core/data/{cautions,keeping_lives,water_activity_limits}.csv", __dir__)].map { |file|
      File.read(file)
    }.join
    expect(data).not_to match(/\bis safe\b|guarantee|harmless/i)
  end

  it "says of a bowl too dry to judge that it is, and nothing of an empty one" do
    dry = keep(formula("200 g dark chocolate"))["parts"].first
    expect(dry).not_to have_key("water_activity")
    expect(keep(formula("1 mystery"))).to be_nil
  end

  it "stands in a summary for lists, and in each component" do
    summary = ElmCup.summary(formula("200 g soft dates", "120 g almonds", process: "processor"))
    expect(summary["keep"]).to match("place" => be_a(String), "days" => be_an(Integer))
    expect(ElmCup.assess(formula("100 g honey", "100 g tahini"))["components"].first["water_activity"]).to be_between(0.3, 0.6)
  end
end
