# frozen_string_literal: true

# Facts that cooks go by. Each is common practice, with no published source.
RSpec.describe "Facts of the trade (common practice)" do
  def grams(text) = read(text)["grams"]

  it("16 large soft dates fill about 2 cups") do
    expect(grams("16 large soft dates")).to be_within(6).percent_of(grams("2 cups soft dates"))
  end
  it("a large soft date, pitted, is about 24 g") { expect(grams("1 large soft date")).to eq(24) }
  it("dates are about two thirds sugar") do
    expect(assess(formula("100 g soft dates"))["nutrition_per_100g"]["sugars_g"]).to be_within(4).of(66)
  end
  it("packed weighs more than loose") { expect(grams("1 packed cup brown sugar")).to be > grams("1 cup brown sugar") * 1.2 }
  it("ground weighs more than rolled, chopped less than whole") do
    expect(grams("1 cup oats, ground")).to be > grams("1 cup rolled oats")
    expect(grams("1 cup chopped almonds")).to be < grams("1 cup almonds")
  end

  it("coconut flour drinks far more than any other") do
    drinks = %w[coconut-flour almond-flour hazelnut-flour oat-flour].to_h { |id| [id, ElmCup.shipped.binding(id, "ground").d] }
    expect(drinks["coconut-flour"]).to be > 1.5 * drinks.except("coconut-flour").values.max
    expect(drinks["almond-flour"]).to be < drinks["oat-flour"]
  end

  it("softer, moister dates stick more") do
    level = %w[dry soft moist].map { |kind| saturation("100 g #{kind} dates", "30 g almond flour", process: "processor") }
    expect(level).to eq(level.sort)
    expect(level.uniq.size).to eq(3)
  end

  it("whole dates in a hand mix do not bind, the same as paste do") do
    expect(bowl("12 soft dates", "1 cup oats")["texture"]).to eq("loose")
    expect(saturation("12 soft dates, to paste", "1 cup oats")).to be > 0.7
  end

  it("natural nut butter flows more than the no-stir kind") do
    expect(saturation("100 g natural peanut butter")).to be > saturation("100 g no-stir peanut butter")
  end
  it("a rest thickens a mix with oats and ground seeds") do
    rescue_part = bowl("24 g honey", "28 g peanut butter", "18 g rolled oats", "12 g ground flax")["rescue"]
    expect(rescue_part["options"].map { |option| option["kind"] }).to include("rest")
  end
  it("finely ground oats take up more than whole ones") do
    expect(saturation("60 g honey", "60 g rolled oats, ground")).to be < saturation("60 g honey", "60 g rolled oats")
  end
  it("coconut oil is liquid in a warm kitchen and hard in a cold one") do
    expect([4, 20, 26].map { |celsius| ElmCup::Fat::LiquidShare.share("coconut", celsius) }).to eq([0.1, 0.65, 1.0])
  end

  it("a scoop's number is how many fill a US quart") do
    [16, 40, 100].each do |number|
      expect(ElmCup::Piece::Scoop.millilitres(number) * number).to eq(4 * ElmCup::Quantity::CupStandard::US.cup_ml)
    end
  end
  it("dark on a pack promises nothing, so plain “chocolate” is no dairy-free one") do
    chocolate = assess(formula("100 g chocolate"))
    expect(chocolate["possible_allergens"]).to include("milk")
    expect(chocolate["diets"]).not_to include("vegan", "dairy-free")
  end
  it("sesame paste is a sesame allergen; honey is not vegan; oats are only gluten-free when grown for it") do
    expect(read("1 tbsp tahini")["allergens"]).to eq(["sesame"])
    expect(assess(formula("100 g honey"))["diets"]).not_to include("vegan")
    expect(assess(formula("100 g rolled oats"))["diets"]).not_to include("gluten-free")
    expect(assess(formula("100 g gluten-free rolled oats"))["diets"]).to include("gluten-free")
  end

  it("rolled balls go 20 to 30 minutes into the freezer before dipping, scooped bites rest 15 in the fridge") do
    customs = ElmCup::Cold::Practice.for("ball", 31).map { |custom| [custom.step, custom.place, custom.minutes] }
    expect(customs).to contain_exactly(["chill before dipping", "freezer", [20, 30]], ["rest before handling", "fridge", [15, 15]])
  end

  it("has the custom of every shape of the trade, ready for when its shape is built") do
    expect(ElmCup::DataTable.rows("practice").map { |row| row["shape"] }.uniq).to include("ball", "cookie", "cup", "slab", "bark", "mould")
    expect(ElmCup::DataTable.rows("practice").map { |row| row["source"] }.uniq).to eq(["common practice"])
  end
end
