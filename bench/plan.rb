# frozen_string_literal: true

# A plan of 40 made-up tasks as a ratio to the yardstick; and, of the small days that HiGHS solves exactly, how long it takes beside that,
# with how far its spans are above the optimum. Exit status 1 when the plan is over its bar.
require "bundler/setup"
require "json"
require_relative "../core/lib/elm_cup"
require_relative "../spec/support/plan_generator"
require_relative "../spec/support/plan_programme"
require_relative "yardstick"

BAR = 6.0
RUNS = 7
SMALL = (1..10)
CLOCK = -> { Process.clock_gettime(Process::CLOCK_MONOTONIC) }

def timed
  began = CLOCK.call
  [yield, CLOCK.call - began]
end

days = (0...RUNS * Yardstick::ATTEMPTS).map { |seed| PlanGenerator.project(seed + 1, count: 40..40) }
ratio, milliseconds = Yardstick.compare(RUNS, bar: BAR) { |run| ElmCup::Plan::Search.new(days[run]).best }
small = SMALL.map do |seed|
  day = PlanGenerator.project(seed, count: 8..12, unit: 5)
  found, ours = timed { ElmCup::Plan::Search.new(day).best }
  least, exact = timed { PlanProgramme.least_span(day, span: found.figures.span, unit: 5) }
  {ratio: ours / exact, gap: found.figures.span.fdiv(least) - 1}
end
puts JSON.generate({
  "name" => "a plan of 40 tasks", "ratio" => ratio.round(2), "bar" => BAR, "milliseconds" => milliseconds.round,
  "small_beside_highs" => Yardstick.median(small.map { |each| each[:ratio] }).round(2), "small_days" => small.size,
  "worst_gap_pct" => (100 * small.map { |each| each[:gap] }.max).round(1)
})
exit((ratio > BAR) ? 1 : 0)
