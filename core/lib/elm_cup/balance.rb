# frozen_string_literal: true

module ElmCup
  # What is the least change? A formula is read into amounts that may move (SituationReader), what is wished becomes rows of a programme
  # (Problem), HiGHS solves it (Solver, Search), and the solution is written back and judged by the ordinary path (Settler). Ways in:
  # Balancer, Substitutes, Cupboard, Trial, UnknownBowl.
  module Balance
  end
end
