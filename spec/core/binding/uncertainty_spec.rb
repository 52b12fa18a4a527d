# frozen_string_literal: true

RSpec.describe ElmCup::Binding::Uncertainty do
  def spread(part) = Math.log(part["saturation"]["high"] / part["saturation"]["low"])

  # Source: docs/model.md, Band: at the least two in three within ±.57 of a class.
  it "is never narrower than the model's own error" do
    part = bowl("100 g peanut butter", "20 g coconut flour", "40 g almond flour", "30 g maple syrup")
    expect(spread(part)).to be >= 2 * 0.57 * Math.log(1.33) - 0.01
  end

  it "gives odds that sum to one and lean with the level" do
    ["10 g water", "30 g water", "60 g water"].map { |wet| bowl("100 g almond flour", wet)["texture_odds"] }.each_cons(2) do |drier, wetter|
      expect(drier.values.sum).to be_within(0.01).of(1)
      expect(wetter["pours"]).to be > drier["pours"]
      expect(wetter["loose"]).to be < drier["loose"]
    end
  end

  # Source: Student's t, 4 degrees of freedom: two-sided 90 % point 2.132 (tables; from memory).
  it "has the tails of a Student t with four degrees of freedom" do
    part = bowl("100 g peanut butter", "20 g coconut flour", "40 g almond flour", "30 g maple syrup")
    number = ElmCup::Binding::Texture.number(part["saturation"]["value"])
    scale = (ElmCup::Binding::Texture.number(part["saturation"]["high"]) - number) / described_class::TWO_IN_THREE
    numeric = lambda do |x|
      step = 0.001
      0.5 + (0...(x.abs / step).to_i).sum { |i|
        t = (i + 0.5) * step
        0.375 * (1 + t * t / 4)**-2.5 * step
      } * (x <=> 0)
    end
    part["texture_odds"].each_with_index do |(_, share), index|
      low = index.zero? ? 0.0 : numeric.call((index - number) / scale)
      high = (index == 6) ? 1.0 : numeric.call((index + 1 - number) / scale)
      expect(share).to be_within(0.004).of(high - low)
    end
    expect(numeric.call(described_class::TWO_IN_THREE) - numeric.call(-described_class::TWO_IN_THREE)).to be_within(0.001).of(2.0 / 3)
    expect(numeric.call(2.132)).to be_within(0.001).of(0.95)
  end

  it "is widened by a starred ingredient" do
    honey = bowl("60 g honey", "60 g rolled oats")
    agave = bowl("60 g agave syrup", "60 g rolled oats")
    expect(spread(agave)).to be > spread(honey) * 1.2
    expect(agave["little_known"]).to eq(["Agave syrup"])
    expect(honey["little_known"]).to eq([])
  end

  it "is wider when the cook does not say how soft the dates are" do
    said = ElmCup::Ingredient::LineResolver.new(process: "processor")
    scale = lambda do |text|
      mix = ElmCup::Binding::Mix.new([said.resolve(text), said.resolve("12 g coconut flour")], process: "processor", room_c: 21)
      described_class.new(mix).send(:variance)
    end
    expect(scale.call("100 g dates")).to be > scale.call("100 g soft dates")
  end
end
