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

  # Runs the block and the yardstick in turn; the median of the ratios and of the block's milliseconds.
  def self.compare(runs)
    pairs = Array.new(runs) do |run|
      began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      yield run
      spent = 1000 * (Process.clock_gettime(Process::CLOCK_MONOTONIC) - began)
      [spent / milliseconds, spent]
    end
    [median(pairs.map(&:first)), median(pairs.map(&:last))]
  end

  def self.median(values) = values.sort[values.size / 2]
end
