# frozen_string_literal: true

RSpec.describe "Line readings that are kept" do
  let(:library) { ElmCup.pantry([{"id" => "own-dust", "name" => "House dust", "starts_from" => "cocoa"}]) }

  def resolver(process = "hand", standard = "us")
    ElmCup::Ingredient::LineResolver.new(process: process, standard: ElmCup::Quantity::CupStandard.find(standard), library: library)
  end

  it "reads one line where one was changed" do
    texts = ["1 cup rolled oats", "10 soft dates", "1/3 cup tahini"]
    texts.each { |text| resolver.resolve(text) }
    allow(ElmCup::Quantity::LineReader).to receive(:read).and_call_original
    ["1 cup rolled oats", "11 soft dates", "1/3 cup tahini"].each { |text| resolver.resolve(text) }
    expect(ElmCup::Quantity::LineReader).to have_received(:read).with("11 soft dates").once
    expect(ElmCup::Quantity::LineReader).to have_received(:read).once
  end

  it "keeps apart what differs in process, cup, choice or pantry" do
    grams = [resolver, resolver("hand", "metric")].map { |each| each.resolve("1 cup honey").grams }
    expect(grams.uniq.size).to eq(2)
    expect([resolver, resolver("processor")].map { |each| each.resolve("1 cup almonds").form }.uniq.size).to eq(2)
    expect([nil, "tahini"].map { |chosen| resolver.resolve("1 tbsp honey", chosen: chosen).entry.id }).to eq(%w[honey tahini])
    expect(resolver.resolve("1 tbsp house dust").status).to eq(:read)
    expect(line_resolver("hand").resolve("1 tbsp house dust").status).not_to eq(:read)
    expect(resolver.resolve("2 tbsp honey", chosen: "tahini", was: "1 tbsp oats").entry.id).to eq("honey")
    expect(resolver.resolve("2 tbsp honey", chosen: "tahini", was: "1 tbsp honey").entry.id).to eq("tahini")
  end

  it "keeps no more than so many, what was asked for lately among them" do
    cache = ElmCup::BoundedCache.new(10)
    made = []
    fetch = ->(key) { cache.fetch(key) { key.tap { made << key } } }
    40.times { |number| [fetch.call(number), fetch.call(:often)] }
    expect(cache.size).to be <= 10
    expect(made.count(:often)).to eq(1)
    fetch.call(0)
    expect(made.count(0)).to eq(2)
    expect(library.readings.size).to be <= ElmCup::Ingredient::Library::KEPT_READINGS
    resolver.resolve("a" * 5_000)
    expect(library.readings.size).to eq(0)
  end

  it "is the same for many threads at once" do
    texts = Array.new(60) { |number| "#{number + 1} g rolled oats" }
    found = Array.new(6) { Thread.new { texts.shuffle.to_h { |text| [text, resolver.resolve(text).grams] } } }.map(&:value)
    expect(found.uniq).to eq([texts.to_h { |text| [text, text.to_i] }])
  end
end
