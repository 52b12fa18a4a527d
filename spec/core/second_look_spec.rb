# frozen_string_literal: true

RSpec.describe ElmCup::SecondLook do
  def rules(document) = assess(document)["findings"].map { |finding| finding["rule"] }

  # rule => [formula where it fires, formula where it does not]
  cases = {
    "no-salt" => [[["1 cup almond butter", "1/2 cup maple syrup"]], [["1 cup almond butter", "1/2 cup maple syrup", "1/4 tsp salt"]]],
    "no-sweetener" => [[["1 cup almond flour", "1/2 cup tahini", "1/4 tsp salt"]],
      [["1 cup almond flour", "1/2 cup tahini", "1/4 cup honey", "1/4 tsp salt"]]],
    "gritty-sugar" => [[["1 cup almond butter", "1/4 cup granulated sugar", "1/4 tsp salt"]],
      [["1/2 cup water", "1/4 cup granulated sugar", "1 cup almond flour"]]],
    "whole-flax" => [[["1 cup honey", "1/4 cup whole flaxseed"]], [["1 cup honey", "1/4 cup ground flax"]]],
    "whole-dates" => [[["12 soft dates", "1 cup oats"]], [["12 soft dates", "1 cup oats"], {process: "processor"}]],
    "pits" => [[["12 soft dates, to paste", "1 cup oats"]], [["12 soft pitted dates, to paste", "100 g date paste", "1 cup oats"]]],
    "raw-flour" => [[["1 cup all-purpose flour, not toasted", "1/2 cup coconut oil"]],
      [["1 cup heat-treated flour", "1/2 cup rice flour, baked", "1 cup rolled oats"]]],
    "water-in-chocolate" => [[["200 g dark chocolate, melted", "2 tsp water"]], [["200 g dark chocolate, melted", "60 g water"]]],
    "powder-at-once" => [[["1 cup peanut butter", "1/4 cup honey", "1 cup protein powder", "1/4 tsp salt"]],
      [["1 cup peanut butter", "1/4 cup honey", "1 cup protein powder, added by halves", "1/4 tsp salt"]]],
    "no-stir-butter" => [[["1 cup no-stir peanut butter", "1/4 cup honey"]], [["1 cup peanut butter", "1/4 cup honey"]]],
    "honey-infants" => [[["1 cup oats", "1/4 cup honey"]], [["1 cup oats", "1/4 cup maple syrup"]]],
    "xylitol-dogs" => [[["1 cup almond butter", "1/4 cup xylitol"]], [["1 cup almond butter", "1/4 cup erythritol"]]],
    "one-line-breaks-diet" => [[["1 cup oats", "1/2 cup tahini", "1/3 cup maple syrup", "1 tsp honey"]],
      [["1 cup oats", "1/2 cup tahini", "1/3 cup maple syrup"]]],
    "oats-not-marked" => [[["1 cup rolled oats", "1/2 cup tahini"]], [["1 cup gluten-free oats", "1/2 cup tahini"]]]
  }

  cases.each do |rule, (firing, quiet)|
    it "#{rule} is noticed, and goes with its remedy" do
      document = formula(*firing[0], **(firing[1] || {}))
      finding = assess(document)["findings"].find { |each| each["rule"] == rule }
      expect(finding["message"].length).to be > 20
      expect(rules(patched(document, finding["remedy"]["patch"]))).not_to include(rule)
      expect(ElmCup.flagged(assess(patched(document, finding["remedy"]["patch"])))).to eq([])
    end

    it "#{rule} is quiet where there is nothing to say" do
      expect(rules(formula(*quiet[0], **(quiet[1] || {})))).not_to include(rule)
    end
  end

  it "lets butter into melted chocolate, and says nothing of chocolate that is not melted, nor of a little of it" do
    expect(rules(formula("200 g dark chocolate, melted", "2 tbsp unsalted butter"))).not_to include("water-in-chocolate")
    expect(rules(formula("200 g dark chocolate chips", "2 tsp water"))).not_to include("water-in-chocolate")
    expect(rules(formula("200 g dark chocolate chips", "2 tsp water", type: "coating"))).to include("water-in-chocolate")
    expect(rules(formula("50 g dark chocolate, melted", "1 cup tahini", "2 tsp water"))).not_to include("water-in-chocolate")
  end

  it "writes out a line that was given by id and weight" do
    document = formula({"ingredient" => "protein-powder", "grams" => 120}, {"ingredient" => "dates-soft", "grams" => 100}, "1/2 cup honey",
      process: "processor")
    texts = assess(document)["findings"].select { |each| %w[powder-at-once pits].include?(each["rule"]) }
      .map { |each| each["remedy"]["patch"].first["value"] }
    expect(texts).to match_array([{"text" => "120 g whey protein powder, added by halves", "ingredient" => "protein-powder"},
      {"text" => "100 g soft dates, pitted", "ingredient" => "dates-soft"}])
  end

  it "takes the wet line out of the chocolate, not the chocolate" do
    document = formula("200 g dark chocolate, melted", "2 tsp water", "1 pinch salt")
    finding = assess(document)["findings"].find { |each| each["rule"] == "water-in-chocolate" }
    expect(finding["message"]).to match(/\A4\.9 % of water in melted chocolate \(water\)/)
    expect(patched(document, finding["remedy"]["patch"])["components"][0]["lines"].map { |line| line["text"] })
      .to eq(["200 g dark chocolate, melted", "1 pinch salt"])
  end

  it "is quiet about salt where the butter brings its own" do
    expect(rules(formula("1 cup salted peanut butter", "1/2 cup honey"))).not_to include("no-salt")
  end

  it "is quiet about salt where a line brings any, however little" do
    expect(rules(formula("2 cups almond butter", "1/2 cup honey", "1 pinch flaky salt"))).not_to include("no-salt")
  end

  it "offers about a third of a gram of salt in 100 g, in pinches where that is less than a spoon" do
    {["2 tbsp almond butter", "1 tbsp honey"] => "Add 1 pinch fine salt",
     ["1/2 cup almond butter", "1/4 cup honey"] => "Add 2 pinches fine salt",
     ["2 cups almond butter", "1 cup honey"] => "Add 1/2 tsp fine salt"}.each do |lines, text|
      document = formula(*lines)
      finding = assess(document)["findings"].find { |each| each["rule"] == "no-salt" }
      expect(finding["remedy"]["text"]).to eq(text)
      expect(assess(patched(document, finding["remedy"]["patch"]))["nutrition_per_100g"]["salt_g"]).to be_between(0.2, 0.8)
    end
  end

  it "says nothing of salt where there is no nut or seed butter" do
    expect(rules(formula("12 soft dates, to paste", "1 cup oats", "2 tbsp honey"))).not_to include("no-salt")
  end

  it "misses nothing while a line waits that may be it" do
    expect(rules(formula("1 cup almond butter", "1 cup almond flour", "1/4 tsp mystery"))).to eq([])
  end

  it "misses sweetness where the bowl is less than 4 % as sweet as sugar" do
    sweetness = (0..12).map do |sugar|
      answer = assess(formula("100 g almond flour", "60 g tahini", *("#{sugar} g granulated sugar" if sugar.positive?), "1 g salt"))
      expect(answer["findings"].any? { |finding| finding["rule"] == "no-sweetener" }).to eq(answer["sweetness_pct"] < 4),
        "#{sugar} g, #{answer["sweetness_pct"]} %"
      answer["sweetness_pct"]
    end
    expect([sweetness.min, sweetness.max]).to match([be < 3.5, be > 4.5])
  end

  it "leaves brown sugar in a tahini dough alone" do
    expect(rules(formula("1/2 cup tahini", "1/2 cup packed brown sugar", "1 cup gluten-free oats", "1/4 tsp salt"))).to eq([])
  end

  it "keeps the grams of dates that are taken to paste" do
    ["12 soft dates", "1 cup soft dates", "120 g soft dates"].each do |text|
      document = formula(text, "1 cup oats")
      before = assess(document)
      finding = before["findings"].find { |each| each["rule"] == "whole-dates" }
      after = assess(patched(document, finding["remedy"]["patch"]))
      expect(after["components"][0]["lines"][0]["grams"]).to be_within(0.6).of(before["components"][0]["lines"][0]["grams"])
      expect(after["components"][0]["lines"][0]["form"]).to eq("paste")
    end
  end

  describe "what concerns the whole formula" do
    def layered(base, filling, **more)
      parts = [["base", base], ["filling", filling]]
        .map { |name, lines| {"name" => name, "type" => name, "lines" => lines.map { |text| {"text" => text} }} }
      {"elm_cup" => "formula/1", "name" => "Layered", "components" => parts, **more.transform_keys(&:to_s)}
    end

    def found(document, rule) = assess(document)["findings"].select { |finding| finding["rule"] == rule }

    it "notices one amount given to two components, and not seasonings that are alike" do
      document = layered(["1 cup oats", "1/2 cup maple syrup", "1/4 tsp salt"], ["1 cup tahini", "1/2 cup maple syrup", "1/4 tsp salt"])
      finding = found(document, "same-amount").first
      expect(finding["message"]).to match(/base and filling have the very same maple syrup, 158 g/)
      expect(found(patched(document, finding["remedy"]["patch"]), "same-amount")).to eq([])
      expect(found(layered(["1/2 cup maple syrup"], ["1/3 cup maple syrup"]), "same-amount")).to eq([])
    end

    it "says which line breaks a need, and mends it line by line" do
      document = layered(["1 cup rolled oats", "1/4 cup honey"], ["1 cup cream cheese", "30 g milk chocolate"],
        needs: ["vegan", "gluten-free"])
      answer = assess(document)
      expect(answer["breaches"].map { |breach| breach.values_at("need", "component", "line") })
        .to eq([["vegan", "base", "1/4 cup honey"], ["vegan", "filling", "1 cup cream cheese"], ["vegan", "filling", "30 g milk chocolate"],
          ["gluten-free", "base", "1 cup rolled oats"]])
      expect(answer["breaches"].last["why"]).to match(/oats count only where the pack says gluten-free/)
      8.times do
        finding = found(document, "need-broken").first or break
        document = patched(document, finding["remedy"]["patch"])
      end
      expect(assess(document)["breaches"]).to eq([])
      expect(document["components"].map { |part| part["lines"].map { |line| line["text"] } })
        .to eq([["88 g gluten-free rolled oats", "85 g maple syrup"], ["30 g dark chocolate"]])
    end

    it "says why a line breaks a diet in the words of the case" do
      why = ->(diet, *lines) { assess(formula(*lines).merge("needs" => [diet]))["breaches"].map { |breach| breach["why"] } }
      expect(why["grain-free", "1 cup rolled oats"]).to eq(["Rolled oats: not grain-free."])
      expect(why["gluten-free", "1 cup rolled oats", "1 cup pretzels"])
        .to eq(["Rolled oats: oats count only where the pack says gluten-free.",
          "Pretzels: holds wheat and gluten."]).or eq(["Rolled oats: oats count only where the pack says gluten-free.",
            "Pretzels: holds gluten and wheat."])
      expect(why["low-net-carbohydrate", "1 cup honey", "1/4 cup tahini", "2 cups almond flour"])
        .to eq(["Honey: 82 g of net carbohydrate in 100 g."])
    end

    it "keeps a muted rule apart, and refuses to mute one that is none" do
      document = formula("1 cup rolled oats", "1/4 cup honey").merge("muted" => ["honey-infants"])
      answer = assess(document)
      expect(answer["findings"].map { |finding| finding["rule"] }).not_to include("honey-infants")
      expect(answer["muted"].map { |finding| finding["rule"] }).to eq(["honey-infants"])
      expect { assess(document.merge("muted" => ["nagging"])) }
        .to raise_error(ElmCup::InvalidDocument, %r{/muted/0: There is no rule “nagging”; the rules are .*honey-infants})
    end
  end

  # rule => [document where it fires, document where it does not]
  ball = {"kind" => "ball", "piece_grams" => 18}
  pressed = ->(texts, shape, **more) {
    {"elm_cup" => "formula/1", "name" => "Slab", "components" => [{"name" => "base", "type" => "base", "lines" => texts.map { |text|
      {"text" => text}
    }}],
     "shape" => shape, **more.transform_keys(&:to_s)}
  }
  chips = ["300 g almond butter", "60 g coconut flour", "80 g dark chocolate chips", "60 g honey"]
  frozen = ["300 g ice cream", "100 g almond butter"]
  coat = {"name" => "shell", "type" => "coating", "lines" => [{"text" => "400 g dark chocolate chips"}]}
  coated = ->(document, part = coat) { document.merge("components" => document["components"] + [part]) }
  {
    "too-little-coat" => [coated[pressed[chips, ball], coat.merge("lines" => [{"text" => "60 g dark chocolate chips"}])],
      coated[pressed[chips, ball]]],
    "thinner-than-chips" => [pressed[chips, {"kind" => "slab", "tin_mm" => [300, 300], "grid" => [6, 6]}],
      pressed[chips, {"kind" => "slab", "tin_mm" => [150, 150], "grid" => [4, 4]}]],
    "small-pieces" => [pressed[chips, {"kind" => "ball", "pieces" => 9000}], pressed[chips, {"kind" => "ball", "pieces" => 90}]],
    "pieces-too-large" => [pressed[chips, {"kind" => "mould", "cavity_ml" => 1000}],
      pressed[chips, {"kind" => "mould", "cavity_ml" => 100}]],
    "tin-too-small" => [pressed[chips, {"kind" => "slab", "tin_mm" => [40, 40], "piece_grams" => 25}],
      pressed[chips, {"kind" => "slab", "tin_mm" => [200, 200], "piece_grams" => 25}]],
    "coat-on-frozen" => [coated[pressed[frozen, ball]], coated[pressed[chips, ball]]],
    "tray-too-small" => [pressed[chips, {"kind" => "ball", "pieces" => 90}], pressed[chips, {"kind" => "ball", "pieces" => 24}]],
    "processor-too-small" => [pressed[["1.5 kg soft dates", "600 g almonds"], ball].then { |said|
      said.merge("components" => [said["components"][0].merge("process" => "processor")])
    },
      pressed[["300 g soft dates", "200 g almonds"], ball]]
  }.each do |rule, (firing, quiet)|
    it "#{rule} is noticed, goes with its remedy, and is quiet where there is nothing to say" do
      finding = assess(firing)["findings"].find { |each| each["rule"] == rule }
      expect(finding["message"].length).to be > 40
      expect(rules(patched(firing, finding["remedy"]["patch"]))).not_to include(rule)
      expect(rules(quiet)).not_to include(rule)
      expect(ElmCup.shape(firing)["findings"].map { |each| each["rule"] }).to include(rule)
    end
  end

  it "has something that works for every shape whose pieces are too large or too small" do
    large = [["ball", "piece_grams", 900], ["cookie", "piece_grams", 900], ["egg", "length_mm", 150], ["log", "piece_grams", 900],
      ["slab", "piece_grams", 900], ["bark", "piece_grams", 900], ["glass", "ml", 900], ["mould", "cavity_ml", 900]]
      .map { |kind, key, value| pressed[chips, {"kind" => kind, key => value}] }
    large.each { |document| expect([document["shape"], rules(document)]).to match([document["shape"], include("pieces-too-large")]) }
    small = pressed[chips, {"kind" => "slab", "tin_mm" => [30, 30], "piece_grams" => 1}]
    expect(rules(small)).to include("tin-too-small")
    [*large, small].each do |document|
      findings = assess(document)["findings"].select { |each| %w[pieces-too-large small-pieces tin-too-small].include?(each["rule"]) }
      findings.each do |finding|
        mended = patched(document, finding["remedy"]["patch"])
        expect([mended["shape"], ElmCup.shape(mended)["pieces"]["count"]]).to match([mended["shape"], be_positive])
        expect(rules(mended)).not_to include(finding["rule"])
      end
    end
  end

  it "has an example of every rule that fires" do
    whole = %w[same-amount need-broken]
    expect(ElmCup::SecondLook::IDS - ElmCup::SecondLook::SHAPE_IDS - ElmCup::SecondLook::PLACE_IDS).to match_array(cases.keys + whole)
  end
end
