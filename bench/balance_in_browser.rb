# frozen_string_literal: true

# From a click on Balance to the first answer on the page, in headless Chromium on this machine, over made-up formulas of three
# components, fifteen lines and six wishes; and to all of them. Median of the first at most 500 ms. Exit status 1 when over.
require "bundler/setup"
require "tmpdir"
require_relative "../server/environment"
require_relative "../spec/support/balance_models"
require "capybara/cuprite"

SEEDS = (0...12)
BAR = 500
OPTIONS = %w[no-sandbox disable-gpu disable-dev-shm-usage disable-background-networking disable-component-update disable-sync no-first-run disable-quic].to_h { |name| [name, nil] }

ElmCupServer::Database.open(File.join(Dir.mktmpdir("elm-cup"), "bench.sqlite3"))
ids = SEEDS.map do |seed|
  document = BalanceModels.document(seed)
  ElmCupServer::Formula.start(document.merge("wishes" => BalanceModels.wishes(seed, ElmCup.assess(document)))).id
end
Capybara.register_driver(:bench) { |app| Capybara::Cuprite::Driver.new(app, browser_path: ENV.fetch("CHROMIUM", "/usr/bin/chromium-headless-shell"), headless: true, browser_options: OPTIONS, process_timeout: 30, timeout: 20) }
Capybara.server = :puma, {Silent: true, Threads: "0:4"}
page = Capybara::Session.new(:bench, ElmCupServer::Stack.build)

# The page notes the click, when the first answer stands and when nothing runs any more.
WATCH = <<~JS
  window.spans = {}
  const button = [...document.querySelectorAll('button')].find((each) => each.textContent.trim() === 'Balance')
  button.addEventListener('click', () => { window.pressed = performance.now() }, true)
  new MutationObserver(() => {
    const now = performance.now() - window.pressed
    if (document.querySelector('.balance .act')) window.spans.first ??= now
    if (window.spans.first && !document.querySelector('.balance .progress')) window.spans.all ??= now
  }).observe(document.body, { childList: true, subtree: true })
  button.click()
JS
spans = ids.map do |id|
  page.visit("/formulas/#{id}/mix")
  page.find("[data-level]")
  page.find("[data-wish]", match: :first)
  page.execute_script(WATCH)
  deadline = Process.clock_gettime(Process::CLOCK_MONOTONIC) + 10
  sleep 0.05 until page.evaluate_script("window.spans.all") || Process.clock_gettime(Process::CLOCK_MONOTONIC) > deadline
  page.evaluate_script("window.spans")
end
median = ->(key) { spans.map { |span| span.fetch(key) }.sort[spans.size / 2].round }
puts JSON.generate({"name" => "click to the first answer", "models" => spans.size, "milliseconds" => median.call("first"), "bar" => BAR,
  "slowest_milliseconds" => spans.map { |span| span["first"] }.max.round, "all_milliseconds" => median.call("all")})
exit((median.call("first") > BAR) ? 1 : 0)
