# frozen_string_literal: true

require "server_helper"

# The devices that are not there: their equations, their line, and what is done with them.
RSpec.describe ElmCupServer::Devices do
  devices = described_class

  def noise(id = "x", seed: 1) = ElmCupServer::Devices::Noise.new(seed, id)

  describe devices::Noise do
    it "draws the same for one seed and device, other things for others, and normally" do
      draws = ->(seed, id) { described_class.new(seed, id).then { |noise| Array.new(5) { noise.normal } } }
      expect(draws[1, "scale"]).to eq(draws[1, "scale"])
      expect([draws[1, "scale"], draws[2, "scale"], draws[1, "probe"]].uniq.size).to eq(3)
      many = noise.then { |one| Array.new(20_000) { one.normal } }
      expect([many.sum / many.size, many.sum { |draw| draw**2 } / many.size]).to match([be_within(0.03).of(0), be_within(0.05).of(1)])
    end
  end

  describe devices::Scale do
    let(:scale) { described_class.new(noise) }

    def pass(seconds) = Array.new((seconds / 0.2).round) { scale.step }

    it "settles on what is put on it, to a gram, and says when it stands still" do
      pass(2)
      scale.simulate("put", grams: 300)
      first, last = pass(3).values_at(0, -1)
      expect(first).to include("stable" => false)
      expect(last).to include("stable" => true, "status" => "ok", "value" => be_within(1).of(300))
    end

    # Source: docs/devices.md: zero tracking swallows a slow pour: 3 g in 60 s shows 0 after a tare, 3 with 400 g on.
    it "swallows a slow pour at its zero, and not above it" do
      pass(2)
      scale.command("tare")
      scale.simulate("pour", grams: 3, seconds: 60)
      expect(pass(62).last["value"]).to be_within(1).of(0)
      scale.simulate("put", grams: 400)
      before = pass(4).last["value"]
      scale.simulate("pour", grams: 3, seconds: 60)
      expect(pass(62).last["value"] - before).to be_within(1).of(3)
    end

    it "says when it is too much, sleeps after three minutes, and wakes when something is done" do
      scale.simulate("put", grams: 6000)
      expect(pass(1).last).to include("status" => "over", "value" => nil)
      scale.simulate("lift")
      expect(pass(100).last).to include("status" => "ok")
      pass(100)
      expect([scale.state, scale.reading]).to eq(["asleep", nil])
      scale.command("wake")
      expect(scale.state).to eq("ready")
    end

    # Source: docs/devices.md: 300 weigh-ins of 3 to 300 g in pulses: within a step of the scale in 97 of 100 at 1 g and 95 at .1 g.
    {1.0 => 0.97, 0.1 => 0.95}.each do |resolution, share|
      it "is weighed in to #{resolution} g in #{(share * 100).round} of 100, by the rule of steady readings, none too early" do
        random = Random.new(7)
        device = described_class.new(noise("weigh", seed: 4), resolution: resolution)
        steady = ElmCup::Counter::Steady.new(resolution)
        at = 0
        stand = lambda do
          readings = []
          200.times do
            reading = device.step
            at += 200
            readings << ElmCup::Counter::Steady::Reading.new(mono_ms: at, grams: reading["value"], stable: reading["stable"])
            found = steady.grams(readings.last(20))
            break found if found
          end
        end
        good = Array.new(120) {
          device.simulate("lift") && device.simulate("put", grams: 200)
          anchor = stand.call
          grams = 3 + random.rand * 97
          [0.5, 0.3, 0.2].each do |part|
            device.simulate("pour", grams: grams * part, seconds: 0.8)
            4.times { device.step && at += 200 }
          end
          (stand.call - anchor - grams).abs <= resolution
        }
        expect(good.count(true)).to be >= (good.size * (share - 0.03)).round
      end
    end
  end

  describe devices::CoolPlace do
    def place(kind, dial_c, **more) = described_class.new(kind, noise, dial_c: dial_c, bias_k: 0.0, **more)

    def airs(place, hours) = Array.new((hours * 720).round) { place.step && place.air_c }

    # Source: docs/devices.md: freezer −21.4 to −17.0 in 48 minutes, fridge 1.9 to 4.8 in 32.
    {"freezer" => [-18, -21.4, -17.0, 48], "fridge" => [4, 1.9, 4.8, 32]}.each do |kind, (dial, low, high, period)|
      it "has a #{kind} go to and fro as the page has it" do
        there = place(kind, dial)
        airs(there, 5)
        found = airs(there, 8)
        expect(found.minmax).to match([be_within(0.1).of(low), be_within(0.1).of(high)])
        mean = found.sum / found.size
        ups = found.each_cons(2).each_with_index.filter_map { |(from, to), at| at if from < mean && to >= mean }
        expect(ups.each_cons(2).map { |from, to| (to - from) / 12.0 }).to all(be_within(1).of(period))
      end
    end

    # Source: the same: twenty seconds of door: −18 to +6, back within 2 K in 9.5 minutes; without power 43, 25 and 6 hours to 0 °C.
    it "warms while its door is open, and slowly without power" do
      there = place("freezer", -18)
      airs(there, 5)
      warming = -> { there.air_c.then { |before| there.step && there.air_c > before } }
      there.step until there.air_c.between?(-18.2, -17.8) && warming.call
      there.simulate("door", seconds: 20)
      after = airs(there, 0.5)
      expect(after.max).to be_within(1).of(6)
      expect(after.rindex { |celsius| celsius > -16 } / 12.0).to be_within(1.5).of(9.5)
      hours = [1.0, 0.5, 0.0].map { |fill|
        cut = place("freezer", -18, fill: fill).tap { |one| one.simulate("cut") }
        (1..).find { cut.step(60) && cut.air_c >= 0 } / 60.0
      }
      expect(hours).to match([be_within(1.5).of(43), be_within(1).of(25), be_within(0.5).of(6)])
    end

    it "is off its dial by what nobody tells, the same each time" do
      off = (1..60).map { |seed| described_class.new("freezer", noise("f", seed: seed), dial_c: -18).air_c + 18 }
      expect([off.sum / off.size, off.minmax.reduce(:-).abs]).to match([be_within(1).of(3), be > 5])
    end
  end

  describe devices::Workbench do
    let(:clock) { devices::Clock.new(rate: 0.0) }
    let(:hub) { ElmCupServer::Hub.new }
    let(:bench) { described_class.new(clock, seed: 3, threaded: false, hub: hub) }

    # What somebody hears who came at the beginning, after so many seconds: [event, data] each.
    def heard(id, seconds, after: 0)
      reader, writer = UNIXSocket.pair
      bench.response(id, after: after).last.call(writer)
      clock.advance(seconds)
      bench.catch_up
      bench.instance_variable_get(:@hub).open(described_class.topic(id))
      reader.read.split("\n\n").map do |message|
        fields = message.lines.to_h { |line| line.chomp.split(": ", 2) }
        [fields["event"], JSON.parse(fields["data"]), fields["id"].to_i]
      end
    end

    it "says hello, then what it shows five times a second, counted, and that it is still there" do
      found = heard("scale", 12)
      expect(found.first[0]).to eq("hello")
      expect(found.first[1]).to include("device" => "scale", "simulated" => true, "resolution" => 1.0, "missed" => false)
      readings = found.group_by(&:first).fetch("reading", [])
      expect(readings.size).to be_between(48, 51)
      expect(readings.map { |_, data, id| data["seq"] - id }.uniq).to eq([0])
      expect(readings.map { |_, data| data["mono_ms"] }.each_cons(2).map { |from, to| to - from }.uniq).to eq([200])
      expect(found.count { |event, _| event == "beat" }).to be_between(1, 3)
    end

    it "does the same once, and loses its line, and says nonsense, for as long as it is told" do
      2.times { bench.simulate("scale", "k1", {"do" => "put", "grams" => 100}) }
      bench.simulate("scale", "k2", {"do" => "lose", "seconds" => 5})
      found = heard("scale", 10).group_by(&:first).fetch("reading", [])
      expect(found.size).to be_between(20, 30)
      expect(found.last[1]["value"]).to be_within(2).of(100)
      expect { bench.simulate("toaster", "k3", {"do" => "put"}) }.to raise_error(described_class::NotDone, /no device “toaster”/)
      expect { bench.simulate("probe", "k4", {"do" => "pour", "grams" => 3}) }
        .to raise_error(described_class::NotDone, /Nothing can be put/)
    end

    it "is heard however many other things are listened to" do
      bench
      60.times { |n| hub.open("other #{n}") }
      expect(hub.topic?(described_class.topic("scale"))).to be(true)
      expect([hub.topic?("other 0"), hub.topic?("other 59")]).to eq([false, true])
    end

    it "lets a probe feel the place it is in, through a jump of the clock too" do
      bench.simulate("probe", "k1", {"do" => "move", "to" => "freezer"})
      found = heard("probe", 3600).group_by(&:first).fetch("reading", [])
      expect(found.last[1]["value"]).to be_between(-25, -8)
      expect(found.size).to be < 900
    end

    it "goes through two days at once without standing still, with a piece in the freezer" do
      body, air = ElmCup.cooling_body(formula("200 g peanut butter", "60 g coconut oil, melted", "80 g oat flour"), place: "freezer")
      bench.simulate("probe", "k1", {"do" => "load", "to" => "freezer", "body" => body, "air" => air})
      found = heard("probe", 172_800).group_by(&:first).fetch("reading", [])
      expect(found.last[1]["value"]).to be_between(-25, -10)
      expect(found.size).to be < 700
    end

    it "tells who comes back what was missed, or that too much was" do
      expect(heard("scale", 3).last[2]).to be > 10
      clock.advance(400)
      bench.catch_up
      expect(heard("scale", 0, after: 9_999).first[1]["missed"]).to be(true)
    end
  end

  describe "over HTTP", server: true do
    let(:clock) { devices::Clock.new(rate: 0.0) }

    after { devices::Household.none }

    it "are none until they are simulated" do
      devices::Household.none
      expect(ask(:get, "/api/devices")).to eq("devices" => [])
      ask(:post, "/api/clock", {advance_s: 5})
      expect(last_response.status).to eq(404)
    end

    it "are there, are told what to do, and go by the clock that is driven" do
      devices::Household.simulate(clock: clock, threaded: false)
      expect(ask(:get, "/api/devices")["devices"].map { |each| each.values_at("device", "kind", "state") })
        .to eq([%w[scale scale ready], %w[probe probe ready]])
      ask(:post, "/api/devices/scale/simulate", {key: "a", do: "pour", grams: 38, seconds: 4})
      expect(last_response.status).to eq(200)
      before = clock.now
      said = ask(:post, "/api/clock", {advance_s: 10})
      expect(Time.iso8601(said["now"]) - before).to be_within(0.01).of(10)
      ask(:post, "/api/devices/scale/command", {key: "b", do: "tare"})
      ask(:post, "/api/devices/kettle/command", {key: "c", do: "tare"})
      expect([last_response.status, last_response.body]).to match([404, /no device “kettle”/])
      ask(:post, "/api/devices/scale/simulate", {key: "d", do: "sing"})
      expect(last_response.status).to eq(400)
    end

    it "put the probe into a piece of a formula, which cools as the core has it" do
      devices::Household.simulate(clock: clock, threaded: false)
      made = ask(:post, "/api/formulas", formula("200 g peanut butter", "60 g coconut oil, melted", "80 g oat flour", "60 g honey"))
      ask(:post, "/api/devices/probe/simulate", {key: "a", do: "load", to: "freezer", formula: made["id"]})
      expect([last_response.status, last_response.body]).to eq([200, "{}"])
      ask(:post, "/api/clock", {advance_s: 1800})
      expect(devices::Household.current.send(:fetch, "probe").device.reading["value"]).to be_between(-12, 15)
      ask(:post, "/api/devices/probe/simulate", {key: "b", do: "load", to: "room", formula: made["id"]})
      expect(last_response.status).to eq(422)
    end
  end
end
