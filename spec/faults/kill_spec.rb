# frozen_string_literal: true

require "server_helper"
require_relative "../support/writers"

# The process is killed while several threads write (SIGKILL: nothing of it can be tidied up). What was acknowledged is there, whole, and
# nothing is half there. SQLite's own tests kill in the same manner (https://www.sqlite.org/testing.html, 3.3).
RSpec.describe "A server that is killed while it writes" do
  let!(:path) { Databases.fresh }
  let(:document) { formula("1 cup rolled oats", "1/4 cup honey", name: "Interval bites") }
  let(:kills) { Integer(ENV.fetch("ELM_CUP_KILLS", "20")) }
  let(:random) { Random.new(Integer(ENV.fetch("ELM_CUP_SEED", "1"))) }

  after do
    ActiveRecord::Base.connection_pool.disconnect!
    ElmCupServer::Database.open(REQUESTS_DATABASE)
  end

  # What is missing or other than it was acknowledged.
  def lost(said)
    said.reject do |kind, id, value|
      case kind
      when "formula" then ElmCupServer::Formula.find_by(id: id)
      when "version" then ElmCupServer::FormulaVersion.find_by(id: id)&.parsed&.fetch("name") == value
      when "event" then ElmCupServer::BatchEvent.find_by(key: id)&.parsed == JSON.parse(value)
      end
    end
  end

  # What is half written: formulas whose version is not theirs, batches whose row or beginning is missing.
  def halves
    database = ActiveRecord::Base.connection
    [
      "SELECT id FROM formulas WHERE current_version_id NOT IN (SELECT id FROM formula_versions WHERE formula_id = formulas.id)",
      "SELECT id FROM formulas WHERE current_version_id NOT NULL AND id NOT IN (SELECT formula_id FROM formula_rows)",
      "SELECT id FROM batches WHERE id NOT IN (SELECT batch_id FROM batch_rows)",
      "SELECT id FROM batches WHERE id NOT IN (SELECT batch_id FROM batch_events WHERE kind = 'started')",
      "SELECT batch_id FROM batch_rows WHERE CAST(source AS INTEGER) <> (SELECT max(seq) FROM batch_events e WHERE e.batch_id = batch_rows.batch_id)"
    ].flat_map { |question| database.select_values(question) }
  end

  it "has kept all that it acknowledged, and nothing half" do
    said = []
    kills.times do |kill|
      said += Writers.writing(path, seed: kill, document: document) { |pid|
        sleep(random.rand * 0.3)
        Process.kill("KILL", pid)
      }
      ElmCupServer::Database.open(path)
      expect(ActiveRecord::Base.connection.select_values("PRAGMA integrity_check")).to eq(["ok"])
      expect([lost(said), halves]).to eq([[], []]), "after #{kill + 1} kills"
    end
    # The kills met writing: without a word said, nothing was tried.
    expect(said.size).to be > kills * 2
  end

  it "shares its file with another: both write, neither loses anything, and numbers stay in their order" do
    said = [1, 2].map { |seed|
      reader, writer = IO.pipe
      ActiveRecord::Base.connection_pool.disconnect!
      pid = fork { Writers.work(path, writer, seed, document, most: 12) }
      writer.close
      [pid, Thread.new { reader.read.lines.map { |line| JSON.parse(line) } }]
    }.map { |pid, heard|
      Process.wait(pid)
      expect(Process.last_status).to be_success
      heard.value
    }
    ElmCupServer::Database.open(path)
    expect(said.map(&:size)).to all(be >= 12 * Writers::THREADS)
    expect([lost(said.flatten(1)), halves]).to eq([[], []])
    numbers = ElmCupServer::FormulaVersion.order(:id).group_by(&:formula_id).values.map { |versions| versions.map(&:number) }
    expect(numbers).to all(satisfy { |each| each == (1..each.size).to_a })
  end
end
