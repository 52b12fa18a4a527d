# frozen_string_literal: true

# What speed is measured against: one million multiply-adds of local floats in a plain loop, in the same run.
module Yardstick
  # Milliseconds of one run.
  def self.milliseconds
    began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    x = 1.0
    a = 1.0000001
    b = 1e-7
    i = 0
    while i < 1_000_000
      x = x * a + b
      i += 1
    end
    raise "the yardstick went nowhere" unless x > 1

    1000 * (Process.clock_gettime(Process::CLOCK_MONOTONIC) - began)
  end

  # How often what is over its bar is measured anew: what else a machine does only ever makes it slower.
  ATTEMPTS = 5
  # Seconds between two of them: what disturbs one mostly lasts a while.
  REST = 2

  # Runs the block and the yardstick in turn, `runs` times; the median of the ratios and of the block's milliseconds, the least of up to
  # ATTEMPTS where they are over `bar`. The block gets a number that it did not get before, under runs * ATTEMPTS.
  def self.compare(runs, bar:)
    best = nil
    ATTEMPTS.times do |attempt|
      sleep(REST) if attempt.positive?
      pairs = Array.new(runs) { |run| pair { yield attempt * runs + run } }
      medians = [median(pairs.map(&:first)), median(pairs.map(&:last))]
      best = [best, medians].compact.min
      break if best.first <= bar
    end
    best
  end

  # [ratio to the yardstick right after it, milliseconds] of the block.
  def self.pair
    began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    yield
    spent = 1000 * (Process.clock_gettime(Process::CLOCK_MONOTONIC) - began)
    [spent / milliseconds, spent]
  end

  def self.median(values) = values.sort[values.size / 2]
end
