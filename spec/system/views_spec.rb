# frozen_string_literal: true

require "system_helper"

RSpec.describe "Every view", system: true, demo: true do
  # What the browser will not run or draw by the policy of the page.
  listen = "window.refusedByPolicy = []; " \
    "addEventListener('securitypolicyviolation', (e) => refusedByPolicy.push(`${e.violatedDirective} ${e.blockedURI}`))"
  {"Counter" => ["/", ".made li"], "Formulas" => ["/formulas", ".cup-link"], "Mix" => ["/formulas/2/mix", "[data-level]"],
   "layers" => ["/formulas/7/mix", "[data-level]"], "Made it" => ["/formulas/2/made", ".texture"], "Log" => ["/log", ".entry"],
   "Shape" => ["/formulas/7/shape", "[data-section]"], "Cold" => ["/formulas/11/cold", "[data-verdict]"],
   "Steps" => ["/formulas/11/steps", "[data-step]", -> { first("[data-step]").click }], "Plans" => ["/plans", ".plans li"],
   "Plan" => ["/plans/1", "[data-task]", -> { first("[data-task]").click }],
   "Kitchen" => ["/kitchen", "[aria-label='Tins'] li"],
   "kitchen of a formula" => ["/formulas/2/kitchen", "fieldset"],
   "Compare" => ["/formulas/2/compare", "tbody tr"], "Import" => ["/import", "textarea"],
   "Pantry" => ["/pantry?id=choir-dark-64", ".detail", -> { find("#pantry-find").set("dark") }],
   "Cupboard" => ["/cupboard", ".have", -> { find("#cupboard-search").set("dark") }], "Bowl" => ["/bowl", ".texture"],
   "nothing here" => ["/nowhere", "h1"]}.each do |name, (path, ready, few)|
    it "#{name}: axe-core finds nothing in light on a laptop and in the dark on a phone; nothing scrolls sideways; its policy refuses nothing of its own" do
      page.driver.browser.page.command("Page.addScriptToEvaluateOnNewDocument", source: listen)
      visit path
      expect(page).to have_css(ready)
      # A list of hundreds of rows is looked at by some of them: each row is like the others.
      instance_exec(&few) if few
      device_scheme("light")
      expect(page).to have_css("html:not(.dark)")
      expect(axe_findings).to eq([])
      [Browser::TABLET, Browser::PHONE].each do |size|
        page.driver.resize(*size)
        expect(page.evaluate_script("document.documentElement.scrollWidth")).to be <= size.first
      end
      device_scheme("dark")
      expect(page).to have_css("html.dark")
      expect(axe_findings).to eq([])
      expect(page.evaluate_script("window.refusedByPolicy")).to eq([])
    end
  end

  it "keeps the dark that was chosen on this device, whatever the device asks for" do
    visit "/"
    page.execute_script("localStorage.setItem('elm-cup:scheme', 'dark')")
    device_scheme("light")
    visit "/formulas"
    expect(page).to have_css("html.dark .cup-link")
  end
end
