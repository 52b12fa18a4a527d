# frozen_string_literal: true

require "system_helper"

RSpec.describe "What is stored and cannot be read", system: true do
  it "stands apart on the shelf and in the pantry, with its reason, and can be taken out" do
    record = ElmCupServer::Formula.start(formula("1 cup oats", name: "Interval bites"))
    later = ElmCupServer::Formula.start(formula("1 cup oats", name: "Of a later version"))
    document = JSON.generate({"elm_cup" => "formula/9", "name" => "Of a later version"})
    later.update!(current_version: later.versions.create!(number: 2, parent: later.current_version, document: document))
    ElmCupServer::FormulaRow.touch(later)
    visit "/formulas"
    expect(page).to have_css(".cup-link", count: 1, text: record.name)
    expect(page).to have_css("[data-aside]", text: /Of a later version.*“elm_cup” must be "formula\/1"/m)
    expect(axe_findings).to eq([])
    click_button "Take it out: Of a later version"
    expect(page).to have_no_css("[data-aside]").and have_text("Deleted just now")

    spread = {"id" => "own-spread", "name" => "Own spread", "of" => 1}
    ElmCupServer::OwnIngredient.create!(key: "own-spread", document: JSON.generate(spread))
    visit "/pantry"
    expect(page).to have_css("[data-aside='own-spread']", text: /Own spread.*of:/m).and have_css(".rows li:nth-child(200)")
    fill_in "Search by name or family", with: "tahini"
    expect(axe_findings).to eq([])
    click_button "Take it out: Own spread"
    expect(page).to have_text("it was saved as own-spread.json").and have_no_css("[data-aside]")
    expect(ElmCupServer::OwnIngredient.count).to eq(0)
  end

  it "can be mended where it stands: what is wrong with the mending is said, and nothing is lost meanwhile" do
    broken = ElmCupServer::Formula.start(formula("1 cup oats", name: "Of a later version"))
    document = formula("1 cup oats", name: "Of a later version").merge("elm_cup" => "formula/9")
    broken.update!(current_version: broken.versions.create!(number: 2, parent: broken.current_version, document: JSON.generate(document)))
    ElmCupServer::FormulaRow.touch(broken)
    visit "/formulas"
    click_button "Fix it: Of a later version"
    field = find_field("What is stored of Of a later version")
    expect(field.value).to include('"elm_cup": "formula/9"')
    expect(axe_findings).to eq([])
    [["{", /This is not JSON/], [JSON.generate(document), /“elm_cup” must be/]].each do |text, words|
      field.set(text)
      click_button "Save"
      expect(page).to have_css("[role=alert]", text: words)
    end
    field.set(JSON.generate(document.merge("elm_cup" => "formula/1")))
    click_button "Save"
    expect(page).to have_text("“Of a later version” is fixed").and have_no_css("[data-aside]").and have_css(".cup-link", count: 1)
    expect(broken.versions.count).to eq(3)

    spread = {"id" => "own-spread", "name" => "Own spread"}
    ElmCupServer::OwnIngredient.create!(key: "own-spread", document: JSON.generate(spread.merge("of" => 1)))
    visit "/pantry"
    click_button "Fix it: Own spread"
    find_field("What is stored of Own spread").set(JSON.generate(spread.merge("starts_from" => "tahini")))
    click_button "Save"
    expect(page).to have_text("“Own spread” is fixed").and have_no_css("[data-aside]")
    expect(ElmCup.kept_pantry([ElmCupServer::OwnIngredient.sole.parsed]).aside).to eq([])
  end

  it "stands apart in the log, and a batch that was taken out can be brought back" do
    version = ElmCupServer::Formula.start(formula("1 cup oats", name: "Interval bites")).current_version
    batch_of(version, ["note", {"text" => "As ever"}])
    odd = batch_of(version)
    ActiveRecord::Base.connection.execute("INSERT OR IGNORE INTO event_kinds (name) VALUES ('sung')")
    odd.events.create!(key: SecureRandom.uuid, device: "tab", n: 9, at: "2026-06-19T17:00:00Z", kind: "sung", data: "{}", body_digest: "",
      received_at: Time.now)
    ElmCupServer::BatchRow.update_all(made_by: "before")
    visit "/log"
    expect(page).to have_css(".entry", count: 1, text: "As ever")
    expect(page).to have_css("[data-aside]", text: /Interval bites.*sung.*another version/m)
    expect(axe_findings).to eq([])
    click_button "Take it out: Interval bites"
    expect(page).to have_text("It is out of the log").and have_no_css("[data-aside]")
    click_button "Bring back"
    expect(page).to have_css("[data-aside]")
  end
end
