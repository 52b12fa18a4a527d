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

# A server over a household, in a process of its own: an address in, milliseconds out; an empty line asks for its megabytes.
def server(path) = IO.popen([RbConfig.ruby, __FILE__, path], "r+")

# In that process.
def answer_all(path)
  require_relative "../server/environment"
  require "rack/mock"
  ElmCupServer::Database.open(path)
  server = Rack::MockRequest.new(ElmCupServer::Stack.build)
  $stdout.sync = true
  $stdin.each_line(chomp: true) do |address|
    next puts(File.read("/proc/self/status")[/VmRSS:\s+(\d+)/, 1].to_f / 1024) if address.empty?

    began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    raise "#{address} is not answered" unless server.get(address, "HTTP_HOST" => "localhost").status == 200

    puts 1000 * (Process.clock_gettime(Process::CLOCK_MONOTONIC) - began)
  end
end

def ask(server, address)
  server.puts(address)
  server.gets.to_f
end

if ARGV.any?
  answer_all(ARGV.first)
  exit
end

def median(values) = values.sort[values.size / 2]

demo, many = server(Households.demo), server(Households.many)
# In turn, so that what else the machine does slows both.
told = LISTS.map do |name, address|
  pairs = Array.new(RUNS + 2) { [ask(demo, address), ask(many, address)] }.drop(2)
  [name, median(pairs.map { |one, other| other / one }), TIME_BAR, *pairs.transpose.map { |values| median(values) }]
end
sizes = [ask(demo, ""), ask(many, "")]
told << ["megabytes", sizes.last / sizes.first, MEMORY_BAR, *sizes]
told.each do |name, ratio, bar, one, other|
  puts JSON.generate({"name" => "lists of many years beside the demo's: #{name}", "ratio" => ratio.round(2), "bar" => bar,
    "demo" => one.round(1), "many" => other.round(1)})
end
exit((told.any? { |_, ratio, bar| ratio > bar }) ? 1 : 0)
