# frozen_string_literal: true

require "system_helper"

RSpec.describe "Layers in the browser", system: true do
  let(:layered) do
    caramel = {"name" => "caramel", "type" => "filling", "process" => "processor",
               "lines" => [{"text" => "12 pitted dates"}, {"text" => "3 tbsp cashew butter"}]}
    formula("1 cup rolled oats, ground", "1/3 cup tahini", name: "Layered")
      .then { |document| document.merge("components" => [caramel, *document["components"]]) }
  end
  let(:id) { ElmCupServer::Formula.start(layered).id }
  let(:kept) { ElmCupServer::Formula.find(id).current_version.parsed }

  def save
    click_button "Save"
    expect(page).to have_css("[data-version]", text: /Version \d+, saved/)
  end

  def add_part(word)
    find("[aria-label='Add a part']", match: :first).click
    find("[role=option]", text: word).click
  end

  it "adds a part, names it, gives it a share of another and puts it first; all of it can be undone" do
    visit "/formulas/#{id}/mix"
    expect(page).to have_css("[data-part]", count: 2)
    add_part "a layer"
    click_button "This part"
    retype("Name of the part", "swirl", :enter)
    expect(page).to have_css("[data-part=swirl][aria-current]")
    click_button "Take some of another part"
    find_field("takes").set("25 %")
    click_button "Take", exact: true
    expect(page).to have_text("66 g, 25 % of it")
    retype("How much of caramel", "500 g", :enter)
    find("body").click
    expect(page).to have_text("It takes 500 g of “caramel”, and only 264 g are mixed; take less, or mix more.")
    retype("How much of caramel", "1/4 cup", :tab)
    expect(page).to have_text(/g, \d+ % of it\s+“caramel” is taken to weigh 1\.\d+ g a mL/)
    find("[data-part=swirl]").send_keys([:alt, :left])
    expect(page).to have_css("li:nth-child(3) > [data-part=swirl]")
    page.execute_script("document.activeElement.blur()")
    find("body").send_keys([:alt, :left])
    expect(page).to have_css("li:nth-child(2) > [data-part=swirl]")
    save
    expect(kept["components"].map { |part| part["name"] }).to eq(%w[swirl caramel dough])
    expect(kept["components"][0]).to include("type" => "layer", "takes" => [{"component" => "caramel", "text" => "1/4 cup"}])
    page.execute_script("document.activeElement.blur()")
    8.times { find("body").send_keys([:control, "z"]) }
    expect(page).to have_css("[data-part]", count: 2)
  end

  it "keeps shares when a part is renamed, and takes them out with it" do
    layered["components"][1]["takes"] = [{"component" => "caramel", "share" => 0.5}]
    visit "/formulas/#{id}/mix"
    click_button "This part"
    retype("Name of the part", "date caramel", :enter)
    expect(page).to have_css("[data-part='date caramel']")
    click_button "Whole"
    expect(page).to have_css(".whole li", text: "takes 50 % of date caramel (132 g)").and have_css(".whole li", text: "264 g, 132 g stay")
    find(".whole .open", text: "takes 50 %").click
    expect(page).to have_css("[data-part=dough][aria-current]")
    find("[data-part='date caramel']").click
    click_button "This part"
    click_button "Take it out"
    expect(page).to have_text("“date caramel” is removed, and its shares with it.")
    save
    expect(kept["components"].map { |part| part.slice("name", "takes") }).to eq([{"name" => "dough"}])
  end

  it "drags a part to another place" do
    visit "/formulas/#{id}/mix"
    find("[data-part=dough]").drag_to(find("[data-part=caramel]"), html5: true)
    expect(page).to have_css("li:nth-child(2) > [data-part=dough]")
  end

  it "keeps a name that is typed and left at once, by a click on another screen" do
    visit "/formulas/#{id}/mix"
    expect(page).to have_css("[data-part]", count: 2)
    click_button "This part"
    find_field("Name of the part").send_keys([:control, "a"], "toffee")
    click_link "Counter"
    expect(page).to have_css("h1", text: "Counter")
    visit "/formulas/#{id}/mix"
    expect(page).to have_css("[data-part=toffee]").and have_button("Undo", disabled: false)
  end

  it "divides a base into flavours with pieces and a topping, each judged and counted" do
    visit "/formulas/#{saved("1 cup rolled oats, ground", "14 soft pitted dates, to paste", "1/3 cup tahini")}/mix"
    add_part "a flavour"
    # What is chosen is done, and the menu stands as before; the flavour has the cup of its base, though no line of its own.
    expect(page).to have_css("[aria-label='Add a part']", text: "+ part").and have_css("[data-stratum]")
    retype("Name of the flavour", "nib", :enter)
    retype("Share of the base in per cent", "60", :tab)
    type_line("20 g cocoa nibs")
    click_button "sprinkled on"
    expect(page).to have_text("Nothing is sprinkled on this flavour.")
    type_line("1 tsp flaky salt")
    expect(page).to have_text("Sprinkled on")
    expect(page).to have_css("[data-sentence]", text: /It \w+ \(\d+ %\)/)
    click_button "Whole"
    expect(page).to have_css(".whole li", text: /nib.*flavour, 60 % of dough.*\d+ balls/m)
    save
    expect(ElmCupServer::Formula.last.current_version.parsed["splits"])
      .to eq([{"name" => "nib", "share" => 0.6, "component" => "dough", "lines" => [{"text" => "20 g cocoa nibs"}],
               "topping" => [{"text" => "1 tsp flaky salt"}]}])
  end

  it "says a broken need at once, by line, and mends it" do
    visit "/formulas/#{saved("1 cup gluten-free oats", "1/2 cup tahini", "1/4 cup honey", "1/4 tsp salt")}/mix"
    find("summary", text: "Diets, by line").click
    expect(page).to have_css(".diets li", text: "broken by 1/4 cup honey", minimum: 1)
    check "vegan"
    expect(page).to have_css(".breach", text: "An eater needs it vegan. “1/4 cup honey” in dough breaks it: Honey: not vegan.")
    within("#second-look") { click_button "Use 85 g maple syrup instead", match: :first }
    expect(page).to have_no_css(".breach")
    expect(page).to have_css("[data-line='3']", text: "85 g maple syrup")
    save
    expect(ElmCupServer::Formula.last.current_version.parsed["needs"]).to eq(["vegan"])
  end

  it "mutes a rule for this formula, and says it again" do
    visit "/formulas/#{saved("1 cup almond butter", "1/3 cup maple syrup")}/mix"
    expect(page).to have_css("#second-look li", text: "it will taste flat")
    find("#second-look .mute", match: :first).click
    expect(page).to have_css("#second-look summary", text: "1 finding muted")
    find("#second-look summary").click
    click_button "Show again", exact: false
    expect(page).to have_css("#second-look li", text: "it will taste flat")
  end

  it "shows what soaking brings beside the line" do
    visit "/formulas/#{saved("10 dates, soaked 1 h")}/mix"
    open_assumed 1
    expect(page).to have_css("[data-line='1']", text: "soaked 1 h: + 27 g water")
      .and have_css("[data-line='1'] [data-grams]", text: "207 g")
  end
end
