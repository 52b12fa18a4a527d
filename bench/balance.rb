# frozen_string_literal: true

# Balance from a formula document to its first answer, over made-up models of three components, fifteen lines and six wishes, as a
# ratio to glpsol given the same model, its whole process counted, in the same run. Beside it the milliseconds to the first answer and,
# of every eighth model, to all three with pieces as they are, each the least for sure where the time suffices. A median over the bar is
# measured again, twice at the most, and each model's ratio is then the median of its own. Exit status 1 when it stays over.
require "bundler/setup"
require "json"
require_relative "../core/lib/elm_cup"
require_relative "../spec/support/balance_models"
require_relative "../spec/support/linear_file"
require_relative "yardstick"

BAR = 1.5
SEEDS = (0...16)
CLOCK = -> { Process.clock_gettime(Process::CLOCK_MONOTONIC) }
LIBRARY = ElmCup::Ingredient::Library.default

# [what the block gives, milliseconds]; what writing the programme for the reference left behind is swept before.
def timed
  GC.start
  began = CLOCK.call
  result = yield
  [result, 1000 * (CLOCK.call - began)]
end

# The programme of the first answer, as the search sees it.
def program(document, wishes)
  question = ElmCup::Balance::Balancer.new(document, wishes: wishes, have: nil, library: LIBRARY, pace: ElmCup::Balance::Pace.new).question
  question.problem(question.wishes, all: false).program
end

models = SEEDS.map { |seed|
  BalanceModels.document(seed).then { |document|
    [document, BalanceModels.wishes(seed, ElmCup.assess(document, sections: %w[nutrition]))]
  }
}
ElmCup.balance(models.first[0], wishes: models.first[1], quick: true, clock: CLOCK)

WHOLE = 8
ROUNDS = 3

# {ratio:, first:} of one model: its first answer beside the reference.
def quick_run(document, wishes)
  first, first_ms = timed { ElmCup.balance(document, wishes: wishes, quick: true, clock: CLOCK) }
  raise "a model of the bench has no answer" if first["answers"].empty?

  {ratio: first_ms / (1000 * LinearFile.solve(program(document, wishes)).seconds), first: first_ms}
end

median = ->(runs, key) { Yardstick.median(runs.map { |run| run[key] }) }
rounds = models.map { [] }
ratio = nil
ROUNDS.times do
  models.each_with_index { |(document, wishes), at| rounds[at] << quick_run(document, wishes) }
  ratio = Yardstick.median(rounds.map { |runs| median.call(runs, :ratio) })
  break if ratio <= BAR
end
runs = rounds.flatten
whole = models.each_slice(WHOLE).map(&:first).map do |document, wishes|
  all, all_ms = timed { ElmCup.balance(document, wishes: [*wishes, "lock:size"], clock: CLOCK) }
  {all: all_ms, answers: all["answers"].size, proved: all["answers"].all? { |answer| answer["proved_optimal"] }}
end
puts JSON.generate({
  "name" => "balance to its first answer, beside glpsol", "models" => models.size, "ratio" => ratio.round(3), "bar" => BAR,
  "rounds" => rounds.first.size, "milliseconds" => median.call(runs, :first).round,
  "slowest_milliseconds" => runs.map { |run| run[:first] }.max.round, "all_answers_milliseconds" => median.call(whole, :all).round,
  "whole_models" => whole.size, "answers" => whole.sum { |run| run[:answers] },
  "models_proved" => whole.count { |run| run[:proved] }
})
exit((ratio > BAR) ? 1 : 0)
