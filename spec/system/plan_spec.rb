# frozen_string_literal: true

require "system_helper"

RSpec.describe "Steps and plans", system: true, demo: true do
  def draft(id) = ElmCupServer::Formula.find(id).standing_draft.to_answer["document"]

  def request(id) = JSON.parse(ElmCupServer::Plan.find(id).request)

  it "writes the steps of a formula, which are changed in place, moved by keys, added and left out" do
    visit "/formulas/11/steps"
    expect(page).to have_css("[data-sentence]", text: /\d+ min of work in 1 h \d\d/)
    expect(page).to have_content("Your recipe: “Dip them eight at a time, with two forks.”")
    find("[data-step]", text: "Roll 19 balls").click
    fill_in "Work, minutes", with: "25"
    find_field("Work, minutes").send_keys(:tab)
    expect(page).to have_content("changed by you")
    expect(draft(11)["steps"]).to eq([{"id" => "roll", "step" => "roll", "hands_minutes" => 25}])
    expect(page).to have_css("[data-changes]", text: "1 step changed")
    find("[data-step]", text: "Melt the chocolate").send_keys(%i[alt up])
    expect(page).to have_css("li:nth-child(4) [data-step]", text: "Melt the chocolate")
    find("[data-step]", text: "Roll 19 balls").click
    fill_in "A step of your own", with: "Wash up"
    click_button "Add"
    expect(page).to have_css("[data-step]", text: "Wash up")
    find("[data-step]", text: "Wash up").click
    click_button "Leave it out"
    expect(page).to have_no_css("[data-step]", text: "Wash up")
    3.times { find("body").send_keys([:control, "z"]) }
    expect(page).to have_css("li:nth-child(5) [data-step]", text: "Melt the chocolate")
  end

  it "shows the concert planned around a working week, what to buy for it and whether it is enough" do
    visit "/plans"
    click_link "Concert Saturday"
    expect(page).to have_css("[data-sentence]", text: /Start on \w+ by \d\d:\d\d at the latest\./)
    expect(page).to have_css("[data-guests]", text: "There are pieces enough for everybody.")
    expect(page).to have_css("[data-shopping]", text: /To buy.*You have these/m)
    expect(page).to have_css("[data-agenda] li", minimum: 40).and have_css(".closed[title*='work']")
    expect(page).to have_link("Calendar", href: "/api/plans/1/calendar")
  end

  it "begins a plan from a formula; a step is moved by the keys and fixed; undone; done; and it says what would help" do
    visit "/formulas/10/steps"
    click_button "Plan it"
    expect(page).to have_current_path("/plans/2")
    step = find("[data-task][aria-label*='Roll 18 balls']")
    label = step["aria-label"]
    step.send_keys(:left)
    expect(page).to have_css(".under", text: /Let go, or press Enter/)
    find("[data-task].moving").send_keys(:enter)
    expect(page).to have_css("[data-task].pinned")
    expect(request(2)["pins"].map { |pin| pin["task"] }).to eq(["1.roll"])
    find("body").send_keys([:control, "z"])
    expect(page).to have_css("[data-task][aria-label='#{label}']")
    click_button "What would help?"
    expect(page).to have_css("[data-help]", text: "If all goes fast, it is ready at")
    fill_in "Pieces of Vestry cupboard bowl", with: "36"
    find_field("Pieces of Vestry cupboard bowl").send_keys(:tab)
    expect(page).to have_css("[data-task][aria-label*='Roll 36 balls']").and have_css("[data-agenda] li", text: "Roll 36 balls")
    first("[data-task]").click
    expect(page).to have_css("[data-card]", text: /It can(not)? go/)
    click_button "It is done"
    expect(page).to have_css("[data-task].done", count: 1)
    expect(request(2)["done"].size).to eq(1)
  end

  # From the middle of one element by so many pixels, in steps as a hand moves.
  def drag(element, across: 0, down: 0)
    mouse = page.driver.browser.mouse
    x, y = element.native.node.find_position
    mouse.move(x: x, y: y).down
    (1..6).each { |step| mouse.move(x: x + across * step / 6, y: y + down * step / 6) }
    mouse.up
  end

  it "takes a step by the mouse: along the day, where it is fixed when let go, and among the steps of a formula" do
    visit "/formulas/10/steps"
    click_button "Plan it"
    step = find("[data-task][aria-label*='Roll 18 balls']")
    step.scroll_to(:center)
    drag(step, across: -30)
    expect(page).to have_css("[data-task].pinned")
    expect(request(2)["pins"].map { |pin| pin["task"] }).to eq(["1.roll"])
    find("[data-task][aria-label*='Roll 18 balls']").then { |late| drag(late, across: 400) }
    expect(page).to have_content(/Nothing was moved\. .*not possible/)
    expect(request(2)["pins"].size).to eq(1)
    visit "/formulas/11/steps"
    expect(page).to have_css("li:nth-child(5) [data-step]", text: "Melt the chocolate")
    # The browser takes over from the mouse here: what it then tells the page is told in its place.
    {"dragstart" => 5, "dragover" => 3, "drop" => 3}.each do |event, place|
      execute_script("document.querySelector('li:nth-child(#{place}) [data-step]').dispatchEvent(new DragEvent('#{event}', {bubbles: true, cancelable: true}))")
    end
    expect(page).to have_css("li:nth-child(3) [data-step]", text: "Melt the chocolate")
    expect(draft(11)["steps"].first).to include("id" => "melt-shell", "after" => ["mix_hand-centre"])
  end
end
