# frozen_string_literal: true

RSpec.describe ElmCup::Piece::PiecesSection do
  it "counts whole pieces and says what is over" do
    ball = shaped("ball", 412.0, piece_grams: 18.0)
    expect([ball.count, ball.over_grams.round(6)]).to eq([22, 16.0])
    expect(shaped("ball", 0.3, piece_grams: 0.1).count).to eq(3)
    split = shaped("ball", 240.0, pieces: 24)
    expect([split.count, split.piece_grams, split.over_grams]).to eq([24, 10.0, 0.0])
  end

  it "leaves coats and toppings out of what is shaped" do
    document = formula("300 g almond butter", "60 g coconut flour")
    coat = {"name" => "shell", "type" => "coating", "lines" => [{"text" => "150 g dark chocolate, melted"}]}
    plain, with_coat = assess(document), assess(document.merge("components" => document["components"] + [coat]))
    expect(with_coat["pieces"]).to eq(plain["pieces"])
    expect(with_coat["allergens"]).to include("soy", "tree_nut")
    expect(with_coat["components"].last).not_to have_key("saturation")
  end

  it "counts what is read, and says what that is without" do
    answer = assess(formula("300 g almond butter", "2 tbsp moon dust"))
    expect(answer["pieces"]["count"]).to eq(16)
    expect(answer["notes"]).to include(/pieces.* are without line 2/)
  end

  it "says what cooks usually give, as practice" do
    custom = assess(formula("300 g almond butter", "60 g coconut flour"))["practice"]
      .find { |each| each["step"] == "chill before dipping" }
    # Common practice: rolled balls before dipping, freezer 20 to 30 min.
    expect(custom).to include("place" => "freezer", "minutes" => [20, 30], "source" => "common practice")
  end
end
