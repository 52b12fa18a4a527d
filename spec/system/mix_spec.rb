# frozen_string_literal: true

require "system_helper"

RSpec.describe "Mix in the browser", system: true do
  it "goes from an empty shelf to a saved bowl that was made and written down" do
    visit "/"
    expect(page).to have_text("Nothing yet.")
    click_button "New formula"
    expect(page).to have_text("Nothing in the bowl yet")
    entry.set("1 1/2 cups rolled oats, ground")
    expect(find("#entry-reading")).to have_text("143 g Rolled oats, ground · 98 % sure")
    entry.send_keys(:enter)
    type_line("12 soft dates, to paste")
    type_line("1/3 cup tahini")
    click_button "processor"
    expect(page).to have_css("[data-sentence]", text: /The dry side takes \d+ mL, the binder offers \d+/)
    find_field("Name of the formula").set("Choir bites\n")
    click_button "Save"
    expect(page).to have_css("[data-version]", text: "Version 1, saved")
    expect(ElmCupServer::Formula.last.name).to eq("Choir bites")
    expect(ElmCupServer::Formula.last.current_version.parsed["components"][0]).to include("process" => "processor",
      "lines" => [{"text" => "1 1/2 cups rolled oats, ground"}, {"text" => "12 soft dates, to paste"}, {"text" => "1/3 cup tahini"}])

    click_link "Made it"
    expect(page).to have_text("What went in")
    find_field("Actual grams of 1/3 cup tahini").set("85")
    find_field("Added in the bowl").set("2 tsp water").send_keys(:enter)
    find("label", text: "rolls").click
    find_field("Pieces").set("24")
    find_field("Minutes").set("40")
    find_field("Note").set("Came together <b>at once</b>")
    click_button "Write it down"
    expect(page).to have_current_path("/log")
    expect(page).to have_css("svg[aria-label^='Predicted'][aria-label$='seen rolls']")
    expect(page).to have_text("+ 2 tsp water (9.9 g)").and have_text("1/3 cup tahini: +5 g").and have_text("Came together <b>at once</b>")
      .and have_text("24 pieces")
    visit "/"
    expect(page).to have_text("came out: rolls")
  end

  it "keeps an unsaved draft through a reload and undoes through it, and past a Save to the parent version" do
    id = saved("1 cup oats", "1/4 cup honey")
    visit "/formulas/#{id}/mix"
    type_line("2 tbsp tahini")
    expect(page).to have_css("[data-version]", text: "draft on it")
    visit "/formulas/#{id}/mix"
    expect(page).to have_text("unsaved draft").and have_css("[data-line]", count: 3)
    click_button "Save"
    expect(page).to have_css("[data-version]", text: "Version 2, saved")
    page.execute_script("localStorage.clear()")
    visit "/formulas/#{id}/mix"
    expect(page).to have_css("[data-line]", count: 3)
    find("body").send_keys([:control, "z"])
    expect(page).to have_css("[data-line]", count: 2).and have_css("[data-version]", text: "Version 1, saved")
    find("body").send_keys([:control, :shift, "z"])
    expect(page).to have_css("[data-line]", count: 3).and have_css("[data-version]", text: "Version 1, draft on it")
    expect(ElmCupServer::FormulaVersion.count).to eq(2)
    click_button "More"
    find("[aria-label='Versions']", match: :first).click
    find("[role=option]", text: /\A1 ·/).click
    expect(page).to have_css("[data-line]", count: 2).and have_css("[data-version]", text: "Version 1, saved")
    find("body").send_keys([:control, "z"])
    expect(page).to have_css("[data-line]", count: 3)
  end

  it "changes a line in place, nudges it by key and button, takes it out and brings it back" do
    id = saved("1 cup oats", "2 tbsp honey")
    visit "/formulas/#{id}/mix"
    find("button", text: "2 tbsp honey").click
    retype("Line 2", "3 tbsp honey", :enter)
    expect(page).to have_css("[data-line='2'] [data-grams]", text: "64 g")
    find("button", text: "3 tbsp honey").click
    find_field("Line 2").send_keys(%i[alt up])
    expect(page).to have_field("Line 2", with: "3 1/2 tbsp honey")
    find_field("Line 2").send_keys(:escape)
    expect(page).to have_css("[data-line='2'] .typed")
    page.execute_script("document.querySelector('[data-line=\"2\"] .typed').focus()")
    page.driver.browser.keyboard.type(%i[alt down])
    expect(page).to have_css("[data-line='2'] .typed", exact_text: "3 tbsp honey")
    page.driver.browser.keyboard.type(%i[alt up])
    expect(page).to have_css("[data-line='2']", text: "3 1/2 tbsp honey")
    press_tool "Less of line 1"
    expect(page).to have_css("[data-line='1']", text: "3/4 cup oats")
    press_tool "Take line 2 out"
    expect(page).to have_css("[data-line]", count: 1)
    within("[aria-live]", text: "is out") { click_button "Undo" }
    expect(page).to have_css("[data-line='2']", text: "3 1/2 tbsp honey")
    find("button", text: "3 1/2 tbsp honey").click
    retype("Line 2", "9 cups honey", :escape)
    expect(page).to have_css("[data-line='2']", text: "3 1/2 tbsp honey")
  end

  it "shows in the Cup what is being typed before it is kept" do
    id = saved("2 cups rolled oats", "2 tbsp honey")
    visit "/formulas/#{id}/mix"
    expect(page).to have_css("[data-level]")
    before = sentence
    entry.set("1/2 cup peanut butter")
    expect(page).to have_no_css("[data-sentence]", exact_text: before)
    expect(page).to have_css(".dose[disabled]").and have_no_css(".dose:enabled")
    entry.send_keys(:escape)
    expect(page).to have_css("[data-sentence]", exact_text: before)
    expect(page).to have_css("[data-line]", count: 2)
  end

  it "moves the Cup while an amount is dragged, and keeps it as one edit when let go" do
    visit "/formulas/#{saved("1 cup rolled oats", {"ingredient" => "tahini", "grams" => 120})}/mix"
    expect(page).to have_css("[data-level]")
    before = sentence
    x, y = page.evaluate_script("(({ left, top, height }) => [left + 20, top + height / 2])(document.querySelector('[data-line=\"2\"] .grams').getBoundingClientRect())")
    mouse = page.driver.browser.mouse
    mouse.move(x: x, y: y).down.move(x: x - 40, y: y)
    expect(page).to have_no_css("[data-sentence]", exact_text: before)
    expect(page).to have_css("[data-line='2'] [data-grams]", text: "100 g")
    mouse.up
    expect(page).to have_css("[data-line='2'] .typed", exact_text: "100 g tahini")
    find("body").send_keys([:control, "z"])
    expect(page).to have_css("[data-line='2'] .typed", exact_text: "120 g tahini").and have_css("[data-sentence]", exact_text: before)
  end

  it "makes a line that names several things a line each: as it is typed, and later with a press" do
    id = saved("1 cup oats", "200 g dark chocolate, melted w/ 1 tbsp coconut oil")
    visit "/formulas/#{id}/mix"
    expect(page).to have_css("[data-line='2'] [data-grams]", text: "200 g")
    click_button "Make it 2 lines"
    expect(page).to have_css("[data-line]", count: 3).and have_css("[data-line='3'] [data-grams]", text: "14 g")
    find("body").send_keys([:control, "z"])
    expect(page).to have_css("[data-line]", count: 2)
    entry.set("2 tbsp honey and 1 tsp vanilla")
    expect(page).to have_css("#entry-reading .read, #entry-reading .flag")
    entry.send_keys(:enter)
    expect(page).to have_css("[data-line='3']", text: "2 tbsp honey").and have_css("[data-line='4']", text: "1 tsp vanilla")
  end

  it "lets the cook say what an unknown name is, keeps it in the line and says so" do
    id = saved("1 cup oats", "1/4 cup honey")
    visit "/formulas/#{id}/mix"
    type_line("2 tbsp moon dust")
    expect(page).to have_css("[data-sentence]", text: /\AWithout line 3: /)
    click_button "Choose from the pantry"
    fill_in "Search the pantry", with: "mixed spi"
    find("[role=dialog] button", text: "Mixed spice").click
    open_assumed 3
    expect(page).to have_css("[data-line='3']", text: "“moon dust” is treated as mixed spice, as you chose")
    type_line("1 tbsp butter")
    open_assumed 4
    expect(page).to have_css("[data-line='4']", text: "“butter” is taken as dairy butter")
      .and have_css("[data-line='4'] [data-grams]", text: "14 g")
    click_button "Save"
    expect(page).to have_css("[data-version]", text: "saved")
    expect(ElmCupServer::Formula.find(id).current_version.parsed["components"][0]["lines"].last(2))
      .to eq([{"text" => "2 tbsp moon dust", "ingredient" => "spice-mixed"}, {"text" => "1 tbsp butter"}])
  end

  it "applies a rescue and a remedy with one click, and undoes them" do
    id = saved("14 soft pitted dates", "1 cup almond flour", "1/2 cup tahini", "2 tbsp cocoa powder", process: "processor")
    visit "/formulas/#{id}/mix"
    dose = find(".dose", match: :first)
    promised = dose.text[/→ (\w+), ([\d.]+)/, 2]
    dose.click
    expect(page).to have_css("[data-line]", count: 5).and have_text("Fill #{promised}")
    expect(page).to have_no_css(".dose")
    click_button "Add", match: :first, exact: false, class: "link-button"
    expect(page).to have_text("Nothing to worry about")
    2.times { click_button "Undo", match: :first }
    expect(page).to have_css("[data-line]", count: 4).and have_css(".dose")
  end

  it "edits one component of several at a time and leaves the others alone" do
    document = formula("1 cup oats", "10 soft dates, to paste")
    caramel = {"name" => "caramel", "type" => "filling", "process" => "processor", "lines" => [{"text" => "12 soft dates"}]}
    shell = {"name" => "shell", "type" => "coating", "lines" => [{"text" => "150 g dark chocolate, melted"}]}
    id = ElmCupServer::Formula.start(document.merge("components" => [caramel, *document["components"], shell])).id
    visit "/formulas/#{id}/mix"
    expect(page).to have_css("[data-line]", count: 1)
    find("[data-part=dough]").click
    expect(page).to have_css("[data-line]", count: 2)
    type_line("2 tbsp tahini")
    expect(page).to have_css("#second-look li", text: /\Adough: Tahini is unsalted/)
    find("[data-part=shell]").click
    expect(page).to have_css("[data-sentence]", text: "not judged as a dough").and have_no_css("[data-level]")
    click_button "Save"
    expect(page).to have_css("[data-version]", text: "Version 2, saved")
    expect(ElmCupServer::Formula.find(id).current_version.parsed["components"].map { |part| part["lines"].size }).to eq([1, 3, 1])
  end

  it "measures by the cups, doses by the spoons and mixes at the warmth of the cook's own kitchen" do
    visit "/formulas/#{saved("1 cup honey", "75 g honey", "40 g coconut oil")}/mix"
    expect(page).to have_css("[data-line='1'] [data-grams]", text: "339 g").and have_css("[data-line='2']", text: "≈ 3 tbsp + 1 1/2 tsp")
    cool = find("[data-line='3'] .fat")[:width]
    click_link "US cups, 21 °C"
    find("[aria-label='Cup standard']", match: :first).click
    find("[role=option]", text: "metric").click
    ["1/4 tsp", "1/2 tsp"].each { |spoon| uncheck spoon }
    find("input[type=number][max='45']").send_keys([:control, "a"], "30", :enter)
    click_link "Back to Mix"
    expect(page).to have_link("metric cups, 30 °C").and have_css("[data-line='1'] [data-grams]", text: "358 g")
      .and have_css("[data-line='2']", text: "≈ 3 tbsp + 1 tsp")
    expect(page).to have_no_css("[data-line='3'] .fat[width='#{cool}']")
    expect(Float(find("[data-line='3'] .fat")[:width])).to be > Float(cool)
    entry.set("1 cup honey")
    expect(page).to have_css("#entry-reading", text: "358 g")
    4.times { click_button "Undo" }
    expect(page).to have_link("US cups, 21 °C")
  end

  it "explains the level by sums that are there to read" do
    visit "/formulas/#{saved("1 cup oats", "1/4 cup honey")}/mix"
    click_button "Why?"
    expect(page).to have_css("[role=dialog]", text: "binder / demand").and have_css("[role=dialog]", text: "grams of honey")
  end

  it "portions by grams, by scoop and by count" do
    visit "/formulas/#{saved("300 g almond butter", "60 g coconut flour")}/mix"
    expect(page).to have_css("[data-pieces]", text: "20 balls of 18 g")
    retype("grams a piece", "30", :enter)
    expect(page).to have_css("[data-pieces]", text: "12 balls of 30 g")
    find("[aria-label='Portion by']", match: :first).click
    find("[role=option]", text: "pieces", exact_text: true).click
    retype("pieces", "40", :enter)
    expect(page).to have_css("[data-pieces]", text: "40 balls of 9 g")
    find("[aria-label='Portion by']", match: :first).click
    find("[role=option]", text: "scoop").click
    expect(page).to have_css("[data-pieces]", text: "37 balls of 9.5 g")
    # The drawing is at true scale: the ball's diameter beside the 50 mm bar.
    ratio = page.evaluate_script("document.querySelector('[data-section] [data-layer]').getBoundingClientRect().width / document.querySelector('[data-section] .bar').getBoundingClientRect().width")
    millimetres = find("[data-pieces]").text[/(\d+) mm across/, 1].to_f
    expect(ratio * 50).to be_within(1).of(millimetres)
  end

  it "copies, scales, deletes and brings back" do
    id = saved("1 cup oats", "10 soft dates", name: "Slip")
    visit "/formulas/#{id}/mix"
    click_button "Batch size"
    retype("Times as large", "nonsense", :tab)
    expect(page).to have_css("[role=alert]", text: "The factor must be a number, such as 2, 1/2 or 1 1/2")
    expect(page).to have_button("Use this size", disabled: true)
    retype("Times as large", "× 1/2", :tab)
    expect(page).to have_css("[role=dialog] tbody tr", text: /1 cup oats\s+1\/2 cup oats/)
    click_button "Use this size"
    expect(page).to have_css("[data-line='1']", text: "1/2 cup oats").and have_css("[data-line='2']", text: "5 soft dates")
    click_button "More"
    click_button "Copy"
    expect(page).to have_field("Name of the formula", with: "Slip (copy)")
    click_button "More"
    click_button "Delete"
    expect(page).to have_current_path("/formulas").and have_text("“Slip (copy)” is deleted")
    click_button "Undo"
    expect(page).to have_field("Name of the formula", with: "Slip (copy)")
    click_button "More"
    click_button "Delete"
    expect(page).to have_current_path("/formulas").and have_css(".cup-link", count: 1)
    visit "/formulas"
    click_button "Bring back Slip (copy)"
    expect(page).to have_css(".cup-link", count: 2).and have_no_text("Deleted just now")
    click_button "Table"
    expect(page).to have_css("tbody tr", count: 2)
    click_button "Texture and fill"
    expect(page).to have_css("th[aria-sort=ascending]", text: "Texture and fill")
    fill_in "Search by name, texture or diet", with: "(copy)"
    expect(page).to have_css("tbody tr", count: 1)
  end

  it "loses nothing while the server does not answer, and says that the cup is an old one" do
    id = saved("1 cup rolled oats, ground", "1/4 cup tahini", "2 tbsp maple syrup")
    visit "/formulas/#{id}/mix"
    expect(page).to have_css(".dose:enabled").and have_css("[data-level]")
    page.execute_script("window.answering = window.fetch; window.fetch = () => Promise.reject(new TypeError('gone'))")
    entry.set("1 pinch salt").send_keys(:enter)
    expect(page).to have_css("[role=alert]", text: "The kitchen server does not answer. Nothing is lost here", count: 1)
    expect(page).to have_text("As it was before the last change").and have_css(".dose:disabled").and have_no_css(".dose:enabled")
    click_button "Save"
    expect(page).to have_css("[role=alert]", count: 1)
    expect(page).to have_css("[data-version]", text: "draft on it")
    page.execute_script("window.fetch = window.answering")
    click_button "Try again"
    expect(page).to have_no_text("As it was before the last change").and have_css(".dose:enabled")
    click_button "Save"
    expect(page).to have_css("[data-version]", text: "Version 2, saved").and have_no_css("[role=alert]")
    expect(ElmCupServer::Formula.find(id).current_version.parsed["components"][0]["lines"].last).to eq("text" => "1 pinch salt")
  end

  it "shows HTML in names as text, and bad addresses kindly" do
    id = saved("1 cup <img src=x onerror=alert(1)>", name: "<script>boom()</script>")
    visit "/formulas/#{id}/mix"
    expect(page).to have_field("Name of the formula", with: "<script>boom()</script>").and have_css("[data-line]", text: "<img src=x")
    visit "/formulas/99999/mix"
    expect(page).to have_text("There is nothing here with that number")
    visit "/no/such/place"
    expect(page).to have_text("Nothing at this address")
  end

  it "works by the keyboard alone" do
    visit "/formulas/#{saved("1 cup oats")}/mix"
    expect(page).to have_css("[data-line]")
    find("body").send_keys("/")
    page.driver.browser.keyboard.type("2 tbsp honey")
    expect(page).to have_css("#entry-reading .read")
    page.driver.browser.keyboard.type(:Enter)
    expect(page).to have_css("[data-line]", count: 2)
    page.driver.browser.keyboard.type(:Tab)
    find("h2", text: "One piece").click
    find("body").send_keys("?")
    expect(page).to have_css("[role=dialog]", text: "To the entry line")
    find("[role=dialog]").send_keys(:escape)
    expect(page).to have_no_css("[role=dialog]")
  end
end
