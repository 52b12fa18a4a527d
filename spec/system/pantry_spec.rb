# frozen_string_literal: true

require "system_helper"

RSpec.describe "The pantry in the browser", system: true do
  def fill(figures) = figures.each { |label, value| fill_in label, with: value }

  def start_from(name)
    find("[role=dialog] [aria-label='Starts from']", match: :first).click
    find("[role=option][aria-label='#{name}']").click
  end

  it "shows each row with its figures, source and spread" do
    visit "/pantry"
    fill_in "Search by name or family", with: "tahini"
    find(".rows button", text: "Tahini", match: :first).click
    expect(page).to have_css(".detail h2", text: "Tahini").and have_text("How it binds, mL a gram").and have_text("What it weighs")
    expect(page).to have_css(".detail td", text: "11 %").and have_css(".detail td", text: "common practice", minimum: 1)
  end

  it "makes an ingredient from a label: nonsense refused with the reason, kept, used in a bowl, taken out and brought back" do
    visit "/pantry"
    click_button "From a pack’s label"
    fill_in "Name", with: "Corner peanut butter"
    start_from "Peanut butter, natural"
    fill("Fat, g" => "96", "Carbohydrate, g" => "15", "Fibre, g" => "7", "Protein, g" => "60", "Salt, g" => "0,8")
    expect(page).to have_css("[role=alert]", text: "come to 178.8 g in 100 g; check the figures")
    expect(page).to have_button("Keep it", disabled: true)
    fill("Fat, g" => "lots")
    expect(page).to have_css("[role=alert]", text: "“lots” is not a number.")
    fill("Fat, g" => "46", "Protein, g" => "27", "of which sugars, g" => "6")
    fill_in "Its list of ingredients", with: "Roasted peanuts, palm oil, salt. May contain milk."
    within("[role=dialog]") { fill("Price" => "3,40", "a pack of" => "340") }
    expect(page).to have_text("No-stir: its list names a hard fat.").and have_text("The pack warns of milk.")
      .and have_text("Peanut butter, natural as shipped:")
    click_button "Keep it"
    expect(page).to have_css(".detail h2", text: "Corner peanut butter").and have_text("€1.00 for 100 g")
    visit "/formulas/#{saved("1 cup corner peanut butter", "1/4 cup honey")}/mix"
    expect(page).to have_css("[data-line='1']", text: "corner peanut butter")
      .and have_css("[data-cost]", text: "€2.56 the batch; no price yet for Honey")
    expect(page).to have_text("Traces, from the packs milk").and have_text("flows less and sets firmer")
    visit "/pantry?id=own-corner-peanut-butter"
    click_button "Take it out of the pantry"
    expect(page).to have_css(".detail h2", text: "Peanut butter, natural")
    expect(ElmCupServer::OwnIngredient.count).to eq(0)
    click_button "Undo"
    expect(page).to have_text("#{ElmCup.shipped.all.size + 1} ingredients")
    fill_in "Search by name or family", with: "corner"
    expect(page).to have_css(".rows button", text: "Corner peanut butter", count: 1)
  end

  it "puts a price on a library row and takes it back to the row" do
    visit "/pantry?id=honey"
    within(".price") { fill("Price" => "cheap", "for" => "500") }
    click_button "Keep", exact: true
    expect(page).to have_text("“cheap” is not a number; nothing was changed.")
    within(".price") { fill("Price" => "6") }
    click_button "Keep", exact: true
    expect(page).to have_text("€1.20 for 100 g").and have_css(".rows button[aria-current]", text: "ours")
    within(".price") { fill_in "for", with: "" }
    click_button "Keep", exact: true
    expect(page).to have_text("Say what a pack weighs too")
    click_button "Back to the shipped figures"
    expect(page).to have_no_text("€1.20 for 100 g")
    expect(ElmCupServer::OwnIngredient.count).to eq(0)
  end

  it "takes a CSV file whole or not at all" do
    visit "/pantry"
    Dir.mktmpdir do |folder|
      {"bad.csv" => "id,price,pack_grams\nhoney,cheap,500\n", "good.csv" => "\uFEFFid;price;pack_grams\nhoney;6,00;500\nmaple;8,00;250\n"}
        .each { |name, text| File.write(File.join(folder, name), text) }
      click_button "CSV in"
      attach_file "CSV file", File.join(folder, "bad.csv")
      expect(page).to have_css("[role=alert]", text: "row 2, price: “cheap” is not a number")
      expect(page).to have_button("Keep all", disabled: true)
      attach_file "CSV file", File.join(folder, "good.csv")
      expect(page).to have_text("2 ingredients in good.csv")
      click_button "Keep all"
      expect(page).to have_text("2 ingredients kept.")
    end
    expect(ElmCupServer::OwnIngredient.pluck(:key)).to eq(%w[honey maple])
    click_button "Ours"
    expect(page).to have_css(".rows button", count: 2)
  end

  # The rows themselves are looked at with every view.
  it "keeps clean with its dialogs open" do
    visit "/pantry"
    fill_in "Search by name or family", with: "tahini"
    click_button "From a pack’s label"
    expect(page).to have_css("[role=dialog]")
    expect(axe_findings).to eq([])
    find("[role=dialog]").send_keys(:escape)
    click_button "CSV in"
    expect(page).to have_css("[role=dialog]", text: "Ingredients from CSV")
    expect(axe_findings).to eq([])
  end
end
