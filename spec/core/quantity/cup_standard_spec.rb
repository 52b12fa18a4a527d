# frozen_string_literal: true

RSpec.describe ElmCup::Quantity::CupStandard do
  # Source: NIST Handbook 44, Appendix C: 1 US gallon is 231 cubic inches, a cup a sixteenth of it.
  it "has the US cup to the last figure" do
    expect(described_class::US.cup_ml).to eq(231 * Rational("2.54")**3 / 16)
    expect(described_class::US.tablespoon_ml * 16).to eq(described_class::US.cup_ml)
    expect(described_class::US.teaspoon_ml * 48).to eq(described_class::US.cup_ml)
    expect(described_class::US.fluid_ounce_ml * 8).to eq(described_class::US.cup_ml)
  end

  it "has the others" do
    imperial = described_class.find("imperial")
    expect(imperial.tablespoon_ml).to eq(Rational("17.7581640625"))
    expect(imperial.teaspoon_ml.to_f).to be_within(1e-9).of(5.919388020833)
    expect(described_class.find("metric").tablespoon_ml).to eq(15)
    expect(described_class.find("australian").tablespoon_ml).to eq(20)
    expect(described_class.find(nil)).to eq(described_class::US)
    expect { described_class.find("thimble") }.to raise_error(KeyError)
  end

  it "rules a whole formula from the document's kitchen, and a line may say otherwise" do
    grams = ->(text, cup) { bowl(text, kitchen: {"cup" => cup})["lines"][0]["grams"] }
    expect(grams.call("1 cup water", "metric")).to be_within(0.01).of(250)
    expect(grams.call("1 tbsp water", "australian")).to be_within(0.01).of(20)
    expect(grams.call("1 US cup water", "metric")).to be_within(0.01).of(236.59)
    expect(grams.call("1 imperial cup water", "us")).to be_within(0.01).of(284.13)
    expect(grams.call("1 fl oz water", "imperial")).to be_within(0.01).of(28.41)
  end
end
