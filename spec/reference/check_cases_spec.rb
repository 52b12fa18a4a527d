# frozen_string_literal: true

# Cases of common practice by mass, per 100 g of mix, with the saturation that the published model gives for these very
# grams. Source: common practice, as collected in the check table of the binding model.
RSpec.describe "The check cases of binding" do
  cases = {
    "A1 too dry for a dough" => [0.65, "hand", {"rolled oats, ground fine" => 23.5, "brown sugar" => 30, "tahini" => 33.5,
                                                "vanilla extract" => 1, "maple syrup" => 11, "fine salt" => 0.5}, %w[crumbly presses]],
    "A2 rolls" => [1.02, "hand", {"rolled oats, ground fine" => 22, "brown sugar" => 28, "tahini" => 31, "vanilla extract" => 1,
                                  "maple syrup" => 10, "fine salt" => 0.5, "soy milk" => 8}, %w[rolls]],
    "B presses to rolls, stiff" => [0.83, "hand", {"rolled oats" => 19, "raisins" => 4.5, "chopped walnuts" => 13, "chocolate chips" => 6.5,
                                                   "date paste" => 35.5, "maple syrup" => 8, "peanut butter" => 14}, %w[presses rolls]],
    "C rolls to tacky" => [0.92, "hand", {"sunflower seed butter" => 38.5, "rolled oats" => 25.5, "mini chocolate chips" => 13,
                                          "coated almonds" => 11, "caramel pieces" => 12}, %w[rolls tacky]],
    "G1 crumbly" => [0.70, "processor", {"dates" => 41, "peanut butter" => 36.5, "almond meal" => 20.5, "vanilla extract" => 2},
      %w[crumbly presses]],
    "G2 presses" => [0.82, "processor", {"dates" => 40, "peanut butter" => 36, "almond meal" => 20, "vanilla extract" => 2, "water" => 2},
      %w[presses]],
    "H presses" => [0.77, "processor", {"dates" => 75.5, "almond meal" => 12.5, "cocoa" => 11, "vanilla extract" => 1}, %w[presses]],
    "I presses to rolls, stiff" => [0.67, "hand",
      {"peanut butter" => 20, "canned coconut milk" => 9.5, "maple syrup" => 12.5, "vanilla extract" => 1, "maca powder" => 2.5,
       "coconut flour" => 14, "almond flour" => 18, "chocolate chips" => 21.5, "fine salt" => 0.5}, %w[presses rolls]],
    "J tacky to spreads" => [1.17, "processor",
      {"walnuts, to paste" => 36, "cocoa" => 2.5, "dates" => 57.5, "water" => 3.5, "fine salt" => 0.5}, %w[tacky spreads]],
    "J without the word paste" => [1.17, "processor",
      {"walnuts" => 36, "cocoa" => 2.5, "dates" => 57.5, "water" => 3.5, "fine salt" => 0.5}, %w[tacky spreads]],
    "K spreads to pours" => [1.91, "hand", {"protein powder" => 34, "coconut oil, melted" => 60, "cocoa" => 6}, %w[spreads pours]],
    "L tacky at once" => [1.10, "hand",
      {"rolled oats" => 18.5, "peanut butter" => 27.5, "honey" => 24.5, "ground flax" => 11.5, "chocolate chips" => 18.5}, %w[tacky]],
    "O pours" => [2.21, "hand", {"sunflower seed butter" => 89.5, "cocoa butter, melted" => 10.5}, %w[pours]]
  }

  cases.each do |name, (expected, process, mix, seen)|
    it "#{name}: S #{expected} from these grams" do
      part = bowl(*in_grams(mix), process: process)
      expect(part["saturation"]["value"]).to be_within(0.01).of(expected)
      expect(seen).to include(part["texture"])
    end
  end

  it "thickens in half an hour's rest as case L does: 1.10 to .90" do
    lines = in_grams(cases["L tacky at once"][2]).map { |text| line_resolver("hand").resolve(text) }
    mix = ElmCup::Binding::Mix.new(lines, process: "hand", room_c: 21, library: ElmCup.shipped)
    rested = mix.portions.sum { |portion| portion.grams * portion.figures.d30 }
    expect(mix.saturation.supply / rested).to be_within(0.01).of(0.90)
  end

  it "does not read a bowl otherwise when its masses are doubled" do
    cases.each_value do |expected, process, mix, _|
      expect(saturation(*in_grams(mix.transform_values { |grams| grams * 2 }), process: process)).to be_within(0.01).of(expected)
    end
  end
end
