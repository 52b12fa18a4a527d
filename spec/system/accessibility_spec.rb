# frozen_string_literal: true

require "system_helper"

RSpec.describe "What opens on a view", system: true, demo: true do
  it "stays clean with dialogs and flagged lines open" do
    visit "/formulas/2/mix"
    type_line("2 tbsp moon dust")
    expect(axe_findings).to eq([])
    click_button "Choose from the pantry"
    expect(page).to have_css("[role=dialog]")
    expect(axe_findings).to eq([])
    find("[role=dialog]").send_keys(:escape)
    press_tool "Take line 6 out"
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
      click_link "US cups, 21 °C"
      expect(page).to have_text("Spoons you have")
      expect(axe_findings).to eq([])
      click_link "Back to Mix"
      expect(page).to have_css("[data-level]")
      click_button "More"
      expect(axe_findings).to eq([])
      click_button "Delete"
      expect(page).to have_text("Deleted just now").and have_button("Close")
      expect(axe_findings).to eq([])
    end
  end

  {"answers" => ["/formulas/1/mix", ".balance table"], "a clash" => ["/formulas/3/mix", ".clash"]}.each do |name, (path, ready)|
    it "stays clean with #{name} of Balance open, in the dark and on a phone" do
      visit "/"
      page.execute_script("localStorage.setItem('elm-cup:scheme', 'dark')")
      [Browser::LAPTOP, Browser::PHONE].each do |size|
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
    press_tool "More of line 6"
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
