# frozen_string_literal: true

require "spec_helper"

# Weighing in: how near a line has to be, when a scale stands still, and what to do about too much.
RSpec.describe "Weighing in" do
  counter = ElmCup::Counter

  describe counter::Tolerance do
    def tolerance(document, at, part: 0, **options)
      assessment = ElmCup::Assessment.of(document, library: ElmCup.shipped)
      part = assessment.components[part]
      described_class.of(part, at, grams: part.lines[at].grams.to_f, **options)
    end

    # Source: docs/model.md, Weighing in: peanut butter 190, maple 60, coconut flour 38: 5 % each.
    it "is five per cent of what binds and of what is dry, as the page has it" do
      bowl = formula("190 g peanut butter", "60 g maple syrup", "38 g coconut flour")
      found = (0..2).map { |at| tolerance(bowl, at) }
      expect(found.map { |each| [each.under.round(2), each.over.round(2), each.row] })
        .to eq([[9.5, 9.5, "bowl"], [3.0, 3.0, "bowl"], [1.9, 1.9, "bowl"]])
    end

    it "is less where less moves the texture by a tenth" do
      found = tolerance(formula("600 g oats, ground", "40 g honey", "20 g water"), 0)
      expect(found.over).to be < 30
      mix = ElmCup::Assessment.of(formula("600 g oats, ground", "40 g honey", "20 g water"), library: ElmCup.shipped).leading.mix
      slope = ElmCup::Observation::Slopes.new(mix).amount(mix.portions.first)
      expect(found.over * slope.abs / 600).to be_within(1e-6).of(0.1)
    end

    # Source: docs/model.md, Weighing in, by importance: common practice.
    it "goes by what the line does" do
      mixed = formula("200 g oats, ground", "100 g tahini", "60 g honey", "40 g granulated sugar", "30 g chocolate chips", "2 g salt",
        "80 g coconut oil, melted")
      expect((3..5).map { |at| tolerance(mixed, at) }.map { |each| [each.row, each.over.round(2)] })
        .to eq([["sweetener", 1.2], ["inclusion", 1.5], ["seasoning", 1.0]])
      expect(tolerance(mixed, 5, resolution: 0.1).over.round(2)).to eq(0.2)
      expect(tolerance(mixed, 6).row).to eq("bowl")
      expect(tolerance(mixed, 6, cold_set: 0.5)).to have_attributes(row: "setting_fat", over: 1.6)
      coat = formula("140 g dark chocolate", type: "coating")
      expect(tolerance(coat, 0)).to have_attributes(under: 0.0, over: 14.0)
      topping = formula("40 g sesame seeds", type: "topping")
      expect(tolerance(topping, 0).row).to eq("topping")
    end

    it "is never finer than the scale, and sends what is too little for it to the spoon" do
      seasoned = formula("200 g oats, ground", "100 g tahini", "60 g honey", "3 g salt")
      coarse, fine = [1, 0.1].map { |grams| tolerance(seasoned, 3, resolution: grams) }
      expect([coarse.over, coarse.coarse, fine.over.round(2), fine.coarse]).to eq([1, true, 0.3, false])
      expect(coarse.within?(4.0, 3.0)).to be(true)
      expect(coarse.within?(4.1, 3.0)).to be(false)
    end
  end

  describe counter::Steady do
    def grams(values, resolution: 1, stable: true, every: 200)
      readings = values.each_with_index.map { |value, at| described_class::Reading.new(mono_ms: at * every, grams: value, stable: stable) }
      described_class.new(resolution).grams(readings)
    end

    # Source: docs/model.md, Weighing in, stable reading.
    it "tells once six readings over a second lie within what the scale tells" do
      expect(grams([100] * 5)).to be_nil
      expect(grams([100] * 6)).to eq(100)
      expect(grams([100, 101, 100, 101, 101, 101])).to eq(101)
      expect(grams([100, 102, 100, 101, 101, 101])).to be_nil
      expect(grams([90, 100, 101, 100, 101, 101, 101])).to eq(101)
      expect(grams([3000, 3002, 3001, 3002, 3003, 3002])).to eq(3002)
      expect(grams([3000, 3002, 3001, 3002, 3004, 3002])).to be_nil
    end

    it "waits longer where the scale never says so itself, and for one that says it moves" do
      expect(grams([50] * 6, stable: nil)).to be_nil
      expect(grams([50] * 9, stable: nil)).to eq(50)
      expect(grams([50] * 20, stable: false)).to be_nil
      expect(grams([50] * 6, every: 50)).to be_nil
    end
  end

  describe counter::OverPour do
    def over(lines, at, grams, others: {}, room: ->(_) { true }, **options)
      assessment = ElmCup::Assessment.of(formula(*lines, **options), library: ElmCup.shipped)
      said = others.merge(at => grams).map { |line, each| happened("weighed", {"line" => "/components/0/lines/#{line}", "grams" => each}) }
      events = [happened("started", {"version" => 1}), *said].map { |each| ElmCup::Observation::Event.from(each) }
      state = ElmCup::Observation::State.of(events)
      described_class.new(counter_bowl(assessment, state), "/components/0/lines/#{at}", room: room)
    end

    def counter_bowl(assessment, state) = ElmCup::Counter::Bowl.new(assessment, assessment.leading, state)

    nutty = ["190 g peanut butter", "60 g maple syrup", "38 g coconut flour"]

    it "lifts out what is dry, else leaves it or makes all of it larger" do
      flour = over(nutty, 2, 43, others: {0 => 190, 1 => 60})
      expect(flour.over).to be_within(1e-9).of(5)
      expect(flour.options.map(&:kind)).to eq(%w[lift leave rescale])
      expect(flour.options.last.factor).to be_within(1e-6).of(43 / 38.0)
      expect(flour.options.last.adds.transform_values { |each| each.round(1) })
        .to eq("/components/0/lines/0" => 25.0, "/components/0/lines/1" => 7.9)
      expect(flour.options.find { |option| option.kind == "leave" }.words).to match(/\ALeave it: it (presses|crumbles|rolls)\z/)
    end

    it "leaves what moves nothing, and makes nothing larger than there is room for" do
      expect(over(nutty, 1, 61).options.map(&:kind)).to eq(%w[leave rescale])
      expect(over(nutty, 1, 70).options.map(&:kind)).to eq(%w[leave])
      expect(over(nutty, 1, 66, room: ->(_) { false }).options.map(&:kind)).to eq(%w[leave])
      expect(over(nutty, 1, 59).options).to eq([])
    end

    it "asks the bowl, the tin and the trays whether there is room" do
      large = formula("900 g soft dates", "500 g almonds", process: "processor", kitchen: nil)
      assessment = ElmCup::Assessment.of(large, library: ElmCup.shipped)
      small = formula("100 g soft dates", "60 g almonds", process: "processor")
      little = ElmCup::Assessment.of(small, library: ElmCup.shipped)
      expect(counter::RoomFor.times?(small, little, 1.1, library: ElmCup.shipped)).to be(true)
      before = assessment.section("findings").heard.map(&:rule)
      expect(counter::RoomFor.times?(large, assessment, 1.1, library: ElmCup.shipped)).to be(before.include?("processor-too-small"))
    end
  end
end
