# frozen_string_literal: true

# Coats against the practice of the trade, and the constants of the model.
RSpec.describe "Coats, by what cooks find" do
  def chocolate(grams, oil) = ElmCup::Coating::Chocolate.new(fat: 0.28).thinned(oil, of: grams)

  def shell(chocolate, bowl_c: 42.0, centre_c: -8.0) = ElmCup::Coating::Shell.new(chocolate, bowl_c: bowl_c, centre_c: centre_c)

  let(:plain) { ElmCup::Coating::Chocolate.new(fat: 0.28) }
  let(:couverture) { ElmCup::Coating::Chocolate.new(fat: 0.36) }
  let(:ball) { shaped("ball", 18.0, pieces: 1).body }

  # Source: docs/model.md, Coat: thickness at -8 °C and 42 °C, within .03 mm.
  it "lays on a shell as thick as the table says" do
    {plain => 2.05, chocolate(85, 4.5) => 1.26, chocolate(170, 13.6) => 1.10, couverture => 0.95}
      .each { |chocolate, mm| expect(shell(chocolate).first_mm).to be_within(0.03).of(mm) }
  end

  # Source: docs/model.md, Coat: whole pieces of 18 g at -8 °C from 45 °C until 35 °C or 20 g.
  it "dips as many between two warmings as the table says" do
    thin = chocolate(85, 4.5)
    counts = ->(kind) { [85, 128, 170].map { |grams| ElmCup::Coating::DipSet.new(shell(kind), ball, grams).pieces } }
    expect([counts[plain], counts[thin]]).to eq([[7, 12, 15], [12, 15, 18]])
  end

  # Common practice: 128 g of chips thinned with 1 1/2 tsp of oil coat about 300 g of dough with some left; the model says 108 g.
  it "wants for 300 g of dough what cooks melt, and less" do
    thin = chocolate(128, 6.75)
    needed = shell(thin).grams(ball, shell(thin).first_mm) * 300 / 18
    expect(ElmCup::Coating::Kind.all["dip"].spare(needed)).to be_within(1).of(108)
    expect(ElmCup::Coating::Kind.all["dip"].spare(needed)).to be < 128 + 6.75
  end

  # Common practice: 85 g of chips and a teaspoon of oil coat 12 to 14 truffles of a tablespoon (17.3 g), or top 24 mini cups.
  it "coats a dozen truffles and tops two dozen small cups with half a cup of chips" do
    thin = chocolate(85, 4.5)
    truffle = shaped("ball", 17.3, pieces: 1).body
    each = shell(thin).grams(truffle, shell(thin).first_mm)
    expect(ElmCup::Coating::DipSet.new(shell(thin), truffle, 89.5).pieces).to be_between(12, 14)
    expect(ElmCup::Coating::Kind.all["dip"].spare(each * 12)).to be < 89.5
    tops = 24 * 8.0 * 0.25 * thin.density / 1000
    expect(ElmCup::Coating::Kind.all["spread"].spare(tops)).to be < 89.5
  end

  # Common practice: the smaller cups want more chocolate: twelve of double size or twenty-four single ones of the same filling.
  it "wants more for twenty-four single cups than for twelve double ones" do
    cups = ->(across, deep, count) {
      document = coated({"kind" => "cup", "diameter_mm" => across, "depth_mm" => deep, "pieces" => count})
      ElmCup.assess(document, sections: %w[coat])["coat"]["grams_needed"]
    }
    expect(cups[32, 20, 24]).to be > cups[40, 25.2, 12]
  end

  # Common practice: a frozen centre sets the shell almost at once and takes more; a thinned bowl lays on less; a hotter one less too.
  it "knows what makes a shell thick" do
    thick = ->(chocolate, **at) { shell(chocolate, **at).first_mm }
    expect([thick[plain, centre_c: -18], thick[plain, centre_c: 4],
      thick[plain, centre_c: 20]]).to eq([thick[plain, centre_c: -18], thick[plain, centre_c: 4], thick[plain, centre_c: 20]].sort.reverse)
    expect(thick[plain, centre_c: 20]).to be_within(1e-9).of(shell(plain).film_mm)
    expect(thick[chocolate(170, 4.5)]).to be < thick[plain]
    expect(thick[plain, bowl_c: 50]).to be < thick[plain, bowl_c: 38]
  end

  # Source: docs/model.md, Coat: dark 50, milk 45, white 43 °C at the most; temper dark 45-50, 27-28, 31-32 and so on (common practice).
  it "melts each kind no hotter than it bears, and tempers it where it can be" do
    {"dark chocolate" => [50, [45, 50], [27, 28], [31, 32]], "milk chocolate" => [45, [40, 45], [26, 27], [29, 30]],
     "white chocolate" => [43, [40, 43], [25, 26], [28, 29]], "dark compound coating" => [45, nil, nil, nil]}
      .each do |name, (hottest, melt, cool, work)|
      coat = ElmCup.shape(coated({"kind" => "ball", "piece_grams" => 18}, shell: ["200 g #{name}"]))["coat"]
      expect([name, coat["hottest_c"],
        coat["tempering"]&.values_at("melt_c", "cool_c", "work_c")]).to eq([name, hottest, melt && [melt, cool, work]])
    end
  end

  # Common practice: 1 teaspoon of coconut oil to half a cup of chips, down to 1 tablespoon to a cup: both schools.
  it "thins by both schools" do
    coat = ElmCup.shape(coated({"kind" => "ball", "piece_grams" => 18}, shell: ["170 g dark chocolate chips"]))["coat"]
    oil = coat["thinning"].select { |each| each["ingredient"] == "coconut-oil" }
    expect(oil.map { |each|
      (each["grams"] / coat["grams_with_spare"]).round(3)
    }).to match([be_within(0.002).of(4.5 / 85), be_within(0.002).of(13.6 / 170)])
    expect(coat["thinning"].map { |each| each["thickness_mm"] }).to all(be < coat["thickness_mm"])
  end

  # Common practice: 100 g take about 5 bursts of 15 s, a further 100 g 2 more.
  it "plans bursts by how much there is to melt" do
    bursts = ->(count) {
      ElmCup.shape(coated({"kind" => "ball", "pieces" => count}))["coat"].then { |coat|
        [coat["grams_with_spare"], coat["melting"].first["steps"].to_i]
      }
    }
    grams, count = bursts[8]
    expect([grams.between?(0, 200), count]).to eq([true, (grams > 100) ? 7 : 5])
  end
end
