# frozen_string_literal: true

RSpec.describe ElmCup::Cold::GlassTest do
  # The water of a glass in air: 963 J/K through .0193 m2.
  def water(minutes, air:, h:, start: 20.0) = air + (start - air) * Math.exp(-h * 0.0193 / 963 * 60 * minutes)

  def readings(air:, h:, minutes: (0..60).step(5)) = minutes.map { |at| [at, water(at, air: air, h: h)] }

  def test(**said) = ElmCup.glass_test(said.transform_keys(&:to_s))

  # Source: docs/model.md, Calibration: the time constant at h 9 is 92.5 minutes.
  it "has the glass of the model" do
    expect(963 / (0.0193 * 9) / 60).to be_within(0.15).of(92.5)
  end

  it "finds the transfer that cooled the water, whatever it was" do
    [[-15.0, 9.0], [-18.0, 14.0], [-17.0, 6.5]].each do |air, h|
      answer = test(kind: "freezer", air_c: air, readings: readings(air: air, h: h))
      expect(answer["h"]).to be_within(0.05).of(h)
      expect(h).to be_between(answer["h_low"], answer["h_high"])
      expect(answer["h_top"] / answer["h_bottom"]).to be_within(0.01).of(10 / 8.0)
    end
    fridge = test(kind: "fridge", air_c: 5.0, readings: readings(air: 5.0, h: 7.0, minutes: (0..150).step(15)))
    expect(fridge["h"]).to be_within(0.05).of(7)
  end

  # Source: docs/model.md, Calibration: ln h within ± .10 with readings of a probe; typed ones are rounder.
  it "is within its band for readings that are typed to half a degree" do
    random = Random.new(7)
    hits = (1..100).count {
      h = 6 + 8 * random.rand
      typed = readings(air: -16.0, h: h, minutes: [0, 15, 30, 45, 60]).map { |at, celsius|
        [at, (2 * (celsius + 0.3 * (random.rand - 0.5))).round / 2.0]
      }
      answer = test(kind: "freezer", air_c: -16.0, readings: typed)
      h.between?(answer["h_low"], answer["h_high"])
    }
    expect(hits).to be >= 90
  end

  it "shows what it makes of a usual ball, before and after, and of a place that takes it" do
    answer = test(kind: "freezer", air_c: -18.0, readings: readings(air: -18.0, h: 16.0))
    expect(answer["words"]).to match(/Your freezer cools 7[78] % faster than most/)
    expect(answer["after"].last).to be < answer["before"].last
    place = {"id" => "f", "kind" => "freezer", "dial_c" => -18, "air_c" => -18.0, "h_top" => answer["h_top"],
             "h_bottom" => answer["h_bottom"]}
    kitchen = ElmCup.usual_kitchen.merge("places" => [place])
    expect(ElmCup.check_kitchen(kitchen)).to be_nil
    library = ElmCup.shipped.in_kitchen(ElmCup.kitchen_of(kitchen))
    dip = coated({"kind" => "ball", "piece_grams" => 18}, coat: {"kind" => "dip", "component" => "shell"})
    fast, usual = [library, ElmCup.shipped].map { |pantry|
      ElmCup.cold(dip, pantry: pantry)["cold"]["steps"].first.dig("freezer", "middle")
    }
    expect(fast).to be < usual
  end

  it "takes the dial where nobody measured the air, and says so" do
    expect(test(kind: "freezer", dial_c: -18,
      readings: readings(air: -15.0, h: 9.0))).to include("air_c" => -15.0, "notes" => [/3 °C warmer than its dial/])
  end

  it "refuses what tells nothing, with the mend" do
    good = readings(air: -15.0, h: 9.0)
    {{kind: "oven", readings: good} => /freezer, fridge/, {kind: "freezer", readings: []} => /Two readings or more/,
     {kind: "freezer", readings: [[0, 20], [0, 20]]} => /Two readings or more/, {kind: "freezer", readings: [[0, 4], [10, 2]]} => /over 5.0 °C/,
     {kind: "fridge", readings: [[0, 20], [20, 22]]} => /does not cool as water does/, {kind: "fridge", readings: "soon"} => /pairs of minutes/,
     {kind: "fridge", readings: [[0, "cold"]]} => /pairs of minutes/, {kind: "fridge", readings: [[-5, 20], [5, 15]]} => /pairs of minutes/,
     {kind: "freezer", air_c: -18, readings: [[0, 20], [1, 5]]} => /does not cool as water does|Two readings/}.each do |said, message|
      expect { test(**said) }.to raise_error(ElmCup::InvalidDocument, message)
    end
  end

  it "keeps a kitchen's places within what can be" do
    check = ->(**place) {
      ElmCup.check_kitchen(ElmCup.usual_kitchen.merge("places" => [{"id" => "f", "kind" => "freezer",
                                                                    "dial_c" => -18}.merge(place.transform_keys(&:to_s))]))
    }
    expect(check.call(air_c: nil, fan: true, slots: 1, litres: 25, tray_cm2: 660)).to be_nil
    {{air_c: 25} => "/places/0/air_c", {h_top: 0} => "/places/0/h_top", {fan: "yes"} => "/places/0/fan", {dial_c: 4} => "/places/0/dial_c",
     {colour: 1} => "/places/0/colour"}.each do |place, pointer|
      expect { check.call(**place) }.to raise_error(ElmCup::InvalidDocument) { |error| expect(error.faults.first.pointer).to eq(pointer) }
    end
  end
end
