# frozen_string_literal: true

RSpec.describe ElmCup::Cold::Place do
  def airs(kind, celsius, **more)
    place = described_class.new(kind: kind, celsius: celsius, **more)
    %i[quick typical slow].map { |run| place.public_send(run).then { |air| [air.celsius, air.top, air.bottom] } }
  end

  # Source: docs/model.md, Cold: how easily still, stirred and slow air takes heat (estimates, from memory).
  it "takes heat through the air as it most likely is, at its quickest and at its slowest" do
    expect(airs("freezer", -18.0)).to eq([[-18, 18, 14], [-18, 10, 8], [-16, 7, 6]])
    expect(airs("fridge", 4.0)).to eq([[4, 15, 10], [4, 8, 6], [4, 6, 4]])
    expect(airs("room", 21.0)).to eq([[21, 15, 12], [21, 9, 9], [21, 7, 7]])
  end

  it "is never slower with a fan than without, and is told within a fifth where it was measured" do
    expect(airs("freezer", -18.0, fan: true)).to eq([[-18, 18, 14], [-18, 18, 14], [-18, 10, 8]])
    quick, typical, slow = airs("fridge", 4.0, top: 12.0, bottom: 9.0)
    expect(typical).to eq([4, 12, 9])
    expect(quick.last(2)).to match([be_within(1e-9).of(14.4), be_within(1e-9).of(10.8)])
    expect(slow.last(2)).to match([be_within(1e-9).of(10), be_within(1e-9).of(7.5)])
  end

  # Common practice: a dial is colder than the air behind it.
  it "takes the air as warmer than its dial until a thermometer says it" do
    freezer = described_class.from("kind" => "freezer", "dial_c" => -20, "name" => "The chest")
    expect(freezer).to have_attributes(celsius: -17.0,
      assumed: "The chest is taken as 3 °C warmer than its dial, as most are, give or take 2.5. Measure it in Kitchen.")
    expect(described_class.from("kind" => "fridge", "dial_c" => 5))
      .to have_attributes(celsius: 7.0, assumed: /The fridge is taken as 2 °C .* give or take 1\.5\./)
    expect(described_class.from("kind" => "fridge", "dial_c" => 5, "air_c" => 4)).to have_attributes(celsius: 4.0, assumed: nil)
  end
  it "is what kitchens usually have where nobody says" do
    kitchen = ElmCup::Document::Kitchen.from({}, {})
    expect(described_class::KINDS.to_h { |kind| [kind, kitchen.place(kind).celsius] })
      .to eq("freezer" => -18.0, "fridge" => 4.0, "room" => 21.0).and eq(described_class::USUAL_C)
  end
end
