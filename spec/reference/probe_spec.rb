# frozen_string_literal: true

require "spec_helper"

# When a body is ready by the probe that sits in it, on hidden places and bodies: the page's own trial.
RSpec.describe "Ready time from a probe" do
  cold = ElmCup::Cold
  dough = ["200 g peanut butter", "60 g coconut oil, melted", "80 g oat flour", "60 g honey"].map { |text| {"text" => text} }
  document = {"elm_cup" => "formula/1", "name" => "Balls", "shape" => {"kind" => "ball", "piece_grams" => 20},
              "coat" => {"kind" => "dip", "component" => "shell"},
              "components" => [{"name" => "dough", "lines" => dough},
                {"name" => "shell", "type" => "coating", "lines" => [{"text" => "120 g dark chocolate"}]}]}

  let(:plans) { ElmCup::Assessment.of(document, library: ElmCup.shipped).section("cold").plans }
  let(:body) { cold::ProbeCurve::Body.of(plans.find { |plan| plan.id == "dip" }) }
  let(:air) { cold::Place.from({"kind" => "freezer", "dial_c" => -18}).typical }
  let(:random) { Random.new(3) }

  def normal = Math.sqrt(-2 * Math.log(1 - random.rand)) * Math.cos(2 * Math::PI * random.rand)

  def minutes(air, **more)
    ElmCup::Cold::Chill.of(body.layers, form: body.form, judged: body.judged, air: air, kpa: body.kpa, hours: 6,
      grain: ElmCup::Cold::Chill::COARSE, **more).minutes
  end

  # A place and a body that nobody knows: [minutes until it is ready, what a probe shows after so many minutes].
  def hidden
    there = air.times(Math.exp(0.3 * normal)).warmer(2.5 * normal)
    ready = minutes(there, slowness: Math.exp(0.3 * normal))
    curve = ElmCup::Cold::ProbeCurve.new(body, there, hours: ready / 60, lag_s: 6 * Math.exp(0.3 * normal), off: random.rand * 0.25)
    wrong = 0.3 * normal
    [ready, ->(at) { (10 * (curve.at(at) + wrong + 0.15 * normal)).round / 10.0 }]
  end

  # Source: docs/model.md, Ready time from a probe: the true time in the band in 95 of 100 at half of it, the error of ln t .245 → .108.
  it "has the true time in its band in 90 of 100 at half of it, and is twice as near as without" do
    usual = minutes(air)
    found = Array.new(100) {
      ready, shown = hidden
      readings = (0..(ready * 6).floor).map { |at| [at / 12.0, shown.call(at / 12.0)] }
      [ready, cold::ProbeFit.new(body, air, hours: 6, readings: readings).answer]
    }
    expect(found.count { |ready, answer| ready.between?(answer.low, answer.high) }).to be >= 90
    error = ->(&of) { Math.sqrt(found.sum { |ready, answer| Math.log(of.call(answer) / ready)**2 } / found.size) }
    expect(error.call(&:minutes)).to be < 0.6 * error.call { usual }
    expect(found.map { |_, answer| Math.log(answer.high / answer.low) }.sum / found.size).to be_between(0.2, 0.45)
  end

  it "leaves a door that was opened out of account, and is never over before now" do
    plain = cold::ProbeCurve.new(body, air, hours: 0.25)
    readings = (0..150).map { |at| [at / 10.0, plain.at(at / 10.0)] }
    warm = readings.map { |at, celsius| [at, at.between?(6, 7) ? celsius + 8 : celsius] }
    plain_answer, door = [readings, warm].map { |each| cold::ProbeFit.new(body, air, hours: 6, readings: each).answer }
    expect(door.minutes).to be_within(0.08 * plain_answer.minutes).of(plain_answer.minutes)
    late = (0..300).map { |at| [at / 5.0, -17.0] }
    expect(cold::ProbeFit.new(body, air, hours: 6, readings: late).answer.low).to be >= 59
    expect(cold::ProbeFit.new(body, air, hours: 6, readings: []).answer).to be_nil
  end

  it "takes medians of a minute, a dozen of them at most" do
    points = cold::ProbeFit.points((0..600).map { |at| [at / 10.0, (at == 5) ? 99.0 : 20.0 - at / 100.0] })
    expect(points.size).to be_between(10, 13)
    expect(points.map(&:last)).to all(be <= 20)
    expect(points.each_cons(2).map { |(from, _), (to, _)| to - from }).to all(be_within(1e-9).of(5))
    expect(cold::ProbeFit.points([[0.1, 21.0], [0.5, 20.0], [0.9, 19.0], [1.5, 18.0]])).to eq([[0.5, 20.0], [1.5, 18.0]])
  end

  # The lag of a probe moves its curve by itself: a body that cools evenly is shown τ late.
  it "shows what it sits in a little late, and the outside colder than the heart" do
    thin, thick = [0.001, 60.0].map { |lag| cold::ProbeCurve.new(body, air, hours: 0.5, lag_s: lag, off: 0.0) }
    expect(thick.at(15)).to be_within(0.1).of(thin.at(14))
    near, far = [0.0, 0.25].map { |off| cold::ProbeCurve.new(body, air, hours: 0.5, off: off).at(15) }
    expect(far).to be < near
  end
end
