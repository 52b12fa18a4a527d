# frozen_string_literal: true

# A figure that is no sum over grams comes as one file: here the width of a part's band, which no row of the programme knows.
RSpec.describe ElmCup::Wish::Judged do
  before do
    stub_const("BandWidth", Class.new(described_class) do
      figure "band_width", unit: nil, places: 3, most: 10, name: "width of the band", up: ["wider"], down: ["surer"], typed: "band"

      def value_of(assessment)
        verdict = assessment.part(part)&.verdict
        verdict.uncertainty.band.reduce(:-).abs if verdict&.estimable?
      end
    end)
  end

  after do
    ElmCup::Wish::Key::REGISTRY.delete("band_width")
    ElmCup::Wish::Kind.kinds.delete("band_width")
  end

  let(:bites) { formula("1 cup rolled oats, ground", "10 soft dates, to paste", "1/2 cup tahini", "1/4 cup maple syrup", "1/4 tsp salt") }

  def width(document) = assess(document)["components"][0]["saturation"].then { |band| band["high"] - band["low"] }

  it "is read, said and shown like any other, in words too" do
    expect(ElmCup::Wish.read("band_width<=0.4")).to have_attributes(key: "band_width", op: "<=", value: 0.4)
    state = assess(bites.merge("wishes" => ["band_width<=0.2"]))["wishes"].first
    expect(state).to include("words" => "width of the band at most 0.2", "met" => false, "now" => width(bites).round(3).to_s)
    expect(ElmCup.wish(bites, "surer")["wish"]).to start_with("band_width<=")
    expect { ElmCup::Wish.read("band_width<=99") }.to raise_error(ElmCup::Wish::Unreadable, /up to 10/)
  end

  it "is met by cuts where the sums know nothing of it, beside wishes that they know" do
    now = width(bites)
    wish = "band_width<=#{(now * 0.93).round(3)}"
    found = balance(bites, wish, "texture=presses..tacky")
    expect(found["answers"]).not_to be_empty
    found["answers"].each do |answer|
      expect([holds?(answer["formula"], wish), holds?(answer["formula"], "texture=presses..tacky")]).to eq([true, true])
      expect(answer["changes"]).not_to be_empty
    end
    other = balance(bites, "band_width>=#{(now * 1.05).round(3)}")
    other["answers"].each { |answer| expect(width(answer["formula"])).to be >= (now * 1.05).round(3) - 5e-4 }
    expect(other["answers"]).not_to be_empty
  end

  it "changes nothing where it is met already" do
    expect(balance(bites, "band_width<=5")["answers"].map { |answer| answer["changes"] }).to eq([[]])
  end
end
