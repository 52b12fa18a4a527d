# frozen_string_literal: true

require "server_helper"
require_relative "../support/fuzz"

# Every route, whatever is sent to it: an answer in the form that the contract has, never a fault of the server, and nothing spoilt.
RSpec.describe "Requests of any kind" do
  include Requests

  let(:count) { Integer(ENV.fetch("ELM_CUP_FUZZ", "2000")) }
  let(:seed) { Integer(ENV.fetch("ELM_CUP_SEED", "1")) }
  let(:paths) { YAML.safe_load_file(ElmCupServer::OPENAPI)["paths"] }
  let(:document) { formula("1 cup rolled oats, ground", "1/2 cup almond butter", "1/4 cup maple syrup", name: "Interval bites") }

  before do
    ElmCupServer::Database.open(Databases.fresh)
    stub_const("ElmCupServer::Searches::LONGEST", 0.05)
  end

  after do
    ActiveRecord::Base.connection_pool.disconnect!
    ElmCupServer::Database.open(REQUESTS_DATABASE)
  end

  # nil, or what is wrong with an answer.
  def wrong(answer)
    type = answer.headers["content-type"].to_s
    return "#{answer.status}: a fault of the server: #{answer.body[0, 300]}" if answer.status >= 500
    return "no security headers" unless answer.headers["content-security-policy"]
    return if answer.status < 400

    said = JSON.parse(answer.body)
    return "#{answer.status} is no problem document: #{type}" unless type == ElmCupServer::Problem::TYPE && said["status"] == answer.status

    "tells of the machine" if answer.body.match?(%r{\.rb\b|/gems/|/usr/})
  rescue JSON::ParserError
    "#{answer.status} is no JSON: #{answer.body[0, 100]}"
  end

  it "are answered in the documented form, and leave everything whole" do
    made = ask(:post, "/api/formulas", document)
    batch = batch_of(ElmCupServer::FormulaVersion.find(made["version"]["id"]))
    plan = ask(:post, "/api/plans", {"elm_cup" => "plan-request/1", "at" => "2030-06-20T18:00", "formulas" => [{"formula" => made["id"]}]})
    fuzz = Fuzz.new(seed, paths, {"id" => made["id"], "batch" => batch.uuid, "version" => made["version"]["id"], "plan" => plan["id"],
                                  "key" => "honey", "ticket" => "ticket-of-fuzz"}, document)
    server = Rack::MockRequest.new(app)
    statuses = Hash.new(0)
    count.times do
      request = fuzz.next
      answer = server.request(request.verb, "/", request.env)
      statuses[answer.status] += 1
      found = wrong(answer)
      expect(found).to be_nil, "#{request}: #{found}"
    end
    # It got further than the door: much was taken, much refused for its own reason.
    expect(statuses.keys).to include(200, 201, 400, 403, 404, 422)
    expect(statuses[200] + statuses[201]).to be > count / 10
    expect(ActiveRecord::Base.connection.select_values("PRAGMA integrity_check")).to eq(["ok"])
    expect(ActiveRecord::Base.connection.select_values("PRAGMA foreign_key_check")).to eq([])
    %w[/api/formulas /api/batches /api/pantry /api/library /api/plans].each do |address|
      expect(server.get(address, "HTTP_HOST" => "localhost").status).to eq(200), address
    end
  end
end
