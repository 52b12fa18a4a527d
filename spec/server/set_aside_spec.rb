# frozen_string_literal: true

require "server_helper"

# What an earlier or a later version stored, and this one cannot read.
RSpec.describe "What is stored and cannot be read", server: true do
  # A formula whose version was written past the checks, as another version of the application might have.
  def stored(document, name: "Of before")
    record = ElmCupServer::Formula.start(formula("1 cup oats"))
    version = record.versions.create!(number: 2, parent: record.current_version, document: JSON.generate(document))
    record.update!(current_version: version, name: name)
    ElmCupServer::FormulaRow.touch(record)
    record
  end

  let(:sound) { ask(:post, "/api/formulas", formula("1 cup oats", name: "Interval bites")) }

  it "is named on the shelf with its reason, whatever it is, and the shelf shows the rest" do
    sound
    [{"elm_cup" => "formula/9", "name" => "Later"}, [], "text", {"elm_cup" => "formula/1", "name" => "x", "components" => nil}]
      .each { |document| stored(document) }
    rest = ask(:get, "/api/formulas")["rows"]
    aside = ask(:get, "/api/formulas?aside=only")["rows"]
    expect(last_response.status).to eq(200)
    expect(rest.map { |row| row["name"] }).to eq(["Interval bites"])
    expect(aside.size).to eq(4)
    expect(aside.map { |row| row["aside"].first["code"] }).to include("version_other", "formula_not_object")
    expect(ask(:post, "/api/assess", formula("1 cup oats"))).to include("grams")
    expect(ask(:get, "/api/batches")).to eq("rows" => [], "count" => 0)
  end

  it "stops nobody, though the core itself stumbles over it" do
    sound
    stored(formula("1 cup oats", name: "Odd"))
    allow(ElmCup).to receive(:summary).and_wrap_original do |summary, document, **options|
      raise NoMethodError, "of a kind nobody thought of" if document["name"] == "Odd"

      summary.call(document, **options)
    end
    names = nil
    expect { names = ask(:get, "/api/formulas")["rows"].map { |row| row["name"] } }.to output(/NoMethodError/).to_stderr
    expect(names).to eq(["Interval bites"])
    expect(ask(:get, "/api/formulas?aside=only")["rows"].first["aside"].first["code"]).to eq("stored_makes_no_sense")
  end

  it "can be had as it is stored, and dropped" do
    later = {"elm_cup" => "formula/9", "name" => "Later", "steps" => [1, 2]}
    record = stored(later)
    expect(ask(:get, "/api/versions/#{record.current_version_id}")["document"]).to eq(later)
    ask(:delete, "/api/formulas/#{record.id}")
    expect(ask(:get, "/api/formulas?aside=only")).to eq("rows" => [], "count" => 0)
  end

  it "is not what can be mended on the screen: parts that disagree stand on the shelf as to be mended" do
    halves = [{"name" => "nib", "share" => 0.7, "lines" => []}, {"name" => "ginger", "share" => 0.5, "lines" => []}]
    stored(formula("1 cup oats").merge("splits" => halves))
    row = ask(:get, "/api/formulas")["rows"].first
    expect([row["summary"]["flagged"], row.key?("aside")]).to eq([1, false])
  end
end
