# frozen_string_literal: true

# Asking for other formulas in tests.
module Balancing
  CLOCK = -> { Process.clock_gettime(Process::CLOCK_MONOTONIC) }

  # The "balance/1" answer, with time enough to prove everything.
  def balance(document, *wishes, **options)
    ElmCup.balance(document, wishes: wishes, clock: CLOCK, seconds: 20.0, **options)
  end

  # What an answer's figures say of a wish, by the ordinary assessment of its formula.
  def holds?(formula, wish, library = ElmCup.shipped)
    ElmCup::Wish.read(wish).met?(ElmCup::Assessment.of(formula, library: library))
  end

  # Question, Settler of a formula and its wishes, as Balancer asks them.
  def settler(document, wishes, seconds: 20.0, have: nil)
    pace = ElmCup::Balance::Pace.new(clock: CLOCK, seconds: seconds)
    library = ElmCup.shipped
    balancer = ElmCup::Balance::Balancer.new(document, wishes: wishes, have: have, library: library, pace: pace)
    [balancer.question, ElmCup::Balance::Settler.new(document, balancer.reader, balancer.question, library)]
  end
end
