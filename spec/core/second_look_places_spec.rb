# frozen_string_literal: true

RSpec.describe "Second look at where pieces live" do
  def findings(document)
    ElmCup.assess(document, sections: ["findings"])["findings"].select { |each| ElmCup::SecondLook::PLACE_IDS.include?(each["rule"]) }
  end

  def rules(document) = findings(document).map { |each| each["rule"] }

  soft = ["200 g almond butter", "80 g coconut oil, melted", "40 g maple syrup", "60 g almond flour"]
  firm = ["200 g soft dates", "120 g almonds", "80 g rolled oats, toasted"]

  # rule => [formula where it fires, formula where it does not]
  cases = {
    "soft-in-the-bag" => [->(here) { here.formula(*soft).merge("lives" => "room") }, ->(here) {
      here.formula(*firm, process: "processor").merge("lives" => "room")
    }],
    "chocolate-against-storage" => [->(here) {
      here.coated({"kind" => "ball", "piece_grams" => 18}, coat: {"kind" => "dip", "component" => "shell", "school" => "thinned"},
        lives: "room")
    },
      ->(here) {
        here.coated({"kind" => "ball", "piece_grams" => 18}, coat: {"kind" => "dip", "component" => "shell", "school" => "tempered"},
          shell: ["170 g dark chocolate chips"], lives: "room")
      }],
    "perishable-on-counter" => [->(here) { here.formula("200 g cream cheese", "200 g oats").merge("lives" => "room") }, ->(here) {
      here.formula("200 g cream cheese", "200 g oats")
    }],
    "crisp-goes-soft" => [->(here) { here.formula("60 g puffed rice", "200 g soft dates, to paste", "100 g almond butter") },
      ->(here) { here.formula("60 g puffed rice", "200 g dark chocolate, melted") }]
  }
  cases.each do |rule, (firing, quiet)|
    it "notices #{rule}, and its remedy goes with it" do
      document = firing.call(self)
      finding = findings(document).find { |each| each["rule"] == rule }
      expect(finding["message"].length).to be > 30
      mended = patched(document, finding["remedy"]["patch"])
      expect(ElmCup.flagged(ElmCup.assess(mended, sections: ["components"]))).to eq([])
      expect(rules(mended)).not_to include(rule)
      expect(ElmCup.cold(document)["findings"].map { |each| each["rule"] }).to include(rule)
    end

    it "is quiet of #{rule} where there is nothing to say" do
      expect(rules(quiet.call(self))).not_to include(rule)
    end
  end

  it "has an example of every rule of places" do
    expect(ElmCup::SecondLook::PLACE_IDS).to match_array(cases.keys)
  end

  it "reckons no cold for what lives in the cold" do
    allow(ElmCup::Cold::Hold).to receive(:to_c).and_call_original
    ElmCup.assess(formula(*soft), without: %w[cold keep])
    expect(ElmCup::Cold::Hold).not_to have_received(:to_c)
  end
end
