# frozen_string_literal: true

require "server_helper"

RSpec.describe "What the database holds to", server: true do
  let(:formula_record) { ElmCupServer::Formula.start(formula("1 cup oats")) }
  let(:version) { formula_record.current_version }

  def refused = raise_error(ActiveRecord::StatementInvalid)

  def sql(text) = ActiveRecord::Base.connection.execute(text)

  it "keeps versions, batches and events as they were said" do
    batch = batch_of(version, ["looked", {"texture" => 3}])
    expect { sql("UPDATE formula_versions SET document = '{}' WHERE id = #{version.id}") }.to refused
    expect { sql("DELETE FROM formula_versions WHERE id = #{version.id}") }.to refused
    expect { sql("UPDATE batch_events SET data = '{}' WHERE batch_id = #{batch.id}") }.to refused
    expect { sql("DELETE FROM batches WHERE id = #{batch.id}") }.to refused
  end

  it "takes no broken rows" do
    expect { sql("INSERT INTO formula_versions (formula_id, number, document, created_at) VALUES (#{formula_record.id}, 7, 'not json', 0)") }.to refused
    expect { sql("INSERT INTO formula_versions (formula_id, number, document, created_at) VALUES (#{formula_record.id}, #{version.number}, '{}', 0)") }.to refused
    expect { sql("INSERT INTO formula_versions (formula_id, number, document, created_at) VALUES (99999, 1, '{}', 0)") }.to refused
    expect { sql("INSERT INTO formulas (name, created_at, updated_at) VALUES ('  ', 0, 0)") }.to refused
    batch = batch_of(version)
    event = ->(kind, n, data) {
      sql("INSERT INTO batch_events (batch_id, key, device, n, kind, at, data, body_digest, received_at) " \
        "VALUES (#{batch.id}, '#{SecureRandom.uuid}', 'tab', #{n}, '#{kind}', 'now', '#{data}', '', 0)")
    }
    event.call("note", 7, "{}")
    [["sung", 8, "{}"], ["note", 7, "{}"], ["note", 9, "not json"], ["note", -1, "{}"]].each do |said|
      expect { event.call(*said) }.to refused
    end
    expect { sql("INSERT INTO batches (uuid, formula_version_id, trial_pieces, predicted, created_at) VALUES ('#{SecureRandom.uuid}', #{version.id}, 9, '{}', 0)") }
      .to raise_error(ActiveRecord::StatementInvalid, /1_to_6/)
  end

  it "runs in WAL mode with foreign keys on" do
    expect(sql("PRAGMA journal_mode").first["journal_mode"]).to eq("wal")
    expect(sql("PRAGMA foreign_keys").first["foreign_keys"]).to eq(1)
  end

  it "loads the demo once: formulas that land in different textures, one that needs a rescue, every line read" do
    ElmCupServer::DemoData.load_once
    expect { ElmCupServer::DemoData.load_once }.not_to(change { ElmCupServer::Formula.count })
    answers = ElmCupServer::Formula.all.map { |each| ElmCup.assess(each.current_version.parsed) }
    expect(answers.size).to be >= 4
    expect(answers.flat_map { |answer| ElmCup.flagged(answer) }).to eq([])
    leading = answers.map { |answer| answer["components"].first }
    expect(leading.map { |part| part["texture"] }.uniq.size).to be >= 3
    expect(leading.count { |part| part.dig("rescue", "options")&.any? }).to be >= 1
    expect(ElmCupServer::Batch.count).to be >= 4
  end

  it "numbers versions and counts batches once when two say it at the same moment" do
    path = File.join(Dir.mktmpdir("elm-cup"), "two.sqlite3")
    ActiveRecord::Base.connection_pool.unpin_connection!
    ElmCupServer::Database.open(path)
    made = ElmCupServer::Formula.start(formula("1 cup oats"))
    saves = Array.new(4) { |n|
      Thread.new { made.class.find(made.id).save_version(formula("#{n + 2} cups oats"), parent: made.current_version).number }
    }
    expect(saves.map(&:value)).to contain_exactly(2, 3, 4, 5)
    uuid = SecureRandom.uuid
    events = [happened("started", {"version" => made.current_version_id}, n: 1), happened("looked", {"texture" => 3}, n: 2)]
    batches = Array.new(4) { Thread.new { ElmCupServer::BatchLog.new(uuid).append(events).id } }
    expect(batches.map(&:value).uniq.size).to eq(1)
    expect(ElmCupServer::BatchEvent.where.not(kind: "predicted").count).to eq(2)
  ensure
    ElmCupServer::Database.open(REQUESTS_DATABASE)
    ActiveRecord::Base.connection_pool.pin_connection!(false)
  end

  it "describes every route it serves" do
    described = Requests::SCHEMA.open_api.paths.path.flat_map { |path, item|
      %w[get post put delete].select { |verb| item.operation(verb) }.map { |verb| [verb.upcase, path] }
    }
    served = ElmCupServer::Api.routes.slice("GET", "POST", "PUT", "DELETE")
      .flat_map { |verb, routes| routes.map { |route| [verb, route[0].to_s.gsub(/:(\w+)/, '{\1}')] } }
    expect(served).to match_array(described)
  end
end
