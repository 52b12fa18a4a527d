# frozen_string_literal: true

require "server_helper"

# What is answered while the disk or the file will not do its part. Each on a file of its own, so that its connections can be spoilt.
RSpec.describe "A storage that fails" do
  include Requests

  let(:path) { Databases.fresh }
  let(:document) { formula("1 cup rolled oats", "1/4 cup honey", name: "Interval bites") }

  before { ElmCupServer::Database.open(path) }

  after do
    ActiveRecord::Base.connection_pool.disconnect!
    ElmCupServer::Database.open(REQUESTS_DATABASE)
  end

  def sql(text) = ActiveRecord::Base.connection.execute(text)

  def expect_told(status, code)
    answer = nil
    expect { answer = yield }.to output(/\Aelm cup: #{code}: .*\n\z/).to_stderr
    expect(answer).to include("status" => status, "code" => code)
    expect(last_response.headers["content-type"]).to eq("application/problem+json")
    answer
  end

  it "says that the disk is full, keeps nothing half, and goes on when there is room" do
    ask(:post, "/api/formulas", document)
    before = ElmCupServer::FormulaVersion.count
    # SQLite refuses every page past the limit as it does on a full disk: SQLITE_FULL.
    sql("PRAGMA max_page_count = #{sql("PRAGMA page_count").first["page_count"]}")
    lines = Array.new(90) { |n| "#{n + 1} g rolled oats, #{"x" * 250}" }
    full = formula(*lines, name: "Large")
    expect_told(507, "storage_full") { ask(:post, "/api/formulas", full) }
    expect(ElmCupServer::FormulaVersion.count).to eq(before)
    expect(ElmCupServer::Formula.where(name: "Large").count).to eq(0)
    expect(ask(:get, "/api/formulas")["count"]).to eq(1)
    sql("PRAGMA max_page_count = 1000000")
    ask(:post, "/api/formulas", full)
    expect(last_response.status).to eq(201)
  end

  it "says that something else holds the data, and when to come back" do
    stub_const("ElmCupServer::Database::BUSY_MILLISECONDS", 20)
    ActiveRecord::Base.connection_pool.disconnect!
    other = SQLite3::Database.new(path)
    other.execute("BEGIN IMMEDIATE")
    expect_told(503, "storage_busy") { ask(:post, "/api/formulas", document) }
    expect(last_response.headers["retry-after"]).to eq("5")
    expect(ask(:get, "/api/formulas")["count"]).to eq(0)
    other.execute("ROLLBACK")
    ask(:post, "/api/formulas", document)
    expect(last_response.status).to eq(201)
  ensure
    other&.close
  end

  it "says that it may only read, and shows what there is, be it to be judged anew" do
    ask(:post, "/api/formulas", document)
    sql("UPDATE formula_rows SET made_by = 'before', shown = '{}'")
    sql("PRAGMA query_only = 1")
    expect_told(503, "storage_read_only") { ask(:post, "/api/formulas", document) }
    shelf = nil
    expect { shelf = ask(:get, "/api/formulas") }.to output(/storage_read_only/).to_stderr
    expect([shelf["count"], shelf["rows"].first["summary"]["texture"]]).to eq([1, ElmCup.summary(document)["texture"]])
  end

  it "says that a page is damaged, at once where it is met, and after the start of all of them" do
    30.times { |n| ElmCupServer::Formula.start(document.merge("name" => "Bites #{n}")) }
    root = sql("SELECT rootpage FROM sqlite_master WHERE name = 'formula_rows'").first["rootpage"]
    size = sql("PRAGMA page_size").first["page_size"]
    sql("PRAGMA wal_checkpoint(TRUNCATE)")
    ActiveRecord::Base.connection_pool.disconnect!
    File.open(path, "r+b") { |file|
      file.seek((root - 1) * size)
      file.write("\xFF" * size)
    }
    expect_told(500, "storage_damaged") { ask(:get, "/api/formulas") }
    expect { ElmCupServer::Integrity.check(path) }.to output(/the data is damaged: .*bring back a backup/).to_stderr
    expect(ask(:get, "/api/health")).to include("ok" => false, "storage" => a_string_matching(/\S/))
    expect(ask(:post, "/api/assess", document)).to include("grams")
  ensure
    ElmCupServer::Integrity.forget
  end

  it "is found sound after the start where it is" do
    expect(ElmCupServer::Integrity.check(path)).to eq("sound")
    expect(ask(:get, "/api/health")).to include("ok" => true, "storage" => "sound")
  ensure
    ElmCupServer::Integrity.forget
  end

  it "keeps what was acknowledged though the power fails, and lets no row be replaced past its triggers" do
    expect(sql("PRAGMA synchronous").first["synchronous"]).to eq(2)
    expect(sql("PRAGMA recursive_triggers").first["recursive_triggers"]).to eq(1)
    batch_of(ElmCupServer::Formula.start(document).current_version, ["note", {"text" => "First"}])
    columns = "seq, batch_id, key, device, n, kind, at, skew_ms, data, body_digest, received_at"
    expect {
      sql("INSERT OR REPLACE INTO batch_events (#{columns}) SELECT #{columns.sub("data", "'{\"text\":\"Other\"}'")} FROM batch_events WHERE kind = 'note'")
    }.to raise_error(ActiveRecord::StatementInvalid, /only ever added to/)
    expect(ElmCupServer::BatchEvent.find_by(kind: "note").parsed).to eq("text" => "First")
  end
end
