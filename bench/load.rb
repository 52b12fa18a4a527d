# frozen_string_literal: true

# Twenty clients at once on one server over the household of many years: reads, writes and price changes mixed. The slowest answer as a
# ratio to twenty yardsticks (about a second of a slow kitchen machine). Exit status 1 when it is over its bar.
require "bundler/setup"
require "json"
require "net/http"
require "securerandom"
require "sqlite3"
require_relative "households"
require_relative "yardstick"

BAR = 1.0
YARDSTICKS = 20
CLIENTS = 20
REQUESTS = 10

def serve(path)
  read, write = IO.pipe
  environment = {"ELM_CUP_DATABASE" => path, "PORT" => PORT.to_s}
  pid = Process.spawn(environment, RbConfig.ruby, File.expand_path("../server/serve.rb", __dir__), out: write, err: File::NULL)
  write.close
  raise "the server does not start" unless read.gets

  yield
ensure
  Process.kill("TERM", pid)
  Process.wait(pid)
end

# What one client asks, one after the other: [verb, path, body].
def questions(client, ids)
  random = Random.new(client)
  Array.new(REQUESTS) do |n|
    id = ids.sample(random: random)
    case (client + n) % 8
    when 0 then ["POST", "/api/pantry", {ingredients: [{id: "honey", price: 4 + random.rand(1..90) / 10.0, pack_grams: 500}]}]
    when 1 then ["GET", "/api/formulas"]
    when 2 then ["GET", "/api/batches?q=oat"]
    when 3 then ["GET", "/api/formulas?order=-changed&limit=5"]
    when 4 then ["POST", "/api/formulas/#{id}/versions", {document: document("Load #{client} #{n}")}]
    when 5 then ["POST", "/api/assess?without=cold,keep", document("Load #{client} #{n}")]
    when 6 then ["GET", "/api/formulas/#{id}"]
    else ["GET", "/api/batches?limit=4"]
    end
  end
end

def document(name)
  {"elm_cup" => "formula/1", "name" => name, "components" => [{"name" => "dough", "type" => "dough", "process" => "hand", "lines" => [
    {"text" => "1 1/2 cups rolled oats"}, {"text" => "10 soft dates"}, {"text" => "1/2 cup tahini"}, {"text" => "1/4 cup honey"}
  ]}], "shape" => {"kind" => "ball", "piece_grams" => 18}}
end

# [milliseconds, status, path] of every request of one client.
def client(number, ids)
  Net::HTTP.start("127.0.0.1", PORT) do |http|
    questions(number, ids).map do |verb, path, body|
      began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      answer = http.send_request(verb, path, body && JSON.generate(body), {"content-type" => "application/json"})
      [1000 * (Process.clock_gettime(Process::CLOCK_MONOTONIC) - began), answer.code.to_i, "#{verb} #{path}"]
    end
  end
end

PORT = TCPServer.open("127.0.0.1", 0) { |socket| socket.addr[1] }
answers = Dir.mktmpdir("elm-cup") do |folder|
  path = File.join(folder, "many.sqlite3")
  FileUtils.cp(Households.many, path)
  ids = SQLite3::Database.new(path).execute("SELECT id FROM formulas").flatten
  serve(path) do
    client(99, ids)
    Array.new(CLIENTS) { |number| Thread.new { client(number, ids) } }.flat_map(&:value)
  end
end
refused = answers.reject { |_, status, _| status.between?(200, 299) }
raise "not answered: #{refused.first(3)}" if refused.any?

spent = answers.map(&:first).sort
ratio = spent.last / (YARDSTICKS * Array.new(9) { Yardstick.milliseconds }.sort[4])
puts JSON.generate({"name" => "slowest answer with #{CLIENTS} clients, beside #{YARDSTICKS} yardsticks", "ratio" => ratio.round(2), "bar" => BAR,
  "milliseconds" => spent.last.round, "median_milliseconds" => spent[spent.size / 2].round, "slowest" => answers.max.last,
  "answers" => answers.size})
exit((ratio > BAR) ? 1 : 0)
