# frozen_string_literal: true

RSpec.describe ElmCup::Assessment do
  let(:document) do
    formula("1 cup rolled oats, ground", "10 soft dates, to paste", "1/3 cup tahini", "2 tbsp maple syrup")
      .merge("wishes" => ["texture=rolls", "kcal<=90"], "needs" => %w[vegan],
        "splits" => [{"name" => "black", "share" => 0.5, "lines" => [{"text" => "1 tbsp tahini"}],
                      "topping" => [{"text" => "1 tsp sesame seeds"}]}])
  end
  let(:whole) { ElmCup.assess(document) }

  it "gives each section the same keys alone as among all, and every key belongs to one" do
    names = described_class.section_names.reject { |name| ElmCup::Section.all[name]&.asked? }
    parts = names.map { |name| ElmCup.assess(document, sections: [name]).except("elm_cup", "name", "grams") }
    # What a section says of each component stands there where components are asked for beside it.
    bare = whole.merge("components" => whole["components"].map { |each| each.except("cold_set", "water_activity") })
    expect(whole["components"].first.keys).to include("cold_set", "water_activity")
    expect(parts.reduce(:merge)).to eq(bare.except("elm_cup", "name", "grams"))
    expect(parts.sum(&:size)).to eq(whole.size - 3)
    expect(ElmCup.assess(document, sections: []).keys).to eq(%w[elm_cup name grams])
    expect { ElmCup.assess(document, sections: %w[pieces colour]) }
      .to raise_error(ElmCup::InvalidDocument, /no part of an assessment called “colour”; there are components, pieces/)
  end

  it "reckons what is asked for and nothing else, and that once" do
    reckoned = Hash.new(0)
    ElmCup::Section.all.each_value { |section| allow(section).to receive(:new).and_wrap_original { |original, *given| reckoned[section] += 1 and original.call(*given) } }
    allow(ElmCup::Binding::Rescue).to receive(:new).and_call_original
    allow(ElmCup::Mixture::Nutrition).to receive(:new).and_call_original
    ElmCup.assess(document, sections: %w[pieces diets])
    expect(reckoned.keys).to contain_exactly(ElmCup::Piece::PiecesSection, ElmCup::Mixture::DietsSection)
    expect(ElmCup::Binding::Rescue).not_to have_received(:new)
    expect(ElmCup::Mixture::Nutrition).not_to have_received(:new)
    reckoned.clear
    ElmCup.assess(document)
    expect(reckoned.values.uniq).to eq([1])
  end

  it "lets a section come as one file: it registers itself, says which others it needs, and its keys stand in the answer" do
    section = Class.new(ElmCup::Section) do
      named "heft", needs: %w[pieces]
      key("heft_pct", digits: 1) { 100.0 * pieces.piece_grams / assessment.grams }
      key("nothing_to_say") { nil }
    end
    answer = ElmCup.assess(document)
    expect(answer["heft_pct"]).to eq((100 * 18 / answer["grams"]).round(1))
    expect(answer).not_to have_key("nothing_to_say")
    expect(ElmCup.assess(document, sections: %w[heft]).keys).to eq(%w[elm_cup name grams heft_pct])
  ensure
    ElmCup::Section.all.delete_if { |_, each| each == section }
  end

  it "sums up for a list what the whole says, without reckoning doses, sums or findings" do
    leading = whole["components"].first
    allow(ElmCup::SecondLook).to receive(:findings)
    allow(ElmCup::Binding::Rescue).to receive(:new)
    summary = ElmCup.summary(document)
    expect(summary).to include(**leading.slice("texture", "want", "saturation", "binder_split_ml", "demand_ml"),
      **whole.slice("grams", "pieces", "diets", "allergens"))
    expect(summary).to include("flagged" => 0, "components" => 1, "breaches" => whole["breaches"].map { |breach| breach["need"] }.uniq,
      "kcal_per_piece" => whole["nutrition_per_piece"]["kcal"])
    expect(ElmCup::SecondLook).not_to have_received(:findings)
    expect(ElmCup::Binding::Rescue).not_to have_received(:new)
    expect(ElmCup.summary(formula("1 cup moon dust"))).to include("texture" => nil, "pieces" => nil, "flagged" => 1)
  end
end
