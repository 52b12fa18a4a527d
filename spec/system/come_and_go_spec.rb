# frozen_string_literal: true

require "system_helper"

RSpec.describe "What comes and goes in the browser", system: true do
  def paste(text)
    visit "/formulas"
    click_link "Import a recipe"
    find_field("The recipe").set(text)
    click_button "Read it"
  end

  # The name and the text of the file that the page has just saved; its text is read a moment later than its name.
  def file_saved
    page.document.synchronize(10, errors: [Capybara::ExpectationNotMet]) do
      raise Capybara::ExpectationNotMet, "no file was saved" unless page.evaluate_script("saved.length") >= 2
    end
    page.evaluate_script("saved.splice(0).join('\\n')")
  end

  it "imports a pasted recipe: every line looked over, corrected in place, taken whole" do
    paste("Sesame bites\nMakes 18\n\nFor the bites\n1 1/2 cups rolled oats (135 g)\n10 dates\n2 tbsp dairy moon\n1/2 cup tahini\n\nTo roll\n1/4 cup sesame seeds\n\n1. Blend.\n2. Roll.")
    expect(page).to have_css(".read .part", count: 2).and have_text("18 pieces").and have_text("1 line to fix, here or later")
    expect(page).to have_css(".part li", text: /Rolled oats\s*135 g · 98 % sure/).and have_css(".notes li", text: "Blend.")
    expect(ElmCupServer::Formula.count).to eq(0)
    find("li.flagged button", text: "Dairy butter", match: :first).click
    expect(page).to have_no_text("to mend")
    retype("bites, line 2", "12 dates", :tab)
    expect(page).to have_css(".part li", text: "216 g")
    click_button "Leave out 1/4 cup sesame seeds"
    click_button "Save it"
    expect(page).to have_field("Name of the formula", with: "Sesame bites").and have_css("[data-part]", count: 2)
    kept = ElmCupServer::Formula.last.current_version.parsed
    expect(kept["components"][0]["lines"]).to eq([{"text" => "1 1/2 cups rolled oats (135 g)"}, {"text" => "12 dates"},
      {"text" => "2 tbsp dairy moon", "ingredient" => "dairy-butter"}, {"text" => "1/2 cup tahini"}])
    expect(kept["components"][1]["lines"]).to eq([])
    expect(kept).to include("shape" => {"kind" => "ball", "pieces" => 18}, "notes" => ["Blend.", "Roll."])
    find("summary", text: "The method, as imported").click
    expect(page).to have_css(".method li", text: "Blend.")
  end

  it "says what is no recipe, and keeps nothing" do
    paste("only words about June")
    expect(page).to have_css("[role=alert]", text: "No amount of anything was found")
    expect(page).to have_no_button("Save it")
    expect(ElmCupServer::Formula.count).to eq(0)
  end

  it "exports the draft as a file, in each format" do
    visit "/formulas/#{saved("1 cup oats", "1/4 cup honey", name: "Interval bites")}/mix"
    expect(page).to have_css("[data-level]")
    page.execute_script("window.saved = []; URL.createObjectURL = (blob) => { blob.text().then((text) => saved.push(text)); return '#' }; HTMLAnchorElement.prototype.click = function () { saved.push(this.download) }")
    {"Markdown card" => ["interval-bites.md", "# Interval bites"],
     "schema.org JSON-LD" => ["interval-bites.jsonld", "\"@type\": \"Recipe\""],
     "Formula document" => ["interval-bites.json", "\"elm_cup\": \"formula/1\""],
     "Lines as CSV" => ["interval-bites.csv", "component,type,line"]}.each do |word, (name, text)|
      click_button "More" if page.has_no_css?("[aria-label='Export']", wait: 0)
      find("[aria-label='Export']", match: :first).click
      find("[role=option]", text: word).click
      expect(page).to have_text("is exported as #{name}")
      expect(file_saved).to include(name, text)
    end
  end

  it "makes a batch of so many pieces, shown in spoons that exist before it is taken" do
    visit "/formulas/#{saved("1 cup rolled oats, ground", "10 soft dates, to paste", "1/3 cup tahini")}/mix"
    click_button "Batch size"
    within("[role=dialog]") { click_button "pieces" }
    retype("How many pieces", "40", :tab)
    retype("Grams of a piece", "15", :tab)
    expect(page).to have_css("[role=dialog]", text: /become 600 g, 40 pieces/)
    expect(page).to have_css("[role=dialog] tbody tr", text: /1\/3 cup tahini\s.* cup tahini\s.*(cup|tbsp)/)
    find("summary", text: "What does not scale").click
    expect(page).to have_text("a tin holds one depth")
    click_button "Use this size"
    expect(page).to have_css("[data-pieces]", text: "40 balls")
    expect(page).to have_css("[data-line='1']", text: "≈")
    expect(page).to have_no_css("[role=dialog]")
    click_button "Undo", match: :first
    expect(page).to have_css("[data-line='1']", text: "1 cup rolled oats, ground")
  end

  it "compares the draft with the version before, and with another formula" do
    formula = ElmCupServer::Formula.start(formula("1 cup oats", "1/4 cup honey", name: "First"))
    formula.save_version(formula("1 1/2 cups oats", "1/4 cup maple syrup", name: "First"), parent: formula.current_version)
    saved("1 cup tahini", name: "Other")
    visit "/formulas/#{formula.id}/compare"
    expect(page).to have_css("tr.changed", text: /1 cup oats.*1 1\/2 cups oats.*88.*132.*\+44 g/)
      .and have_css("tr.gone", text: "1/4 cup honey").and have_css("tr.added", text: "1/4 cup maple syrup")
    expect(page).to have_text("Now keeps to vegan")
    find("[aria-label='Compare with']", match: :first).click
    find("[role=option]", text: "Other").click
    expect(page).to have_css("tr.gone", text: "1 cup tahini")
  end
end
