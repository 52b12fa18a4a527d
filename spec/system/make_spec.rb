# frozen_string_literal: true

require "system_helper"

RSpec.describe "Make", system: true, demo: true do
  def events = ElmCupServer::Batch.last.events.reload.map { |event| [event.kind, event.parsed] }

  def kinds = events.map(&:first) - ["predicted"]

  # Waits until the server has heard of so many things of a kind.
  def heard(kind, count) = Timeout.timeout(10) { sleep 0.05 until kinds.count(kind) == count }

  def begin_truffles
    visit "/formulas/11/steps"
    click_button "Make it"
    expect(page).to have_css("[data-step] h2", text: "Set out and weigh everything")
  end

  after { ElmCupServer::Devices::Household.none }

  it "goes from the formula to stored pieces, one step at a time: typed, put in, left out, looked at, timed" do
    page.driver.resize(*Browser::TABLET)
    begin_truffles
    click_button "Done"
    expect(page).to have_css("[data-target]", text: "187.5 g")
    fill_in "Grams", with: "190,5"
    click_button "Write it down"
    expect(page).to have_css("[data-target]", text: "61.9 g")
    3.times { click_button "It is in" }
    click_button "Leave it out"
    find("li", text: "fine salt: left out").click_button("weigh again")
    click_button "Leave it out"
    expect(page).to have_content("Squeeze a pinch: how is it?")
    heard("measured", 3)
    find(".texture", text: "rolls").click
    expect(page).to have_css("[data-course]", text: "leave it")
    click_button "Back to the step"
    click_button "Done"
    expect(page).to have_css("[data-step] h2", text: "Roll 19 balls")
    click_button "Leave this step out"
    click_button "One step back"
    expect(page).to have_css("[data-step] h2", text: "Roll 19 balls")
    click_button "Done"
    click_button "Start 30 min"
    expect(page).to have_css("[data-timer]", text: "Chill in the freezer before you dip them")
    expect(page).to have_css("[data-timer] b", text: /\A(29:5\d|30:00)\z/)
    visit current_path
    expect(page).to have_css("[data-timer] b", text: /\A29:\d\d\z/)
    click_button "It is ready"
    heard("chill_look", 1)
    click_button "Stop"
    expect(page).to have_no_css("[data-timer]")
    click_button "Done"
    2.times { click_button "It is in" }
    4.times { click_button "Done" }
    expect(page).to have_content("All is done")
    fill_in "Pieces", with: "18"
    click_button "Finish"
    expect(page).to have_current_path("/log")
    told = events.group_by(&:first).transform_values { |said| said.map(&:last) }
    expect(told["weighed"].map { |data| data["grams"] }).to eq([190.5, 0])
    expect(told["looked"].map { |data| data["texture"] }).to eq([3])
    expect([told["yield"], told["stored"]]).to eq([[{"pieces" => 18}], [{"pieces" => 18, "place" => "fridge"}]])
    visit "/"
    expect(page).to have_no_css("[data-running]")
  end

  it "weighs in by the simulated scale, never set to nothing, and takes what stands within its bounds" do
    ElmCupServer::Devices::Household.simulate
    begin_truffles
    click_button "Done"
    expect(page).to have_css("[data-now]", text: "0 g").and have_no_content("Wait until the scale stands still.")
    find("summary", text: "Simulated scale").click
    click_button "Pour"
    expect(page).to have_css("button", text: /\ATake 18[6-9](\.\d)? g\z/)
    heard("weighed", 1)
    expect(events.last).to match(["weighed", include("by" => "scale", "grams" => be_within(2).of(187.5), "target" => 187.5)])
    expect(page).to have_css("[data-target]", text: "61.9 g").and have_css("[data-now]", text: /\A-?[01](\.\d)? g\z/)
  end

  it "brings a bowl right: the look is believed, half goes in first, and the look after it counts" do
    begin_truffles
    click_button "Done"
    5.times { click_button "It is in" }
    find(".texture", text: "crumbly").click
    expect(page).to have_css("[data-course]", text: "Mix in half of it")
    first("[data-rescue] .doses .first").click
    heard("addition", 1)
    expect(events.last[1]).to include("half" => true, "component" => "centre", "grams" => be_positive)
    find(".texture", text: "rolls").click
    expect(page).to have_css("[data-course]", text: "leave it")
    find("summary", text: "Something else is wrong").click
    click_button "Lumps of powder"
    expect(page).to have_css("[data-advice]", text: "mash the lumps with")
    heard("complaint", 1)
  end

  it "keeps what is done while the connection is gone, and sends it once when it is back" do
    begin_truffles
    network = page.driver.browser.network
    network.emulate_network_conditions(offline: true)
    click_button "Done"
    2.times { click_button "It is in" }
    expect(page).to have_css("[data-link]", text: "3 things are kept and sent later")
    expect(page).to have_css("[data-target]", text: /\A2.5 g/)
    expect(kinds).to eq(["started"])
    network.emulate_network_conditions(offline: false)
    heard("measured", 2)
    expect(kinds).to eq(%w[started step measured measured])
    expect(page).to have_css("[data-link]", exact_text: "")
    visit "/"
    expect(page).to have_css("[data-running] a", text: "Go on with Coffee truffles")
  end

  %w[light dark].each do |scheme|
    it "is clean for screen readers in the #{scheme}, on a tablet and a phone, in a step, a weighing and a rescue" do
      visit "/"
      page.execute_script("localStorage.setItem('elm-cup:scheme', '#{scheme}')")
      begin_truffles
      clean = lambda do
        [Browser::TABLET, Browser::PHONE].each do |size|
          page.driver.resize(*size)
          expect(page.evaluate_script("document.documentElement.scrollWidth")).to be <= size.first
        end
        expect(axe_findings).to eq([])
      end
      clean.call
      click_button "Done"
      expect(page).to have_css("[data-target]")
      clean.call
      click_button "Something is off"
      expect(page).to have_css("[data-course]")
      clean.call
    end
  end
end
