# frozen_string_literal: true

require "system_helper"

RSpec.describe "Cold", system: true, demo: true do
  def draft(id) = ElmCupServer::Formula.find(id).standing_draft.to_answer["document"]

  it "says first what to do, draws it, and follows the journey as it is changed" do
    visit "/formulas/11/cold"
    expect(page).to have_css("[data-sentence]", text: /Give it \d+ to \d+ minutes in the freezer.*Press one: it does not dent/)
    expect(page).to have_css("[data-chill] svg[aria-label*='cooks give 20 to 30']").and have_css("[data-hold] svg[aria-label*='holds to']")
    expect(page).to have_css("[data-step=dip]", text: "press one: it does not dent")
    expect(page).to have_css("[data-out] tbody tr", count: 2).and have_content(/Take out \d+ at a time to dip/)
    expect(all("[data-verdict]").map(&:text)).to match([/\AHolds/, /\AHolds/, /\AFails: shell/])
    find("[aria-label='°C of stretch 3']").set("18").send_keys(:tab)
    expect(page).to have_css("[data-verdict]", text: "Holds", count: 3)
    click_button "Add a stretch"
    expect(page).to have_css("[data-journey] li", count: 4)
    expect(page).to have_css("[data-hold] .mark", text: "90 min 18", count: 2)
    find("[aria-label='Minutes of stretch 4']").set("0").send_keys(:tab)
    expect(page).to have_field("Minutes of stretch 4", with: "90")
    find("[aria-label='Remove stretch 4']").click
    expect(page).to have_css("[data-verdict]", text: "Holds", count: 3)
    expect(draft(11)["journey"].last).to eq("minutes" => 90, "celsius" => 18)
    find("body").send_keys([:control, "z"])
    expect(page).to have_css("[data-journey] li", count: 4)
  end

  it "says where it lives with its cautions, and mends what would not keep there" do
    visit "/formulas/4/cold"
    expect(page).to have_css("[data-keep]", text: /in the fridge, 5 days/)
    expect(first("[data-cautions] li").text).to include("not over two hours on the counter: it holds 1/4 cup coconut milk and 1 tsp lime juice")
    select "at room temperature", from: "Where they live"
    expect(page).to have_content("That is warmer than it should be.")
    expect(page).to have_css("[aria-label='Second look'] li", text: "not over two hours on the counter")
    click_button "Keep it in the fridge", match: :first
    expect(page).to have_no_content("That is warmer than it should be.")
    expect(draft(4)["lives"]).to eq("fridge")
    select "in the freezer", from: "Where they live"
    expect(page).to have_css("[data-elsewhere]", text: /There it keeps about \d+ days/)
    find("summary", text: "Water and freshness").click
    expect(page).to have_content(/dough: water activity 0\.\d\d to 0\.\d\d/)
  end

  it "stands in short on Mix and Shape, and on the shelf" do
    visit "/formulas/11/mix"
    expect(page).to have_css("[data-cold-note]", text: /minutes in the freezer.*Lives in the fridge, 10 days/m)
    visit "/formulas/11/shape"
    expect(page).to have_css("[data-cold-note]", text: "Lives in the fridge")
    visit "/formulas"
    expect(page).to have_css(".cup-link", text: /Coffee truffles.*fridge, 10 days/m)
  end

  it "goes by the household's places, which a glass of water sets" do
    visit "/kitchen"
    within("[data-place=freezer]") do
      expect(page).to have_content("Times go by -15 °C")
      find_field("Its air, by a thermometer", exact: false).set("-21").send_keys(:tab)
      expect(page).to have_content("Times go by -21 °C.")
      click_button "Test it with a glass of water"
      {"Minutes of reading 2" => "20", "°C of reading 2" => "9", "Minutes of reading 3" => "35",
       "°C of reading 3" => "2"}.each { |field, text|
        find_field(field).set(text)
      }
      click_button "See what it says"
      expect(page).to have_css("[role=alert]", text: /Two readings or more/).or have_css("[data-glass]", text: "Your freezer cools")
      find_field("Minutes of reading 3").set("30")
      find_field("°C of reading 3").set("5.5")
      click_button "See what it says"
      expect(page).to have_content(/Your freezer cools \d+ % (faster|slower) than most/)
      click_button "Go by it"
      expect(page).to have_content("A glass of water set how fast it cools.")
    end
    place = ElmCupServer::Kitchen.document["places"].find { |each| each["kind"] == "freezer" }
    expect(place).to include("air_c" => -21, "h_top" => be_positive, "h_bottom" => be_positive)
    visit "/formulas/11/cold"
    expect(page).to have_css("[data-chill]", text: "freezer −21 °C")
  end
end
