# frozen_string_literal: true

require "system_helper"
require_relative "../../server/demo/demo_data"

RSpec.describe "Every view", system: true do
  views = {"Counter" => "/", "Formulas" => "/formulas", "Mix" => "/formulas/2/mix", "layers" => "/formulas/7/mix",
           "Made it" => "/formulas/2/made", "Log" => "/log",
           "Compare" => "/formulas/2/compare", "Import" => "/import", "Pantry" => "/pantry?id=choir-dark-64", "Cupboard" => "/cupboard",
           "Bowl" => "/bowl", "nothing here" => "/nowhere"}
  ready = {"Counter" => ".made li", "Formulas" => ".cup-link", "Mix" => "[data-level]", "layers" => "[data-level]", "Compare" => "tbody tr", "Import" => "textarea", "Pantry" => ".detail", "Made it" => ".texture", "Log" => ".rows li", "Cupboard" => ".have", "Bowl" => ".texture", "nothing here" => "h1"}

  before { ElmCupServer::DemoData.load_once }

  views.each do |name, path|
    %w[light dark].each do |scheme|
      it "#{name}, #{scheme}: axe-core finds nothing" do
        visit "/"
        page.execute_script("localStorage.setItem('elm-cup:scheme', '#{scheme}')")
        visit path
        expect(page).to have_css(ready.fetch(name))
        expect(page.evaluate_script("document.documentElement.classList.contains('dark')")).to eq(scheme == "dark")
        expect(axe_findings).to eq([])
      end
    end

    it "#{name} fits 820 x 1180 without scrolling sideways, and a phone" do
      [Browser::TABLET, [390, 844]].each do |size|
        page.driver.resize(*size)
        visit path
        expect(page).to have_css(ready.fetch(name))
        expect(page.evaluate_script("document.documentElement.scrollWidth")).to be <= size.first
        expect(axe_findings).to eq([])
      end
    end
  end

  it "stays clean with dialogs and flagged lines open" do
    visit "/formulas/2/mix"
    type_line("2 tbsp butter")
    expect(axe_findings).to eq([])
    click_button "Choose from the pantry"
    expect(page).to have_css("[role=dialog]")
    expect(axe_findings).to eq([])
    find("[role=dialog]").send_keys(:escape)
    click_button "Take line 6 out"
    expect(page).to have_css("[data-level]")
    click_button "Why?"
    expect(page).to have_css("[role=dialog]")
    expect(axe_findings).to eq([])
  end

  %w[light dark].each do |scheme|
    it "stays clean with the kitchen open and with a deleted formula on the shelf, #{scheme}" do
      visit "/"
      page.execute_script("localStorage.setItem('elm-cup:scheme', '#{scheme}')")
      visit "/formulas/2/mix"
      click_button "US cups, 21 °C"
      expect(page).to have_css("[role=dialog]", text: "Spoons there are")
      expect(axe_findings).to eq([])
      find("[role=dialog]").send_keys(:escape)
      expect(page).to have_no_css("[role=dialog]")
      click_button "Delete"
      expect(page).to have_text("Deleted just now").and have_button("Put away")
      expect(axe_findings).to eq([])
    end
  end

  {"answers" => ["/formulas/1/mix", ".balance table"], "a clash" => ["/formulas/3/mix", ".clash"]}.each do |name, (path, ready)|
    it "stays clean with #{name} of Balance open, in the dark and on a phone" do
      visit "/"
      page.execute_script("localStorage.setItem('elm-cup:scheme', 'dark')")
      [Browser::LAPTOP, [390, 844]].each do |size|
        page.driver.resize(*size)
        visit path
        expect(page).to have_css("[data-wish]", minimum: 3)
        click_button "Balance"
        expect(page).to have_css(ready).and have_no_css(".balance .progress")
        expect(axe_findings).to eq([])
        expect(page.evaluate_script("document.documentElement.scrollWidth")).to be <= size.first
      end
    end
  end

  it "is worked by touch on a tablet: targets a finger can hit, a line added, moved and saved" do
    page.driver.resize(*Browser::TABLET)
    page.driver.browser.page.command("Emulation.setTouchEmulationEnabled", enabled: true, maxTouchPoints: 5)
    page.driver.browser.page.command("Emulation.setEmulatedMedia", features: [{name: "pointer", value: "coarse"}])
    visit "/formulas/2/mix"
    expect(page).to have_css("[data-level]")
    expect(page.evaluate_script("Math.min(...[...document.querySelectorAll('.tools button')].filter(b => b.closest('[data-line]')).map(b => b.getBoundingClientRect().height))")).to be >= 44
    entry.set("1 tbsp honey")
    expect(page).to have_css("#entry-reading .read")
    click_button "Add"
    expect(page).to have_css("[data-line]", count: 6)
    click_button "More of line 6"
    expect(page).to have_css("[data-line='6'] .typed", exact_text: "1 1/2 tbsp honey")
    click_button "Save"
    expect(page).to have_css("[data-version]", text: "Version 2, saved")
    expect(axe_findings).to eq([])
  end

  it "Made it takes digits for the textures" do
    visit "/formulas/2/made"
    expect(page).to have_css(".texture", count: 7)
    find("h2", text: "What went in").click
    find("body").send_keys("4")
    expect(page).to have_css(".texture.chosen", text: "tacky")
  end
end
