# frozen_string_literal: true

require "system_helper"

RSpec.describe "Kitchen", system: true do
  it "keeps what the household measures with: doses and pieces go by it" do
    id = saved("1 cup rolled oats, ground", "1/2 cup tahini", "1/3 cup honey",
      shape: {"kind" => "slab", "tin_mm" => [200, 200], "grid" => [4, 4]})
    visit "/kitchen"
    find("[aria-label='Cup standard']").click
    find("[role=option]", text: "metric").click
    expect(page).to have_content("Kept.")
    within("[aria-label='Tins']") do
      click_button "Common ones"
      find("button", text: "+ 20 cm round tin").click
    end
    expect(page).to have_content("20 cm round tin is in your kitchen")
    visit "/formulas/#{id}/mix"
    expect(page).to have_link("metric cups, 21 °C")
    visit "/formulas/#{id}/shape"
    expect(page).to have_css("button", text: "20 cm round tin")
    expect(ElmCupServer::Kitchen.document).to include("revision" => 2, "cup" => "metric")
  end

  it "takes a tin of one's own by the water that fills it, refuses what is none, and gives one back" do
    visit "/kitchen"
    within("[aria-label='Tins']") do
      click_button "One of my own"
      fill_in "Name", with: "aunt's tin"
      fill_in "Across inside, mm", with: "180"
      fill_in "Along, mm", with: "250"
      fill_in "or mL (grams) of water that fill it", with: "1800"
      click_button "Add"
    end
    expect(page).to have_content("aunt's tin is in your kitchen").and have_content("180 × 250 mm, 40 deep")
    within("[aria-label='Tins']") do
      click_button "One of my own"
      fill_in "Across inside, mm", with: "5"
      click_button "Add"
    end
    expect(page).to have_content(/20 is the least/)
    within("[aria-label='Tins']") { click_button "Take out aunt's tin" }
    expect(page).to have_content("aunt's tin is out.")
    click_button "Undo"
    expect(page).to have_content("The kitchen is as it was.").and have_button("Take out aunt's tin")
  end

  it "is not overwritten unseen by a device that has an older one" do
    visit "/kitchen"
    expect(page).to have_field("Room · hard fats are softer in the warm", with: "21")
    ElmCupServer::Kitchen.keep(ElmCup.usual_kitchen.merge("cup" => "imperial"))
    find_field("Room · hard fats are softer in the warm").set("26").send_keys(:tab)
    expect(page).to have_content("changed on another device")
    expect(ElmCupServer::Kitchen.document).to include("cup" => "imperial", "revision" => 1)
  end
end
