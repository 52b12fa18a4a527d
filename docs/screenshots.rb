# frozen_string_literal: true

# Takes the pictures of docs/screenshots anew from the demo data: bundle exec ruby docs/screenshots.rb
require "bundler/setup"
require "tmpdir"
require_relative "../server/environment"
require_relative "../server/demo/demo_data"
require "capybara/cuprite"

FOLDER = File.join(__dir__, "screenshots")
OPTIONS = %w[no-sandbox disable-gpu disable-dev-shm-usage disable-background-networking disable-component-update disable-sync no-first-run disable-quic].to_h { |name| [name, nil] }
LAPTOP = [1280, 800].freeze
TABLET = [820, 1180].freeze
# name => [address, what must stand, size, colours]
SHOTS = {
  "counter" => ["/", ".made li", LAPTOP, "light"], "formulas" => ["/formulas", ".cup-link", LAPTOP, "light"],
  "mix" => ["/formulas/2/mix", "[data-level]", LAPTOP, "light"],
  "shape" => ["/formulas/7/shape", "[data-section]", LAPTOP, "light"], "shape-dipped" => ["/formulas/11/shape", "[data-section]", LAPTOP,
    "light"],
  "cold" => ["/formulas/11/cold", "[data-verdict]", LAPTOP, "light"],
  "steps" => ["/formulas/11/steps", "[data-step]", LAPTOP, "light"], "plan" => ["/plans/1", "[data-task]", LAPTOP, "light"],
  "cold-journey" => ["/formulas/12/cold", "[data-verdict]", [1280, 1360], "dark"],
  "kitchen" => ["/kitchen", "[aria-label='Tins'] li", LAPTOP,
    "light"],
  "made-it" => ["/formulas/2/made", ".texture", LAPTOP, "light"],
  "log" => ["/log", ".entry", LAPTOP, "light"], "pantry" => ["/pantry?id=choir-dark-64", ".detail", LAPTOP, "light"]
}.freeze

ElmCupServer::Database.open(File.join(Dir.mktmpdir("elm-cup"), "pictures.sqlite3"))
ElmCupServer::DemoData.load_once
Capybara.register_driver(:pictures) { |app| Capybara::Cuprite::Driver.new(app, browser_path: ENV.fetch("CHROMIUM", "/usr/bin/chromium-headless-shell"), headless: true, browser_options: OPTIONS, process_timeout: 30, timeout: 20) }
Capybara.server = :puma, {Silent: true, Threads: "0:4"}
Capybara.default_max_wait_time = 10
page = Capybara::Session.new(:pictures, ElmCupServer::Stack.build)

SHOTS.each do |name, (address, ready, size, colours)|
  page.driver.resize(*size)
  page.visit("/")
  page.execute_script("localStorage.setItem('elm-cup:scheme', '#{colours}')")
  page.visit(address)
  page.find(ready, match: :first)
  page.execute_script("document.activeElement?.blur()")
  sleep 0.6
  page.driver.save_screenshot(File.join(FOLDER, "#{name}.png"))
end

# What a click opens: name => [address, what must stand, what is done there].
OPENED = {
  "layers" => ["/formulas/7/mix", "[data-level]", ->(page) { page.find("[data-part='crumb base']").click }],
  "balance" => ["/formulas/1/mix", "[data-level]",
    ->(page) { page_click(page, "Balance", "th[scope=col]:nth-child(4)") && page.click_button("Preview", match: :first) }],
  "cupboard" => ["/cupboard", ".have", ->(page) { page_click(page, "Propose bowls", ".bowl .lines") }],
  "bowl" => ["/bowl", ".texture",
    ->(page) { page.find("label.texture", text: "crumbly").click && page_click(page, "What does it need", ".doses li") }],
  "import" => ["/import", "textarea",
    ->(page) { page.click_button("Show me with an example") && page_click(page, "Read it", ".read .part") }]
}.freeze

def page_click(page, word, ready)
  page.click_button(word)
  page.find(ready, match: :first)
end

page.driver.resize(*LAPTOP)
page.execute_script("localStorage.setItem('elm-cup:scheme', 'light')")
OPENED.each do |name, (address, ready, opening)|
  page.visit(address)
  page.find(ready, match: :first)
  opening.call(page)
  page.execute_script("document.activeElement?.blur(); window.scrollTo(0, 0)")
  sleep 0.8
  page.driver.save_screenshot(File.join(FOLDER, "#{name}.png"))
end

# At the counter, on a tablet, in the middle of a pour onto the simulated scale.
ElmCupServer::Devices::Household.simulate
page.driver.resize(*TABLET)
page.visit("/formulas/11/steps")
page_click(page, "Make it", "[data-step]")
page_click(page, "Done", "[data-target]")
page.find("[data-now]")
sleep 3
page.find("summary", text: "Simulated scale").click
page.click_button("Pour")
sleep 1.2
page.driver.save_screenshot(File.join(FOLDER, "make.png"))
