# frozen_string_literal: true

# What is said at the counter as a ratio to the yardstick: one event of a batch folded into its state and its bowl, and one look at that
# bowl with all that is believed after it. Exit status 1 when one is over its bar.
require "bundler/setup"
require "json"
require_relative "../core/lib/elm_cup"
require_relative "yardstick"

BARS = {"an event of a batch" => 0.02, "a look at a bowl" => 0.05}.freeze
RUNS = 7
TIMES = 20
DOUGH = ["12 soft dates", "90 g rolled oats, ground", "120 g tahini", "3 tbsp cashew butter", "2 tbsp honey", "1 tbsp cocoa powder",
  "1/2 tsp cinnamon", "1 pinch salt", "1 tsp vanilla extract", "2 tbsp water"].freeze

component = {"name" => "dough", "process" => "processor", "want" => "rolls", "lines" => DOUGH.map { |text| {"text" => text} }}
document = {"elm_cup" => "formula/1", "name" => "Counter", "components" => [component]}
assessment = ElmCup::Assessment.of(document, library: ElmCup.shipped)
part = assessment.leading
event = lambda do |kind, data, at|
  ElmCup::Observation::Event.new(key: "key-#{at}", device: "tab", n: at, at: Time.at(at), kind: kind, data: data)
end
weighed = part.lines.each_with_index.map { |line, at|
  event.call("weighed", {"line" => "/components/0/lines/#{at}", "grams" => line.grams.to_f, "mode" => "set"}, at)
}
looked = [*weighed, event.call("looked", {"texture" => 2}, 90)]
bowl = ->(events) { ElmCup::Counter::Bowl.new(assessment, part, ElmCup::Observation::State.of(events)) }
# The measure is of one: of so many times, less what would be there without it, shared out.
many = ->(events) { TIMES.times { bowl.call(events) } }
folded, milliseconds = Yardstick.compare(RUNS, bar: BARS["an event of a batch"] * TIMES * weighed.size) { many.call(weighed) }
with_look, look_milliseconds = Yardstick.compare(RUNS, bar: BARS["a look at a bowl"] * TIMES + folded) { many.call(looked) }
ratios = {"an event of a batch" => [folded / TIMES / weighed.size, milliseconds / TIMES / weighed.size],
          "a look at a bowl" => [(with_look - folded) / TIMES, (look_milliseconds - milliseconds) / TIMES]}
ratios.each do |name, (ratio, took)|
  puts JSON.generate({"name" => name, "ratio" => ratio.round(4), "bar" => BARS[name], "milliseconds" => took.round(3)})
end
exit((ratios.any? { |name, (ratio, _)| ratio > BARS[name] }) ? 1 : 0)
