# frozen_string_literal: true

# The figures of common practice behind coats and pieces, each with a sum done by hand. Source: docs/model.md, Coat and Pieces.
RSpec.describe "Coats and pieces, by sums done by hand" do
  # g/cm3 of a bowl of plain dark chocolate: 1 / ((1 - f) / 1.5 + f / .9).
  def density(fat) = 1 / ((1 - fat) / 1.5 + fat / 0.9)

  def coat_of(shape, **said) = ElmCup.shape(coated(shape, **said))

  def fat_of(answer) = answer["coat"]["fat_pct"] / 100.0

  let(:chips) { ["600 g dark chocolate chips"] }

  # A tin of 20 cm square under 2.5 mm: 100 mL; a quarter more to spare.
  it "spreads 2.5 mm over a slab, and has a quarter to spare" do
    answer = coat_of({"kind" => "slab", "grid" => [5, 4]}, coat: {"kind" => "spread"}, shell: chips)
    grams = 100 * density(fat_of(answer))
    expect(answer["coat"]["grams_needed"]).to be_within(0.7).of(grams)
    expect(answer["coat"]["grams_with_spare"]).to be_within(1.2).of(1.25 * grams)
    thicker = coat_of({"kind" => "slab", "grid" => [5, 4]}, coat: {"kind" => "spread", "thickness_mm" => 5}, shell: chips)
    expect(thicker["coat"]["grams_needed"]).to be_within(1.4).of(2 * grams)
  end

  # 400 cm2 of top at .03 g/cm2: 12 g; twice as much for two rounds of threads.
  it "drizzles .03 g on a square centimetre of the top" do
    needed = ->(coats) {
      coat_of({"kind" => "slab", "grid" => [5, 4]}, coat: {"kind" => "drizzle", "coats" => coats}, shell: chips)["coat"]["grams_needed"]
    }
    expect([needed[1], needed[2]]).to eq([12.0, 24.0])
  end

  # A liner 32 mm across and 20 deep: bottom and top 8.042 cm2 by 2.5 mm each; wall 2 mm thick and 15 mm high around what is left, an
  # annulus of pi (1.6^2 - 1.4^2) = 1.885 cm2. Together 4.021 + 2.827 = 6.849 mL.
  it "pours bottom and top of 2.5 mm and a wall of 2 mm into a cup" do
    answer = coat_of({"kind" => "cup", "diameter_mm" => 32, "depth_mm" => 20}, coat: {"kind" => "cup"}, shell: chips)
    expect(answer["coat"]["layers"].map { |layer| layer["mm"] }).to eq([2.5, 2.0, 2.5])
    full = answer["coat"]["layers"].sum { |layer| layer["grams"] }
    expect(full).to be_within(0.06).of(6.849 * density(fat_of(answer)))
  end

  # Two halves of 12 mL joined have the wall of both and no lid: a ball of 24 mL, 17.89 mm in radius, less one 2 mm less.
  it "lines both halves of what is joined, and closes none" do
    answer = coat_of({"kind" => "mould", "cavity_ml" => 12, "joined" => true}, coat: {"kind" => "cup"}, shell: chips)
    radius = Math.cbrt(24 * 3 / 4.0 / Math::PI)
    shell = 24 - 4 / 3.0 * Math::PI * (radius - 0.2)**3
    expect(answer["coat"]["layers"].map { |layer| layer["name"] }).to eq(["wall"])
    expect(answer["coat"]["layers"].first["grams"]).to be_within(0.1).of(shell * density(fat_of(answer)))
    expect(answer["pieces"]["piece_ml"]).to be_within(0.05).of(24 - shell)
  end

  # g/cm2: cocoa .012, sugar .03, coconut .045, seeds .06, chopped nuts .08; coconut's where nothing is said of what it is.
  it "rolls in as much as sticks" do
    {"cocoa powder" => 0.012, "granulated sugar" => 0.03, "desiccated coconut" => 0.045, "sesame seeds" => 0.06, "chopped walnuts" => 0.08,
     "chopped dates" => 0.045}.each do |name, grams|
      answer = coat_of({"kind" => "ball", "piece_grams" => 18}, coat: {"kind" => "roll"}, shell: ["300 g #{name}"])
      surface = Math::PI * answer["pieces"]["diameter_mm"]**2 / 100
      expect([name, answer["coat"]["piece_grams"]]).to match([name, be_within(0.012).of(grams * surface)])
    end
  end

  # An egg is 1.35 times as long as thick: of 20 mL, 2 (60 / 4 pi / 1.35)^(1/3) = 30.47 mm thick and 41.1 long.
  it "makes eggs 1.35 times as long as they are thick" do
    egg = shaped("egg", 23.4, pieces: 1)
    expect(egg.piece_mm).to match([be_within(0.1).of(41.1), be_within(0.1).of(30.47), be_within(0.1).of(30.47)])
  end

  # Air: 10 % where a dough is rolled or pressed, 4 % where it is poured, 40 % where it is whipped.
  it "reckons with the air in a dough" do
    given = ["300 g almond butter", "60 g coconut flour", "60 g honey"]
    ml = ->(shape, **more) {
      document = formula(*given, shape: shape)
      document = document.merge("components" => [document["components"][0].merge(more.transform_keys(&:to_s))])
      assess(document)["pieces"].then { |pieces| pieces["piece_ml"] / pieces["piece_grams"] }
    }
    bare = ml[{"kind" => "ball", "pieces" => 20}] * 0.9
    expect(ml[{"kind" => "glass", "pieces" => 4}]).to be_within(0.002).of(bare / 0.96)
    cream = formula("300 g coconut cream, whipped", "30 g powdered sugar", shape: {"kind" => "glass", "pieces" => 4})
    still = formula("300 g coconut cream", "30 g powdered sugar", shape: {"kind" => "glass", "pieces" => 4})
    whipped, poured = [cream, still].map { |each| assess(each)["pieces"]["piece_ml"] }
    expect(whipped / poured).to be_within(0.01).of(0.96 / 0.6)
  end

  # Under a quarter of fat it is too thick to dip; from there on it flows.
  it "calls thick what has less than a quarter of fat" do
    expect([0.24, 0.26].map { |fat| ElmCup::Coating::Chocolate.new(fat: fat).thick? }).to eq([true, false])
    thin, chips = [0.36, 0.28].map { |fat| ElmCup::Coating::Chocolate.new(fat: fat, tempered: true).yield_pascal }
    expect(thin).to eq(chips)
    expect(ElmCup::Coating::Chocolate.new(fat: 0.36).yield_pascal).to be < chips
  end

  # 2 to 3 tsp of coconut oil (4.5 g each) save a small bowl of 170 g; a fifth of water makes a ganache: of 100 g, 25 g of it.
  it "saves a bowl by as much oil as cooks take, and makes a ganache with a fifth of water" do
    coat = coat_of({"kind" => "ball", "piece_grams" => 18}, shell: chips)["coat"]
    oil, ganache = coat["rescue"]
    low, high = oil.match(/\((\d+) to (\d+) g\)/).captures.map(&:to_i)
    grams = coat["grams_with_spare"]
    expect([low, high]).to match([be_within(1).of(9 * grams / 170.0), be_within(1).of(13.5 * grams / 170.0)])
    expect(ganache[/at least (\d+) g/, 1].to_i).to be_within(1).of(grams / 4.0)
  end

  # Of coat and dough together.
  it "gives the coat's share of the finished piece" do
    chart = coat_of({"kind" => "ball", "piece_grams" => 18}, shell: chips)["coat"]["size_chart"]
    chart.each do |point|
      each = point["coat_grams"] / point["count"].to_f
      expect(point["share_pct"]).to be_within(1).of(100 * each / (each + point["piece_grams"]))
    end
  end

  # What there is most of decides how hot it may get.
  it "goes by the chocolate that there is most of" do
    hottest = ->(*shell) { coat_of({"kind" => "ball", "piece_grams" => 18}, shell: shell)["coat"]["hottest_c"] }
    expect(hottest["200 g dark chocolate", "50 g white chocolate"]).to eq(50)
    expect(hottest["50 g dark chocolate", "200 g white chocolate"]).to eq(43)
  end

  # A slice of a roll with a filling of a quarter of it: the core goes with the square root, half as wide as the slice; in a ball with the
  # cube root of an eighth, half as well.
  it "knows how wide a core is" do
    layers = ->(share) { dough(0, layers: [["shell", "dough", 100.0 * (1 - share), 1.0], ["heart", "filling", 100.0 * share, 1.0]]) }
    core = ->(kind, share, **said) {
      made = shape(kind, **said).yields_of([layers[share]], whole: layers[share]).first
      made.layers.find { |layer| layer.component == "heart" }.mm / made.diameter_mm
    }
    expect([core["log", 0.25, pieces: 5], core["ball", 0.125, pieces: 5]]).to match([be_within(1e-6).of(0.5), be_within(1e-6).of(0.5)])
  end

  # 15.7 mL of water fill a liner 20 mm deep that is 31.6 mm wide: 4 V / (pi h) = 999.5 mm2.
  it "measures a liner, a tin and a mould by the water that fills them" do
    found = ->(**said) { ElmCup.tool_by_water(said.transform_keys(&:to_s)) }
    expect(found[kind: "liners", water_ml: 15.7, depth_mm: 20]).to eq("diameter_mm" => 31.6)
    expect(found[kind: "tins", water_ml: 1600, mm: [200, 200]]).to eq("depth_mm" => 40.0)
    expect(found[kind: "moulds", water_ml: 120, cavities: 8]).to eq("cavity_ml" => 15.0)
  end

  # A tray of 300 x 220 mm takes bars of 40 x 40 mm 10 mm apart: (300 - 10) / 50 = 5 across, (220 - 10) / 50 = 4 along.
  it "lays as many on a tray as fit with a gap all around" do
    view = ElmCup.shape(formula("500 g almond butter", "100 g coconut flour", shape: {"kind" => "cookie", "pieces" => 40,
                                                                                      "thickness_mm" => 10}))["top_view"]
    across = view["spot_mm"].first
    expect(view["spots_mm"].size).to eq([((300 - 10) / (across + 10)).floor * ((220 - 10) / (across + 10)).floor, 40].min)
    expect(view["spots_mm"].map { |x, y| [x + across / 2, y + across / 2] }).to all(match([be <= 290.1, be <= 210.1]))
  end

  # Half of what is needed is too little; nine tenths are; all but a spoon is not.
  it "warns of too little coat before it is far too little" do
    need = coat_of({"kind" => "ball", "piece_grams" => 18}, shell: chips)["coat"]["grams_needed"]
    rules = ->(share) {
      assess(coated({"kind" => "ball", "piece_grams" => 18}, shell: ["#{(need * share).round} g dark chocolate chips"]))["findings"]
        .map { |finding| finding["rule"] }
    }
    expect(rules[0.9]).to include("too-little-coat")
    expect(rules[1.02]).not_to include("too-little-coat")
  end

  # A tin filled half-way and trimmed: what is trimmed goes off the filled part only.
  it "trims a slab as far as it is filled" do
    full = shaped("slab", 400.0, tin_mm: [200, 200], grid: [4, 4], trim_mm: 10)
    expect(full.trim_grams).to be_within(0.01).of(400 * (1 - 180**2 / 200.0**2))
    half = shaped("slab", 1.17 * 200 * 100 * 20 / 1000, tin_mm: [200, 200], grid: [4, 4], trim_mm: 10, depth_mm: 20)
    expect(half.trim_grams).to be_within(0.1).of(468 * (1 - 180 * 80 / (200 * 100.0)))
  end

  # Step by step as the page has it: half a shell goes out of the bowl, half of a cold centre goes in.
  it "counts a set of pieces that are dipped half-way" do
    answer = coat_of({"kind" => "ball", "piece_grams" => 18}, coat: {"kind" => "half_dip"}, shell: ["120 g dark chocolate chips"])
    fat = answer["coat"]["why"].find { |step| step["figure"] == "shell_density" }["inputs"]["fat"]
    solid = (1 - fat) / 1.5 / ((1 - fat) / 1.5 + fat / 0.9)
    film = 0.8 * 0.5 * (solid / (0.7 - solid))**2 / (density(fat) * 1000 * 9.81)
    across = answer["pieces"]["diameter_mm"] / 1000
    celsius, grams, pieces = 45.0, [120.0, answer["coat"]["grams_with_spare"]].max, 0
    loop do
      heat = 2 * 745 * ((745 * -8 + 800 * celsius) / 1545.0 + 8) * Math.sqrt(3 / Math::PI)
      thick = film + heat / (1250 * (1700 * (celsius - 22) + 1e4))
      shell = Math::PI / 6 * ((across + 2 * thick)**3 - across**3) * density(fat) * 1e6
      celsius -= (heat * Math::PI * across**2 / 2 + 0.25 * (celsius - 21) * 20) / (1750 * grams / 1000 + 150)
      grams -= shell / 2
      break if grams < 20 || celsius < 35

      pieces += 1
    end
    expect(answer["coat"]["dip_set"]).to eq(pieces)
  end
end
