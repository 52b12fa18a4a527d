# frozen_string_literal: true

require "open3"

# A second reading of ingredient lines: parse-ingredient 3.0.0 (npm, MIT). The lines are our own.
RSpec.describe "parse-ingredient" do
  agreeing = [
    "1 cup rolled oats", "1 1/2 cups rolled oats, ground", "1½ cups almond flour", "½ cup tahini", "1/3 cup maple syrup",
    "2/3 cup cocoa powder",
    "3/4 cup sunflower seed butter", "0.5 cup honey", "2 tbsp coconut oil, melted", "2 Tbsp coconut oil", "3 tablespoons cashew butter",
    "1 tablespoon chia seeds",
    "1 tsp vanilla extract", "1/2 teaspoon ground cardamom", "1/4 tsp fine salt", "1/8 teaspoon nutmeg", "2 T cocoa", "1 t vanilla",
    "150 g dark chocolate", "250g soft dates", "1.5 kg oats", "60 ml agave syrup", "100 ml coconut milk", "8 oz cream cheese",
    "1 lb soft dates", "12 dates", "10 medjool dates, pitted", "2-3 tbsp honey", "2 to 3 tablespoons water", "1-2 cups puffed rice",
    "1 pinch salt", "2 pinches cinnamon", "1 dash nutmeg", "1 stick butter", "2 sticks butter, melted", "1 can coconut milk",
    "1 fl oz milk", "4 fluid ounces milk", "1 pint cream", "2 c oats", "1/2 c. peanut butter", "10 drops almond extract",
    "3 cups puffed rice", "1 1/4 cups desiccated coconut", "2 1/2 tablespoons maple syrup", "3 1/2 tbsp date syrup", "1 3/4 cups pecans",
    "⅓ cup raisins",
    "⅔ cup walnuts, chopped", "¼ cup hemp hearts", "¾ tsp ginger", "1 ¼ cups pistachios", "20 g cocoa butter", "5 grams salt",
    "120 grams almond butter", "2 kilograms dates", "1 liter milk", "2 ounces white chocolate", "3 tbsp. flaxseed", "1 tsp. matcha",
    "1 cup (240 ml) milk", "1 cup packed brown sugar", "6 apricots, dried", "1 banana, mashed", "2 cups dates, pitted and packed",
    "1 1/2 lb dates",
    "500 milliliters coconut milk"
  ]
  # line => why the two differ
  differing = {
    "4 large dates" => "it counts “large” as a unit; we keep it as the size",
    "1/2 cup plus 2 tablespoons honey" => "it reads the first amount only; we add both",
    "1 cup + 2 tbsp oats" => "it reads the first amount only; we add both",
    "1 tablespoon plus 1 teaspoon water" => "it reads the first amount only; we add both",
    "1 heaping tbsp cocoa powder" => "it finds no unit behind “heaping”",
    "a pinch of salt" => "it reads no number in words",
    "half a cup of oats" => "it reads no number in words",
    "ten dates" => "it reads no number in words",
    "2 handfuls raisins" => "it has no handful"
  }
  # Its names of units that are spelt otherwise than ours.
  units = {"milliliter" => "millilitre", "liter" => "litre", "fluid ounce" => "fluid_ounce"}

  define_method(:theirs) do |lines|
    script = "const { parseIngredient } = require('parse-ingredient'); const lines = JSON.parse(require('fs').readFileSync(0, 'utf8'));" \
      "console.log(JSON.stringify(lines.map((line) => { const [r] = parseIngredient(line); return [r.quantity, r.quantity2, r.unitOfMeasureID] })))"
    output, errors, status = Open3.capture3("node", "-e", script, stdin_data: JSON.generate(lines),
      chdir: File.expand_path("../../web", __dir__))
    raise errors unless status.success?

    JSON.parse(output).map { |low, high, unit| [low, high || low, units.fetch(unit, unit)] }
  end

  def ours(line)
    term = ElmCup::Quantity::LineReader.read(line).terms.first
    [term.low.value.to_f.round(3), term.high.value.to_f.round(3), term.unit&.id&.to_s]
  end

  it "reads the same amount and unit on at least sixty lines" do
    expect(agreeing.uniq.size).to be >= 60
    differences = agreeing.zip(theirs(agreeing)).reject { |line, (low, high, unit)| ours(line) == [low&.round(3), high&.round(3), unit] }
    expect(differences).to eq([])
  end

  it "differs only where the reason is known" do
    same = differing.keys.zip(theirs(differing.keys))
      .select { |line, (low, high, unit)| ours(line) == [low, high, unit] && ElmCup::Quantity::LineReader.read(line).terms.size == 1 }
    expect(same).to eq([])
  end
end
