# frozen_string_literal: true

require "spec_helper"

# What a bowl at the counter holds, and what is said of it, by what was said at the counter.
RSpec.describe ElmCup::Counter::Bowl do
  dough = ["75.5 g soft dates", "12.5 g almond meal", "11 g cocoa powder", "1 g vanilla extract"]
  let(:document) { formula(*dough, process: "processor", want: "rolls") }
  let(:assessment) { ElmCup::Assessment.of(document, library: ElmCup.shipped) }
  let(:line) { ->(at) { "/components/0/lines/#{at}" } }

  def state(*said)
    events = [["started", {"version" => 1}], *said].map { |kind, data| ElmCup::Observation::Event.from(happened(kind, data)) }
    ElmCup::Observation::State.of(events)
  end

  def at_counter(*said, of: assessment) = ElmCup::Counter::Bowl.new(of, of.leading, state(*said))

  def grams(helds) = helds.map { |held| held.grams.round(2) }

  let(:all_in) { [75.5, 12.5, 11, 1].each_with_index.map { |grams, at| ["weighed", {"line" => line[at], "grams" => grams}] } }

  describe "what it holds" do
    it "is what was weighed, what is still to come beside it, and what is written beside both" do
      contents = at_counter(["weighed", {"line" => line[0], "grams" => 50}],
        ["weighed", {"line" => line[0], "grams" => 30, "mode" => "add"}],
        ["weighed", {"line" => line[1], "grams" => 14}], ["left_out", {"line" => line[3]}]).contents
      expect([contents.planned, contents.now, contents.finished].map { |helds| grams(helds) })
        .to eq([[75.5, 12.5, 11.0, 1.0], [80.0, 14.0], [80.0, 14.0, 11.0]])
      expect([contents.all_in?, contents.grams(line[0]), contents.grams(line[2])]).to eq([false, [80.0, 75.5], [nil, 11.0]])
    end

    it "knows how sure each amount is" do
      held = at_counter(["weighed", {"line" => line[0], "grams" => 100, "sd" => 0.5}], ["measured", {"line" => line[1], "grams" => 12}],
        ["measured", {"line" => line[2]}], ["weighed", {"line" => line[3], "grams" => 2}]).contents.now
      expect(held.map { |each| each.spread.round(4) }).to eq([0.005, 0.07, 0.3, 0.145])
      written = formula("2 cups oats", "10 soft dates", "3 tbsp honey", "120 g tahini", "a drizzle of maple syrup")
      planned = at_counter(of: ElmCup::Assessment.of(written, library: ElmCup.shipped)).contents.planned
      expect(planned.map { |each| each.spread.round(3) }).to eq([0.12, 0.038, 0.07, 0.002, 0.3])
    end

    it "has a line that is weighed as nothing not in it any more" do
      contents = at_counter(*all_in, ["weighed", {"line" => line[1], "grams" => 0}]).contents
      expect([grams(contents.now), contents.all_in?, contents.grams(line[1])]).to eq([[75.5, 11.0, 1.0], false, [nil, 12.5]])
    end

    it "takes a line that was left out in again, weighed or not" do
      out = ["left_out", {"line" => line[1]}]
      again = [["weighed", {"line" => line[1], "grams" => 0}], ["measured", {"line" => line[1]}]]
      held = [[out], [out, again[0]], [out, again[1]]].map { |said| at_counter(*said).contents }
      expect(held.map { |each| [each.left_out?(line[1]), each.to_come.size, each.now.size] })
        .to eq([[true, 3, 0], [false, 4, 0], [false, 3, 1]])
    end

    it "takes out in its proportions, and adds behind what there is" do
      contents = at_counter(*all_in, ["removed", {"grams" => 50}], ["addition", {"text" => "1 tsp water", "grams" => 5}]).contents
      expect(grams(contents.now)).to eq([37.75, 6.25, 5.5, 0.5, 5.0])
      expect(contents.now.map(&:addition)).to eq([false, false, false, false, true])
      expect(grams(at_counter(*all_in, ["removed", {"grams" => 500}]).contents.now)).to eq([])
    end

    it "grows with its batch, and with what is left of it where it was poured over" do
      started = ElmCup::Observation::Event.from(happened("started", {"version" => 1, "scale" => 2}))
      twice = ElmCup::Counter::Bowl.new(assessment, assessment.leading, ElmCup::Observation::State.of([started]))
      expect(grams(twice.contents.planned)).to eq([151.0, 25.0, 22.0, 2.0])
      more = at_counter(["weighed", {"line" => line[0], "grams" => 83.05}],
        ["rescaled", {"factor" => 1.1, "lines" => (0..3).map(&line)}]).contents
      expect(grams(more.finished)).to eq([83.05, 13.75, 12.1, 1.1])
    end

    it "is untouched by what was taken back, by what comes twice and by the order it comes in" do
      events = [["started", {"version" => 1}], *all_in, ["looked", {"texture" => 1}], ["addition", {"text" => "1 tsp water", "grams" => 5}],
        ["looked", {"texture" => 2}]].map { |kind, data| happened(kind, data) }
      slip = happened("weighed", {"line" => line[0], "grams" => 700})
      back = happened("corrected", {"key" => slip["key"]})
      random = Random.new(5)
      answer = ->(said) { ElmCup.rescue_batch(document, said) }
      whole = answer[events]
      expect(whole["seen"].size).to eq(2)
      12.times { expect(answer[(events + [slip, back] + events.sample(4, random: random)).shuffle(random: random)]).to eq(whole) }
      again = happened("corrected", {"key" => back["key"]})
      expect(answer[events + [slip, back, again]]["bowls"]["now"]["grams"]).to be > 700
    end

    it "holds what a part takes of another, as one thing that goes in" do
      taken = {"elm_cup" => "formula/1", "name" => "Two", "components" => [
        {"name" => "caramel", "type" => "filling", "process" => "processor",
         "lines" => [{"text" => "200 g soft dates"}, {"text" => "60 g cashew butter"}]},
        {"name" => "dough", "process" => "processor", "lines" => [{"text" => "90 g rolled oats, ground"}],
         "takes" => [{"component" => "caramel", "share" => 0.5}]}
      ]}
      two = ElmCup::Assessment.of(taken, library: ElmCup.shipped)
      at = two.part("dough").takings.first.at
      half = state(["weighed", {"line" => at, "grams" => 65}])
      contents = ElmCup::Counter::Bowl.new(two, two.part("dough"), half).contents
      expect([grams(contents.planned), grams(contents.now)]).to eq([[90.0, 100.0, 30.0], [50.0, 15.0]])
    end
  end

  describe "what it believes" do
    it "is the sum of all looks, each at the bowl as it was then" do
      two = at_counter(*all_in, ["looked", {"texture" => 1}], ["addition", {"text" => "1/2 tsp water", "grams" => 2.5}],
        ["looked", {"texture" => 2}])
      expect(two.seen.size).to eq(2)
      expect(two.seen.last.expected).to be > two.seen.first.after
      expect(two.now.saturation.number).to be_between(2.0, 3.0)
      sd = ->(bowl) { bowl.belief.spread(bowl.belief.latents.to_h { |latent| [latent, latent.key.start_with?("bowl") ? 1.0 : 0.0] }) }
      expect(sd[two]).to be < 0.09
    end

    it "judges what will be while lines are to come, and what is there once all are in" do
      part = at_counter(all_in.first, ["looked", {"texture" => 6}])
      expect([part.works_on, part.rescue_from.needed?]).to eq(["finished", true])
      expect(at_counter(*all_in).works_on).to eq("now")
    end

    it "takes marks, and what is said against the texture that is wanted" do
      marked = at_counter(*all_in, ["looked", {"mark" => 4.5}])
      expect(marked.now.saturation.number).to be_between(3.0, 4.5)
      dry, wet = %w[too_dry too_wet].map { |said| at_counter(*all_in, ["looked", {"said" => said}]).now.saturation.number }
      expect(dry).to be < 2.776
      expect(wet).to be > 3.3
      expect(at_counter(*all_in, ["looked", {"texture" => 3, "component" => "coat"}]).seen).to eq([])
    end
  end

  it "answers for a coat, whose texture nobody judges, and for a bowl in which nothing can be read" do
    coat = formula("170 g dark chocolate", "2 tsp coconut oil", type: "coating")
    said = ElmCup.rescue_batch(coat, [happened("started", {"version" => 1}), happened("looked", {"texture" => 3})], complaint: "seized")
    expect([said["seen"], said["advice"]["rows"].size, said.key?("want"), said.key?("rescue")]).to eq([[], 2, false, false])
    nothing = formula("a thing nobody knows")
    dry = [happened("started", {"version" => 1}), happened("looked", {"said" => "too_dry"})]
    empty = ElmCup.rescue_batch(nothing, dry, complaint: "lumps")
    expect(empty["bowls"]["now"]).to eq("grams" => 0.0, "lines" => [])
  end

  describe ElmCup::Counter::Course do
    def course(*said) = described_class.new(at_counter(*said)).said.code

    let(:water) { ["addition", {"text" => "1 tsp water", "grams" => 5}] }
    let(:flour) { ["addition", {"text" => "1 tbsp almond flour", "grams" => 6}] }

    it "goes on until the texture is seen, or cannot be told from it" do
      expect(course(*all_in, ["looked", {"texture" => 1}])).to eq("go_on")
      expect(course(*all_in, ["looked", {"texture" => 1}], water, ["looked", {"texture" => 3}])).to eq("there")
    end

    it "gives up after four additions, or where they are a third of the bowl" do
      seen = ["looked", {"texture" => 1}]
      expect(course(*all_in, seen, *[water, seen] * 4)).to eq("another_batch")
      expect(course(*all_in, seen, ["addition", {"text" => "60 g almond flour"}], seen)).to eq("another_batch")
    end

    it "rests what went over and over" do
      dry, wet, dry_again = [1, 5, 2].map { |texture| ["looked", {"texture" => texture}] }
      expect(course(*all_in, dry, water, wet, flour, dry_again)).to eq("crossed")
      much = ["addition", {"text" => "1 tbsp water", "grams" => 15}]
      expect(course(*all_in, ["looked", {"texture" => 1}], much, ["looked", {"texture" => 5}])).to eq("go_on")
    end

    it "asks about what does not fit, and trusts what is in it by little" do
      expect(course(*all_in, ["looked", {"texture" => 6}])).to eq("asked")
      expect(course(*all_in, ["weighed", {"line" => line[0], "grams" => 95}])).to eq("enough")
    end

    it "lets rest what drinks late" do
      course = described_class.new(at_counter(*all_in))
      waits = %w[water honey almond-flour protein-powder oats-rolled coconut-flour].map { |id| course.mixing(ElmCup.shipped[id]) }
      expect(waits.map(&:last)).to eq([0, 0, 2, 2, 5, 5])
      expect(waits.first.first).to eq("Five pulses of the processor")
    end
  end
end
