# frozen_string_literal: true

RSpec.describe ElmCup::Document::Household do
  it "takes what it starts from, and gives formulas the measures of it" do
    usual = described_class.usual
    expect(described_class.check(usual)).to be_nil
    expect(described_class.shared(usual)).to include("cup" => "us", "room_c" => 21)
  end

  it "takes the air of a household's freezer as warmer than its dial until it was measured, and says so; a formula's own is the air" do
    places = ->(*said) { ElmCup::Document::Kitchen.from({}, described_class.shared(described_class.usual.merge("places" => said))).places }
    freezer = {"id" => "a", "kind" => "freezer", "dial_c" => -22}
    expect(places.call(freezer)["freezer"]).to have_attributes(celsius: -19.0, assumed: /3 °C warmer than its dial/)
    expect(places.call(freezer.merge("air_c" => -17.5))["freezer"]).to have_attributes(celsius: -17.5, assumed: nil)
    expect(places.call({"id" => "b", "kind" => "fridge", "dial_c" => 4})["fridge"]).to have_attributes(celsius: 6.0)
    own = ElmCup::Document::Kitchen.from({"freezer_c" => -20},
      described_class.shared(described_class.usual.merge("places" => [freezer.merge("fan" => true)])))
    expect(own.place("freezer")).to have_attributes(celsius: -20.0, fan: true, assumed: nil)
  end

  it "lets a household's kitchen be what a formula does not say" do
    library = ElmCup.shipped.in_kitchen("cup" => "metric", "room_c" => 28, "tins" => [{"id" => "mine", "mm" => [150, 150]}])
    document = formula("1 cup honey", "1 cup rolled oats")
    grams = ->(given, pantry) { assess(given, pantry: pantry)["components"][0]["lines"][0]["grams"] }
    expect(grams[document, library]).to be_within(1).of(339 * 250 / 236.59)
    expect(grams[document.merge("kitchen" => {"cup" => "us"}), library]).to eq(grams[document, ElmCup.shipped])
    slab = document.merge("shape" => {"kind" => "slab", "grid" => [4, 4]})
    expect(ElmCup.shape(slab, pantry: library)["choices"].select { |each| each["own"] }.map { |each| each["tool"] }).to eq(["mine"])
  end

  # A litre of water is a cubic decimetre.
  it "measures a tool by the water that fills it" do
    by = ->(**said) { ElmCup.tool_by_water(said.transform_keys(&:to_s)) }
    expect([by[kind: "tins", mm: [200, 250], water_ml: 2000], by[kind: "tins", mm: [200], water_ml: 1000 * Math::PI], by[kind: "moulds",
      cavities: 12, water_ml: 180],
      by[kind: "liners", depth_mm: 20, water_ml: 16.08], by[kind: "scoops", water_ml: 23.7]])
      .to eq([{"depth_mm" => 40.0}, {"depth_mm" => 100.0}, {"cavity_ml" => 15.0}, {"diameter_mm" => 32.0}, {"ml" => 23.7}])
    expect { by[kind: "tins", mm: [2, 3], water_ml: 10] }.to raise_error(ElmCup::InvalidDocument, %r{/mm})
    expect { by[kind: "spoons", water_ml: 10] }.to raise_error(ElmCup::InvalidDocument, /must be one of tins/)
    expect { by[kind: "scoops", water_ml: -1] }.to raise_error(ElmCup::InvalidDocument, %r{/water_ml})
  end

  it "says how often what is too small has to be filled" do
    document = formula("1.2 kg soft dates", "500 g almonds", process: "processor",
      shape: {"kind" => "mould", "cavity_ml" => 15, "pieces" => 40})
      .merge("kitchen" => {"moulds" => [{"id" => "m", "name" => "halves", "cavity_ml" => 15, "cavities" => 24}],
                           "processor" => {"bowl_ml" => 1200}})
    rounds = ElmCup.shape(document)["pieces"]["rounds"].to_h { |round| [round["what"], round["rounds"]] }
    expect(rounds).to eq("processor" => 2, "mould" => 2)
    tray = ElmCup.shape(formula("400 g almond butter", "100 g oats", shape: {"kind" => "ball", "pieces" => 60}))["pieces"]["rounds"]
    expect(tray.first).to include("what" => "tray", "rounds" => 2)
  end
end
