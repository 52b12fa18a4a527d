# frozen_string_literal: true

require "system_helper"
require_relative "../../server/demo/demo_data"

RSpec.describe "Balance in the browser", system: true do
  let(:id) {
    saved("1 cup rolled oats, ground", "10 soft dates, to paste", "1/3 cup tahini", "2 tbsp maple syrup", "1/4 tsp fine salt",
      name: "Bites")
  }
  let(:version) { ElmCupServer::Formula.find(id).current_version.parsed }

  def wish(text)
    find_field("A wish").set(text)
    find_field("A wish").send_keys(:enter)
  end

  def save
    click_button "Save"
    expect(page).to have_css("[data-version]", text: /Version \d+, saved/)
  end

  # The thorough search is asked for, and its answer does not reach the page.
  def hold_the_thorough_answer
    page.execute_script(<<~JS)
      const hear = EventSource.prototype.addEventListener
      EventSource.prototype.addEventListener = function (event, hearer) {
        if (!['better', 'end'].includes(event)) hear.call(this, event, hearer)
      }
    JS
  end

  it "takes wishes as they are said, shows what is now, keeps them with the formula and gives them back" do
    visit "/formulas/#{id}/mix"
    expect(page).to have_css("[data-level]").and have_button("Balance", disabled: true)
    wish("tacky")
    expect(page).to have_css("[data-wish='texture=tacky']", text: "now presses")
    wish("crunchy")
    expect(page).to have_css("#wish-fault", text: "“crunchy” is not a wish we can work out")
    expect(page).to have_field("A wish", with: "crunchy")
    wish("under 90 kcal")
    expect(page).to have_css("[data-wish='kcal<=90']", text: "met")
    wish("under 80 kcal")
    expect(page).to have_css("[data-wish]", count: 2).and have_css("[data-wish='kcal<=80']")
    wish("rolls")
    expect(page).to have_css("[data-wish='texture=rolls']").and have_no_css("[data-wish='texture=tacky']")
    find("[aria-label='Pick a wish']", match: :first).click
    find("[role=option]", text: "keep tahini as it is").click
    expect(page).to have_css("[data-wish='lock:tahini']", text: "keep tahini")
    click_button "Drop the wish: at most 80 kcal a piece"
    expect(page).to have_no_css("[data-wish='kcal<=80']")
    save
    expect(version["wishes"]).to eq(%w[texture=rolls lock:tahini])
    visit "/formulas/#{id}/mix"
    expect(page).to have_css("[data-wish]", count: 2)
    find("body").send_keys([:control, "z"])
    expect(page).to have_css("[data-wish='kcal<=80']")
  end

  it "shows answers side by side, tries one on the Cup, applies it, and takes it back" do
    visit "/formulas/#{id}/mix"
    wish("tacky")
    expect(page).to have_css("[data-wish]")
    before = sentence
    page.execute_script("document.activeElement.blur()")
    find("body").send_keys("b")
    expect(page).to have_css("th", text: "Smallest change").and have_css("th", text: "Another way").and have_css("th", text: "A third")
    expect(page).to have_css("tr", text: /Texture.*presses.*tacky/m)
    expect(page).to have_css("tr.why", text: "the smallest change in your measures")
    expect(axe_findings).to eq([])
    click_button "Preview", match: :first
    expect(page).to have_text("Preview: not in the draft yet.").and have_css("[data-wish='texture=tacky']", text: "met")
    expect(page).to have_no_css("[data-sentence]", exact_text: before)
    click_button "Stop preview"
    expect(page).to have_css("[data-sentence]", text: before)
    page.find("button[aria-label^='Energy, ']", match: :first).click
    expect(page).to have_css("[role=dialog]", text: "Energy of a piece, kcal")
    expect(page).to have_css("[role=dialog] code", text: "g1 * k1")
    find("[role=dialog]").send_keys(:escape)
    click_button "Apply", match: :first
    expect(page).to have_css("[data-line]").and have_text("Balanced: ")
    expect(page).to have_css("[data-sentence]", text: "tacky")
    expect(page).to have_css("[data-version]", text: "draft on it")
    within(".notice") { click_button "Undo" }
    expect(page).to have_css("[data-sentence]", text: before)
  end

  it "takes up what is still typed when Balance is pressed, and wishes follow the name of their part" do
    several = ElmCupServer::Formula.start({"elm_cup" => "formula/1", "name" => "Layers", "shape" => {"kind" => "ball", "piece_grams" => 18},
      "wishes" => ["date caramel.texture=tacky"], "components" => [
        {"name" => "dough", "lines" => [{"text" => "1 cup rolled oats, ground"}, {"text" => "1/3 cup tahini"}, {"text" => "3 tbsp honey"}]},
        {"name" => "date caramel", "type" => "filling", "process" => "processor",
         "lines" => [{"text" => "12 soft dates"}, {"text" => "2 tbsp tahini"}]}
      ]}).id
    visit "/formulas/#{several}/mix"
    expect(page).to have_css("[data-wish='date caramel.texture=tacky']", text: "date caramel: tacky")
    press_tool "Keep line 2 as it is when balancing"
    expect(page).to have_css("[data-wish='dough.lock:tahini']", text: "dough: keep tahini")
    find_field("A wish").set("wetter")
    click_button "Balance"
    expect(page).to have_css("[data-wish^='texture=']").and have_css("th", text: "Smallest change")
    expect(page).to have_no_css(".changes td li", text: /tahini.*dough|dough: .*tahini/)
    click_button "Back to the lines"
    find_field("A wish").set("vegan")
    page.execute_script("document.activeElement.blur()")
    find("body").send_keys("b")
    expect(page).to have_css("[data-wish='diet=vegan']").and have_css("tr.why", text: /./)
    click_button "Back to the lines"
    find_field("A wish").set("crunchy")
    click_button "Balance"
    expect(page).to have_css("#wish-fault", text: "“crunchy” is not a wish").and have_css("[data-line]")
    within(".parts") { click_button "date caramel", match: :first }
    click_button "This part"
    fill_in "Name of the part", with: "caramel"
    find_field("Name of the part").send_keys(:enter)
    expect(page).to have_css("[data-wish='caramel.texture=tacky']", text: "caramel: tacky")
    expect(page).to have_css("[data-wish='dough.lock:tahini']")
  end

  it "locks a line by its row, and lets it move again" do
    visit "/formulas/#{id}/mix"
    press_tool "Keep line 3 as it is when balancing"
    expect(page).to have_css("[data-wish='lock:tahini']").and have_css("[data-line='3'] .lock[aria-pressed=true]")
    wish("tacky")
    expect(page).to have_css("[data-wish='texture=tacky']")
    click_button "Balance"
    expect(page).to have_css("th", text: "A third")
    expect(page).to have_css(".changes td li").and have_no_css(".changes td li", text: "tahini")
    click_button "Back to the lines"
    press_tool "Keep line 3 as it is when balancing"
    expect(page).to have_no_css("[data-wish='lock:tahini']").and have_css("[data-line='3'] .lock[aria-pressed=false]")
  end

  it "explains a clash, and lets one wish give way with a press" do
    visit "/formulas/#{id}/mix"
    wish("under 40 kcal")
    wish("keep the size")
    expect(page).to have_css("[data-wish='lock:size']")
    click_button "Balance"
    expect(page).to have_css(".clash", text: "is not possible here")
    expect(axe_findings).to eq([])
    find(".give", match: :first).click
    expect(page).to have_css("th", text: "Smallest change").and have_no_css(".clash")
    expect(page).to have_css("[data-wish^='kcal<=']:not([data-wish='kcal<=40'])")
    click_button "Back to the lines"
    expect(page).to have_css("[data-line]", count: 5)
  end

  it "says that nothing has to change, balances without a line that it cannot read, and says what to type" do
    visit "/formulas/#{id}/mix"
    page.execute_script("document.activeElement.blur()")
    find("body").send_keys("b")
    expect(page).to have_text("Say above what you want")
    wish("under 500 kcal")
    click_button "Balance"
    expect(page).to have_text("All wishes are met already: nothing has to change.")
    click_button "Back to the lines"
    entry.set("2 tbsp moon dust")
    entry.send_keys(:enter)
    expect(page).to have_css("[data-line]", count: 6).and have_css("[data-sentence]", text: /\AWithout line 6: /)
    click_button "Balance"
    expect(page).to have_text("nothing has to change").or have_css("th", text: "Smallest change")
  end

  it "can be called off while it looks, and what was found stays" do
    model = BalanceModels.document(6)
    hard = ElmCupServer::Formula.start(model.merge("wishes" => BalanceModels.wishes(6, assess(model)))).id
    visit "/formulas/#{hard}/mix"
    expect(page).to have_css("[data-wish]", count: 6)
    hold_the_thorough_answer
    click_button "Balance"
    expect(page).to have_css("th", text: "First found")
    click_button "Cancel"
    expect(page).to have_no_button("Cancel")
    expect(page).to have_button("Apply", minimum: 1)
  end

  it "finds what can stand in for a line, and puts it in" do
    visit "/formulas/#{id}/mix"
    press_tool "Substitutes for line 3"
    find("[aria-label='Why it is replaced']").click
    find("[role=option]", text: "sesame-free").click
    expect(page).to have_css(".found th", text: "Sunflower-seed butter").and have_css(".found th", text: "Texture")
    expect(axe_findings).to eq([])
    find(".found .link-button", text: "The sums", match: :first).click
    expect(page).to have_css("[role=dialog] h2", text: "Size of the change = 0.05")
      .and have_css("[role=dialog] h2", text: "Energy of a piece")
    expect(axe_findings).to eq([])
    page.active_element.send_keys(:escape)
    expect(page).to have_no_css("[role=dialog] h2", text: "Size of the change")
    click_button "Use it: Sunflower-seed butter"
    expect(page).to have_css("[data-line='3']", text: "sunflower seed butter")
    save
    expect(assess(version)["allergens"]).not_to include("sesame")
  end

  it "makes a trial of two pieces and logs what was seen against the version" do
    visit "/formulas/#{id}/mix"
    page.execute_script("document.activeElement.blur()")
    find("body").send_keys("t")
    expect(page).to have_css("[role=dialog] li", text: "g rolled oats, ground")
    expect(page).to have_css("[role=dialog] p", text: /as measured it presses, 0\.\d\d \(0\.\d\d–\d\.\d\d\), the bowl presses/)
    click_button "The sums"
    expect(page).to have_css("[role=dialog] h2", text: "What the trial is of the bowl = 0.0")
    page.active_element.send_keys(:escape)
    expect(page).to have_no_css("[role=dialog] h2", text: "What the trial is")
      .and have_css("[role=dialog] li", text: "g rolled oats, ground")
    click_button "1 g"
    expect(page).to have_css("[role=dialog] li", text: /\A\d+ g rolled oats/)
    find("label.texture", text: "presses").click
    expect(axe_findings).to eq([])
    fill_in "What else was seen or tasted", with: "good, a little dry"
    click_button "Log it"
    expect(page).to have_text("The trial is in the log, against version 1.")
    visit "/log"
    expect(page).to have_css(".entry", text: /trial of 2.*good, a little dry/m)
    visit "/formulas/#{id}/mix"
    wish("tacky")
    expect(page).to have_css("[data-wish='texture=tacky']")
    click_button "Balance"
    expect(page).to have_css("th", text: "A third")
    click_button "Preview", match: :first
    click_button "Trial"
    expect(page).to have_text("Of the answer that is tried on:").and have_css("[role=dialog] li", text: "g rolled oats, ground")
    find("label.texture", text: "tacky").click
    click_button "Log it"
    expect(page).to have_text("The trial is in the log, against version")
    visit "/log"
    expect(page).to have_css(".entry", text: "tacky → tacky")
  end
end

RSpec.describe "Bowls from nothing in the browser", system: true do
  it "proposes bowls of what is ticked, keeps the ticks, and makes one a formula" do
    visit "/cupboard"
    expect(page).to have_button("Propose bowls", disabled: true)
    ["soft dates", "almond flour", "almond butter", "rolled oats", "maple", "coconut oil"].each do |name|
      fill_in "Search ingredients", with: name
      find(".rest label", match: :first).click
      expect(page).to have_css(".have")
    end
    fill_in "Search ingredients", with: ""
    expect(page).to have_css(".have", count: 6)
    fill_in "Wishes", with: "vegan"
    find_field("Wishes").send_keys(:enter)
    expect(page).to have_css(".said li", text: "vegan")
    click_button "Propose bowls"
    expect(page).to have_css(".bowl", count: 3)
    fill_in "Search ingredients", with: "maple"
    expect(axe_findings).to eq([])
    expect(page.all(".bowl h2").map(&:text).uniq.size).to eq(3)
    page.first(".bowl").click_button("Make it a formula")
    expect(page).to have_css("[data-line]", minimum: 3).and have_css("[data-level]")
    visit "/cupboard"
    expect(page).to have_css(".have", count: 6).and have_css(".said li", text: "vegan")
    fill_in "Pieces", with: "many"
    click_button "Propose bowls"
    expect(page).to have_css("[role=alert]", text: "Pieces: “many” is not a number over 0")
    fill_in "Pieces", with: ""
    fill_in "Wishes", with: "under 20 kcal"
    click_button "Propose bowls"
    expect(page).to have_css(".said li", text: "at most 20 kcal a piece").and have_css(".clash", text: "its share of a usual")
    fill_in "Search ingredients", with: "maple"
    expect(axe_findings).to eq([])
    find(".give", text: "at most 20 kcal a piece” becomes").click
    expect(page).to have_css(".bowl").and have_no_css(".clash")
    expect(page).to have_no_css(".said li", text: "at most 20 kcal").and have_css(".said li", text: "kcal a piece")
  end

  it "gives doses for a bowl that nobody wrote down" do
    visit "/"
    click_link "A bowl in trouble"
    fill_in "Grams of it, about", with: "250"
    find("label.texture", text: "presses").click
    click_button "What does it need"
    expect(page).to have_css(".sentence", text: /\AGive it .* first, squeeze a pinch/)
    expect(page).to have_css(".doses li", text: /First .* water, then look/)
    expect(axe_findings).to eq([])
    find(".doses li", text: "water").click_button("The sums")
    expect(page).to have_css("[role=dialog] h2", text: "The dose, g").and have_css("[role=dialog] h2", text: "The most that it may be")
    expect(axe_findings).to eq([])
    page.active_element.send_keys(:escape)
    expect(page).to have_no_css("[role=dialog]")
    click_button "The sums of the bowl"
    expect(page).to have_css("[role=dialog] h2", text: "set right by the eye", count: 2)
    page.active_element.send_keys(:escape)
    fill_in "What is roughly in it", with: "moon dust"
    click_button "What does it need"
    expect(page).to have_css("[role=alert]", text: "moon dust")
  end
end
