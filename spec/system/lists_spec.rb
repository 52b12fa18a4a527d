# frozen_string_literal: true

require "system_helper"
require_relative "../support/scale_set"

RSpec.describe "Long lists in the browser", system: true do
  # The place in the list of the last entry that is drawn, and how many elements the page has.
  def drawn
    page.evaluate_script("[Math.max(...[...document.querySelectorAll('[aria-posinset]')].map(e => +e.ariaPosInSet)), document.querySelectorAll('*').length]")
  end

  def scroll_to_end
    page.execute_script("window.scrollTo(0, document.body.scrollHeight)")
  end

  it "draw what is near, load more as one scrolls, and find what is far" do
    ScaleSet.fill(formulas: 120, batches: 150, additions: 300, ingredients: 0)
    visit "/log"
    expect(page).to have_css(".entry", minimum: 5)
    first, nodes = drawn
    expect(first).to be < 30
    expect(page).to have_css("[aria-setsize='150']")
    # With the Tab key one goes from each to the next, past what was drawn at first.
    find("select").click.send_keys(:escape)
    places = Array.new(40) {
      page.send_keys(:tab)
      sleep 0.03
      page.evaluate_script("+document.activeElement.closest('[aria-posinset]')?.ariaPosInSet")
    }
    expect(places).to eq((1..40).to_a)
    60.times do
      break if drawn.first == 150

      scroll_to_end
      sleep 0.05
    end
    expect(drawn.first).to eq(150)
    # At the end stand no more elements than at the beginning, and some for rounding.
    expect(drawn.last).to be < nodes * 2
    expect(axe_findings).to eq([])
    fill_in "Search by formula, note or what was added", with: "fig squares 62"
    expect(page).to have_css(".entry", count: 1)
    fill_in "Search by formula, note or what was added", with: "nothing of that kind"
    expect(page).to have_text("No batch matches.")

    visit "/formulas"
    expect(page).to have_css(".cup-link", minimum: 7)
    _, nodes = drawn
    60.times do
      break if drawn.first == 120

      scroll_to_end
      sleep 0.05
    end
    expect(drawn.first).to eq(120)
    expect(drawn.last).to be < nodes * 2.5
    click_button "Table"
    expect(page).to have_css("table[aria-rowcount='121']")
    click_button "Bowl, g"
    expect(page).to have_css("th[aria-sort=ascending]", text: "Bowl, g")
    expect(page.all("tbody tr[data-index]").size).to be < 60
    expect(axe_findings).to eq([])
  end
end
