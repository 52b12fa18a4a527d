# frozen_string_literal: true

require "system_helper"

RSpec.describe "A draft in the browser", system: true do
  let(:id) { saved("1 cup oats", "1/4 cup honey") }

  def kept = ElmCupServer::Draft.find_by(formula_id: id)&.parsed&.dig("components", 0, "lines")&.map { |line| line["text"] }

  # Waits until the server keeps so many lines.
  def keeps(count) = Timeout.timeout(10) { sleep 0.05 until kept&.size == count }

  it "opens on another device where this one stood" do
    visit "/formulas/#{id}/mix"
    type_line("2 tbsp tahini")
    keeps(3)
    Capybara.using_session(:phone) do
      visit "/formulas/#{id}/mix"
      expect(page).to have_css("[data-line]", text: "2 tbsp tahini").and have_css("[data-version]", text: "Version 1, draft on it")
      type_line("1 tsp cocoa powder")
      keeps(4)
    end
    page.execute_script("window.dispatchEvent(new Event('focus'))")
    expect(page).to have_css("[data-line]", text: "1 tsp cocoa powder")
    find("body").send_keys([:control, "z"])
    expect(page).to have_css("[data-line]", count: 3)
  end

  it "never loses what two devices typed: the cook says which stays, and Undo has the other" do
    visit "/formulas/#{id}/mix"
    expect(page).to have_css("[data-line]", count: 2)
    # The window is in front all the time: nothing makes it look.
    page.execute_script("window.addEventListener('focus', (event) => event.stopImmediatePropagation(), true)")
    other = formula("1 cup oats", "1/4 cup honey", "6 dates")
    ElmCupServer::Draft.keep(ElmCupServer::Formula.find(id),
      {"document" => other, "base_version" => nil, "revision" => 0, "device" => "phone"})
    type_line("2 tbsp tahini")
    expect(page).to have_text("changed on another device, too")
    expect(kept).to include("6 dates")
    expect(axe_findings).to eq([])
    click_button "Keep this one"
    Timeout.timeout(10) { sleep 0.05 until kept.include?("2 tbsp tahini") }
    expect(page).to have_no_text("changed on another device")
    find("body").send_keys([:control, "z"])
    expect(page).to have_css("[data-line]", text: "6 dates").and have_no_css("[data-line]", text: "2 tbsp tahini")
  end

  it "of a new formula is on the shelf once it has a line, saved or not" do
    visit "/formulas"
    click_button "New formula", match: :first
    expect(page).to have_text("Nothing in the bowl yet").and have_css("[data-version]", text: "Not saved yet")
    expect(page).to have_button("Save", disabled: true)
    click_link "Formulas"
    expect(page).to have_text("The shelf is empty.")
    page.go_back
    type_line("1 cup almond butter")
    click_link "Formulas"
    expect(page).to have_css(".cup-link", text: "New formula")
  end

  it "keeps its place in each tab while another is open" do
    visit "/formulas/#{id}/mix"
    click_link "Made it"
    find_field("Note").set("half a note")
    click_link "Compare"
    click_link "Mix"
    type_line("2 tbsp tahini")
    click_link "Made it"
    expect(page).to have_field("Note", with: "half a note").and have_field("Actual grams of 2 tbsp tahini")
  end
end
