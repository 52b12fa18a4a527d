# frozen_string_literal: true

require "server_helper"

RSpec.describe "Plans and steps over the API", server: true do
  let(:bites) { ElmCupServer::Formula.start(formula("200 g soft dates", "150 g almonds, ground", "40 g honey", name: "Bites")) }
  let(:asked) {
    {"elm_cup" => "plan-request/1", "mode" => "ready_by", "at" => "2027-06-19T18:00", "zone" => "Europe/Berlin",
     "formulas" => [{"formula" => bites.id}]}
  }

  def fault = JSON.parse(last_response.body)["errors"].first

  it "keeps a plan, goes on from its revision, and says when it was changed elsewhere" do
    made = ask(:post, "/api/plans", asked)
    expect([last_response.status, made["revision"], made["plan"]["status"]]).to eq([201, 1, "fits"])
    expect(made["request"]["formulas"]).to eq([{"formula" => bites.id, "version" => 1}])
    path = "/api/plans/#{made["id"]}"
    named = ask(:put, path, {"revision" => 1, "request" => made["request"].merge("name" => "Saturday")})
    expect(named.values_at("revision")).to eq([2])
    stale = ask(:put, path, {"revision" => 1, "request" => made["request"].merge("name" => "Sunday")})
    expect([last_response.status, stale["kept"]["request"]["name"], stale["sent"]["name"]]).to eq([409, "Saturday", "Sunday"])
    rows = ask(:get, "/api/plans")["rows"]
    expect(rows.map { |row| row.values_at("name", "status", "at") }).to eq([["Saturday", "fits", "2027-06-19T16:00:00Z"]])
    expect(ask(:get, path)["plan"]["tasks"].size).to eq(ElmCupServer::PlanTask.where(plan_id: made["id"]).count)
  end

  it "plans beside what is planned, and looks without keeping" do
    first = ask(:post, "/api/plans", asked)
    second = ask(:post, "/api/plans/preview", asked)
    expect(Time.iso8601(second["start"])).to be < Time.iso8601(first["plan"]["start"])
    same = ask(:post, "/api/plans/preview?plan=#{first["id"]}&sections=relax,quick", asked)
    expect([same["start"], same.key?("relax")]).to eq([first["plan"]["start"], true])
    expect(ElmCupServer::Plan.count).to eq(1)
  end

  it "is deleted and brought back, and tells of a newer version of its formula" do
    made = ask(:post, "/api/plans", asked)
    path = "/api/plans/#{made["id"]}"
    bites.save_version(formula("300 g soft dates", "150 g almonds, ground", name: "Bites"), parent: bites.current_version)
    expect(ask(:get, path)["newer"]).to eq([{"index" => 0, "version" => 2}])
    ask(:delete, path)
    ask(:get, path)
    expect(last_response.status).to eq(404)
    expect(ask(:post, "#{path}/restore")["id"]).to eq(made["id"])
  end

  it "counts what is ticked as there, and leaves the rest to buy" do
    ElmCupServer::Setting.keep_list("cupboard", ["honey"])
    shopping = ask(:post, "/api/plans/preview", asked)["shopping"]
    ids = shopping.values_at("check", "buy").map { |list| list.map { |item| item["ingredient"] } }
    expect(ids).to eq([["honey"], %w[almonds dates-soft]])
  end

  it "is written as iCalendar with the same names each time" do
    path = "/api/plans/#{ask(:post, "/api/plans", asked)["id"]}/calendar"
    texts = Array.new(2) { get(path).body }
    expect(last_response.headers["content-type"]).to start_with("text/calendar")
    expect(texts.map { |text| text.scan(/^UID:.*$/) }.uniq.size).to eq(1)
  end

  it "refuses what cannot be asked, at its place, and keeps nothing of it" do
    {{"formulas" => [{"formula" => 999_999}]} => "/formulas/0/formula",
     {"formulas" => [{"formula" => bites.id, "version" => 7}]} => "/formulas/0/formula", {"at" => "never"} => "/at",
     {"zone" => "../etc"} => "/zone", {"seed" => -1} => "/seed", {"name" => "  "} => "/name", {"name" => "x\r\nBEGIN:VEVENT"} => "/name",
     {"at" => "99999-01-01T00:00:00Z"} => "/at", {"at" => "0001-01-01T00:00"} => "/at"}.each do |said, pointer|
      ask(:post, "/api/plans", asked.merge(said))
      expect([last_response.status, fault["pointer"]]).to eq([422, pointer])
    end
    expect(ElmCupServer::Plan.count + ElmCupServer::PlanTask.count).to eq(0)
  end

  it "lets the database hold to what must be so" do
    id = ask(:post, "/api/plans", asked)["id"]
    {"UPDATE plans SET status = 'perhaps'" => /plans_know_how_they_stand/, "UPDATE plans SET at = 'soon'" => /plans_keep_times/,
     "UPDATE plans SET ready_at = NULL" => /plans_have_times/, "UPDATE plans SET request = '{}'" => /goes on from the revision/,
     "INSERT INTO plan_tasks (plan_id, task, kind, starts_at, ends_at) VALUES (#{id}, 'x', 'nap', '2027-01-01T00:00:00Z', '2027-01-01T00:00:00Z')" => /plan_tasks_know_their_kind/,
     "INSERT INTO plan_tasks (plan_id, task, kind, starts_at, ends_at) VALUES (999, 'x', 'hands', '2027-01-01T00:00:00Z', '2027-01-01T00:00:00Z')" => /FOREIGN KEY/}
      .each { |sql, words| expect { ActiveRecord::Base.connection.execute(sql) }.to raise_error(ActiveRecord::StatementInvalid, words) }
  end

  it "drafts steps, and changes them" do
    document = bites.current_version.parsed
    steps = ask(:post, "/api/steps", {"document" => document})
    expect(steps["steps"].map { |step| step["id"] }).to include("roll", "box")
    edit = {"kind" => "set", "id" => "roll", "set" => {"hands_minutes" => 40}}
    changed = ask(:post, "/api/steps/edit", {"document" => document, "edit" => edit})
    more = ask(:post, "/api/steps", {"document" => changed["formula"], "before" => document})
    expect(more["changes"]).to include(/40 min of work/)
    ask(:post, "/api/steps/edit", {"document" => document, "edit" => {"kind" => "set", "id" => "nope", "set" => {}}})
    expect([last_response.status, fault["code"]]).to eq([422, "no_such_step"])
  end
end
