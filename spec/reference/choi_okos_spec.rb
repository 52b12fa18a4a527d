# frozen_string_literal: true

# Properties of foods from their parts, against worked values and tables of pure stuffs.
RSpec.describe "Choi and Okos" do
  def of(property, component, celsius) = ElmCup::Cold::ThermalProperties.of(property, component, celsius)

  # Source: ASHRAE Handbook, Refrigeration, Thermal Properties of Foods, the worked example of lean pork shoulder at -40 °C (from memory).
  # Its conductivity of fat, .2908, has a slope ten times that of the table (.00276 for .000276): a slip there; .1915 by the table.
  it "has the worked values of the handbook at -40 °C" do
    {["density", :water] => 991.04, ["density", :ice] => 922.12, ["density", :protein] => 1350.6,
     ["density", :fat] => 942.29, ["density", :ash] => 2435.0,
     ["conductivity", :water] => 0.4899, ["conductivity", :ice] => 2.632, ["conductivity", :protein] => 0.1266,
     ["conductivity", :ash] => 0.2689,
     ["conductivity", :fat] => 0.1915}
      .each { |(property, component), value|
      expect(of(property, component, -40.0)).to be_within(5e-4 * value).of(value),
        "#{property} of #{component}"
    }
  end

  # Source: tables of pure water and ice (IAPWS and CRC Handbook, from memory).
  it "has water and ice as the tables have them, within 1.2 %" do
    {["heat_capacity", :water, 20] => 4184, ["density", :water, 20] => 998.2, ["conductivity", :water, 20] => 0.598,
     ["density", :ice, -0.1] => 917, ["conductivity", :ice, -0.1] => 2.22, ["heat_capacity", :ice, -20] => 1940}
      .each { |(property, component, celsius), value|
      expect(of(property, component, celsius.to_f)).to be_within(0.012 * value).of(value),
        "#{property} of #{component}"
    }
  end

  # Source: Singh & Heldman, Introduction to Food Engineering, the model food of 40 % carbohydrate, 20 % protein, 10 % fat, 5 % ash, 25 %
  # water (from memory): 2.14 kJ/(kg K) by Siebel's rule, which takes no temperature; the sum of these rows at 20 °C, by hand, is 2.342.
  it "has the heat capacity of the model food" do
    food = material_of(water: 25, protein: 20, fat: 10, starch: 40, ash: 5)
    cp = ElmCup::Cold::ThermalProperties.new(food).heat_capacity(20.0, 0.0)
    expect(cp).to be_within(1).of(2342)
    expect(cp).to be_within(0.10 * 2140).of(2140)
  end

  def material_of(**grams)
    ElmCup::Cold::Material.new(composition: composition(**grams), blend: ElmCup::Fat::Blend.new({}), soaked_ml: 0.0)
  end

  it "mixes conductivities between those of the parts, fat around the rest where fat leads, and air into it" do
    butter = material_of(water: 1, protein: 25, fat: 50, starch: 24)
    dates = material_of(water: 21, protein: 2, fat: 0, mono: 70, fibre: 7)
    [butter, dates].each { |each| expect(ElmCup::Cold::ThermalProperties.new(each).conductivity(5.0, 0.0)).to be_between(0.17, 0.58) }
    light = ElmCup::Cold::ThermalProperties.new(butter.with(air: 0.4))
    heavy = ElmCup::Cold::ThermalProperties.new(butter)
    expect(light.density).to be_within(1e-9).of(0.6 * heavy.density)
    expect(light.conductivity(5.0, 0.0)).to be < heavy.conductivity(5.0, 0.0)
  end

  # Source: the latent heat of ice, 334 kJ/kg, and of cocoa butter, 150 J/g (from memory).
  it "gives back what freezes and what sets" do
    water = material_of(water: 100)
    held = ElmCup::Cold::MaterialTable.new(water, -5..5).heat
    density = ElmCup::Cold::ThermalProperties.new(water).density
    expect((held.enthalpy_at(1.0) - held.enthalpy_at(-1.0)) / 1000 / density).to be_within(8).of(334 + 4.2 + 2.1)
    butter = ElmCup::Cold::Material.new(composition: composition(fat: 100),
      blend: ElmCup::Fat::Blend.new({"cocoa_butter" => 100}, tempered: true), soaked_ml: 0.0)
    heat = ElmCup::Cold::MaterialTable.new(butter, 0..40).heat
    melted = (heat.enthalpy_at(38.0) - heat.enthalpy_at(5.0)) / 1000 / ElmCup::Cold::ThermalProperties.new(butter).density
    solid = ElmCup::Fat::Blend.new({"cocoa_butter" => 100}, tempered: true).solid_share(5)
    expect(melted).to be_within(3).of(150 * solid + 33 * 2.0)
  end
end
