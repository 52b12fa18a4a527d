# frozen_string_literal: true

RSpec.describe ElmCup::Balance::Steps do
  def steps(text, kitchen: {}, process: "hand")
    measures = ElmCup::Document::Kitchen.from(kitchen).measures
    line = line_resolver(process, standard: measures.standard).resolve(text)
    [described_class.of(line, measures, ElmCup.shipped), line]
  end

  # Steps by amount: docs/model.md, Balance.
  {
    "1 tsp vanilla extract" => ["+1/2 tsp", "1 1/2 tsp"], "2 tbsp honey" => ["+1 tsp", "2 tbsp + 1 tsp"],
    "1/4 cup honey" => ["+1 tbsp", "1/4 cup + 1 tbsp"], "3/4 cup tahini" => ["+1 tbsp", "3/4 cup + 1 tbsp"],
    "1 cup rolled oats" => ["+1/4 cup", "1 1/4 cups"], "12 soft dates, pitted" => ["+1", "13"], "1/2 banana" => ["+1", "1 1/2"],
    "120 g tahini" => ["+5 g", "125 g"], "250 g oats" => ["+10 g", "260 g"], "8 g salt" => ["+0.5 g", "8.5 g"],
    "1 kg soft dates" => ["+50 g", "1050 g"], "4 oz dark chocolate" => ["+1/4 oz", "4 1/4 oz"], "1 lb soft dates" => ["+1 oz", "17 oz"],
    "5 tbsp honey" => ["+1 tbsp", "1/3 cup + 2 tsp"], "1 stick butter" => ["+1 tbsp", "1/2 cup + 1 tbsp"],
    "2-3 tbsp honey" => ["+1 tsp", "2 tbsp + 2 1/2 tsp"]
  }.each do |text, (difference, after)|
    it("steps “#{text}” by #{difference}") do
      expect(steps(text).first.then { |each| [each.difference(1), each.text(1)] }).to eq([difference, after])
    end
  end

  it "takes a larger spoon where the small one does not exist here" do
    expect(steps("1 tsp vanilla extract", kitchen: {"spoons" => ["1 tsp", "1 tbsp"]}).first.difference(1)).to eq("+1 tsp")
    expect(steps("2 tbsp honey", kitchen: {"spoons" => ["1 tbsp"]}).first.difference(1)).to eq("+1 tbsp")
    expect(steps("2 tbsp honey", kitchen: {"spoons" => ["1/4 cup"]}).first.difference(1)).to eq("+1/4 cup")
  end

  it "keeps between half and twice, and a thing at one or more" do
    expect(steps("12 soft dates").first.range(1/2r, 2)).to eq([6, 12])
    expect(steps("1 banana").first.range(1/2r, 2)).to eq([0, 1])
    expect(steps("1 pinch salt").first.range(1/2r, 2)).to eq([0, 0])
    expect(steps("1 cup honey").first.range(1/2r, 2)).to eq([2, 4])
  end

  it "weighs what was soaked as it was before, and knows no steps of nothing" do
    soaked, line = steps("150 g soft dates, soaked 1 h", process: "processor")
    expect(soaked.text(0)).to eq("150 g")
    expect(soaked.grams(0)).to eq(line.grams)
    expect(steps("salt, to taste").first).to be_nil
  end

  it "makes a larger amount one that exists, near to it" do
    {"1/3 cup maple syrup" => 2.14, "12 soft dates" => 1.6, "120 g tahini" => 1.37, "1 1/2 cups rolled oats" => 0.4, "1/4 tsp salt" => 3.3,
     "30 g honey" => 0.51, "4 oz honey" => 1.9, "600 g oats" => 0.03}.each do |text, factor|
      before, = steps(text)
      after = before.scaled(factor.rationalize(1/1000r))
      expect([text, (after.grams / (before.grams * factor) - 1).abs])
        .to match([text, be < ((before.kind == :things || after.grams < 10) ? 0.20 : 0.03)])
      reread, = steps(text.sub(/\A(?:\d+ )?[\d\/]+ ?(?:cups?|tsp|g|oz)?/, after.text(0)))
      expect((reread.grams / after.grams - 1).abs).to be < 0.02
    end
  end

  # What is written is what was reckoned: in every amount, scaled or stepped, in kitchens of few spoons too. A third of a metric cup (83.3
  # mL) is no whole number of spoons of 5 mL, so less of it is met to a hundredth.
  it "writes the very amount that it reckons with" do
    random = Random.new(11)
    texts = ["1/3 cup maple syrup", "1 1/2 cups rolled oats", "2 tbsp honey", "1 tsp vanilla extract", "3/4 cup tahini", "120 g oat flour",
      "35 g honey", "4 oz peanut butter", "2 1/2 tbsp cocoa powder"]
    40.times do
      kitchen = [{}, {"spoons" => ["1 tsp"]}, {"spoons" => ["1/2 tsp", "1 tbsp"]}, {"cup" => "metric"}].sample(random: random)
      text = texts.sample(random: random)
      start, = steps(text, kitchen: kitchen)
      scaled = start.scaled(random.rand(0.4..3.0).rationalize(1/1000r))
      [-1, 0, 1, 2].each do |count|
        next unless scaled.amount(count).positive?

        written = scaled.text(count)
        read, = steps("#{written} #{text.sub(/\A[\d\/ ]+(?:cups?|tsp|tbsp|g|oz) /, "")}", kitchen: kitchen)
        expect([text, kitchen, written, (read.grams / scaled.grams(count) - 1).abs])
          .to match([text, kitchen, written, be < ((kitchen["cup"] == "metric") ? 0.01 : 0.002)])
      end
    end
  end
end
