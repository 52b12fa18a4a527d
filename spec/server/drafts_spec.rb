# frozen_string_literal: true

require "server_helper"

RSpec.describe "Drafts", server: true do
  let(:document) { formula("1 cup oats", name: "Interval bites") }
  let(:id) { ask(:post, "/api/formulas", document)["id"] }
  let(:version_id) { ask(:get, "/api/formulas/#{id}")["version"]["id"] }

  def put_draft(of: id, device: "tab", **said) = ask(:put, "/api/formulas/#{of}/draft", {device: device, **said})

  def draft(of: id) = ask(:get, "/api/formulas/#{of}/draft")

  def named(name) = document.merge("name" => name)

  def shelf = ask(:get, "/api/formulas")["rows"].map { |each| each["name"] }

  it "are what was saved until something is typed, and then what was typed, for every device" do
    expect(draft).to include("document" => document, "revision" => 0, "kept" => false, "base_version" => version_id)
    kept = put_draft(document: named("Half time"), base_version: version_id, revision: 0)
    expect(kept).to include("revision" => 1, "device" => "tab", "kept" => true, "base_version" => version_id)
    expect(draft).to eq(kept)
    expect(put_draft(document: named("Full time"), base_version: version_id, revision: 1, device: "phone")).to include("revision" => 2)
    expect(draft["document"]["name"]).to eq("Full time")
    # A draft is no version: the shelf shows what was saved.
    expect(shelf).to include("Interval bites")
  end

  it "never overwrite what another device typed unseen: both are answered" do
    put_draft(document: named("Tablet"), base_version: version_id, revision: 0)
    stale = put_draft(document: named("Phone"), base_version: version_id, revision: 0, device: "phone")
    expect(stale).to include("status" => 409, "kept" => a_hash_including("revision" => 1, "device" => "tab"),
      "sent" => a_hash_including("revision" => 0, "device" => "phone"))
    expect([stale["kept"]["document"]["name"], stale["sent"]["document"]["name"]]).to eq(%w[Tablet Phone])
    expect(draft["document"]["name"]).to eq("Tablet")
    # Once seen, it may stand.
    expect(put_draft(document: named("Phone"), base_version: version_id, revision: 1, device: "phone")).to include("revision" => 2)
  end

  it "are kept once when the answer was lost and the same is sent again" do
    first = put_draft(document: named("Tablet"), base_version: version_id, revision: 0)
    expect(put_draft(document: named("Tablet"), base_version: version_id, revision: 0)).to eq(first)
  end

  it "can be dropped, and a device that missed it notices" do
    put_draft(document: named("Tablet"), base_version: version_id, revision: 0)
    expect(ask(:delete, "/api/formulas/#{id}/draft?revision=0&device=phone")["status"]).to eq(409)
    expect(ask(:delete, "/api/formulas/#{id}/draft?revision=1&device=tab"))
      .to include("document" => document, "kept" => false, "revision" => 2)
    expect(put_draft(document: named("Late"), base_version: version_id, revision: 1, device: "phone")["status"]).to eq(409)
    expect(put_draft(document: named("Anew"), base_version: version_id, revision: 2)["revision"]).to eq(3)
  end

  it "of a new formula bring it onto the shelf with their first line, saved or not" do
    begun = ask(:post, "/api/drafts", {device: "tab"})
    expect(last_response.status).to eq(201)
    new = begun["formula_id"]
    expect(begun).to include("document" => ElmCup.empty_formula, "revision" => 1, "kept" => true)
    expect(shelf).not_to include("New formula")
    expect(ask(:get, "/api/formulas/#{new}")).to include("versions" => 0).and(satisfy { |formula| !formula.key?("version") })
    put_draft(of: new, document: ElmCup.empty_formula.merge("name" => "Only a name"), revision: 1)
    expect(shelf).not_to include("Only a name")
    put_draft(of: new, document: named("With a line"), revision: 2)
    row = ask(:get, "/api/formulas")["rows"].find { |each| each["name"] == "With a line" }
    expect(row["summary"]["grams"]).to eq(ElmCup.summary(document)["grams"])
    expect(row).not_to include("version")
    expect(ask(:post, "/api/formulas/#{new}/copy")["name"]).to eq("With a line (copy)")
    expect(get("/api/formulas/#{new}/export?format=csv").body).to include("1 cup oats")
    expect(ask(:post, "/api/formulas/#{new}/versions", {document: named("Saved")})).to include("number" => 1)
    expect(shelf).to include("Saved")
  end

  it "are kept as they are typed, though their parts may disagree for now" do
    halves = [{"name" => "nib", "share" => 0.7, "lines" => []}, {"name" => "ginger", "share" => 0.5, "lines" => []}]
    over = document.merge("splits" => halves)
    expect(put_draft(document: over, base_version: version_id, revision: 0)).to include("revision" => 1, "document" => over)
    expect(ask(:post, "/api/formulas/#{id}/versions", {document: over})["status"]).to eq(422)
    # One that was never saved stands on the shelf by its draft: it is to be mended there, and the rest of the shelf is as it was.
    new = ask(:post, "/api/drafts", {device: "tab", document: over.merge("name" => "Over")})["formula_id"]
    row = ask(:get, "/api/formulas")["rows"].find { |each| each["id"] == new }
    expect(row).to include("name" => "Over", "summary" => a_hash_including("flagged" => 1, "components" => 1))
    expect(shelf).to include("Interval bites")
    expect(ask(:post, "/api/formulas/#{new}/copy")["errors"].map { |error| error["code"] }).to eq(["oversplit"])
  end

  it "of formulas that nobody ever typed into are swept away a month later, and no others" do
    empty, lined = {device: "tab"}, {device: "tab", document: document}
    old = [empty, empty, lined, empty].map { |said| ask(:post, "/api/drafts", said)["formula_id"] }
    put_draft(of: old[1], document: ElmCup.empty_formula.merge("name" => "Only a name"), revision: 1)
    ElmCupServer::Formula.where(id: old.first(3)).update_all(created_at: Time.now - 31 * 24 * 3600)
    new = ask(:post, "/api/drafts", {device: "tab"})["formula_id"]
    expect(ElmCupServer::Formula.where(id: old + [new]).pluck(:id)).to contain_exactly(*old.drop(1), new)
    expect(ask(:get, "/api/formulas/#{old[0]}")["status"]).to eq(404)
  end

  it "refuse what is none and keep nothing of it" do
    [{document: {}}, {document: document.merge("surprise" => 1)}, {document: document, device: "x" * 41}, {document: document, device: ""},
      {document: document, revision: -1}, {document: document, base_version: 999_999}].each do |said|
      expect(put_draft(revision: 0, **said)["status"]).to be_between(400, 422), said.inspect
    end
    expect(put_draft(of: 999_999, document: document, revision: 0)["status"]).to eq(404)
    expect(ask(:post, "/api/drafts", {device: "tab", document: {}})["status"]).to eq(422)
    expect(ElmCupServer::Draft.count).to eq(0)
  end

  it "hold to what the database says" do
    put_draft(document: document, revision: 0)
    expect { ActiveRecord::Base.connection.execute("UPDATE drafts SET document = '{}' WHERE formula_id = #{id}") }
      .to raise_error(ActiveRecord::StatementInvalid, /only grows/)
  end
end
