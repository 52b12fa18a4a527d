# frozen_string_literal: true

require "spec_helper"

RSpec.describe "What was said of a batch" do
  let(:document) { formula("1 cup oats", "10 soft dates", name: "Bites") }

  def state(*events) = ElmCup.batch_state(events, document)

  it "is folded: lines weighed anew or by what is added, additions pile up, the last word of the rest holds" do
    oats = "/components/0/lines/0"
    said = state(happened("weighed", {"line" => oats, "grams" => 80, "target" => 95}),
      happened("weighed", {"line" => oats, "grams" => 14, "mode" => "add", "target" => 95}),
      happened("weighed", {"line" => "/components/0/lines/1", "grams" => 230}),
      happened("weighed", {"line" => "/components/0/lines/1", "grams" => 240}),
      happened("looked", {"texture" => 1}), happened("looked", {"texture" => 3}),
      happened("addition", {"text" => "1 tsp water", "grams" => 4.93}),
      happened("addition", {"text" => "luck"}), happened("note", {"text" => "one"}), happened("note", {"text" => "two"}))
    expect(said["lines"].map { |line| line.values_at("text", "planned_grams", "actual_grams") })
      .to eq([["1 cup oats", 95, 94.0], ["10 soft dates", nil, 240.0]])
    expect(said["additions"]).to eq([{"text" => "1 tsp water", "grams" => 4.93}, {"text" => "luck"}])
    expect(said).to include("texture" => "rolls", "note" => "two")
    expect(said.keys).not_to include("pieces", "minutes")
  end

  it "is the same whatever order it comes in, and a device's own count rules over its clock" do
    tablet = [happened("looked", {"texture" => 1}, n: 1, at: "2026-06-19T16:10:00Z"),
      happened("looked", {"texture" => 2}, n: 2, at: "2026-06-19T15:00:00Z")]
    phone = happened("looked", {"texture" => 5}, n: 1, at: "2026-06-19T16:05:00Z", device: "phone")
    # The tablet's clock was set back an hour between its two looks: the second still came after the first, and both after the phone's.
    [*tablet, phone].permutation.each { |order| expect(state(*order)["texture"]).to eq("presses") }
    late = phone.merge("skew_ms" => 600_000)
    [*tablet, late].permutation.each { |order| expect(state(*order)["texture"]).to eq("spreads") }
  end

  it "says nothing of a line that stands nowhere" do
    said = state(happened("weighed", {"line" => "/splits/4/topping/2", "grams" => 5}))
    expect(said["lines"]).to eq([{"line" => "/splits/4/topping/2", "actual_grams" => 5.0}])
  end

  it "predicts each part that can be estimated, and no other" do
    parts = {"elm_cup" => "formula/1", "name" => "Two", "components" => [
      {"name" => "dough", "lines" => [{"text" => "1 cup oats, ground"}, {"text" => "1/2 cup almond butter"}, {"text" => "3 tbsp honey"}]},
      {"name" => "coat", "type" => "coating", "lines" => [{"text" => "100 g dark chocolate"}]}
    ]}
    said = ElmCup.predictions(parts)
    expect(said.map { |each| each["component"] }).to eq(["dough"])
    expect(said.first["odds"].sum).to be_within(1e-5).of(1)
    expect(said.first["odds"].size).to eq(7)
    parts["components"][0]["lines"] << {"text" => "a thing nobody knows"}
    without = ElmCup.predictions(parts).first
    expect([without["t"], without["inputs"].size]).to eq([said.first["t"], 3])
    expect(without["odds"].max).to be < said.first["odds"].max
  end
end
