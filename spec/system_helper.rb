# frozen_string_literal: true

require "server_helper"
require "capybara/rspec"
require "capybara/cuprite"

# The whole application in headless Chromium, each example on a database of its own: empty, or of what the demo holds (`demo: true`).
module Browser
  OPTIONS = %w[no-sandbox disable-gpu disable-dev-shm-usage disable-background-networking disable-component-update disable-sync no-first-run disable-quic force-prefers-reduced-motion].to_h { |name| [name, nil] }.freeze
  AXE = File.read(File.expand_path("../web/node_modules/axe-core/axe.min.js", __dir__))
  # An open PrimeVue Select reports its own focus sentinels (aria-hidden yet focusable, by design) and its list container.
  LEFT_OUT = [".p-hidden-focusable", ".p-select-list-container"].freeze

  # Sizes that the screens are made for.
  LAPTOP = [1280, 800].freeze
  TABLET = [820, 1180].freeze
  PHONE = [390, 844].freeze

  # Waits until what fades or glides stands still: contrast and heights are measured of what stays.
  def settled
    page.evaluate_async_script(<<~JS)
      const done = arguments[arguments.length - 1]
      const still = () => Promise.allSettled(document.getAnimations().map((moving) => moving.finished)).then(() => done(true))
      requestAnimationFrame(() => requestAnimationFrame(still))
    JS
  end

  # Everything axe-core finds wrong on the page, as short texts.
  def axe_findings
    settled
    page.execute_script(AXE) unless page.evaluate_script("!!window.axe")
    script = <<~JS
      const done = arguments[arguments.length - 1]
      axe.run({ exclude: #{LEFT_OUT.zip.to_json} }, { resultTypes: ['violations'], preload: false }).then(r => done(r.violations.map(v => v.id + ': ' + v.nodes.map(n => n.target.join(' ')).join(' | '))))
    JS
    page.evaluate_async_script(script)
  end

  # What the device asks for, light or dark, takes its place on the page that is open.
  def device_scheme(name)
    page.driver.browser.page.command("Emulation.setEmulatedMedia", features: [{name: "prefers-color-scheme", value: name}])
  end

  # A saved formula of one component; its id.
  def saved(*lines, **options) = ElmCupServer::Formula.start(formula(*lines, **options)).id

  def sentence = find("[data-sentence]").text

  def entry = find_field("A line: how much and of what")

  # Types over what stands in a field, key by key, and ends with `key`.
  def retype(label, text, key) = find_field(label).send_keys([:control, "a"], text, key)

  # Presses a tool of a row, which shows while the row is in hand.
  def press_tool(label)
    find("[data-line='#{label[/\d+/]}']").hover
    click_button label
  end

  # Opens what was assumed of a row.
  def open_assumed(number) = click_button("What was assumed of line #{number}")

  # Types a line and adds it with Enter, as a cook would.
  def type_line(text)
    entry.set(text)
    expect(page).to have_css("#entry-reading .read, #entry-reading .flag")
    entry.send_keys(:enter)
    expect(page).to have_css("[data-line]", text: text)
  end
end

# A browser that stays open from one example to the next, so that it compiles the application once and not anew for each: instead of
# its context, what was stored, emulated and counted is thrown away.
class WarmDriver < Capybara::Cuprite::Driver
  # A page of the same origin that runs no script and stores nothing.
  STILL = "/cup.svg"
  AS_IT_IS = {"Emulation.setEmulatedMedia" => {features: []}, "Emulation.setTouchEmulationEnabled" => {enabled: false}}.freeze

  def reset!
    visit URI.join(current_url, STILL).to_s
    execute_script("localStorage.clear(); sessionStorage.clear()")
    AS_IT_IS.each { |command, options| browser.page.command(command, **options) }
    clear_network_traffic
  rescue Ferrum::Error, URI::Error
    super
  end
end

Capybara.register_driver(:elm_cup) do |app|
  WarmDriver.new(app, browser_path: ENV.fetch("CHROMIUM", "/usr/bin/chromium-headless-shell"), headless: true, window_size: Browser::LAPTOP,
    browser_options: Browser::OPTIONS.dup,
    process_timeout: 30, timeout: 15, js_errors: true)
end
Capybara.configure do |config|
  config.app = ElmCupServer::Stack.build
  config.default_driver = config.javascript_driver = :elm_cup
  config.server = :puma, {Silent: true, Threads: "0:4"}
  config.default_max_wait_time = 10
  config.enable_aria_label = true
end

RSpec.configure do |config|
  config.include Capybara::DSL, system: true
  config.include Capybara::RSpecMatchers, system: true
  config.include Browser, system: true
  config.before(:each, system: true) do |example|
    raise "the web application is not built; bin/test builds it" unless File.file?(ElmCupServer::Pages::INDEX)

    ElmCupServer::Database.open(Databases.fresh(demo: example.metadata[:demo]))
    page.driver.resize(*Browser::LAPTOP)
  end
  # What stood on the page when an example failed, and what it waited for, says more than that something was not there.
  config.after(:each, system: true) do |example|
    if example.exception
      waiting = page.driver.network_traffic.reject(&:response)
        .map { |exchange| "#{exchange.url} #{exchange.error&.error_text || "pending"}" }
      warn "\n#{example.full_description}: #{page.current_path} shows #{page.text[0, 600].inspect}; without an answer: #{waiting.inspect}"
    end
    Capybara.reset_sessions!
  end
end
