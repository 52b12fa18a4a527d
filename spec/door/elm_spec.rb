# frozen_string_literal: true

require "open3"

RSpec.describe "bin/elm" do
  def elm(*arguments, input: "") = Open3.capture3(File.expand_path("../../bin/elm", __dir__), *arguments, stdin_data: input, binmode: true)

  let(:document) { formula("1 cup rolled oats, ground", "10 soft dates, to paste", "1/3 cup tahini", "2 tbsp maple syrup", "1/4 tsp salt") }

  it "assesses a file or standard input, with the same answer as the core" do
    out, err, status = elm("assess", "-", input: JSON.generate(document))
    expect([err, status.exitstatus]).to eq(["", 0])
    expect(JSON.parse(out)).to eq(JSON.parse(JSON.generate(ElmCup.assess(document))))
    Tempfile.create("formula") do |file|
      file.write(JSON.generate(document))
      file.close
      expect(elm("assess", file.path).first).to eq(out)
    end
  end

  it "converts a typed amount" do
    out, _, status = elm("convert", "1/2 c + 2 tbsp honey", "--to", "g")
    expect(status.exitstatus).to eq(0)
    expect(JSON.parse(out)).to include("grams" => 211.88, "text" => "211.9 g honey", "ingredient" => "honey")
    {"ml" => 147.8676, "tsp" => 30.0, "tbsp" => 10.0, "cups" => 0.625}.each { |unit, amount| expect(JSON.parse(elm("convert", "1/2 c + 2 tbsp honey", "--to", unit).first)["amount"]).to be_within(1e-3).of(amount) }
    expect(JSON.parse(elm("convert", "75 g honey", "--to", "measure").first)["text"]).to eq("3 tbsp + 1 1/2 tsp honey")
    expect(JSON.parse(elm("convert", "1 cup honey", "--to", "g", "--cup", "metric").first)["grams"]).to be_within(0.1).of(358.2)
  end

  it "says how it is used, and takes one document at a time" do
    [[], ["help"], ["--help"], ["assess", "-h"]].each { |arguments| expect(elm(*arguments).first).to include("elm assess FILE|-", "elm convert TEXT", "elm scale FILE|-") }
    expect(elm("assess", "-", "other.json")[1]).to match(/\Aelm: One document at a time; .*other.json.* is one too many\n\z/n)
    expect(elm("--to", "g")[1]).to match(/\Aelm: Name a command/)
  end

  it "scales a document" do
    out, = elm("scale", "-", "--by", "1/2", input: JSON.generate(document))
    expect(JSON.parse(out)["components"][0]["lines"].first["text"]).to eq("1/2 cup rolled oats, ground")
  end

  {
    ["assess", "-", ""] => /empty/, ["assess", "-", "nonsense"] => /not JSON/, ["assess", "-", '{"elm_cup":"formula/9"}'] => /formula\/1/, ["assess", "-", '{"elm_cup":1e400}'] => /larger than any/, ["assess", "-", "[" * 10_000] => /nested deeper/,
    ["assess", "-", "\xff\xfe\x00"] => /UTF-8/, ["assess", "/nowhere/at/all.json"] => /cannot be read/, ["assess"] => /Name a formula document/, ["dance"] => /no command/,
    ["convert"] => /what to convert/, ["convert", "2 cups xyzzy"] => /not in the pantry/, ["convert", "2 tbsp butter"] => /choose which/, ["convert", "1 cup honey", "--to", "furlong"] => /no unit/, ["convert", "-5 g honey"] => /less than nothing/, ["convert", "- 5 g"] => /Of what/, ["convert", "\xff"] => /UTF-8/, ["convert", "1 cup honey", "--to"] => /--to needs a value/,
    ["convert", "1 cup honey", "--too", "g"] => /--too is no option/, ["assess", "-", '{"elm_cup":"formula/1","name":"a","name":"b"}'] => /stands twice.*name/,
    ["convert", "0 g honey"] => /zero/, ["convert", "1 cup honey", "--cup", "thimble"] => /no cup standard/, ["scale", "-", "{}"] => /by how much/
  }.each do |(command, *rest), message|
    it("refuses “#{[command, *rest.map { |text| text.scrub[0, 20] }].join(" ")}” with exit 2 and one line") do
      input = (rest.first == "-") ? rest.pop : ""
      out, err, status = elm(command, *rest, input: input)
      expect([out, status.exitstatus, err.lines.size]).to eq(["", 2, 1])
      expect(err.force_encoding("UTF-8")).to match(message)
    end
  end

  it "names the lines at fault" do
    _, err, status = elm("assess", "-", input: JSON.generate(formula("1 cup oats", "2 tbsp butter", "what is this")))
    expect(status.exitstatus).to eq(2)
    expect(err.force_encoding("UTF-8")).to match(%r{/components/0/lines/1.*butter.*/components/0/lines/2.*No amount})
  end
end
