# frozen_string_literal: true

# Bowls of our own typed in cups and spoons, and the same bowls in grams from weights that are not ours:
# GNU units where it has the food, else the household measures of USDA FoodData Central, SR Legacy (from memory).
RSpec.describe "Bowls in cups beside the same bowls in other people's grams" do
  before { skip GnuUnits.missing if GnuUnits.missing }

  # Grams a US cup. Source: USDA FoodData Central, SR Legacy, household portions (from memory).
  usda = {
    "natural peanut butter" => 258, "almond butter" => 250, "tahini" => 240, "almond flour" => 96, "rolled oats" => 81,
    "maple syrup" => 315, "coconut oil, melted" => 218, "sunflower seed butter" => 256,
    "ground flax" => 112, "water" => 237, "agave syrup" => 331.2, "cashew butter" => 256, "coconut flour" => 112,
    "graham cracker crumbs" => 100
  }
  units = {"honey" => "honey", "cocoa powder" => "cocoa_spooned", "powdered sugar" => "powdered_sugar",
           "packed brown sugar" => "brownsugar_light", "heavy cream" => "heavycream", "whole milk" => "milk",
           "dairy butter, melted" => "butter_clarified", "golden syrup" => "cornsyrup", "molasses" => "molasses"}

  # name of the bowl => { ingredient => cups }, mixed by hand
  bowls = {
    "cocoa and honey fudge" => {"natural peanut butter" => 1/2r, "honey" => 1/4r, "cocoa powder" => 3/4r},
    "almond and maple" => {"almond butter" => 1/2r, "maple syrup" => 1/4r, "almond flour" => 1},
    "tahini and brown sugar" => {"tahini" => 1/2r, "packed brown sugar" => 1/3r, "almond flour" => 3/4r, "maple syrup" => 2/16r},
    "peanut, sugar and milk" => {"natural peanut butter" => 3/4r, "powdered sugar" => 1, "whole milk" => 1/16r, "almond flour" => 1/2r},
    "oats, honey and cocoa" => {"rolled oats" => 1/2r, "honey" => 1/3r, "cocoa powder" => 1/2r, "almond flour" => 1/2r},
    "crumbs and cream" => {"graham cracker crumbs" => 3/2r, "heavy cream" => 1/4r, "golden syrup" => 1/8r},
    "molasses and flax" => {"molasses" => 1/4r, "ground flax" => 1/2r, "almond flour" => 1/2r, "natural peanut butter" => 1/4r},
    "coconut flour and agave" => {"agave syrup" => 1/3r, "coconut flour" => 1/4r, "sunflower seed butter" => 1/2r},
    "cashew and coconut oil" => {"cashew butter" => 3/4r, "coconut oil, melted" => 1/16r, "coconut flour" => 1/4r, "maple syrup" => 1/16r},
    "flax and water" => {"ground flax" => 3/4r, "water" => 1/4r, "almond flour" => 1/2r, "honey" => 1/16r}
  }

  # Cups as spoons and cups are typed: 1/16 is a tablespoon.
  def typed(cups, name)
    return "#{(cups * 16).to_i} tbsp #{name}" if [8, 16].include?(cups.denominator)

    "#{ElmCup::Quantity::FractionText.mixed(cups)} cup #{name}"
  end

  bowls.each do |title, mix|
    it "#{title}: S within .04" do
      theirs = mix.map do |name, cups|
        per_cup = units.key?(name) ? GnuUnits.convert("1 cup #{units[name]}", "g") : usda.fetch(name)
        "#{(per_cup * cups).to_f.round(2)} g #{name}"
      end
      measured = bowl(*mix.map { |name, cups| typed(cups, name) })
      expect(measured["lines"].map { |line| line["status"] }.uniq).to eq(["read"])
      expect(measured["saturation"]["value"]).to be_within(0.04).of(saturation(*theirs))
    end
  end
end
