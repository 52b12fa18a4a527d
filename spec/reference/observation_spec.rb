# frozen_string_literal: true

require "spec_helper"

# What one look at a bowl says of the figures, against the worked checks of the page and against integrals over a grid.
RSpec.describe "One look at a bowl" do
  observation = ElmCup::Observation
  look = observation::Look

  def mix(*lines, process: "hand")
    ElmCup::Assessment.of(formula(*lines, process: process), library: ElmCup.shipped).components.first.mix
  end

  # Means and sigmas by the short name of a latent.
  def said(belief)
    belief.latents.to_h { |latent| [latent.key[/\A[a-z]+/], [belief.mean(latent.key), Math.sqrt(belief.variance(latent.key))]] }
  end

  let(:cherry) { mix("75.5 g soft dates", "12.5 g almond meal", "11 g cocoa powder", "1 g vanilla extract", process: "processor") }
  let(:peanut) { mix("190 g peanut butter", "60 g maple syrup", "38 g coconut flour") }
  let(:own) { {observation::Latent.offset("dough") => 1.0, observation::Latent.bowl("dough") => 1.0} }

  # Source: docs/model.md, Observation, worked checks: one figure, coconut flour 1.90, P .04, H −1.87, t 3.42, σ .5.
  describe "of one figure" do
    flour = observation::Latent.new(key: "flour", sd: 0.2, most: nil)
    # σ² = .25: of the .16 that is in it, .09 are added where this bowl's own is left out.
    see = ->(seen) { observation::Belief.new.see(seen, 3.42, {flour => -1.87}, amounts: 0.09) }
    # The same without the share that it was a slip.
    plain = lambda do |low, high|
      variance = 0.04 * 1.87**2 + 0.25
      surprise = observation::Surprise.of(look.new(low: low, high: high), 3.42, variance)
      step = 0.04 * -1.87 / Math.sqrt(variance)
      [step * surprise.shift, Math.sqrt(0.04 - surprise.narrowing * step**2), surprise]
    end
    # Mean and sigma of x by a grid: a normal prior times the share of N(t + Hx, .5) within the interval.
    grid = lambda do |low, high|
      weights = (-2000..2000).map { |at| at / 1000.0 }.map { |x|
        within = [high, low].map { |edge| observation::Normal.below((edge - 3.42 + 1.87 * x) / 0.5) }.reduce(:-)
        [x, Math.exp(-x * x / 0.08) * within]
      }
      sum = weights.sum(&:last)
      mean = weights.sum { |x, weight| x * weight } / sum
      [mean, Math.sqrt(weights.sum { |x, weight| (x - mean)**2 * weight } / sum)]
    end

    {"a texture" => [2.0, 3.0, 0.144, 0.167], "too dry" => [-Float::INFINITY, 3.0, 0.152, 0.171]}.each do |name, (low, high, mean, sd)|
      it "moves it by #{name} as the page has it, and as a grid has it" do
        found = plain[low, high]
        expect(found.first(2)).to match([be_within(0.0005).of(mean), be_within(0.0005).of(sd)])
        expect(found.first(2)).to match(grid[low, high].map { |value| be_within(0.0005).of(value) })
      end
    end

    it "has the variance, the share seen and the narrowing of the page" do
      surprise = plain[2.0, 3.0].last
      expect([surprise.shift, surprise.narrowing]).to match([be_within(0.0005).of(-1.205), be_within(0.0005).of(0.843)])
      expect(1.90 * Math.exp(plain[2.0, 3.0].first)).to be_within(0.001).of(2.195)
      expect(1.90 * Math.exp(plain[-Float::INFINITY, 3.0].first)).to be_within(0.001).of(2.212)
    end

    it "does hardly move by what does not fit, and asks about it" do
      far = see[look.texture(0)]
      expect(far.surprise.share).to be_within(0.0005).of(0.007)
      expect(far.surprise).to be_asked
      expect(far.belief.mean("flour")).to be_within(0.0001).of(0.0035)
      expect(plain[-Float::INFINITY, 1.0].first).to be_within(0.0005).of(0.492)
      expect(see[look.texture(2)].surprise).not_to be_asked
    end

    it "takes a mark on the scale for what it is" do
      marked = see[look.at(3.42 - 0.67)]
      # V = HPH + .45² + what is left out, which a mark has in its own variance.
      clean = observation::Belief.new.see(look.at(3.42 - 0.67), 3.42, {flour => -1.87})
      expect(1.90 * Math.exp(clean.belief.mean("flour"))).to be_within(0.005).of(2.20)
      expect(marked.surprise).to have_attributes(share: 1.0, narrowing: 1.0)
    end

    it "stays within its cap, and answers where nothing of it could have been seen" do
      capped = observation::Latent.new(key: "x", sd: 5.0, most: 0.47)
      expect(observation::Belief.new.see(look.at(9.0), 3.0, {capped => 1.0}).belief.mean("x")).to eq(0.47)
      never = observation::Surprise.of(look.texture(6), -40.0, 1.0)
      expect(never).to have_attributes(share: 0.0, narrowing: 0.9)
    end
  end

  # Source: docs/model.md, Observation, worked checks: peanut butter 190, maple 60, coconut flour 38, seen presses, the bowl's own left out.
  it "moves all figures of a bowl together" do
    slopes = {**observation::Slopes.new(peanut).figures, observation::Latent.offset("dough") => 1.0}
    expect(peanut.saturation.number).to be_within(0.0005).of(3.911)
    expect(slopes.values).to match([2.451, 1.056, -1.801, 1].map { |slope| be_within(0.001).of(slope) })
    found = observation::Belief.new.see(look.texture(2), peanut.saturation.number, slopes, amounts: 0.09)
    expect(found.surprise.share).to be_within(0.0005).of(0.936)
    now = said(found.belief)
    expect(now.values_at("peanut", "maple", "coconut").map { |x, _| Math.exp(x) })
      .to match([0.943, 0.987, 1.154].map { |factor| be_within(0.0005).of(factor) })
    expect(now["offset"].first).to be_within(0.0005).of(-0.243)
    expect(now.values_at("peanut", "maple", "coconut", "offset").map(&:last))
      .to match([0.105, 0.080, 0.184, 0.324].map { |sd| be_within(0.0005).of(sd) })
    rows = found.belief.covariance
    expect(rows[0][2]).to be_within(0.00005).of(0.0025)
    expect(rows).to eq(rows.transpose)
    learned = observation::LearnedLibrary.new(ElmCup.shipped, found.belief)
    taught = ElmCup::Binding::Taught.new(masking: 0.7 + found.belief.mean("lambda"), offset: found.belief.mean("offset.dough"))
    after = ElmCup::Binding::Mix.new(peanut.lines, process: "hand", room_c: 21, library: learned, taught: taught)
    expect(after.saturation.number).to be_within(0.0005).of(3.243)
  end

  # Source: docs/model.md, Observation: cases H and I, the slopes of moisture, of pulp and of water without sugar enough.
  it "has the slopes of the page for dates, cocoa, coconut milk and flour" do
    dates = observation::Slopes.new(cherry).figures.to_h { |latent, slope| [latent.key[/\A[a-z]+/], slope] }
    expect(dates.values_at("moisture", "dates", "cocoa")).to match([18.83, 3.316, -0.715].map { |slope| be_within(0.005).of(slope) })
    wet = mix("20 g peanut butter", "9.5 g canned coconut milk", "12.5 g maple syrup", "1 g vanilla extract", "2.5 g maca powder",
      "14 g coconut flour", "18 g almond flour", "21.5 g chocolate chips", "0.5 g salt")
    slopes = observation::Slopes.new(wet).figures.to_h { |latent, slope| [latent.key, slope] }
    # The sugar that the powders bring is that of our own rows: a fifth of a mL of 33.
    expect(slopes.find { |key, _| key.start_with?("coconut-milk") }.last).to be_within(0.01).of(0.953)
    expect(slopes.find { |key, _| key.start_with?("coconut-flour") }.last).to be_within(0.005).of(-1.894)
  end

  # A derivative is what a small change does.
  it "has slopes that are the derivatives of the texture number" do
    [cherry, peanut, mix("1 cup pecans", "1 cup soft dates", "2 tbsp powdered sugar", "1 tbsp water", process: "processor")].each do |bowl|
      observation::Slopes.new(bowl).figures.each do |latent, slope|
        step = 1e-5
        moved = [step, -step].map do |x|
          belief = observation::Belief.new([latent], [x], [[latent.variance]])
          taught = ElmCup::Binding::Taught.new(masking: 0.7 + belief.mean("lambda"), offset: 0.0)
          ElmCup::Binding::Mix.new(bowl.lines, process: bowl.process, room_c: bowl.room_c, taught: taught,
            library: observation::LearnedLibrary.new(ElmCup.shipped, belief)).saturation.number
        end
        expect([latent.key, (moved[0] - moved[1]) / (2 * step)]).to match([latent.key, be_within(0.01 + 0.01 * slope.abs).of(slope)])
      end
      bowl.portions.each_with_index do |portion, at|
        lines = ->(factor) { bowl.lines.each_with_index.map { |line, index| (index == at) ? line.times(factor) : line } }
        number = ->(factor) { mixed(lines[factor], bowl).saturation.number }
        derivative = (number[1.0001] - number[0.9999]) / 0.0002
        next if portion.line.entry.like == "sugar-powdered" || bowl.portions.any? { |each| each.undissolved.between?(0.001, 0.999) }

        expect(observation::Slopes.new(bowl).amount(portion)).to be_within(0.01).of(derivative)
      end
    end
  end

  def mixed(lines, like) = ElmCup::Binding::Mix.new(lines, process: like.process, room_c: like.room_c, library: ElmCup.shipped)

  # Source: docs/model.md, At the counter: case H, predicted 2.78, seen crumbly: 1.86; to 3.35 it takes 7.5 g of water, not 3.0.
  it "makes the dose believe the cook" do
    document = formula("75.5 g soft dates", "12.5 g almond meal", "11 g cocoa powder", "1 g vanilla extract", process: "processor")
    assessment = ElmCup::Assessment.of(document, library: ElmCup.shipped)
    water = assessment.leading.resolver.resolve("100 g water")
    needs = ->(mix) { ElmCup::Binding::Dose.new(mix.saturation, mix.portion_of(water)).to_wet(mix.saturation.value_at(3.35)) }
    exactly = [75.5, 12.5, 11, 1].each_with_index.map { |grams, at|
      ["weighed", {"line" => "/components/0/lines/#{at}", "grams" => grams, "sd" => 0.0}]
    }
    said = [["started", {"version" => 1}], *exactly, ["looked", {"texture" => 1}]].map { |kind, data| happened(kind, data) }
    state = observation::State.of(said.map { |each| observation::Event.from(each) })
    bowl = ElmCup::Counter::Bowl.new(assessment, assessment.leading, state)
    expect(bowl.seen.map { |seen| [seen.expected, seen.after] }).to match([[be_within(0.005).of(2.78), be_within(0.005).of(1.86)]])
    expect([needs[bowl.judged], needs[bowl.planned]]).to match([be_within(0.05).of(7.5), be_within(0.05).of(3.0)])
  end
end
