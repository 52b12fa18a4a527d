# frozen_string_literal: true

require "ri_cal"

# A plan as iCalendar, read back by another library and held to RFC 5545 (Desruisseaux 2009): 3.1 lines and folding, 3.3.5 UTC, 3.3.11
# escapes, 3.6.6 alarms, 3.8.7.4 sequence.
RSpec.describe "A plan as iCalendar" do
  name = "Bites; nuts, dates \\ Überraschung mit Nüssen und einem sehr langen Namen, der gefaltet werden muß 🌰🌰🌰🌰"
  document = {"elm_cup" => "formula/1", "name" => name, "shape" => {"kind" => "ball", "pieces" => 24},
              "components" => [{"name" => "dough", "lines" => [{"text" => "200 g dates, soaked"}, {"text" => "150 g almonds, ground"}]}]}
  other = document.merge("name" => "Second\tone")
  plan = ElmCup.plan({"elm_cup" => "plan-request/1", "name" => "Night, of the\u00a0clock", "at" => "2026-03-29T04:00",
    "zone" => "Europe/Berlin", "now" => "2026-03-28T08:00", "formulas" => [document, other].map { |each| {"document" => each} }},
    sections: [], pantry: ElmCup.shipped.in_kitchen({"asleep" => nil}))
  stamp = Time.utc(2026, 3, 28, 8)
  text = ElmCup.plan_calendar(plan, uid: "plan-7", stamp: stamp)
  read = RiCal.parse_string(text).first

  def utc(time) = Time.utc(time.year, time.month, time.day, time.hour, time.min)

  it "comes back the same: each turn of the hands and each mark at its time" do
    events = read.events
    expected = plan["tasks"].map { |task| [Time.iso8601(task["start"]).utc, Time.iso8601(task["end"]).utc] }.sort
    expect(events.map { |event| [event.dtstart, event.dtend].map { |time| utc(time) } }.sort).to eq(expected)
    expect(events.map(&:uid).uniq.size).to eq(plan["tasks"].size)
    expect(events.map(&:summary)).to include("#{name}: ready")
  end

  it "has lines of 75 octets at most that part no character, and ends them as it must" do
    lines = text.split("\r\n", -1)
    expect(text.gsub("\r\n", "")).not_to match(/[\r\n]/)
    expect(lines.map(&:bytesize).max).to be <= 75
    expect(lines).to all(satisfy { |line| line.dup.force_encoding("UTF-8").valid_encoding? })
    expect(lines.grep(/\A /).size).to be > 2
  end

  it "escapes what must be, and is in UTC" do
    unfolded = text.gsub("\r\n ", "")
    expect(unfolded).to include("Bites\\; nuts\\, dates \\\\ Überraschung")
    expect(unfolded.scan(/^DT(?:START|END|STAMP):(.*)\r$/).flatten).to all(match(/\A\d{8}T\d{6}Z\z/))
    expect(unfolded).not_to match(/VTIMEZONE|TZID/)
  end

  it "rings five minutes before each visit, once" do
    alarms = read.events.flat_map(&:alarms)
    expect(alarms.size).to eq(plan["visits"].size)
    expect(text.scan("TRIGGER:-PT5M").size).to eq(alarms.size)
    first = read.events.select { |event| event.alarms.any? }.map { |event| utc(event.dtstart) }
    expect(first).to match_array(plan["visits"].map { |visit| Time.iso8601(visit["start"]).utc })
  end

  it "keeps its names when it is written anew, and counts up" do
    again = RiCal.parse_string(ElmCup.plan_calendar(plan, uid: "plan-7", sequence: 3, stamp: stamp)).first
    expect(again.events.map(&:uid)).to match_array(read.events.map(&:uid))
    expect(again.events.map(&:sequence).uniq).to eq([3])
  end

  it "leaves out what is done, and has nothing to write of no plan" do
    done = plan.merge("tasks" => plan["tasks"].map.with_index { |task, at| at.zero? ? task.merge("done" => true) : task })
    expect(RiCal.parse_string(ElmCup.plan_calendar(done, uid: "x", stamp: stamp)).first.events.size).to eq(plan["tasks"].size - 1)
    expect { ElmCup.plan_calendar({"clashes" => []}, uid: "x", stamp: stamp) }.to raise_error(ElmCup::InvalidDocument, /no times yet/)
  end
end
