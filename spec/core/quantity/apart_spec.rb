# frozen_string_literal: true

# Lines that name several things with amounts. Source: common practice.
RSpec.describe ElmCup::Quantity::Apart do
  {
    "200 g dark choc, melted w/ 1 tbsp coconut oil" => ["200 g dark choc, melted", "1 tbsp coconut oil"],
    "120 ml cream, warmed with 2 tsp instant coffee" => ["120 ml cream", "2 tsp instant coffee"],
    "100g dark chocolate (+ 1 tsp coconut oil)" => ["100g dark chocolate", "1 tsp coconut oil"],
    "1 tsp espresso powder dissolved in 2 tsp hot water" => ["1 tsp espresso powder", "2 tsp hot water"],
    "biscuits 200 g, crushed and mixed with 80 g melted butter" => ["biscuits 200 g, crushed", "80 g melted butter"],
    "2 cups dates and 1 cup nuts and a pinch of salt" => ["2 cups dates", "1 cup nuts", "a pinch of salt"],
    "zest and juice of 1 lime" => ["zest of 1 lime", "juice of 1 lime"],
    "juice & grated zest of 2 lemons" => ["juice of 2 lemons", "grated zest of 2 lemons"],
    "dark choc 70% 150 g melted with 10 g coconut oil" => ["dark choc 70% 150 g melted", "10 g coconut oil"],
    "2 tbsp chia in 6 tbsp water" => ["2 tbsp chia", "6 tbsp water"],
    "1 cup oats, 90 g butter, melted" => ["1 cup oats", "90 g butter, melted"]
  }.each do |text, lines|
    it("parts “#{text}”") { expect(described_class.of(text)).to eq(lines) }
  end

  it "makes more of a thing with a purpose of its own a line of that thing" do
    expect(described_class.of("100g dark chocolate, melted, plus 50 g more for drizzling")).to eq(["100g dark chocolate, melted",
      "50 g dark chocolate for drizzling"])
    expect(described_class.of("2 heaped tbsp cacao, plus 1 more to roll")).to eq(["2 heaped tbsp cacao", "1 tablespoon cacao to roll"])
  end

  [
    "1 & 1/2 cups (150g) rolled oats", "a cup and a half of nuts", "1 lb and 2 oz dates", "100 ml half and half", "1 cup oats, plus 2 tbsp",
    "12 dates (about 1 cup)", "10 dates, cut in 4 pieces", "10 dates, soaked in 1 cup hot water for 10 minutes", "2 tbsp cocoa, plus extra",
    "3 tbsp honey, warmed in the microwave for 20 seconds", "150 g chocolate with 70% cocoa", "1/3 cup honey, plus 1 tbsp if dry",
    "1 cup #{"and 1 cup " * 28}oats", "1 cup oats" * 40, ""
  ].each do |text|
    it("leaves “#{text[0, 60]}” as it is") { expect(described_class.of(text)).to eq([text]) }
  end

  it("leaves what is no text as it is") { expect(described_class.of("1 g \xff")).to eq(["1 g \xff"]) }

  it "is said of a typed line, whose rest is not counted" do
    line = ElmCup.read_line("200 g dark choc, melted w/ 1 tbsp coconut oil")
    expect(line).to include("grams" => 200.0, "apart" => ["200 g dark choc, melted", "1 tbsp coconut oil"])
    expect(line["notes"]).to include("“1 tbsp coconut oil” is not counted: put it on a line of its own")
    expect(ElmCup.read_line("1 cup oats, 90 g butter, melted")).to include("status" => "unreadable",
      "apart" => ["1 cup oats", "90 g butter, melted"])
    expect(ElmCup.read_line("zest and juice of 1 lime")).to include("apart" => ["zest of 1 lime", "juice of 1 lime"],
      "message" => "Several things in one line; put each on a line of its own")
    expect(ElmCup.read_line("1/3 cup honey, plus 1 tbsp if dry")["notes"]).to include("“plus 1 tbsp” is not counted")
    expect(ElmCup.read_line("1 cup oats")).not_to have_key("apart")
    expect(ElmCup.read_line("12 soft dates, blended to a paste with 2 tbsp hot water")).not_to have_key("apart")
  end
end
