# frozen_string_literal: true

require "server_helper"
require "open3"

# A disk that is really full: a small tmpfs, where there is the right to mount one.
RSpec.describe "A disk that fills up" do
  include Requests

  let(:folder) { Dir.mktmpdir("elm-cup") }
  let(:document) { formula(*Array.new(60) { |n| "#{n + 1} g rolled oats, #{"x" * 250}" }, name: "Interval bites") }

  before do
    mounted = Process.uid.zero? && Open3.capture2e("mount", "-t", "tmpfs", "-o", "size=1536k", "tmpfs", folder).last.success?
    skip "there is no right to mount a small disk here" unless mounted
    FileUtils.cp(Databases.fresh, File.join(folder, "household.sqlite3"))
    ElmCupServer::Database.open(File.join(folder, "household.sqlite3"))
  end

  after do
    ActiveRecord::Base.connection_pool.disconnect!
    ElmCupServer::Database.open(REQUESTS_DATABASE)
    system("umount", folder, err: File::NULL)
    FileUtils.remove_entry(folder)
  end

  it "is said as such, loses nothing that was acknowledged, and goes on when there is room again" do
    acknowledged = []
    full = nil
    expect {
      200.times do |n|
        answer = ask(:post, "/api/formulas", document.merge("name" => "Bites #{n}"))
        break full = answer if last_response.status != 201

        acknowledged << answer["id"]
      end
    }.to output(/\A(?:elm cup: storage_full: .*\n)+\z/).to_stderr
    expect(full).to include("status" => 507, "code" => "storage_full", "detail" => a_string_matching(/disk is full/))
    expect(acknowledged.size).to be > 3
    expect(ElmCupServer::Formula.order(:id).pluck(:id)).to eq(acknowledged)
    expect(ask(:get, "/api/formulas/#{acknowledged.last}")["id"]).to eq(acknowledged.last)
    expect(ask(:post, "/api/assess", formula("1 cup oats"))).to include("grams")
    expect(ActiveRecord::Base.connection.select_values("PRAGMA integrity_check")).to eq(["ok"])
    system("mount", "-o", "remount,size=8m", folder)
    ask(:post, "/api/formulas", document)
    expect(last_response.status).to eq(201)
  end
end
