# frozen_string_literal: true

require "server_helper"

# The shelf and the log, a page at a time.
RSpec.describe "Lists", server: true do
  def make(name, *lines)
    lines = ["1 cup rolled oats", "1/4 cup honey"] if lines.empty?
    ask(:post, "/api/formulas", formula(*lines, name: name))
  end

  # Every page of an address, one after the other: [names of the rows of each].
  def pages(path, key)
    found = []
    cursor = nil
    loop do
      page = ask(:get, "#{path}#{path.include?("?") ? "&" : "?"}limit=2#{"&cursor=#{cursor}" if cursor}")
      found << page["rows"].map { |row| row[key] }
      cursor = page["next"] or return found
      raise "no end of pages" if found.size > 20
    end
  end

  def names(query) = ask(:get, "/api/formulas?#{query}")["rows"].map { |row| row["name"] }

  describe "the shelf" do
    it "comes in pages that hold every formula once, whatever is written between two of them" do
      %w[Date Almond Fig Élan Cocoa].each { |name| make(name) }
      expect(pages("/api/formulas", "name")).to eq([%w[Almond Cocoa], %w[Date Élan], %w[Fig]])
      first = ask(:get, "/api/formulas?limit=2")
      expect(first["count"]).to eq(5)
      make("Aniseed")
      expect(names("limit=2&cursor=#{first["next"]}")).to eq(%w[Date Élan])
    end

    it "sorts names as people do: without regard to letters' size and accents, numbers by what they count" do
      ["bar 10", "Bar 9", "élan", "Fig", "10 % oat", "9 % oat"].each { |name| make(name) }
      expect(names("")).to eq(["9 % oat", "10 % oat", "Bar 9", "bar 10", "élan", "Fig"])
    end

    it "is sorted by any of its columns, rising and falling, those of equal figures told apart" do
      make("Thick", "1 cup rolled oats", "2 tbsp honey")
      make("Thin", "1 cup rolled oats", "1/2 cup honey")
      make("Bare", "1 cup rolled oats")
      2.times { make("Odd", "1 cup moon dust") }
      expect(pages("/api/formulas?order=-fill", "name").flatten).to eq(%w[Thin Thick Odd Odd Bare])
      expect(pages("/api/formulas?order=grams", "name").flatten).to eq(%w[Odd Odd Bare Thick Thin])
      expect(names("order=-changed&limit=1")).to eq(["Odd"])
      %w[name pieces kcal changed].each { |order| expect(pages("/api/formulas?order=#{order}", "id").flatten.uniq.size).to eq(5) }
    end

    it "is searched by words of name, texture and diets, with accents or without, and no sign means anything else" do
      make("Crème brûlée squares")
      make("100 % oat", "1 cup rolled oats", "1 tsp honey")
      expect(names("q=CREME+square")).to eq(["Crème brûlée squares"])
      expect(names("q=vegetarian").size).to eq(2)
      expect(names("q=100+%25")).to eq(["100 % oat"])
      %w[%25%25 _ %27%3B-- %5C].each { |sign| expect(names("q=#{sign}")).not_to include("Crème brûlée squares") }
    end

    it "says of a cursor that is none that it is none" do
      make("One")
      [["x"], ["W10"], ["!!!"], [Base64.urlsafe_encode64('["-name","a",1]')], [Base64.urlsafe_encode64('["name",[],1]')],
        [Base64.urlsafe_encode64('["name","\\u0000",1]')], [Base64.urlsafe_encode64('["name","\\udfff",1]')],
        [Base64.urlsafe_encode64("[\"name\",\"a\",#{10**40}]")], [Base64.urlsafe_encode64("null")]].each do |(cursor)|
        expect(ask(:get, "/api/formulas?cursor=#{cursor}")).to include("status" => 422, "detail" => a_string_matching(/first page/))
      end
      expect(ask(:get, "/api/formulas?order=colour")).to include("status" => 400)
      expect(ask(:get, "/api/formulas?limit=0")).to include("status" => 400)
    end

    it "gives no more than a hundred rows, and names of all" do
      110.times { |n| ElmCupServer::Formula.create!(name: "Waits #{n}") }
      made = make("Saved")
      expect(ask(:get, "/api/formula-names")).to eq([{"id" => made["id"], "name" => "Saved", "version_id" => made["version"]["id"]}])
      expect(ask(:get, "/api/formulas?limit=101")).to include("status" => 400)
    end
  end

  describe "rows that a change made stale" do
    let(:rows) { ElmCupServer::FormulaRow }

    it "are none for a price, which no verdict depends on" do
      make("Honeyed")
      by = rows.made_by
      ask(:post, "/api/pantry", {ingredients: [{id: "honey", price: 6, pack_grams: 500}]})
      ask(:put, "/api/settings/currency", {value: "GBP"})
      expect(rows.made_by).to eq(by)
      expect(rows.stale.count).to eq(0)
      ask(:post, "/api/pantry", {ingredients: [{id: "own-butter", name: "Moon butter", starts_from: "almond-butter"}]})
      expect(rows.made_by).not_to eq(by)
    end

    it "are shown as they were and say so, where one request cannot make all again; the work behind makes the rest" do
      5.times { |n| make("Waits #{n}") }
      ElmCupServer::FormulaRow.update_all(made_by: "before")
      stub_const("ElmCupServer::Upkeep::AT_ONCE", -1)
      stale = ask(:get, "/api/formulas")["rows"]
      expect(stale.map { |row| [row["stale"], row["summary"]["texture"].nil?] }.uniq).to eq([[true, false]])
      expect(ElmCupServer::Upkeep.work).to eq(5)
      expect(ask(:get, "/api/formulas")["rows"].map { |row| row["stale"] }.uniq).to eq([nil])
    end

    it "never take the place of what was written meanwhile" do
      made = make("Before")
      row = rows.find_by(formula_id: made["id"])
      old = rows.find(row.id)
      ElmCupServer::Formula.find(made["id"]).save_version(formula("1 cup honey", name: "After"), parent: nil)
      old.formula.current_version = ElmCupServer::FormulaVersion.find(made["version"]["id"])
      rows.make_again([old])
      expect(row.reload.name).to eq("after")
    end
  end

  describe "the log" do
    let(:version) { ElmCupServer::FormulaVersion.find(make("Interval bites")["version"]["id"]) }
    let(:other) { ElmCupServer::FormulaVersion.find(make("Vestry squares")["version"]["id"]) }

    def said(version, day, *events)
      started = happened("started", {"version" => version.id}, at: "2026-06-#{day}T16:00:00Z")
      events = events.map { |kind, data| happened(kind, data) }
      ElmCupServer::BatchLog.new(SecureRandom.uuid).append([started, *events]).uuid
    end

    it "comes newest first in pages, by day made and not by day written" do
      late = said(version, 20)
      early = said(version, 11)
      middle = said(other, 15)
      expect(pages("/api/batches", "batch")).to eq([[late, middle], [early]])
      expect(pages("/api/batches?order=made", "batch").flatten).to eq([early, middle, late])
    end

    it "is searched by formula, note and what was added, and kept to a formula or a texture" do
      dry = said(version, 11, ["looked", {"texture" => 1}], ["note", {"text" => "Crumbled at once"}])
      wet = said(other, 12, ["looked", {"texture" => 4}], ["addition", {"text" => "2 tbsp oat flour"}])
      found = ->(query) { ask(:get, "/api/batches?#{query}")["rows"].map { |row| row["batch"] } }
      expect(found["q=vestry"]).to eq([wet])
      expect(found["q=oat+flour"]).to eq([wet])
      expect(found["q=crumbled+interval"]).to eq([dry])
      expect(found["texture=tacky"]).to eq([wet])
      expect(found["formula=#{version.formula_id}"]).to eq([dry])
      expect(ask(:get, "/api/batches?texture=soggy")).to include("status" => 400)
    end

    it "tells six of many additions and changed lines, and how many there are" do
      spoons = (1..9).map { |count| ["addition", {"text" => "#{count} tsp water"}] }
      uuid = said(version, 11, *spoons)
      row = ask(:get, "/api/batches")["rows"].first
      expect([row["batch"], row["additions"].size, row["told"]["additions"]]).to eq([uuid, 6, 9])
      expect(ask(:get, "/api/batches/#{uuid}")["additions"].size).to eq(9)
    end

    it "asks the same few questions for a page, whatever its length" do
      questions = lambda do
        count = 0
        counter = ActiveSupport::Notifications.subscribe("sql.active_record") { count += 1 }
        ask(:get, "/api/batches")
        ActiveSupport::Notifications.unsubscribe(counter)
        count
      end
      said(version, 11)
      questions.call
      few = questions.call
      8.times { |day| said(version, 12 + day) }
      expect(questions.call).to eq(few)
    end

    it "sets a batch aside that another version wrote, names why, and gives it whole; it can be hidden and brought back" do
      sound = said(version, 11, ["looked", {"texture" => 3}])
      odd = said(version, 12)
      ActiveRecord::Base.connection.execute("INSERT INTO event_kinds (name) VALUES ('sung')")
      batch = ElmCupServer::Batch.named(odd)
      batch.events.create!(key: SecureRandom.uuid, device: "tab", n: 99, at: "2026-06-12T17:00:00Z", kind: "sung", data: "{}",
        body_digest: "", received_at: Time.now)
      ElmCupServer::BatchRow.update_all(made_by: "before")
      expect(ask(:get, "/api/batches")["rows"].map { |row| row["batch"] }).to eq([sound])
      aside = ask(:get, "/api/batches?aside=only")
      expect(aside["count"]).to eq(1)
      expect(aside["rows"].first).to include("batch" => odd, "formula_name" => "Interval bites",
        "aside" => [a_hash_including("code" => "event_of_another_version", "detail" => a_string_matching(/sung.*another version/))])
      expect(ask(:get, "/api/batches/#{odd}")).to include("status" => 422, "detail" => a_string_matching(/sung/))
      expect(ask(:get, "/api/batches/#{odd}/events")["events"].map { |event| event["kind"] }).to include("sung")
      events = ElmCupServer::BatchEvent.count
      expect(ask(:post, "/api/batches/#{odd}/events", {events: [happened("note", {text: "More"})]})).to include("status" => 422)
      expect(ElmCupServer::BatchEvent.count).to eq(events)
      ask(:delete, "/api/batches/#{odd}")
      expect(ask(:get, "/api/batches?aside=only")["count"]).to eq(0)
      ask(:post, "/api/batches/#{odd}/restore")
      expect(ask(:get, "/api/batches?aside=only")["count"]).to eq(1)
      expect(ask(:delete, "/api/batches/#{SecureRandom.uuid}")).to include("status" => 404)
    end

    it "reads no sense into data that is of another shape" do
      odd = said(version, 12)
      batch = ElmCupServer::Batch.named(odd)
      {"looked" => [{"texture" => "rolls"}, {"texture" => 99}, [], 5], "yield" => [{"pieces" => "many"}], "weighed" => [{"line" => 3}]}
        .each_pair { |kind, datas|
          datas.each_with_index do |data, n|
            ActiveRecord::Base.transaction(requires_new: true) do
              batch.events.create!(key: SecureRandom.uuid, device: "x", n: n, at: "2026-06-12T17:00:00Z", kind: kind,
                data: JSON.generate(data), body_digest: "", received_at: Time.now)
              ElmCupServer::BatchRow.update_all(made_by: "before")
              expect(ask(:get, "/api/batches")["rows"]).to eq([]), [kind, data].inspect
              expect(ask(:get, "/api/batches?aside=only")["count"]).to eq(1), [kind, data].inspect
              raise ActiveRecord::Rollback
            end
            batch.events.reset
          end
        }
    end
  end
end
