# frozen_string_literal: true

RSpec.describe "The formula document" do
  def faults(document)
    assess(document)
    []
  rescue ElmCup::InvalidDocument => error
    error.faults.map { |fault| [fault.pointer, fault.message] }
  end

  let(:good) {
    formula("1 cup oats", {"ingredient" => "tahini", "grams" => 20},
      {"text" => "2 tbsp house spice", "ingredient" => "spice-mixed"}, kitchen: {"cup" => "us"})
  }

  # Gives a copy of the good document with one thing changed.
  def with(path, value)
    copy = JSON.parse(JSON.generate(good))
    *way, last = path
    way.reduce(copy) { |at, key| at[key] }[last] = value
    copy
  end

  it("takes a good one") { expect(faults(good)).to eq([]) }

  {
    ["elm_cup"] => ["formula/2", "/elm_cup", /must be "formula\/1"/], ["name"] => ["", "/name", /empty/],
    ["components"] => [[], "/components", /At least one/],
    ["components", 0, "type"] => ["cake", "/components/0/type", /must be one of dough/],
    ["components", 0, "process"] => ["mixer", "/components/0/process", /hand, processor/],
    ["components", 0, "want"] => ["sticky", "/components/0/want", /loose, crumbly/],
    ["components", 0, "lines", 0] => [{"text" => "x", "grams" => 3}, "/components/0/lines/0", /A line has text/],
    ["components", 0, "lines", 1, "grams"] => [-3, "/components/0/lines/1/grams", /more than 0/],
    ["components", 0, "lines", 0, "text"] => ["o" * 100_000, "/components/0/lines/0/text", /100000 characters long; 300 is the most/],
    ["shape", "piece_grams"] => [0, "/shape/piece_grams", /1 is the least/], ["shape"] => [{"kind" => "ball"}, "/shape", /Give one of/],
    ["kitchen"] => [{"cup" => "thimble"}, "/kitchen/cup", /us, us_legal/],
    ["kitchen", "spoons"] => [["0 tsp"], "/kitchen/spoons/0", /cannot be read/],
    ["surprise"] => [1, "/surprise", /not a key of a formula/],
    ["components", 0, "lines"] => [[{"text" => "1 cup oats"}] * 5000, "/components/0/lines", /5000 lines are too many; 100 is the most/]
  }.each do |path, (value, pointer, message)|
    it("names the place and the mend: #{pointer} #{value.to_s[0, 20]}") { expect(faults(with(path, value))).to include([pointer, message]) }
  end

  it "takes no number that is not one" do
    expect(faults(with(["components", 0, "lines", 1, "grams"], 1e308))).to include(["/components/0/lines/1/grams", /too much/])
    expect(faults(with(["components", 0, "lines", 1, "grams"], 0))).to include(["/components/0/lines/1/grams", /more than 0/])
    expect { ElmCup.read_json('{"grams": NaN}') }.to raise_error(ElmCup::InvalidDocument, /not JSON/)
  end

  it "refuses numbers past any float at their place, in every body" do
    {'{"elm_cup":"formula/1","name":"x","components":[{"name":"d","lines":[{"ingredient":"honey","grams":1e400}]}]}' =>
      "/components/0/lines/0/grams", '{"elm_cup":-1e400}' => "/elm_cup", '{"minutes":[1e999]}' => "/minutes/0"}
      .each do |bytes, pointer|
        expect { ElmCup.read_json(bytes) }.to raise_error(ElmCup::InvalidDocument) { |error|
          expect([error.faults.first.pointer, error.message]).to match([pointer, /larger than any/])
        }
      end
    expect(faults(with(["shape", "piece_grams"], Float::INFINITY))).to match([["/shape/piece_grams", /larger than any/]])
    expect(faults(with(["components", 0, "lines", 1, "grams"], Float::NAN))).to match([["/components/0/lines/1/grams", /larger than any/]])
  end

  it "names a key that is none, where it stands" do
    expect(faults(with(["kitchen"], {"oven" => 1}))).to eq([["/kitchen/oven", "“oven” is not a key of a formula; take it out"]])
    expect(faults(with(["components", 0, "lines", 0, "a/b~c"], 1)))
      .to eq([["/components/0/lines/0/a~1b~0c", "“a/b~c” is not a key of a formula; take it out"]])
  end

  it "reads JSON within its limits only" do
    {"" => /empty/, "   " => /empty/, "not json" => /not JSON/, "[" * 10_000 => /nested deeper/, "\xff\xfe{}" => /UTF-8/,
     "{}#{" " * 1_000_001}" => /1000000 is the most/}
      .each { |bytes, message| expect { ElmCup.read_json(bytes) }.to raise_error(ElmCup::InvalidDocument, message) }
    expect(ElmCup.read_json("\uFEFF{\"a\":1}")).to eq("a" => 1)
    [nil, 3, "x", []].each { |value| expect { assess(value) }.to raise_error(ElmCup::InvalidDocument, /JSON object/) }
  end

  it "keeps flagged lines and lists them" do
    flagged = ElmCup.flagged(assess(formula("1 cup oats", "2 tbsp butter", "gibberish", {"ingredient" => "no-such", "grams" => 5},
      {"text" => "1 cup oats", "ingredient" => "no-such"})))
    expect(flagged.map { |line| [line["pointer"], line["status"]] }).to eq([["/components/0/lines/2", "unreadable"],
      ["/components/0/lines/3", "unknown"], ["/components/0/lines/4", "unknown"]])
    expect(flagged.last(2).map { |line| line["message"] }).to all(match(/No ingredient has the id “no-such”/))
  end

  it "shows HTML in names as the text it is" do
    expect(assess(formula("1 cup oats", name: "<b>x</b>"))["name"]).to eq("<b>x</b>")
    expect(read("1 cup <script>alert(1)</script>")["status"]).to eq("unknown")
  end

  it "scales exactly, there and back" do
    document = formula("1/2 c + 2 tbsp honey", "10 dates", {"ingredient" => "tahini", "grams" => 12.3},
      shape: {"kind" => "ball", "pieces" => 24})
    doubled = ElmCup.scale(document, 2)
    expect(doubled["components"][0]["lines"])
      .to eq([{"text" => "1 c + 4 tbsp honey"}, {"text" => "20 dates"}, {"ingredient" => "tahini", "grams" => 24.6}])
    expect(doubled["shape"]["pieces"]).to eq(48)
    expect(assess(doubled)["grams"]).to be_within(0.02).of(2 * assess(document)["grams"])
    third = ElmCup.scale(ElmCup.scale(document, "1/3"), 3)
    expect(third["components"][0]["lines"][0..1].map { |line| read(line["text"])["grams"] })
      .to eq(document["components"][0]["lines"][0..1].map { |line| read(line["text"])["grams"] })
    {"1 1/2" => "1 1/2 cups", "1½" => "1 1/2 cups", "half" => "1/2 cup", "× 3" => "3 cups", "0,5" => "1/2 cup", 0.5 => "1/2 cup"}
      .each do |factor, amount|
      expect(ElmCup.scale(formula("1 cup oats"), factor)["components"][0]["lines"][0]["text"]).to eq("#{amount} oats")
    end
    ["x", "", "2 cups", "1-2", "-2", "9" * 400, true, 0, -1, 1000, nil, "1e9999999999", "1/0", Float::INFINITY]
      .each { |factor| expect { ElmCup.scale(document, factor) }.to raise_error(ElmCup::InvalidDocument) }
  end

  it "ships its schema in docs" do
    expect(File.read(File.expand_path("../../../docs/formula.schema.json", __dir__)))
      .to eq(File.read(File.join(ElmCup::DataTable::DIRECTORY, "formula.schema.json")))
  end
end
