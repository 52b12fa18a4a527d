# frozen_string_literal: true

# How firm the check cases are, and what practice says of them.
RSpec.describe "Firmness" do
  def firmness(grams, **more) = ElmCup::Cold::Firmness.new(material(grams, **more))

  # Source: docs/model.md, Firmness: kPa two degrees over what is named, within 1 % (or the last figure given).
  Chilling.table("firmness").group_by { |row| row["mix"] }.each do |mix, rows|
    it "is as the table has it: #{mix}" do
      made = firmness(Chilling.amounts(rows.first["grams"]), apart: [rows.first["apart"]].compact)
      rows.each do |row|
        celsius = row["celsius"].to_f
        kpa = row["kpa"].to_f
        expect(made.kpa(celsius + ElmCup::Cold::Grade::CAUTION_K)).to be_within([0.01 * kpa, 0.06].max).of(kpa)
        expect(ElmCup::Cold::Grade.at(made, celsius)).to eq(row["verdict"])
        expect(ElmCup::Cold::Grade.edge?(made, celsius)).to eq(row["edge"] == "yes")
      end
    end
  end

  def verdict(grams, celsius, **more) = ElmCup::Cold::Grade.at(firmness(grams, **more), celsius)

  # Common practice.
  it "agrees with what cooks find" do
    bark = {"protein_powder" => 62, "coconut_oil" => 109, "cocoa_powder" => 10}
    expect([verdict(bark, 20), verdict(bark, -18), verdict(bark, 30)]).to eq(%w[soft firm slumps])
    layer = {"sunflower_butter" => 256, "cocoa_butter" => 30}
    expect([verdict(layer, 4), verdict(layer, 25)]).to eq(%w[cuts slumps])
    expect((-18..40).map { |celsius|
      verdict({"dates" => 200, "almonds" => 120, "oats" => 80}, celsius, apart: ["almonds"])
    }.uniq).to eq(["firm"])
    cups = {"almond_butter" => 128, "maple_syrup" => 60, "almond_flour" => 60}
    expect([verdict(cups, 4), verdict(cups, -18)]).to eq(%w[soft firm])
    shell = firmness({"choc_chips" => 170, "butter" => 57})
    expect([ElmCup::Cold::Grade.edge?(shell, 20), verdict({"choc_chips" => 170, "butter" => 57}, 20)]).to eq([true, "cuts"])
  end

  # Source: docs/model.md, Firmness: fitted to what cooks see (common practice).
  it "takes the dry side of each kind to hold as much more than it fills as the model says" do
    {"almond-butter" => 1.15, "sunflower-seed-butter" => 1.15, "almond-flour" => 1.2, "flax-ground" => 1.2, "protein-powder-plant" => 1.2,
     "cocoa" => 1.3, "cookie-crumbs" => 1.3, "oats-rolled" => 1.8, "coconut-flour" => 2.2, "coconut-desiccated" => 2.2,
     "coconut-sweetened" => 2.2, "dates-soft" => 6, "raisins" => 6, "honey" => 1}.each do |id, factor|
      entry = ElmCup.shipped[id]
      expect([id, ElmCup::Cold::BindingFactor.of(entry, entry.hand_form)]).to eq([id, factor])
      expect(ElmCup::Cold::BindingFactor.of(entry, entry.hand_form, loose: true)).to eq(1)
    end
    %w[almonds sunflower-seeds].each do |id|
      expect([id, ElmCup::Cold::BindingFactor.of(ElmCup.shipped[id], "ground")]).to eq([id, 1.2])
    end
  end

  it "names what snaps only where it should" do
    chips = firmness({"choc_chips" => 100})
    expect([ElmCup::Cold::Grade.at(chips, 4, brittle: true), ElmCup::Cold::Grade.at(chips, 4)]).to eq(%w[snaps firm])
    expect([1.4, 1.5, 11.9, 12, 19.9, 20, 99, 100].map { |kpa| ElmCup::Cold::Grade.of(kpa, brittle: true) })
      .to eq(%w[slumps soft soft cuts cuts firm firm snaps])
  end

  it "takes what has no fat, no water, or neither" do
    expect(firmness({"coconut_oil" => 100}).kpa(30)).to eq(0)
    expect(firmness({"powdered_sugar" => 100}).kpa(20)).to be > 0
    water = ElmCup::Cold::Material.new(composition: composition(water: 100), blend: ElmCup::Fat::Blend.new({}), soaked_ml: 0.0)
    expect([20, 0, -5].map { |celsius| ElmCup::Cold::Firmness.new(water).kpa(celsius).nan? }).to eq([false] * 3)
    expect(ElmCup::Cold::Firmness.new(water).kpa(-5)).to be > 1000
  end

  it "is never softer with more solid fat in the same place, and a syrup is stiffer the colder it is" do
    ElmCup::Cold::Firmness.new(material(Chilling::PEANUT)).then do |made|
      kpa = (0..10).map { |tenth| made.kpa(4.0, solid: tenth / 10.0) }
      expect(kpa).to eq(kpa.sort)
    end
    syrup = firmness({"honey" => 100})
    kpa = (-30..40).map { |celsius| syrup.kpa(celsius) }
    expect(kpa).to eq(kpa.sort.reverse)
  end
end
