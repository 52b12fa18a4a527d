# frozen_string_literal: true

RSpec.describe ElmCup::Assessment::Scaling do
  let(:document) do
    {"elm_cup" => "formula/1", "name" => "Layered", "components" => [
      {"name" => "caramel", "type" => "filling", "lines" => [{"text" => "12 soft dates, to paste"}, {"text" => "3 tbsp cashew butter"}]},
      {"name" => "dough", "lines" => [{"text" => "1 1/2 cups rolled oats, ground"}, {"ingredient" => "tahini", "grams" => 120.37}],
       "takes" => [{"component" => "caramel", "grams" => 40}]},
      {"name" => "lid", "type" => "topping", "lines" => [{"text" => "30 g dark chocolate"}],
       "takes" => [{"component" => "caramel", "text" => "1 tbsp"}]}
    ], "shape" => {"kind" => "ball", "piece_grams" => 18}, "splits" => [{"name" => "nib", "share" => 0.5, "component" => "dough",
                                                                         "lines" => [{"text" => "20 g cocoa nibs"}],
                                                                         "topping" => [{"text" => "1/2 tsp flaky salt"}]}]}
  end

  it "scales lines, what is taken, flavours and toppings, and leaves shares be" do
    twice = ElmCup.scaling(document, factor: 2)["document"]
    expect(twice["components"][1]["takes"][0]["grams"]).to eq(80)
    expect(twice["components"][2]["takes"][0]["text"]).to eq("2 tbsp")
    expect(twice["splits"][0]).to include("share" => 0.5, "lines" => [{"text" => "40 g cocoa nibs"}],
      "topping" => [{"text" => "1 tsp flaky salt"}])
    before, after = [document, twice].map { |each| assess(each) }
    expect(after["grams"]).to be_within(0.02).of(2 * before["grams"])
    expect(after["components"].map { |part| part["saturation"] }).to eq(before["components"].map { |part| part["saturation"] })
  end

  it "comes back exactly by k and then 1/k, for any k from a half to ten" do
    random = Random.new(3)
    40.times do
      numerator, denominator = random.rand(1..40), random.rand(1..20)
      next unless Rational(numerator, denominator).between?(1/2r, 10)

      there = ElmCup.scale(document, "#{numerator}/#{denominator}")
      expect(ElmCup.scale(there, "#{denominator}/#{numerator}")).to eq(document), "#{numerator}/#{denominator}"
    end
  end

  it "makes so many pieces of so many grams, never one short" do
    [[48, 16], [7, 21.5], [100, 12], [24, 18]].each do |pieces, grams|
      answer = ElmCup.scaling(document.except("splits"), pieces: pieces, piece_grams: grams)
      expect(answer["pieces"]).to eq(pieces)
      expect(answer["error_pct"]).to be_between(-0.001, 0.11)
      expect(answer["document"]["shape"]).to eq("kind" => "ball", "piece_grams" => grams)
    end
  end

  it "keeps the number of pieces where flavours divide them" do
    answer = ElmCup.scaling(document, pieces: 48, piece_grams: 16)
    expect([answer["pieces"], answer["document"]["shape"]]).to eq([48, {"kind" => "ball", "pieces" => 48}])
    expect(assess(answer["document"])["splits"][0]["pieces"]["piece_grams"]).to be_within(1).of(16)
  end

  it "comes to the grams asked of the whole, within a twentieth of a per cent, and says how near" do
    [100, 600, 2500].each do |grams|
      answer = ElmCup.scaling(document, grams: grams)
      expect(answer["asked_grams"]).to eq(grams)
      expect(answer["grams"]).to be_within(grams * 0.0006).of(grams)
      expect(answer["error_pct"].abs).to be <= 0.06
    end
  end

  it "shows each amount in measures that exist, with the error, and says what does not scale" do
    answer = ElmCup.scaling(formula("1 cup rolled oats", "1/3 cup honey", "5 soft dates", "120 g tahini"), factor: "3/7")
    oats, honey, dates, tahini = answer["lines"]
    expect([oats["was"], oats["text"], oats["kitchen"]]).to eq(["1 cup rolled oats", "3/7 cup rolled oats",
      {"text" => "1/3 cup + 1 1/2 tbsp", "error_pct" => -0.5}]).or match([anything, "3/7 cup rolled oats", include("text" => /cup|tbsp/)])
    expect(oats["kitchen"]["error_pct"].abs).to be < 3
    expect(honey["text"]).to eq("1/7 cup honey")
    expect(dates["kitchen"]).to eq("text" => "2", "error_pct" => -6.7)
    expect(tahini["kitchen"]["text"]).to match(/cup|tbsp/)
    expect(ElmCup.scaling(formula("1 cup rolled oats"), factor: 2)["lines"][0]).not_to include("kitchen")
    expect(answer["not_scaled"].map { |each| each["what"] }).to include("tin", "bowl", "tray", "coat", "minutes")
  end

  it "refuses in words what cannot be" do
    {
      {factor: "x"} => /factor must be a number/, {factor: 0} => /from 0.01 to 100/, {} => /Say one of/,
      {factor: 2, grams: 3} => /Say one of/, {grams: -1} => /over 0/, {grams: "600"} => /over 0/, {pieces: 3} => /over 0/,
      {pieces: 2.5, piece_grams: 3} => /whole number/,
      {pieces: 10_000, piece_grams: 1000} => /from 0.01 to 100/, {grams: Float::INFINITY} => /over 0/
    }.each { |wanted, message| expect { ElmCup.scaling(document, **wanted) }.to raise_error(ElmCup::InvalidDocument, message), wanted.to_s }
    expect { ElmCup.scaling(formula("1 cup moon dust"), grams: 600) }.to raise_error(ElmCup::InvalidDocument, /nothing in it/)
    expect { ElmCup.scaling(formula, grams: 600) }.to raise_error(ElmCup::InvalidDocument, /nothing in it/)
  end
end
