# frozen_string_literal: true

# The cold as ratios, one JSON object a line: a run of one layer with its table to the yardstick; the time to half a per cent of the time
# that a ball takes beside R's deSolve on the same ball; a whole assessment with the cold to the yardstick. Every run is of a dough that was
# not reckoned before. Exit status 1 when one is over its bar.
require "bundler/setup"
require "json"
require_relative "../core/lib/elm_cup"
require_relative "../spec/support/heat_in_r"
require_relative "yardstick"

RUNS = 21
RUN_BAR = 1.0
R_BAR = 0.2
WHOLE_BAR = 3.0

# A formula whose amounts go with a number.
def formula(number, coat: true)
  parts = [{"name" => "dough", "lines" => [{"text" => "#{190 + number} g peanut butter"}, {"text" => "40 g coconut flour"},
    {"text" => "60 g maple syrup"}, {"text" => "1/2 tsp fine salt"}, {"text" => "2 tbsp chopped pistachios"}]},
    {"name" => "heart", "type" => "filling", "process" => "processor",
     "lines" => [{"text" => "12 soft dates"}, {"text" => "#{60 + number} g cashew butter"}, {"text" => "1 tbsp water"}]},
    {"name" => "shell", "type" => "coating",
     "lines" => [{"text" => "#{170 + number} g dark chocolate chips"}, {"text" => "2 tsp coconut oil"}]}]
  {"elm_cup" => "formula/1", "name" => "Cold #{number}", "components" => coat ? parts : parts.first(1),
   "shape" => {"kind" => "ball", "piece_grams" => 18},
   "coat" => ({"kind" => "dip", "component" => "shell"} if coat)}.compact
end

def material(number)
  part = ElmCup::Assessment.of(formula(number, coat: false), library: ElmCup.shipped).components.first
  ElmCup::Cold::Material.of(part.mix.portions, part.bowl)
end

AIR = ElmCup::Cold::Place.new(kind: "freezer", celsius: -18.0).typical

# Minutes until a ball can be dipped, its table reckoned anew.
def minutes(material)
  dough = ElmCup::Cold::Substance.new(name: "dough", material: material, start_c: 22.0, start_words: nil, brittle: false,
    poured: false, shell: false)
  ElmCup::Cold::Chill.of([[dough, 12.5, 22.0]], form: "sphere", judged: 0, air: AIR, kpa: 20, hours: 4, samples: true).minutes
end

materials = Array.new(RUNS * Yardstick::ATTEMPTS) { |number| material(number) }
minutes(material(-1))
ratio, milliseconds = Yardstick.compare(RUNS, bar: RUN_BAR) { |run| minutes(materials[run]) }
puts JSON.generate({"name" => "a cold run with its table", "ratio" => ratio.round(3), "bar" => RUN_BAR,
"milliseconds" => milliseconds.round(1)})

# The mean over the ball after half an hour, by both: R as loose as still gives half a per cent (spec/reference/heat_in_r_spec.rb).
table = ElmCup::Cold::MaterialTable.new(materials.first, ElmCup::Cold::Substance::RANGE)
ours = nil
took = Array.new(5) {
  began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  stack = ElmCup::Cold::Stack.new(form: "sphere", layers: [ElmCup::Cold::Stack::Layer.new(mm: 12.5, heat: table.heat, start_c: 22.0)])
  ElmCup::Cold::Conduction.new(stack, AIR).run(1800.0) { |_, now| (ours = now.mean_c(0)) && nil }
  Process.clock_gettime(Process::CLOCK_MONOTONIC) - began
}.min
theirs = HeatInR.solve(radius_m: 0.0125, transfer: AIR.mean, air_c: -18.0, start_c: 22.0, seconds: [1800], heat: table.heat)
r_ratio = took / theirs.seconds
off = (ours - theirs.means.first).abs / 40
puts JSON.generate({"name" => "a ball in the cold, beside R deSolve", "ratio" => r_ratio.round(3), "bar" => R_BAR,
  "milliseconds" => (1000 * took).round(1),
  "deSolve_milliseconds" => (1000 * theirs.seconds).round, "off_pct" => (100 * off).round(3)})

documents = Array.new(RUNS * Yardstick::ATTEMPTS) { |number| JSON.generate(formula(200 + number)) }
ElmCup.assess(formula(100))
whole, whole_ms = Yardstick.compare(RUNS, bar: WHOLE_BAR) { |run| ElmCup.assess(ElmCup.read_json(documents[run])) }
puts JSON.generate({"name" => "a whole assessment with cold and keeping", "ratio" => whole.round(3), "bar" => WHOLE_BAR,
"milliseconds" => whole_ms.round(1)})
card = Array.new(5) { |run| Yardstick.pair { ElmCup.cold(formula(600 + run)) } }
puts JSON.generate({"name" => "all that the Cold tab shows", "ratio" => Yardstick.median(card.map(&:first)).round(3),
  "milliseconds" => Yardstick.median(card.map(&:last)).round(1)})
exit((ratio > RUN_BAR || r_ratio > R_BAR || off > 0.005 || whole > WHOLE_BAR) ? 1 : 0)
