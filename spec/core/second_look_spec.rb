# frozen_string_literal: true

RSpec.describe ElmCup::SecondLook do
  def rules(document) = ElmCup.assess(document)["findings"].map { |finding| finding["rule"] }

  # rule => [formula where it fires, formula where it does not]
  cases = {
    "no-salt" => [[["1 cup almond butter", "1/2 cup maple syrup"]], [["1 cup almond butter", "1/2 cup maple syrup", "1/4 tsp salt"]]],
    "no-sweetener" => [[["1 cup almond flour", "1/2 cup tahini", "1/4 tsp salt"]], [["1 cup almond flour", "1/2 cup tahini", "1/4 cup honey", "1/4 tsp salt"]]],
    "gritty-sugar" => [[["1 cup almond butter", "1/4 cup granulated sugar", "1/4 tsp salt"]], [["1/2 cup water", "1/4 cup granulated sugar", "1 cup almond flour"]]],
    "whole-flax" => [[["1 cup honey", "1/4 cup whole flaxseed"]], [["1 cup honey", "1/4 cup ground flax"]]],
    "whole-dates" => [[["12 soft dates", "1 cup oats"]], [["12 soft dates", "1 cup oats"], {process: "processor"}]]
  }

  cases.each do |rule, (firing, quiet)|
    it "#{rule} is noticed, and goes with its remedy" do
      document = formula(*firing[0], **(firing[1] || {}))
      finding = ElmCup.assess(document)["findings"].find { |each| each["rule"] == rule }
      expect(finding["message"].length).to be > 20
      expect(rules(patched(document, finding["remedy"]["patch"]))).not_to include(rule)
      expect(ElmCup.flagged(ElmCup.assess(patched(document, finding["remedy"]["patch"])))).to eq([])
    end

    it "#{rule} is quiet where there is nothing to say" do
      expect(rules(formula(*quiet[0], **(quiet[1] || {})))).not_to include(rule)
    end
  end

  it "is quiet about salt where the butter brings its own" do
    expect(rules(formula("1 cup salted peanut butter", "1/2 cup honey"))).not_to include("no-salt")
  end

  it "is quiet about salt where a line brings any, however little" do
    expect(rules(formula("2 cups almond butter", "1/2 cup honey", "1 pinch flaky salt"))).not_to include("no-salt")
  end

  it "offers about a third of a gram of salt in 100 g, in pinches where that is less than a spoon" do
    {["2 tbsp almond butter", "1 tbsp honey"] => "Add 1 pinch fine salt", ["1/2 cup almond butter", "1/4 cup honey"] => "Add 2 pinches fine salt", ["2 cups almond butter", "1 cup honey"] => "Add 1/2 tsp fine salt"}.each do |lines, text|
      document = formula(*lines)
      finding = ElmCup.assess(document)["findings"].find { |each| each["rule"] == "no-salt" }
      expect(finding["remedy"]["text"]).to eq(text)
      expect(ElmCup.assess(patched(document, finding["remedy"]["patch"]))["nutrition_per_100g"]["salt_g"]).to be_between(0.2, 0.8)
    end
  end

  it "says nothing of salt where there is no nut or seed butter" do
    expect(rules(formula("12 soft dates, to paste", "1 cup oats", "2 tbsp honey"))).to eq([])
  end

  it "misses nothing while a line waits that may be it" do
    expect(rules(formula("1 cup almond butter", "1 cup almond flour", "1/4 tsp mystery"))).to eq([])
  end

  it "misses sweetness where the bowl is less than 4 % as sweet as sugar" do
    sweetness = (0..12).map do |sugar|
      answer = ElmCup.assess(formula("100 g almond flour", "60 g tahini", *("#{sugar} g granulated sugar" if sugar.positive?), "1 g salt"))
      expect(answer["findings"].any? { |finding| finding["rule"] == "no-sweetener" }).to eq(answer["sweetness_pct"] < 4), "#{sugar} g, #{answer["sweetness_pct"]} %"
      answer["sweetness_pct"]
    end
    expect([sweetness.min, sweetness.max]).to match([be < 3.5, be > 4.5])
  end

  it "leaves brown sugar in a tahini dough alone" do
    expect(rules(formula("1/2 cup tahini", "1/2 cup packed brown sugar", "1 cup oats", "1/4 tsp salt"))).to eq([])
  end

  it "keeps the grams of dates that are taken to paste" do
    ["12 soft dates", "1 cup soft dates", "120 g soft dates"].each do |text|
      document = formula(text, "1 cup oats")
      before = ElmCup.assess(document)
      finding = before["findings"].find { |each| each["rule"] == "whole-dates" }
      after = ElmCup.assess(patched(document, finding["remedy"]["patch"]))
      expect(after["components"][0]["lines"][0]["grams"]).to be_within(0.6).of(before["components"][0]["lines"][0]["grams"])
      expect(after["components"][0]["lines"][0]["form"]).to eq("paste")
    end
  end
end
