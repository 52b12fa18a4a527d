# frozen_string_literal: true

# From a key press to the moved level of the Cup, in headless Chromium on this machine: the median of 20, beside the
# server's own time for the same question. At most 100 ms over the server's time and the debounce; and the same while another client has
# one cold after the other reckoned. Exit status 1 when over.
require "bundler/setup"
require "tmpdir"
require_relative "../server/environment"
require "capybara/cuprite"
require "net/http"
require "puma"

RUNS = 20
DEBOUNCE = 60
BAR = 100
OPTIONS = %w[no-sandbox disable-gpu disable-dev-shm-usage disable-background-networking disable-component-update disable-sync no-first-run disable-quic].to_h { |name| [name, nil] }
LINES = ["1 1/2 cups rolled oats, ground", "10 soft dates, to paste", "1/2 c + 2 tbsp cashew butter", "1/4 cup maple syrup",
  "1/2 tsp fine salt"].freeze

ElmCupServer::Database.open(File.join(Dir.mktmpdir("elm-cup"), "bench.sqlite3"))
document = {"elm_cup" => "formula/1", "name" => "Bench", "components" => [{"name" => "dough",
                                                                           "lines" => LINES.map { |text| {"text" => text} }}],
            "shape" => {"kind" => "ball", "piece_grams" => 18}}
id = ElmCupServer::Formula.start(document).id

Capybara.register_driver(:bench) { |app| Capybara::Cuprite::Driver.new(app, browser_path: ENV.fetch("CHROMIUM", "/usr/bin/chromium-headless-shell"), headless: true, browser_options: OPTIONS, process_timeout: 30, timeout: 20) }
Capybara.server = :puma, {Silent: true, Threads: "0:4"}
page = Capybara::Session.new(:bench, ElmCupServer::Stack.build)
page.visit("/formulas/#{id}/mix")
page.find("[data-level]")

# The page notes when a key goes down and when the level next moves.
page.execute_script(<<~JS)
  window.spans = []
  const level = () => document.querySelector('[data-level]')
  let pressed
  addEventListener('keydown', (event) => { if (event.altKey) pressed = performance.now() }, true)
  new MutationObserver(() => { if (pressed) { spans.push(performance.now() - pressed); pressed = undefined } }).observe(level(), { attributes: true, attributeFilter: ['y1'] })
  document.querySelector("[data-line='4'] .typed").focus()
JS
# Milliseconds from each of so many keys to its level.
def keys(page)
  page.execute_script("spans.length = 0")
  RUNS.times do |run|
    page.driver.browser.keyboard.type([:alt, run.even? ? :Up : :Down])
    deadline = Process.clock_gettime(Process::CLOCK_MONOTONIC) + 5
    sleep 0.02 until page.evaluate_script("spans.length") > run || Process.clock_gettime(Process::CLOCK_MONOTONIC) > deadline
  end
  page.evaluate_script("spans").tap { |spans| abort "the level moved #{spans.size} times for #{RUNS} keys" unless spans.size == RUNS }
end
quiet = keys(page)

# Another client: the cold of a dough that was not reckoned before, again and again.
address = page.server_url
stop = false
colds = 0
cook = Thread.new do
  until stop
    other = document.merge("components" => [{"name" => "dough", "lines" => LINES.map { |text|
      {"text" => text}
    } + [{"text" => "#{colds + 1} g cocoa butter, melted"}]}])
    Net::HTTP.post(URI("#{address}/api/cold"), JSON.generate(other), "Content-Type" => "application/json")
    colds += 1
  end
end
busy = keys(page)
stop = true
cook.join
abort "no cold was reckoned meanwhile" unless colds.positive?

# Two questions a key: the spoon step, then the assessment.
timed = ->(&work) { Process.clock_gettime(Process::CLOCK_MONOTONIC).then { |began| work.call && 1000 * (Process.clock_gettime(Process::CLOCK_MONOTONIC) - began) } }
server = Array.new(RUNS) { timed.call { ElmCup.nudge(LINES[3], 1) && ElmCup.assess(document, without: %w[cold keep]) } }
median = ->(values) { values.sort[values.size / 2].round(1) }
status = 0
{"key to level" => quiet, "key to level while the cold is reckoned" => busy}.each do |name, spans|
  over = (median.call(spans) - median.call(server) - DEBOUNCE).round(1)
  status = 1 if over > BAR
  puts JSON.generate({"name" => name, "milliseconds" => median.call(spans), "server_milliseconds" => median.call(server),
                      "debounce" => DEBOUNCE, "over" => over, "bar" => BAR, "colds" => ((spans == busy) ? colds : nil)}.compact)
end
exit(status)
