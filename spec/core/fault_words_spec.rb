# frozen_string_literal: true

RSpec.describe ElmCup::FaultWords do
  let(:sources) { Dir[File.expand_path("../../core/lib/**/*.rb", __dir__)].map { |file| File.read(file) }.join }

  it "has no words that nobody uses" do
    unused = described_class::TEMPLATES.keys.reject { |code| sources.match?(/(?<![\w:]):#{code}\b/) }
    # What a shape says where none of its ways fits is named after its id.
    choosing = ElmCup::Piece::Shape.kinds.values.select { |kind| kind.schema.value.key?("oneOf") }
    expect(unused).to match_array(choosing.map { |kind| "#{kind.id}_choice" })
  end

  it "puts facts in, and says so where one is missing or a code has no words" do
    expect(described_class.say(:no_component, name: "moon")).to eq("There is no component “moon”")
    expect { described_class.say(:no_component) }.to raise_error(KeyError)
    expect { ElmCup::Fault.at("", :no_such_code) }.to raise_error(KeyError)
    expect(described_class.say(:no_component, name: "%{name}")).to eq("There is no component “%{name}”")
  end

  it "gives a fault its place, code, facts and sentence" do
    fault = ElmCup::Fault.at("/wishes/0", :wish_unknown, key: "firmness", keys: "kcal")
    expect(fault).to have_attributes(pointer: "/wishes/0", code: "wish_unknown", facts: {key: "firmness", keys: "kcal"},
      message: "“firmness” cannot be a wish; choose from kcal")
    expect(fault.below("/document").pointer).to eq("/document/wishes/0")
    expect(ElmCup::InvalidDocument.new([fault, ElmCup::Fault.at("", :nothing_in_it)]).message)
      .to eq("/wishes/0: “firmness” cannot be a wish; choose from kcal; There is nothing in it yet")
  end
end
