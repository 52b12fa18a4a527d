# frozen_string_literal: true

RSpec.describe ElmCup::Coating do
  def coat_of(document) = ElmCup.assess(document, sections: %w[coat])["coat"]

  shapes = [{"kind" => "ball", "piece_grams" => 18}, {"kind" => "egg", "pieces" => 20}, {"kind" => "cookie", "pieces" => 18},
    {"kind" => "log"},
    {"kind" => "slab", "grid" => [6, 4]}, {"kind" => "slab", "tin_mm" => [200], "pieces" => 16, "trim_mm" => 6}, {"kind" => "cup",
                                                                                                                  "pieces" => 30},
    {"kind" => "mould", "cavity_ml" => 12}, {"kind" => "bark"}, {"kind" => "glass", "pieces" => 6}]
  kinds = %w[dip half_dip drizzle spread cup roll]

  # Each piece's coat is added up on its own, and what is left in the bowl on its own: together they are what was melted.
  shapes.product(kinds).each do |shape, kind|
    it "keeps what was melted: #{kind} on #{shape.values.first(2).join(" ")}" do
      document = coated(shape, coat: {"kind" => kind, "component" => "shell"}, shell: ["600 g dark chocolate chips", "2 tbsp coconut oil"])
      assessment = ElmCup::Assessment.of(document, library: ElmCup.shipped)
      need = assessment.coat.need
      yields = assessment.pieces.yields
      pieces = yields.each_with_index.sum { |each, at| Array.new(each.count) { need.layers_of(at).sum(&:grams) }.sum }
      trimmed = need.grams_needed - pieces
      expect(pieces + trimmed + need.left_grams).to be_within(0.05).of(need.have_grams)
      expect(trimmed).to be_within(0.01).of((need.used.dips? ||
        !yields.first.trim_grams) ? 0 : pieces * yields.first.trim_grams / (yields.first.count * yields.first.piece_grams))
      expect(need.grams_with_spare).to be > need.grams_needed
      expect([need.grams_low, need.grams_high]).to match([be < need.grams_needed, be > need.grams_needed])
    end
  end

  it "wants no less for more pieces of the same dough" do
    %w[ball egg cookie log].product(%w[dip half_dip roll]).each do |kind, coat|
      needs = [8, 16, 24, 40].map { |count| coat_of(coated({"kind" => kind, "pieces" => count}, coat: {"kind" => coat}))["grams_needed"] }
      expect([kind, coat, needs]).to eq([kind, coat, needs.sort])
    end
  end

  it "takes half as much from the bowl and half the cold into it where pieces go in half-way" do
    bowl = ["600 g dark chocolate chips"]
    set = ->(**coat) { coat_of(coated({"kind" => "ball", "piece_grams" => 18}, coat: coat.transform_keys(&:to_s), shell: bowl))["dip_set"] }
    sets = %w[dip half_dip].map { |kind| set[kind: kind] }
    expect(sets[1]).to be_between(sets[0] + 1, 2 * sets[0])
    expect(set[kind: "dip", thickness_mm: 8]).to be < sets[0]
  end

  it "pours over the tops of what stands in cups or glasses, which nobody dips" do
    [{"kind" => "cup", "pieces" => 20}, {"kind" => "glass", "pieces" => 6}].product(%w[dip half_dip]).each do |shape, kind|
      answer = ElmCup.shape(coated(shape, coat: {"kind" => kind}))
      top = Math::PI / 4 * answer["pieces"]["diameter_mm"]**2
      expect(answer["coat"].slice("words", "dip_set")).to eq("words" => "poured over the tops")
      expect(answer["coat"]["sets"]).to be_nil
      expect(answer["coat"]["piece_grams"]).to be_within(0.05).of(top * answer["coat"]["thickness_mm"] * 1.25e-3)
    end
  end

  it "coats no more than there is, and says what is short" do
    short = coat_of(coated({"kind" => "ball", "piece_grams" => 10}, shell: ["60 g dark chocolate chips"]))
    expect(short["piece_grams"] * 42).to be_within(0.3).of(60)
    expect([short["short_grams"], short["left_grams"]]).to match([be_within(0.2).of(short["grams_needed"] - 60), 0])
    finding = assess(coated({"kind" => "ball", "piece_grams" => 10}, shell: ["60 g dark chocolate chips"]))["findings"].find { |each|
      each["rule"] == "too-little-coat"
    }
    expect(finding["message"]).to match(/\A60 g of shell are too little: the pieces want about \d+ g, and \d+ g with some to spare\.\z/)
  end

  it "takes what a part to coat with is usually for, and says that it did" do
    kinds = shapes.to_h { |shape| [shape["kind"], coat_of(coated(shape)).values_at("kind", "assumed")] }
    expect(kinds).to eq("ball" => ["dip", true], "egg" => ["dip", true], "cookie" => ["half_dip", true], "log" => ["dip", true],
      "slab" => ["spread", true],
      "cup" => ["cup", true], "mould" => ["cup", true], "bark" => ["drizzle", true], "glass" => ["spread", true])
    expect(coat_of(coated(shapes.first, coat: {"kind" => "none"}))).to be_nil
    rolled = formula("300 g almond butter",
      "60 g coconut flour").merge("components" => formula("300 g almond butter", "60 g coconut flour")["components"] +
      [{"name" => "coconut", "type" => "topping", "lines" => [{"text" => "60 g desiccated coconut"}]}])
    expect(coat_of(rolled).values_at("kind", "assumed", "component")).to eq(["roll", true, "coconut"])
  end

  it "counts coat and toppings into a piece: its weight, nutrition, cost, and its 100 g" do
    document = coated({"kind" => "ball", "piece_grams" => 18})
    answer = assess(document)
    bare = assess(document.merge("coat" => {"kind" => "none"}))
    shell = answer["components"][1]["nutrition_per_100g"]
    on = answer["coat"]["piece_grams"]
    expect(answer["finished_piece_grams"]).to be_within(0.01).of(18 + on)
    %w[kcal fat_g sugars_g protein_g].each do |figure|
      expect(answer["nutrition_per_piece"][figure]).to be_within(0.05).of(bare["nutrition_per_piece"][figure] + shell[figure] * on / 100)
      expect(answer["nutrition_per_100g"][figure]).to be_within(0.3).percent_of(answer["nutrition_per_piece"][figure] * 100 / (18 + on))
    end
    expect(bare["notes"]).to include(/shell: not counted/)
    expect(answer["notes"].grep(/not counted/)).to eq([])
    priced = ElmCup.pantry([{"id" => "almond-butter", "price" => 6, "pack_grams" => 300},
      {"id" => "chocolate-chips", "price" => 3, "pack_grams" => 300}])
    cost = ->(given) { assess(given, pantry: priced)["cost"]["piece"] }
    expect(cost[document] - cost[document.merge("coat" => {"kind" => "none"})]).to be_within(0.001).of(0.01 * on * 170 / (170 + 2 * 4.54))
  end

  it "strews a topping on all pieces, and what goes on a flavour on those of that flavour" do
    document = formula("300 g almond butter", "60 g coconut flour", shape: {"kind" => "slab", "grid" => [4, 4]})
      .then { |each|
      each.merge("components" => each["components"] + [{"name" => "nibs", "type" => "topping",
                                                        "lines" => [{"text" => "32 g cocoa nibs"}]}])
    }
    expect(assess(document)["finished_piece_grams"]).to be_within(0.01).of(360 / 16.0 + 2)
    flavoured = formula("300 g almond butter", "60 g coconut flour", shape: {"kind" => "ball", "pieces" => 20})
      .merge("splits" => [{"name" => "green", "share" => 0.5, "topping" => [{"text" => "20 g pistachios"}]}])
    green = assess(flavoured)["splits"].first["nutrition_per_piece"]["kcal"]
    plain = assess(flavoured.except("splits"))["nutrition_per_piece"]["kcal"]
    expect(green - plain).to be_within(0.2).of(assess(formula("100 g pistachios"))["nutrition_per_100g"]["kcal"] * 0.02)
  end

  it "rolls in more of what is heavy, less of what is fine" do
    on = ->(text) { coat_of(coated({"kind" => "ball", "piece_grams" => 18}, coat: {"kind" => "roll"}, shell: [text]))["piece_grams"] }
    fine = ["100 g cocoa powder", "100 g granulated sugar", "100 g desiccated coconut", "100 g sesame seeds",
      "100 g walnuts, chopped"].map { |text|
      on[text]
    }
    expect(fine).to eq(fine.sort)
    # Source: docs/model.md, Coat: .045 g/cm² of coconut.
    ball = ElmCup::Assessment.of(coated({"kind" => "ball", "piece_grams" => 18}), library: ElmCup.shipped).pieces.together.body
    expect(fine[2]).to be_within(0.01).of(0.045 * ball.surface_mm2 / 100)
  end

  it "goes by the school that suits where the pieces will live, and says why" do
    document = coated({"kind" => "ball", "piece_grams" => 18})
    {"fridge" => "thinned", "freezer" => "thinned", "room" => "tempered"}.each do |lives, school|
      coat = ElmCup.shape(document.merge("lives" => lives))["coat"]
      expect([coat["school"], coat["schools"].find { |each| each["suits"] }["id"]]).to eq([school, school])
      expect(coat["schools"].map { |each| each["why"].length }).to all(be > 40)
    end
    tempered = ElmCup.shape(document.merge("lives" => "room"))["coat"]
    expect(tempered.values_at("bowl_c", "centre_c", "dip_set")).to eq([32.0, 20.0, nil])
    expect(tempered["sets"]).to match(/Keep the bowl at 31 to 32 °C/)
    expect(ElmCup.shape(document.merge("lives" => "room",
      "coat" => {"kind" => "dip", "school" => "thinned"}))["coat"]["school"]).to eq("thinned")
  end

  it "says what is wrong with a coat, and what to do" do
    dry = coat_of(coated({"kind" => "ball", "piece_grams" => 18}, shell: ["200 g cocoa powder"]))
    expect(dry["notes"]).to include(/too thick to dip: thin it first/)
    none = coat_of(formula("300 g almond butter", "60 g coconut flour").merge("coat" => {"kind" => "dip"}))
    expect(none["notes"]).to include(/No part says what it is made of/)
    expect(coat_of(coated({"kind" => "ball", "piece_grams" => 18},
      coat: {"kind" => "cup"}))["notes"]).to include(/needs cups or a mould; it is reckoned as a dip/)
    refused = ->(coat) {
      begin
        assess(coated({"kind" => "ball", "piece_grams" => 18}, coat: coat)) && nil
      rescue
        $!.message
      end
    }
    expect(refused[{"kind" => "dip", "coats" => 9}]).to match(%r{/coat/coats: 9 is too much; 3 is the most})
    expect(refused[{"kind" => "varnish"}]).to match(%r{/coat/kind: "varnish" is not possible here; it must be one of none, dip})
    expect(refused[{"kind" => "dip", "component" => "moon"}]).to match(/no part “moon” to coat with; there are dough, shell/)
    expect(refused[{"kind" => "dip", "component" => "dough"}]).to match(/“dough” is a dough and goes into the pieces/)
  end

  it "adds the film only for a second coat" do
    one, two = [1, 2].map { |coats| coat_of(coated({"kind" => "ball", "piece_grams" => 18}, coat: {"kind" => "dip", "coats" => coats})) }
    shell = ElmCup::Coating::Shell.new(ElmCup::Coating::Chocolate.of(ElmCup::Assessment.of(coated({"kind" => "ball", "pieces" => 9}),
      library: ElmCup.shipped).components[1].bowl))
    expect(two["thickness_mm"] - one["thickness_mm"]).to be_within(0.011).of(shell.film_mm)
    expect(two["layers"].map { |layer| layer["name"] }).to eq(["shell", "second coat"])
  end

  it "opens its sums: with its numbers put in each gives its value" do
    shapes.each do |shape|
      answer = ElmCup.shape(coated(shape))
      (answer["pieces"]["why"] + answer["coat"]["why"]).each do |step|
        value = Arithmetic.reckon(step["formula"], step["inputs"])
        expect([step["figure"], value]).to match([step["figure"], be_within([step["value"].abs * 0.0005, 1e-3].max).of(step["value"])])
      end
    end
  end

  it "charts the coat against the size of a piece, this one among them" do
    chart = ElmCup.shape(coated({"kind" => "ball", "piece_grams" => 18}))["coat"]["size_chart"]
    expect(chart.map { |point| point["coat_grams"] }).to eq(chart.map { |point| point["coat_grams"] }.sort.reverse)
    expect(chart.map { |point| point["share_pct"] }).to eq(chart.map { |point| point["share_pct"] }.sort.reverse)
    now = chart.select { |point| point["now"] }
    expect(now.map { |point| [point["piece_grams"], point["count"]] }).to eq([[18.0, 23]])
    # The law of balls: half the mass of a piece, 26 % more in all, but for the film's own thickness and the rest that is over.
    small, large = [10.0, 20.0].map { |grams| chart.find { |point| point["piece_grams"] == grams }["coat_grams"] }
    expect(small / large.to_f).to be_between(1.20, 1.40)
  end

  it "says what to open and measure, and what saves it" do
    coat = ElmCup.shape(coated({"kind" => "ball", "piece_grams" => 18}))["coat"]
    chips = coat["packs"].first
    expect([chips["name"], chips["packs"], chips["spoons"]]).to match(["chocolate chips", "1 bag of 300 g", /cup/])
    expect(coat["packs"].sum { |each| each["grams"] }).to be_within(1).of(coat["grams_with_spare"])
    expect(coat["rescue"].first).to match(/tsp.*of coconut oil \(\d+ to \d+ g\)/)
    expect(coat["home_made"].map { |each| each["grams"] }.sum).to be_within(2).of(coat["grams_with_spare"])
    expect(coat["home_made_words"]).to match(/thickens/)
    made = ElmCup.shape(coated({"kind" => "ball", "piece_grams" => 18},
      shell: ["100 g cocoa butter", "55 g cocoa powder", "1 tbsp maple syrup"]))["coat"]
    expect(made.values_at("kind_of", "home_made")).to eq(["a home-made shell", nil])
  end
end
