# frozen_string_literal: true

require "system_helper"

RSpec.describe "Shape", system: true do
  def figure(key) = find("[data-figure='#{key}']")

  def put(key, value)
    figure(key).send_keys([:control, "a"], value, :enter, :tab)
  end

  def standing(id, &fits)
    page.document.synchronize(5, errors: [Capybara::ElementNotFound]) do
      document = ElmCupServer::Formula.find(id).standing_draft.to_answer["document"]
      fits.call(document) ? document : raise(Capybara::ElementNotFound, "the draft is #{document.slice("shape", "coat", "lives")}")
    end
  end

  context "with the demo", demo: true do
    it "cuts a slab by its figures, by keys on the drawing, and in another tin" do
      visit "/formulas/7/shape"
      expect(page).to have_css("[data-makes]", text: "24 pieces of 27.7 g, 32.7 g with all that is on it")
      expect(page).to have_css("[data-section] [data-layer]", count: 2)
      put "pieces", "16"
      expect(page).to have_css("[data-makes]", text: "16 pieces of 41.6 g")
      page.execute_script("document.querySelector('[role=slider][aria-label=\"Pieces across\"]').focus()")
      page.driver.browser.keyboard.type(:up)
      expect(page).to have_css("[data-makes]", text: "20 pieces")
      expect(standing(7) { |document|
        document["shape"]["grid"] == [5, 4]
      }["shape"]).to eq("kind" => "slab", "tin_mm" => [200, 200], "grid" => [5, 4])
      find("button", text: "20 × 30 cm tin").click
      expect(page).to have_css("[data-top-view]", text: "300 mm")
      expect(page).to have_field("mm deep", with: "9.5")
      put "depth_mm", "20"
      expect(page).to have_content("The dough fills")
      find("body").send_keys([:control, "z"])
      expect(page).to have_no_content("The dough fills")
    end

    it "goes to another shape and back, says of each how large it is, and draws it" do
      visit "/formulas/1/shape"
      expect(page).to have_css("[data-makes]", text: "28 balls of 18 g")
      {"eggs" => /28 eggs/, "cookies" => /28 cookies/, "log" => /28 slices/, "cups" => /28 cups/, "mould" => /28 moulded pieces/, "glasses" => /28 glasses/,
       "bark" => /pieces of bark/, "slab" => /24 pieces/}.each do |word, made|
        within("[aria-label='Shape']") { click_button word }
        expect(page).to have_css("[data-makes]", text: made)
        expect(page).to have_css("[data-top-view]").and have_css("[data-section]")
        expect(axe_findings).to eq([])
      end
      8.times { find("body").send_keys([:control, "z"]) }
      expect(page).to have_css("[data-makes]", text: "28 balls of 18 g")
    end

    it "says what to melt and how, goes by where they live, and opens its sums" do
      visit "/formulas/11/shape"
      expect(page).to have_css("[data-coat]", text: /126 g\s+to have ready/)
      expect(page).to have_content("open 1 bag of 300 g").and have_content("take sets of 8").and have_css("[data-coat-chart]")
      find("summary", text: "Melt it, no hotter than 50 °C").click
      expect(page).to have_content("7 bursts of 15 s")
      find_field("Where they live").select("at room temperature")
      expect(page).to have_content("Temper it.").and have_content("Keep the bowl at 31 to 32 °C")
      find_field("How many coats").select("2")
      find_field("How the coat goes on").select("drizzled")
      expect(page).to have_css("[data-section]").and have_no_field("How many coats")
      expect(standing(11) { |document| document.dig("coat", "kind") == "drizzle" }.slice("coat", "lives"))
        .to eq("coat" => {"kind" => "drizzle", "component" => "shell", "coats" => 2}, "lives" => "room")
      within("section.coat") { click_button "Why" }
      expect(find("[role=dialog]")).to have_content("Coat on all of them, g").and have_content("To have ready, g")
    end

    it "saves the cut at true size" do
      visit "/formulas/7/shape"
      click_button "Cutting template (PDF)"
      expect(page).to have_content("is saved as date-caramel-squares-for-the-altos-cut.pdf")
    end

    it "mends what a careful friend would notice" do
      visit "/formulas/17/shape"
      find_field("How many coats").select("3")
      expect(page).to have_content("are too little: the pieces want about")
      within("[aria-label='Second look']") { find("button", text: "Make it ×").click }
      expect(page).to have_no_content("are too little")
    end
  end

  it "takes no figure that cannot be, and teaches where there is nothing yet" do
    id = saved("200 g soft dates, to paste", "80 g almonds", process: "processor")
    visit "/formulas/#{id}/shape"
    put "piece_grams", "0"
    expect(figure("piece_grams").value).to eq("18")
    put "pieces", "9000"
    expect(page).to have_content("There is enough for 280.Make 280 of 1 g")
    empty = ElmCupServer::Formula.start(ElmCup.empty_formula).id
    visit "/formulas/#{empty}/shape"
    expect(page).to have_content("There is nothing in the bowl that could be shaped").and have_content("Nothing to coat with yet")
  end
end
