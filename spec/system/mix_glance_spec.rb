# frozen_string_literal: true

require "system_helper"

# The whole bowl and its verdict at one glance: what look.md asks of Mix, measured.
RSpec.describe "Mix at one glance", system: true do
  let(:caramel) do
    {"name" => "caramel", "type" => "filling", "process" => "processor",
     "lines" => [{"text" => "12 soft dates"}, {"text" => "3 tbsp cashew butter"}]}
  end
  let(:ten) do
    ["1 1/2 cups rolled oats, ground", "11 soft dates", "1/3 cup tahini", "2 tbsp maple syrup", "3 tbsp cocoa powder",
      "1/4 cup chopped pistachios", "2 tbsp desiccated coconut", "1 tsp vanilla", "1/2 tsp cinnamon", "a pinch of salt"]
  end
  let(:document) do
    formula(*ten, name: "Ten lines")
      .then { |made| made.merge("components" => [*made["components"], caramel]) }
      .merge("wishes" => ["texture=spreads", "free_sugars<=3", "diet=vegan"])
  end
  let(:id) { ElmCupServer::Formula.start(document).id }

  # Top, bottom, left and right of what a selector finds, in px of the window.
  def boxes(selector)
    page.evaluate_script(<<~JS)
      [...document.querySelectorAll(#{selector.to_json})].map((each) => {
        const box = each.getBoundingClientRect()
        return { top: box.top, bottom: box.bottom, left: box.left, right: box.right, height: box.height }
      })
    JS
  end

  def window(width, height)
    page.driver.resize(width, height)
    visit "/formulas/#{id}/mix"
    find("[data-part=dough]").click
    expect(page).to have_css("[data-line]", count: 10).and have_css(".dose").and have_css("[data-wish]", count: 3)
  end

  after { page.driver.resize(1280, 800) }

  it "shows ten lines, the Cup, its sentence, the first dose and the entry inside 1280x720 without scrolling" do
    window(1280, 720)
    expect(page.evaluate_script("document.documentElement.scrollWidth")).to be <= 1280
    within_sight = {"[data-line]" => 10, "svg.cup" => 1, "[data-sentence]" => 1, "#entry" => 1, "#wish" => 1, "[data-part]" => 2}
    within_sight.each do |selector, count|
      found = boxes(selector)
      expect(found.length).to eq(count), selector
      expect(found).to all(include("top" => be >= 0, "bottom" => be <= 720, "left" => be >= 0, "right" => be <= 1280)), selector
    end
    expect(boxes(".dose").first["bottom"]).to be <= 720
  end

  it "keeps its header to 56 px, its wishes and its parts to a line each, and a row to 32 to 36 px" do
    window(1280, 720)
    expect(boxes("header.header").first["height"]).to be <= 56
    expect(boxes("[data-line]").map { |box| box["height"] }).to all(be_between(32, 36))
    expect(boxes(".wishes").first["height"]).to be <= 50
    expect(boxes(".where").first["height"]).to be <= 50
    expect(boxes("#entry").first["top"]).to be >= boxes("[data-line]").last["bottom"]
  end

  it "gives the slip half of the width, the Cup a quarter" do
    window(1280, 720)
    slip, cup = boxes(".slip").first, boxes(".cup-column").first
    expect((slip["right"] - slip["left"]) / (cup["right"] - cup["left"])).to be_within(0.2).of(2)
  end

  it "has the Cup and its sentence on top of the slip on a tablet that stands" do
    window(820, 1180)
    expect(boxes("[data-sentence]").first["bottom"]).to be < boxes("[data-line]").first["top"]
    expect(boxes("[data-line]").last["bottom"]).to be <= 1180
    expect(boxes("#entry").first["bottom"]).to be <= 1180
  end

  it "lays nothing over anything on a phone, and takes a sixth of its height for the header at most" do
    window(390, 844)
    expect(page.evaluate_script("document.documentElement.scrollWidth")).to be <= 390
    expect(boxes("header.header").first["height"]).to be <= 844 / 6.0
    stacked = boxes(".wishes, .where, .cup-column, .slip, aside.side").sort_by { |box| box["top"] }
    stacked.each_cons(2) { |one, next_one| expect(next_one["top"]).to be >= one["bottom"] - 1 }
    rows = boxes("[data-line]")
    rows.each_cons(2) { |one, next_one| expect(next_one["top"]).to be >= one["bottom"] - 1 }
  end

  it "opens what was assumed of a row, and shows its tools while it is in hand" do
    window(1280, 720)
    row = find("[data-line='2']")
    expect(row).to have_no_button("Less of line 2", visible: :visible, obscured: false)
    row.hover
    expect(page.evaluate_script("getComputedStyle(document.querySelector('[data-line=\"2\"] .tools')).opacity")).to eq("1")
  end
end
