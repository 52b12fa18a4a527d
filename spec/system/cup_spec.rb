# frozen_string_literal: true

require "system_helper"

RSpec.describe "The Cup, read off the page", system: true do
  # Grams of maple syrup (0.75 mL a gram) over 100 g of almond flour (66 mL, and 7 mL of its own oil) that give each S.
  def lines_for(saturation) = ["100 g almond flour", "#{((saturation * 66 - 7) / 0.75).round(2)} g maple syrup"]

  # The height of the first element of a selector on the wall's scale, from the ticks for 0 and 2.2.
  def height_of(selector)
    page.evaluate_script(<<~JS)
      (() => {
        const middle = (element) => { const box = element.getBoundingClientRect(); return (box.top + box.bottom) / 2 }
        const foot = middle(document.querySelector('[data-tick="0"]')), rim = middle(document.querySelector('[data-tick="2.2"]'))
        return 2.2 * (foot - middle(document.querySelector('#{selector}'))) / (foot - rim)
      })()
    JS
  end

  [0.3, 0.9, 1.5, 2.3].each do |saturation|
    it "stands at #{saturation}" do
      visit "/formulas/#{saved(*lines_for(saturation))}/mix"
      expect(page).to have_css("[data-level]")
      settled
      expect(height_of("[data-level]")).to be_within(0.02).of([saturation, 2.2].min)
      expect(height_of("[data-demand]")).to be_within(0.01).of(1)
      word = assess(formula(*lines_for(saturation)))["components"][0]["texture"]
      expect(page).to have_css("text.word.now", text: word)
      if saturation > 2.2
        expect(page).to have_css(".spill text", text: "over the rim: 2.3")
      else
        expect(page).to have_no_css(".spill")
      end
    end
  end

  it "parts the textures where the core does, and lights the wanted one" do
    visit "/formulas/#{saved(*lines_for(0.9))}/mix"
    expect(page).to have_css("[data-level]")
    ElmCup::Binding::Texture.boundaries.each { |edge| expect(height_of("[data-tick^=\"#{edge.round(4)}\"]")).to be_within(0.01).of(edge) }
    expect(height_of("[data-wanted]")).to be_within(0.01).of((0.82 + ElmCup::Binding::Texture.saturation(4)) / 2)
    expect(page).to have_css("text.word.aim", text: "rolls")
  end

  it "draws strata that sum to the level, and what oil masks above it" do
    document = formula("100 g soft dates", "60 g peanut butter", "80 g almond flour", "10 g water", process: "processor")
    part = assess(document)["components"].first
    visit "/formulas/#{ElmCupServer::Formula.start(document).id}/mix"
    expect(page).to have_css("[data-stratum=masked]")
    settled
    heights = page.evaluate_script("Object.fromEntries([...document.querySelectorAll('[data-stratum]')].map(e => [e.dataset.stratum, e.getBoundingClientRect().height]))")
    whole = page.evaluate_script("document.querySelector('[data-tick=\"0\"]').getBoundingClientRect().top - document.querySelector('[data-tick=\"2.2\"]').getBoundingClientRect().top")
    counted = heights.except("masked").values.sum * 2.2 / whole
    expect(counted).to be_within(0.03).of(part["saturation"]["value"])
    expect(heights["masked"] * 2.2 / whole).to be_within(0.03).of(-part["binder_split_ml"]["masked"] / part["demand_ml"])
  end

  it "says so where there is nothing to bind, and draws no demand" do
    visit "/formulas/#{saved("100 g honey")}/mix"
    expect(page).to have_text("nothing to bind").and have_no_css("[data-demand]").and have_no_css("[data-level]")
  end

  it "has a text twin for screen readers" do
    visit "/formulas/#{saved(*lines_for(0.9))}/mix"
    expect(page).to have_css("svg.cup[aria-label*='stands at 0.90']")
  end
end
