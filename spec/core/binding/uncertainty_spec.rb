# frozen_string_literal: true

RSpec.describe ElmCup::Binding::Uncertainty do
  def spread(part) = Math.log(part["saturation"]["high"] / part["saturation"]["low"])

  # Source: docs/model.md, Band: at the least two in three within ±.66 of a class.
  it "is never narrower than the model's own error, and just that where every figure is sure" do
    part = bowl("100 g peanut butter", "20 g coconut flour", "40 g almond flour", "30 g maple syrup")
    expect(spread(part)).to be >= 2 * 0.66 * Math.log(1.33) - 0.01
    # One sigma of almond flour .10, of maple .08: together .7 * .45 of a class, under the least .60.
    expect(spread(bowl("100 g almond flour", "100 g maple syrup"))).to be_within(0.01).of(2 * 0.66 * Math.log(1.33))
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

  it "is wider where little is known, and names what" do
    honey = bowl("60 g honey", "60 g rolled oats")
    agave = bowl("60 g agave syrup", "60 g rolled oats")
    # Whole chia ±.50, honey ±.12: .7 * √(.50² + .12²) / ln 1.33 = 1.26 of a class.
    expect(spread(bowl("60 g honey", "60 g chia seeds"))).to be_within(0.02).of(2 * 1.0998 * 0.7 * Math.hypot(0.50, 0.12))
    expect(spread(honey)).to be_within(0.01).of(2 * 0.66 * Math.log(1.33))
    expect(agave["little_known"]).to eq(["Agave syrup"])
    expect(honey["little_known"]).to eq([])
  end

  # The delta method by numerical differences: each figure moved a little, the whole bowl reckoned again.
  it "agrees with moving every figure by hand" do
    bowls = [
      [["100 g soft dates", "60 g peanut butter", "40 g almond meal", "5 g water", "20 g walnuts"], "processor"],
      [["40 g dates", "20 g dry dates", "30 g cashews", "12 g cocoa"], "processor"],
      [["60 g agave syrup", "60 g rolled oats", "20 g tahini", "10 g caramel pieces"], "hand"],
      [["30 g dairy butter", "40 g powdered sugar", "30 g coconut flour", "15 g cream cheese"], "hand"]
    ]
    bowls.each do |texts, process|
      resolver = line_resolver(process)
      mix = ElmCup::Binding::Mix.new(texts.map { |text| resolver.resolve(text) }, process: process, room_c: 21, library: ElmCup.shipped)
      expect(described_class.new(mix).send(:variance)).to be_within(0.5).percent_of(numerical_variance(mix))
    end
  end

  def moved(mix)
    portions = mix.portions.map { |each| ElmCup::Binding::Portion.new(each.line, yield(each.figures), each.liquid, undissolved: each.undissolved) }
    ElmCup::Binding::Saturation.of(portions).number
  end

  def numerical_variance(mix)
    number = mix.saturation.number
    factor = Math.exp(1e-5)
    figures = mix.portions.group_by(&:key).sum do |key, same|
      first = same.first.figures
      sides = {"d" => [%i[d]], "binder" => [%i[a b o]], "both" => [%i[d], %i[a b o]]}.fetch(first.sigma_on)
      sides.sum do |letters|
        slope = (moved(mix) { |each|
          next each unless [each.ingredient, each.form] == key

          each.with(**letters.to_h { |letter| [letter, each.public_send(letter) * factor] })
        } - number) / 1e-5
        (slope * first.sigma)**2
      end
    end
    dates = mix.portions.select { |each| each.line.entry.family == "dates" }
    moisture = (moved(mix) { |each|
      each.ingredient.start_with?("dates") ? each.with(b: each.b + 2.5 * 1e-5, d: each.d - 0.46 / 0.78 * 1e-5) : each
    } - number) / 1e-5
    said = (dates.all? { |each| each.line.moisture_said }) ? 0.025 : 0.035
    s = mix.saturation
    masks = ->(share) { ElmCup::Binding::Texture.number((s.volume - share * [s.pulp, s.fat].min) / s.demand) }
    figures + (moisture * said)**2 + ((masks.call(0.70 + 1e-5) - masks.call(0.70)) / 1e-5 * 0.15)**2
  end

  it "is wider when the cook does not say how soft the dates are" do
    said = line_resolver("processor")
    scale = lambda do |text|
      mix = ElmCup::Binding::Mix.new([said.resolve(text), said.resolve("12 g coconut flour")], process: "processor", room_c: 21,
        library: ElmCup.shipped)
      described_class.new(mix).send(:variance)
    end
    expect(scale.call("100 g dates")).to be > scale.call("100 g soft dates")
  end
end
