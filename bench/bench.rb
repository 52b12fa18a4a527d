# frozen_string_literal: true

# Speed as ratios to the yardstick, one JSON object a line. Every run assesses a formula that was not assessed before.
require "bundler/setup"
require "json"
require_relative "../core/lib/elm_cup"
require_relative "yardstick"

BAR = 0.5
RUNS = 41
LINES = [
  ["1 1/2 cups rolled oats, ground", "10 soft dates", "1/2 c + 2 tbsp cashew butter", "1/4 cup maple syrup", "1/2 tsp fine salt"],
  ["3/4 cup almond flour", "2 heaping tbsp cocoa powder", "1/3 cup tahini", "2-3 tbsp honey", "1 tsp vanilla extract"],
  ["150 g dark chocolate, melted", "1 tbsp coconut oil, melted", "1/4 cup desiccated coconut", "1 pinch flaky salt", "2 tbsp chopped pistachios"]
].freeze

# A formula of 3 components and 15 lines; each number of `seed` gives other amounts, and so other texts to read.
def formula(seed)
  random = Random.new(seed)
  components = LINES.each_with_index.map do |lines, index|
    texts = lines.map { |text| text.sub(/\A(\d+)/) { |whole| (whole.to_i + random.rand(1..9)).to_s } + ", batch #{seed}" }
    {"name" => "part #{index}", "type" => %w[filling dough layer][index], "process" => %w[hand processor hand][index], "lines" => texts.map { |text| {"text" => text} }}
  end
  {"elm_cup" => "formula/1", "name" => "Bench #{seed}", "components" => components, "shape" => {"kind" => "ball", "piece_grams" => 18}}
end

5.times { |run| ElmCup.assess(ElmCup.read_json(JSON.generate(formula(1000 + run)))) }
documents = Array.new(RUNS) { |run| JSON.generate(formula(run)) }
ratio, milliseconds = Yardstick.compare(RUNS) do |run|
  answer = ElmCup.assess(ElmCup.read_json(documents[run]))
  raise "a line of the bench is not read" if ElmCup.flagged(answer).any?
end
puts JSON.generate({"name" => "assess", "ratio" => ratio.round(3), "bar" => BAR, "milliseconds" => milliseconds.round(2)})
exit((ratio > BAR) ? 1 : 0)
