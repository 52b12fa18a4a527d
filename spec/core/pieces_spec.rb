# frozen_string_literal: true

RSpec.describe ElmCup::Piece::Ball do
  # A bowl of `grams` whose density is the one given: what a ball knows of it.
  def bowl(grams, density)
    allow(ElmCup::Mixture::Density).to receive(:of).and_return(density)
    instance_double(ElmCup::Mixture::Bowl, grams: grams)
  end

  def balls(grams, density: 1.17, **said)
    ElmCup::Piece::Shape.from({"kind" => "ball", **said.transform_keys(&:to_s)}).yield_of(bowl(grams, density))
  end

  # Source: GNU units, scoop(n), and the sphere at 1.17 g/mL: scoop 40 holds 23.7 mL, 35.6 mm, 27.7 g.
  it "agrees with the table of scoops" do
    {16 => [48.3, 69.2], 40 => [35.6, 27.7], 60 => [31.1, 18.5], 100 => [26.2, 11.1]}.each do |number, (millimetres, grams)|
      ball = balls(1000.0, scoop_ml: ElmCup::Piece::Scoop.millilitres(number).to_f)
      expect(ball.diameter_mm).to be_within(0.06).of(millimetres)
      expect(ball.piece_grams).to be_within(0.06).of(grams)
    end
  end

  it "counts whole pieces and says what is over" do
    ball = balls(412.0, piece_grams: 18.0)
    expect([ball.count, ball.over_grams.round(6)]).to eq([22, 16.0])
    exact = balls(0.3, piece_grams: 0.1)
    expect(exact.count).to eq(3)
    split = balls(240.0, pieces: 24)
    expect([split.count, split.piece_grams, split.over_grams]).to eq([24, 10.0, 0.0])
  end

  it "leaves coats and toppings out of what is rolled" do
    document = formula("300 g almond butter", "60 g coconut flour")
    coated = document.merge("components" => document["components"] + [{"name" => "shell", "type" => "coating",
                                                                       "lines" => [{"text" => "150 g dark chocolate, melted"}]}])
    plain, with_coat = ElmCup.assess(document), ElmCup.assess(coated)
    expect(with_coat["pieces"]).to eq(plain["pieces"])
    expect(with_coat["allergens"]).to include("soy", "tree_nut")
    expect(with_coat["notes"]).to include(/shell: not counted/)
    expect(with_coat["components"].last).not_to have_key("saturation")
  end

  it "counts what is read, and says what that is without" do
    answer = ElmCup.assess(formula("300 g almond butter", "2 tbsp moon dust"))
    expect(answer["pieces"]["count"]).to eq(16)
    expect(answer["notes"]).to include(/pieces.* are without line 2/)
  end

  it "says what cooks usually give, as practice" do
    custom = ElmCup.assess(formula("300 g almond butter", "60 g coconut flour"))["practice"]
      .find { |each| each["step"] == "chill before dipping" }
    # Common practice: rolled balls before dipping, freezer 20 to 30 min.
    expect(custom).to include("place" => "freezer", "minutes" => [20, 30], "source" => "common practice")
  end
end
