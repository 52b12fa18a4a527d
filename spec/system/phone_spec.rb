# frozen_string_literal: true

require "system_helper"

RSpec.describe "On a phone", system: true do
  before { page.driver.resize(*Browser::PHONE) }

  def box(css) = page.evaluate_script("(({left, top, right, bottom}) => ({left, top, right, bottom}))(document.querySelector(#{css.to_json}).getBoundingClientRect())")

  # Whether two boxes have something in common.
  def overlap?(one, other)
    one["left"] < other["right"] && other["left"] < one["right"] && one["top"] < other["bottom"] && other["top"] < one["bottom"]
  end

  it "the Counter's heading stands clear of its links" do
    visit "/"
    expect(page).to have_css(".ways")
    expect(overlap?(box("h1"), box(".ways"))).to be(false)
  end

  it "the rail at the foot lies over what scrolls beneath it" do
    visit "/formulas/#{saved("1 cup oats", "1/4 cup honey", "2 tbsp tahini", "1 tsp cocoa powder", "1 pinch salt")}/made"
    expect(page).to have_css(".texture", minimum: 7).and have_field("Actual grams of 1 pinch salt")
    hidden = page.evaluate_script(<<~JS)
      [...Array(39).keys()].map((at) => at * 10).filter((x) => !document.elementFromPoint(x, innerHeight - 20).closest('.rail, .frame > nav'))
    JS
    expect(hidden).to eq([])
  end

  it "the menu of parts shows all of them within the screen and beside the rail" do
    visit "/formulas/#{saved("1 cup oats", "1/4 cup honey")}/mix"
    expect(page).to have_css("[data-level]")
    page.execute_script("document.querySelector('[aria-label=\"Add a part\"]').scrollIntoView({ block: 'center' })")
    find("[aria-label='Add a part']", match: :first).click
    expect(page).to have_css("[role=option]", count: 7)
    settled
    menu = box(".p-select-overlay")
    expect(menu["left"]).to be >= 0
    expect(menu["right"]).to be <= 390
    expect(box("[role=option]:last-of-type")["bottom"]).to be <= menu["bottom"] + 1
    expect(overlap?(menu, box(".rail"))).to be(false)
  end
end
