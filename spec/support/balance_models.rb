# frozen_string_literal: true

# Made-up formulas of three components and fifteen lines, each with six wishes: what Balance is measured and compared on.
module BalanceModels
  LINES = [
    ["1 1/2 cups rolled oats, ground", "%d soft dates", "1/2 cup cashew butter", "1/4 cup maple syrup", "1/2 tsp fine salt"],
    ["3/4 cup almond flour", "%d tbsp cocoa powder", "1/3 cup tahini", "%d tbsp honey", "1 tsp vanilla extract"],
    ["%d0 g coconut oil, melted", "%d tbsp oat flour", "1/2 cup almond butter", "1/4 cup date syrup", "2 tbsp chopped pistachios"]
  ].freeze
  TYPES = %w[filling dough layer].freeze
  PROCESSES = %w[processor hand hand].freeze

  # The formula document of a seed.
  def self.document(seed)
    random = Random.new(seed)
    components = LINES.each_with_index.map do |lines, index|
      texts = lines.map { |text| text.gsub("%d") { random.rand(3..12).to_s }.sub(/\A(1) (?=1\/2)/) { "#{random.rand(1..3)} " } }
      {"name" => "part #{index}", "type" => TYPES[index], "process" => PROCESSES[index], "lines" => texts.map { |text| {"text" => text} }}
    end
    {"elm_cup" => "formula/1", "name" => "Model #{seed}", "components" => components,
     "shape" => {"kind" => "ball", "piece_grams" => random.rand(14..22)}}
  end

  # Six wishes around the figures that the formula has now; `hard` asks for more than some can give.
  def self.wishes(seed, answer, hard: false)
    random = Random.new(seed + 10_000)
    piece = answer["nutrition_per_piece"]
    reach = ->(least, most) { random.rand(least..most) * (hard ? 5.0 : 1.0) }
    bound = ->(value, share) { [value * (1 + share), 0.01].max.round(2) }
    [
      "part 0.texture=#{%w[presses rolls tacky].sample(random: random)}",
      "part 1.texture=#{%w[presses rolls tacky].sample(random: random)}",
      "kcal<=#{bound.call(piece["kcal"], -reach.call(0.02, 0.10))}",
      "free_sugars<=#{bound.call(piece["free_sugars_g"], -reach.call(0.05, 0.25))}",
      "protein>=#{bound.call(piece["protein_g"], reach.call(0.02, 0.12))}",
      "sweetness>=#{bound.call(answer["sweetness_pct"], -reach.call(0.05, 0.20))}"
    ]
  end
end
