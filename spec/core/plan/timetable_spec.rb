# frozen_string_literal: true

# Plans of formulas, as they are asked for and as they are answered.
RSpec.describe ElmCup::Plan::Timetable do
  balls = {"elm_cup" => "formula/1", "name" => "Bites", "shape" => {"kind" => "ball", "pieces" => 24},
           "components" => [{"name" => "dough", "lines" => [{"text" => "200 g dates, soaked"}, {"text" => "150 g almonds, ground"}]}]}
  dipped = {"elm_cup" => "formula/1", "name" => "Truffles", "shape" => {"kind" => "ball", "pieces" => 24}, "lives" => "freezer",
            "components" => [{"name" => "centre", "lines" => [{"text" => "150 g hazelnut butter"}, {"text" => "120 g almond flour"},
              {"text" => "50 g maple syrup"}]}, {"name" => "shell", "type" => "coating", "lines" => [{"text" => "200 g dark chocolate"}]}],
            "coat" => {"kind" => "dip", "component" => "shell"}}
  asked = {"elm_cup" => "plan-request/1", "at" => "2026-06-20T18:00", "zone" => "Europe/Berlin", "now" => "2026-06-18T12:00"}

  define_method(:request) { |*documents, **more|
    asked.merge("formulas" => documents.map { |each| {"document" => each} }).merge(more.transform_keys(&:to_s))
  }

  def plan(said, **options) = ElmCup.plan(said, sections: [], **options)

  def minutes(from, to) = ((Time.iso8601(to) - Time.iso8601(from)) / 60).round

  def task(plan, id) = plan["tasks"].find { |each| each["id"] == id }

  it "is ready by its hour, keeps every wait, and says when to start" do
    found = plan(request(balls))
    expect(found.values_at("status", "mode", "late_minutes")).to eq(["fits", "ready_by", 0])
    expect(Time.iso8601(found["ready"])).to be <= Time.iso8601("2026-06-20T18:00:00+02:00")
    expect(found["sentences"].first).to eq("Start by #{found["start"][11, 5]} at the latest.")
    expect(found["waits"]).to all(satisfy { |wait| minutes(wait["start"], wait["end"]).between?(wait["least"], wait["greatest"] || 1e9) })
    soaked = found["waits"].find { |wait| wait["from"] == "1.soak-dough" }
    expect(soaked.values_at("least", "greatest", "band", "source")).to eq([60, 240, [60, 60], "practice"])
    expect(found["rows"].map { |row| row["id"] }).to eq(%w[hands processor freezer])
    expect(found["chain"]).to start_with("1.set_out").and end_with("1.box")
  end

  it "works around nights, weekly hours and absences, and lets what may wait wait meanwhile" do
    kitchen = {"away" => [{"days" => ["sat"], "start" => "08:00", "end" => "17:30", "why" => "work"}], "asleep" => ["22:00", "06:30"]}
    library = ElmCup.shipped.in_kitchen(kitchen)
    found = plan(request(balls, away: [{"start" => "2026-06-20T06:30", "end" => "2026-06-20T07:45", "why" => "run"}]), pantry: library)
    closed = found["rows"].first["closed"].map { |each| [Time.iso8601(each["start"]), Time.iso8601(each["end"]), each["why"]] }
    expect(closed.map(&:last).uniq).to include("work", "run", "asleep")
    found["tasks"].select { |each| each["kind"] == "hands" }.each do |each|
      from, to = each.values_at("start", "end").map { |text| Time.iso8601(text) }
      expect(closed).to all(satisfy { |start, stop, _| to <= start || from >= stop })
    end
  end

  it "counts elapsed minutes through a change of the clock, and shows the clock on the wall" do
    night = ElmCup.shipped.in_kitchen({"asleep" => nil})
    found = plan(request(balls, at: "2026-03-29T04:00", now: "2026-03-28T12:00"), pantry: night)
    expect([found["at"], found["start"][-6..]]).to eq(["2026-03-29T04:00:00+02:00", "+01:00"])
    expect(minutes(found["start"], found["ready"])).to be <= found["figures"]["span"]
  end

  it "begins at an hour, and is ready as soon as can be" do
    found = plan(request(balls, mode: "start_at", at: "2026-06-20T10:00"))
    expect(found["start"]).to eq("2026-06-20T10:00:00+02:00")
    expect(found["sentences"].first).to eq("Ready at #{found["ready"][11, 5]}.")
  end

  it "says how late it will be where the hour is too near, or past" do
    near, past = ["2026-06-18T12:20", "2026-06-10T12:00"].map { |at| plan(request(balls, at: at)) }
    expect(near.values_at("status", "start")).to eq(["late", "2026-06-18T12:00:00+02:00"])
    expect(near["sentences"].first).to match(/\AIt cannot be ready by 12:20: begun now, it is ready at 1\d:\d\d, \d+ (min|h).* late\.\z/)
    expect(past["sentences"].first).to match(/ready on Thursday at .*, 8 days late/)
  end

  it "keeps a fixed step, and says what stands in the way where that cannot be" do
    free = plan(request(dipped))
    later = task(free, "1.roll")["start"].then { |text| (Time.iso8601(text) - 600).iso8601 }
    pinned = plan(request(dipped, pins: [{"task" => "1.roll", "at" => later}]))
    expect(task(pinned, "1.roll").values_at("start", "pinned")).to eq([Time.iso8601(later).localtime("+02:00").iso8601, true])
    night = plan(request(dipped, pins: [{"task" => "1.roll", "at" => "2026-06-20T03:00"}]))
    expect(night["status"]).to eq("none")
    expect(night["clashes"].map { |each| each["code"] }).to include("pin", "away")
    expect(night["clashes"].find { |each| each["code"] == "pin" }["nearest"]).to match(/\AThe nearest time for it is \d\d:\d\d\.\z/)
    gone = plan(request(dipped, pins: [{"task" => "9.roll", "at" => "2026-06-20T03:00"}]))
    expect([gone["status"], gone["sentences"].last]).to match(["fits", /steps that are gone is passed over/])
  end

  it "plans the rest again around what was done" do
    done = [{"task" => "1.set_out", "start" => "2026-06-20T15:00", "end" => "2026-06-20T15:20"},
      {"task" => "1.mix_hand-centre", "start" => "2026-06-20T15:20", "end" => "2026-06-20T15:40"}]
    found = plan(request(dipped, done: done, now: "2026-06-20T15:45"))
    expect(task(found, "1.mix_hand-centre").values_at("done", "end")).to eq([true, "2026-06-20T15:40:00+02:00"])
    rest = found["tasks"].reject { |each| each["done"] }
    expect(rest.map { |each| Time.iso8601(each["start"]) }).to all(be >= Time.iso8601("2026-06-20T15:45:00+02:00"))
    expect(found["figures"]["hands_minutes"]).to eq(rest.sum { |each| minutes(each["start"], each["end"]) })
  end

  it "goes tray by tray where there is one slot, and all at once where there is room" do
    many = dipped.merge("shape" => {"kind" => "ball", "pieces" => 60}, "components" => dipped["components"].map { |part|
      part.merge("lines" => part["lines"].map { |line| {"text" => line["text"].sub(/\d+/) { |grams| (grams.to_i * 3).to_s }} })
    })
    one = plan(request(many))
    expect(one["tasks"].map { |each| each["id"] }).to include("1.roll.tray1", "1.roll.tray2", "1.dip.tray2.set1")
    freezer = one["waits"].select { |wait| wait["place"] == "freezer" }.map { |wait| wait.values_at("start", "end") }.sort
    expect(freezer.each_cons(2)).to all(satisfy { |before, after| before.last <= after.first })
    roomy = ElmCup.shipped.in_kitchen({"places" => [{"id" => "f", "kind" => "freezer", "dial_c" => -18, "slots" => 4}]})
    expect(plan(request(many), pantry: roomy)["tasks"].map { |each| each["id"] }).to include("1.roll", "1.dip.set1")
  end

  it "puts no more into a set of a tray than the bowl keeps warm for" do
    row = ElmCup::Method::Row.all.fetch("dip")
    step = ->(turns) {
      ElmCup::Method::Step.new(id: "dip", step: "dip", text: "Dip", hands: row.hands_of(turns.sum), turns: turns, trays: 2, per_tray: true,
        uses: row.uses, wait: ElmCup::Method::Wait.none.with(place: "freezer", least: 10))
    }
    means = ElmCup::Document::Means.from(ElmCup.shipped.kitchen)
    tasks = ElmCup::Plan::Expansion.new([step[[4] * 6]], index: 0, name: "x", means: means).tasks.select { |task| task.minutes.positive? }
    expect([tasks.size, tasks.map(&:minutes).uniq]).to eq([6, [4]])
  end

  it "says in words how far a step can go, and what holds it" do
    found = plan(request(dipped))
    rooms = found["tasks"].to_h { |each| [each["id"], each.values_at("room", "slack")] }
    expect(rooms["1.ready"].first).to include("it must be ready")
    expect(rooms["1.set_out"].first).to include("all of it would take longer")
    expect(rooms["1.mix_hand-centre"].first).to include("“Set out and weigh everything” comes before")
    rooms.each_value do |words, slack|
      expect(words.start_with?("It cannot go")).to eq(slack.values == [0, 0]), "#{words} #{slack}"
      slack.each { |way, minutes| expect(words).to match(/#{minutes % 60}( min)? #{way}/) if minutes.positive? && minutes < 48 * 60 }
    end
    fixed = plan(request(dipped, pins: [{"task" => "1.roll", "at" => rooms && task(found, "1.roll")["start"]}]))
    expect(task(fixed, "1.roll")["room"]).to eq("It is fixed.")
  end

  # Days of the formulas that are drafted here, by a validator that knows nothing of how they are made.
  it "breaks nothing on days of drafted formulas, whatever else is asked of them, and the same is planned twice" do
    random = Random.new(17)
    kitchens = [{}, {"hands" => 2}, {"away" => [{"days" => %w[mon sat], "start" => "09:00", "end" => "16:30", "why" => "work"}]}]
    12.times do |turn|
      library = ElmCup.shipped.in_kitchen(kitchens[turn % 3])
      formulas = [dipped, balls].first(1 + turn % 2).map { |each| {"document" => each, "times" => [1, 2, 0.5][random.rand(3)]} }
      hour = 11 + random.rand(10)
      said = asked.merge("formulas" => formulas, "mode" => %w[ready_by start_at][random.rand(2)], "at" => "2026-06-20T#{hour}:00",
        "away" => [{"start" => "2026-06-20T#{hour - 2}:00", "end" => "2026-06-20T#{hour - 1}:20"}])
      tables = Array.new(2) {
        described_class.new(ElmCup::Plan::Request.read(said, library: library, now: Time.utc(2026, 6, 18, 12)), library: library)
      }
      expect(tables.first.plan?).to be(true), said.except("formulas").to_s
      expect(tables.map { |table| table.result.starts }.uniq.size).to eq(1)
      expect(PlanValidator.faults(tables.first.result.project, tables.first.result.starts)).to eq([])
    end
  end

  it "shares the kitchen with a plan that is there already" do
    first = plan(request(dipped))
    second = plan(request(dipped), beside: [first])
    busy = [first, second].map { |each| each["tasks"].select { |one| one["kind"] == "hands" }.map { |one| one.values_at("start", "end") } }
    busy.first.product(busy.last) { |(from, to), (start, stop)| expect(to <= start || stop <= from).to be(true) }
  end

  it "lists what to buy in packs, less what there is" do
    have = [{"ingredient" => "almond-flour", "grams" => 100}, {"ingredient" => "hazelnut-butter"}]
    list = plan(request(dipped, balls), have: have)["shopping"]
    expect(list["buy"].to_h { |item| [item["ingredient"], item["buy"]] }).to include("almond-flour" => 20.0, "chocolate-dark" => 200.0)
    expect(list["buy"].find { |item| item["ingredient"] == "chocolate-dark" }).to include("packs" => 2, "pack_grams" => 100.0)
    expect(list["check"].map { |item| item["ingredient"] }).to eq(["hazelnut-butter"])
  end

  it "counts pieces for those who come, and for what they can eat" do
    table = ->(guests) { plan(request(dipped, balls, guests: guests))["guests"] }
    expect(table[[{"people" => 16, "pieces_each" => 3}]]).to include("pieces" => 48, "wanted" => 48, "short" => 0)
    expect(table[[{"people" => 10, "needs" => ["nut-free"]}]]).to include("short" => 30, "words" => "30 pieces are wanting for nut-free.")
    expect(table[[{"people" => 10}, {"people" => 9, "needs" => ["vegan"]}]]["words"]).to eq("9 pieces are wanting for all who come.")
  end

  it "makes so many pieces or times as are asked for" do
    sized = plan(asked.merge("formulas" => [{"document" => dipped, "pieces" => 40}, {"document" => balls, "times" => 2}]))
    expect(sized["formulas"].map { |each| each["pieces"] }).to eq([40, 48])
  end

  it "keeps time free before its hour where it is asked to, and offers how much" do
    found = plan(request(dipped))
    expect(found["offered_reserve_minutes"]).to be_positive.and be_multiple_of_five
    kept = plan(request(dipped, reserve_minutes: 30))
    expect(Time.iso8601(kept["ready"])).to be <= Time.iso8601("2026-06-20T17:30:00+02:00")
  end

  it "says what more room would give, and when it is ready if all goes fast" do
    found = ElmCup.plan(request(dipped))
    expect(Time.iso8601(found["quick"]["ready"])).to be <= Time.iso8601(found["ready"])
    expect(Time.iso8601(found["quick"]["start"])).to be >= Time.iso8601(found["start"])
    expect(found["relax"]).to all(include("limit", "start", "ready"))
  end

  it "names the place of every fault, and mends none in silence" do
    {request(balls).merge("at" => "soon") => "/at", request(balls).merge("zone" => "Moon/Base") => "/zone",
     request(balls).merge("away" => [{"start" => "2026-06-20T10:00", "end" => "2026-06-20T09:00"}]) => "/away/0/end",
     request(balls.merge("components" => [])) => "/formulas/0/document/components", asked.merge("formulas" => []) => "/formulas",
     asked.merge("formulas" => [{"document" => balls, "times" => 2, "pieces" => 3}]) => "/formulas/0/pieces",
     asked.merge("formulas" => [{}]) => "/formulas/0", request(balls).merge("colour" => 1) => "/colour"}.each do |said, pointer|
      expect { plan(said) }.to raise_error(ElmCup::InvalidDocument) { |error| expect(error.faults.map(&:pointer)).to include(pointer) }
    end
  end

  it "says what a kitchen lacks, where nobody is there, and goes on the next day where it can" do
    without = ->(kitchen, **more) { plan(request(dipped, **more), pantry: ElmCup.shipped.in_kitchen(kitchen)) }
    cold = ->(freezer, fridge) {
      {"places" => {"freezer" => [-18, freezer], "fridge" => [4, fridge]}.map { |kind, (dial, slots)|
        {"id" => kind, "kind" => kind, "dial_c" => dial, "slots" => slots}
      }}
    }
    expect(without[cold[0, 1]]["waits"].filter_map { |wait| wait["place"] }.uniq).to contain_exactly("fridge", "melt")
    {cold[0, 0] => /“Chill in the fridge before you roll it” needs the fridge, and there is none/, {"melt" => 0} => /needs the melting bowl, and there is none/,
     {"asleep" => nil, "away" => [{"days" => %w[mon tue wed thu fri sat sun], "start" => "00:05", "end" => "23:59"}]} =>
       /takes \d+ min in one go, and nobody is there so long at a stretch. Stay/}.each do |kitchen, words|
      found = without[kitchen]
      expect([found["status"], found["sentences"].first, found["tasks"]]).to match(["none", words, nil])
    end
    all_day = [{"start" => "2026-06-18T00:00", "end" => "2026-06-20T23:59"}]
    late = without[{}, away: all_day]
    expect([late["status"], late["sentences"].first]).to match(["late", /begun now, it is ready on Sunday/])
  end

  it "refuses more steps than a plan takes, and says how many formulas fit" do
    own = (1..60).map { |number| {"id" => "own-#{number}", "step" => "own", "text" => "Step #{number}", "hands_minutes" => 1} }
    refused = raise_error(ElmCup::InvalidDocument, /come to 5\d\d steps; a plan takes 400. The first \d of 8 formulas fit/)
    expect { plan(request(*[balls.merge("steps" => own)] * 8)) }.to refused
    moulds = JSON.parse(File.read("server/demo/formulas/18-vestry-halves.json"))
    alone = raise_error(ElmCup::InvalidDocument, /comes to \d{3} steps; a plan takes 400. Plan about \d{3} pieces of it at a time/)
    expect { plan(asked.merge("formulas" => [{"document" => moulds, "times" => 40}])) }.to alone
  end

  RSpec::Matchers.define(:be_multiple_of_five) { match { |number| (number % 5).zero? } }

  describe ElmCup::Plan::Calendar do
    clock = JSON.parse(File.read(File.expand_path("../../reference/tables/plan_checks.json", __dir__))).fetch("clock")
    berlin = described_class.new(clock["zone"])

    # Source: the cases of docs/model.md, Plan; the time zone database.
    clock["cases"].each do |each|
      it "takes #{each["local"]} of #{clock["zone"]} as #{each["utc"]}" do
        expect(berlin.minute(each["local"])).to eq(Time.iso8601(each["utc"].sub("Z", ":00Z")).to_i / 60)
      end
    end

    it "shows how late a night's soaking is over by the clock on the wall" do
      start = Time.iso8601(clock["soak"]["from_utc"].sub("Z", ":00Z")).to_i / 60
      expect(berlin.text(start + clock["soak"]["minutes"])[0, 16]).to eq(clock["soak"]["local_end"])
    end

    it "knows the next such time as a cook says it" do
      now = berlin.minute("2026-06-18T12:00") # a Thursday
      said = {"18:00" => "2026-06-18T18:00", "11:00" => "2026-06-19T11:00", "tomorrow at 7:30" => "2026-06-19T07:30",
              "6pm" => "2026-06-18T18:00",
              "Saturday 18:00" => "2026-06-20T18:00", "sat 6 pm" => "2026-06-20T18:00", "thursday 11" => "2026-06-25T11:00",
              "noon" => "2026-06-19T12:00", "midnight" => "2026-06-19T00:00", "18.30" => "2026-06-18T18:30",
              "by 6 p.m. on Friday" => "2026-06-19T18:00"}
      expect(said.to_h { |text, _| [text, berlin.text(ElmCup::Plan::ClockWords.minute(text, berlin, now))[0, 16]] }).to eq(said)
      none = ["", "soon", "25:00", "13pm", "8:61", "someday 8:00"]
      expect(none.filter_map { |text| ElmCup::Plan::ClockWords.minute(text, berlin, now) }).to eq([])
    end
  end
end
