# frozen_string_literal: true

# Speed as ratios to the yardstick, one JSON object a line. Every run assesses a formula that was not assessed before, all of it but the
# cold and the keeping, which the screen asks for after the rest (bench/cold.rb).
require "bundler/setup"
require "json"
require_relative "../core/lib/elm_cup"
require_relative "yardstick"

BAR = 0.35
QUICK = ElmCup::Assessment.section_names.reject { |name| ElmCup::Section.all[name]&.asked? } - %w[cold keep]
RUNS = 31
LINES = [
  ["1 1/2 cups rolled oats, ground", "10 soft dates", "1/2 c + 2 tbsp cashew butter", "1/4 cup maple syrup", "1/2 tsp fine salt"],
  ["3/4 cup almond flour", "2 heaping tbsp cocoa powder", "1/3 cup tahini", "2-3 tbsp honey", "1 tsp vanilla extract"],
  ["150 g dark chocolate, melted", "1 tbsp coconut oil, melted", "1/4 cup desiccated coconut", "1 pinch flaky salt",
    "2 tbsp chopped pistachios"]
].freeze

# A formula of 3 components and 15 lines; each number of `seed` gives other amounts, and so other texts to read.
def formula(seed)
  random = Random.new(seed)
  components = LINES.each_with_index.map do |lines, index|
    texts = lines.map { |text| text.sub(/\A(\d+)/) { |whole| (whole.to_i + random.rand(1..9)).to_s } + ", batch #{seed}" }
    {"name" => "part #{index}", "type" => %w[filling dough layer][index], "process" => %w[hand processor hand][index],
     "lines" => texts.map { |text| {"text" => text} }}
  end
  {"elm_cup" => "formula/1", "name" => "Bench #{seed}", "components" => components, "shape" => {"kind" => "ball", "piece_grams" => 18}}
end

5.times { |run| ElmCup.assess(ElmCup.read_json(JSON.generate(formula(1000 + run)))) }
documents = Array.new(RUNS * Yardstick::ATTEMPTS) { |run| JSON.generate(formula(run)) }
ratio, milliseconds = Yardstick.compare(RUNS, bar: BAR) do |run|
  answer = ElmCup.assess(ElmCup.read_json(documents[run]), sections: QUICK)
  raise "a line of the bench is not read" if ElmCup.flagged(answer).any?
end
puts JSON.generate({"name" => "assess", "ratio" => ratio.round(3), "bar" => BAR, "milliseconds" => milliseconds.round(2)})

# The same bowl with one line changed, as a cook types: every other line was read before.
EDIT_BAR = 0.15
edited = formula(9_000)
ElmCup.assess(edited)
edits = Array.new(RUNS * Yardstick::ATTEMPTS) do |run|
  edited["components"][1]["lines"][1] = {"text" => "#{run + 2} tbsp cocoa powder, edit #{run}"}
  JSON.generate(edited)
end
edit_ratio, edit_milliseconds = Yardstick.compare(RUNS, bar: EDIT_BAR) { |run|
  ElmCup.assess(ElmCup.read_json(edits[run]), sections: QUICK)
}
puts JSON.generate({"name" => "assess an edit of one line", "ratio" => edit_ratio.round(3), "bar" => EDIT_BAR,
  "milliseconds" => edit_milliseconds.round(2)})

# A line as a cook types it, read cold: slips, plain words, packs and vague measures among them; each is a text that was not read before.
LINE_BAR = 0.02
TYPED = File.readlines(File.join(__dir__, "../spec/core/ingredient/kitchen_lines.txt"), chomp: true).reject { |line| line.start_with?("#") }
  .map { |line| line.split("|").first }.each_slice(50).first(7).freeze
reader = ElmCup::Ingredient::LineResolver.new(process: "hand", standard: ElmCup::Quantity::CupStandard::US, library: ElmCup.shipped)
line_ratio, line_milliseconds = Yardstick.compare(RUNS, bar: LINE_BAR * 50) do |run|
  TYPED[run % TYPED.size].first(50).each { |text| reader.resolve("#{text}, bowl #{run}") }
end
puts JSON.generate({"name" => "reading a line", "ratio" => (line_ratio / 50).round(4), "bar" => LINE_BAR,
  "milliseconds" => (line_milliseconds / 50).round(3)})

# A pasted recipe of 60 lines: names of parts, amounts with their notes, steps in sentences; each seed is another text.
IMPORT_BAR = 0.7
PARTS = {
  "For the crust" => ["1 cup (100g) almond flour", "2 Tbsp. coconut oil, melted", "1 Tbsp. maple syrup", "1/4 tsp fine salt",
    "2 tbsp cocoa powder, sifted", "1 tsp vanilla extract"],
  "For the date caramel:" => ["1 1/2 cups soft Medjool dates, pitted & soaked in hot water for 10 minutes", "1/4 cup (60ml) canned coconut milk", "1 heaped tablespoon almond butter", "A pinch of sea salt", "2-3 tbsp water", "1/2 tsp ground cardamom"],
  "Oat layer" => ["2 cups old-fashioned rolled oats, ground", "1/3 cup tahini", "3 tbsp honey", "1/4 cup chopped pistachios",
    "2 tbsp ground flaxseed", "1/2 cup dried cranberries"],
  "Chocolate coating" => ["150g dark chocolate (at least 70%)", "1 tsp coconut oil", "Flaky sea salt, to finish (optional)",
    "2 tbsp cocoa nibs", "1/4 cup desiccated coconut, plus more for rolling", "1 tsp instant coffee"]
}.freeze
STEPS = ["Blend the dates with the milk until smooth, scraping down twice.", "Stir the crust together and press it into a lined tin.",
  "Chill for 30 minutes, until firm to the touch.", "Melt the chocolate gently; it must not boil."].freeze

def recipe(seed)
  random = Random.new(seed)
  parts = PARTS.flat_map { |heading, lines| [heading, *lines.map { |line| "▢ #{line.sub(/\d+/) { |whole| (whole.to_i + random.rand(1..9)).to_s }}" }] }
  steps = Array.new(24) { |number| "#{number + 1}. #{STEPS[number % STEPS.size]} Batch #{seed}, #{number}." }
  ["Interval slice #{seed}", "A layered slice for the table.", "Makes #{16 + seed % 20}", "Prep Time: 20 minutes   Chill Time: 2 hours",
    "Ingredients", *parts, "Method", *steps, "Notes", "Keeps a week."].tap { |lines|
    lines.size == 60 || raise("#{lines.size} lines")
  }.join("\n")
end

3.times { |run| ElmCup.import(recipe(2000 + run)) }
texts = Array.new(RUNS * Yardstick::ATTEMPTS) { |run| recipe(run) }
import_ratio, import_milliseconds = Yardstick.compare(RUNS, bar: IMPORT_BAR) do |run|
  answer = ElmCup.import(texts[run])
  raise "a line of the bench is not read: #{answer["lines"].find { |line| line["status"] != "read" }}" if answer["lines"].size != 24 ||
    answer["lines"].any? { |line| line["status"] != "read" }
end
puts JSON.generate({"name" => "import of 60 lines", "ratio" => import_ratio.round(3), "bar" => IMPORT_BAR,
  "milliseconds" => import_milliseconds.round(2)})

# A slab in three layers with a lid, in another tin each time, as a cook drags its edge: pieces and coat, and all that the screen shows of
# them.
SHAPE_BAR = 0.1
SCREEN_BAR = 0.2
slab = {
  "elm_cup" => "formula/1", "name" => "Slab", "components" => [
    {"name" => "crumb", "type" => "base", "lines" => [{"text" => "200 g digestive biscuit crumbs"}, {"text" => "80 g butter, melted"}]},
    {"name" => "caramel", "type" => "filling", "process" => "processor",
     "lines" => [{"text" => "12 soft dates"}, {"text" => "1/3 cup cashew butter"}]},
    {"name" => "jelly", "type" => "layer", "lines" => [{"text" => "1/2 cup jam"}]},
    {"name" => "lid", "type" => "coating", "lines" => [{"text" => "150 g dark chocolate"}, {"text" => "1 tsp coconut oil"}]}
  ]
}
shaped = Array.new(2 * RUNS * Yardstick::ATTEMPTS) { |run|
  JSON.generate(slab.merge("shape" => {"kind" => "slab", "tin_mm" => [180 + run / 2.0, 220], "grid" => [6, 4], "trim_mm" => 4}))
}
ElmCup.shape(ElmCup.read_json(shaped.first))
shape_ratio, shape_milliseconds = Yardstick.compare(RUNS, bar: SHAPE_BAR) { |run|
  ElmCup.assess(ElmCup.read_json(shaped[run]), sections: %w[pieces coat])
}
puts JSON.generate({"name" => "shape and coat of a slab in three layers", "ratio" => shape_ratio.round(3), "bar" => SHAPE_BAR,
"milliseconds" => shape_milliseconds.round(2)})
screen_ratio, screen_milliseconds = Yardstick.compare(RUNS, bar: SCREEN_BAR) { |run| ElmCup.shape(ElmCup.read_json(shaped[-1 - run])) }
puts JSON.generate({"name" => "all that Shape shows of it", "ratio" => screen_ratio.round(3), "bar" => SCREEN_BAR,
"milliseconds" => screen_milliseconds.round(2)})
exit((shape_ratio > SHAPE_BAR || screen_ratio > SCREEN_BAR || ratio > BAR || edit_ratio > EDIT_BAR || line_ratio > LINE_BAR * 50 ||
  import_ratio > IMPORT_BAR) ? 1 : 0)
