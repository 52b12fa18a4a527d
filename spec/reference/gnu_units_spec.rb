# frozen_string_literal: true

RSpec.describe "Against GNU units" do
  before { skip GnuUnits.missing if GnuUnits.missing }

  def grams(text) = read(text)["grams"]

  def millilitres(text, cup: "us")
    ElmCup::Quantity::LineReader.read(text).terms.sum { |term| term.millilitres(ElmCup::Quantity::CupStandard.find(cup)) }.to_f
  end

  # Source: GNU units definitions, kitchen measures and avoirdupois.
  {
    "1 cup water" => "uscup", "1 tbsp water" => "ustablespoon", "1 tsp water" => "usteaspoon", "1 fl oz water" => "usfloz",
    "1 pint water" => "uspint", "1 quart water" => "usquart",
    "1 scoop #16 water" => "scoop(16)", "1 scoop #40 water" => "scoop(40)", "1 scoop #100 water" => "scoop(100)", "1 l water" => "liter",
    "3 dl water" => "3 dl"
  }.each do |text, unit|
    it("has the volume of “#{text}”") { expect(millilitres(text)).to be_within(1e-4).of(GnuUnits.convert(unit, "ml")) }
  end

  # The metric and Australian spoons are common practice, 15 and 20 mL; units has only their cup. units calls the modern
  # 15 mL spoon British; the older one of 5/8 fluid ounce, a sixteenth of the cup, is named beside it there.
  {"metric" => ["metriccup", "15 ml", "5 ml"], "australian" => ["metriccup", "20 ml", "5 ml"],
   "imperial" => ["brcup", "5|8 brfloz", "5|24 brfloz"], "us_legal" => ["240 ml", "15 ml", "5 ml"]}.each do |id, names|
    it("has the #{id} measures") do
      ["1 cup water", "1 tbsp water", "1 tsp water"].zip(names).each do |text, name|
        expect(millilitres(text, cup: id)).to be_within(0.001).of(GnuUnits.convert(name, "ml")), "#{id} #{text}"
      end
    end
  end

  it("has the ounce and the pound") do
    expect(grams("1 oz honey")).to be_within(0.01).of(GnuUnits.convert("oz", "g"))
    expect(grams("1 lb honey")).to be_within(0.01).of(GnuUnits.convert("lb", "g"))
  end

  # Foods that units weighs by the cup, the same way of filling. Source: GNU units, “cooking weights” by volume.
  {
    "honey" => "honey", "dairy butter" => "butter", "ghee" => "butter_clarified", "neutral oil" => "oil", "cocoa powder" => "cocoa_spooned",
    "cornstarch" => "cornstarch", "heavy cream" => "heavycream",
    "whole milk" => "milk", "molasses" => "molasses", "golden syrup" => "cornsyrup", "granulated sugar" => "sugar",
    "wheat flour" => "flour_spooned", "powdered sugar" => "powdered_sugar", "packed brown sugar" => "brownsugar_light"
  }.each do |name, unit|
    it("weighs a cup of #{name} within 6 %") do
      expect(grams("1 cup #{name}")).to be_within(6).percent_of(GnuUnits.convert("1 cup #{unit}", "g"))
    end
  end

  # Cocoa butter is left out: units weighs it melted (9 oz a cup), ours is in pieces, as cooks buy it; melted it agrees within 20 %.
  it("weighs melted cocoa butter by its density") { expect(grams("1 cup cocoa butter, melted")).to be_within(1).percent_of(0.90 * 236.588) }
end
