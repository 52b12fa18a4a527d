# frozen_string_literal: true

# What the Counter, the shelf and the log ask of the server, over the household of many years (spec/support/scale_set.rb) beside the demo's,
# each in a process of its own: the time of every list as a ratio (the median of so many), and the memory of the whole process after all of
# them. Exit status 1 when one is over its bar.
require "bundler/setup"
require "json"
require_relative "households"

TIME_BAR = 3.0
MEMORY_BAR = 1.5
RUNS = 21
LISTS = {
  "counter: formulas" => "/api/formulas?order=-changed&limit=5", "counter: batches" => "/api/batches?limit=4",
  "shelf" => "/api/formulas", "log" => "/api/batches", "log, searched" => "/api/batches?q=date", "names" => "/api/formula-names"
}.freeze

# {"list" => milliseconds, …, "megabytes" => of the process} of a household, measured in a process of its own.
def measured(path)
  IO.popen([RbConfig.ruby, __FILE__, path], &:read).then { |text| JSON.parse(text.lines.last) }
end

# In that process.
def measure(path)
  require_relative "../server/environment"
  require "rack/mock"
  ElmCupServer::Database.open(path)
  server = Rack::MockRequest.new(ElmCupServer::Stack.build)
  times = LISTS.transform_values do |address|
    spent = Array.new(RUNS + 2) do
      began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      raise "#{address} is not answered" unless server.get(address, "HTTP_HOST" => "localhost").status == 200

      1000 * (Process.clock_gettime(Process::CLOCK_MONOTONIC) - began)
    end
    spent.drop(2).sort[RUNS / 2]
  end
  puts JSON.generate(times.merge("megabytes" => File.read("/proc/self/status")[/VmRSS:\s+(\d+)/, 1].to_f / 1024))
end

if ARGV.any?
  measure(ARGV.first)
  exit
end

one, other = measured(Households.demo), measured(Households.many)
worst = one.map do |name, value|
  ratio = other[name] / value
  bar = (name == "megabytes") ? MEMORY_BAR : TIME_BAR
  puts JSON.generate({"name" => "lists of many years beside the demo's: #{name}", "ratio" => ratio.round(2), "bar" => bar,
    "demo" => value.round(1), "many" => other[name].round(1)})
  ratio / bar
end.max
exit((worst > 1) ? 1 : 0)
