# frozen_string_literal: true

RSpec.describe "Wishes for the cold" do
  def words(text) = ElmCup.wish(soft, text)["wish"]

  let(:soft) {
    formula("200 g almond butter", "80 g coconut oil, melted", "40 g maple syrup", "60 g almond flour", shape: {"kind" => "slab"})
  }
  let(:truffles) { coated({"kind" => "ball", "piece_grams" => 18}, coat: {"kind" => "dip", "component" => "shell"}) }

  it "reads them as they are kept, and as people say them" do
    expect(ElmCup::Wish.read("holds_to_c>=27").words(ElmCup.shipped)).to eq("holds to at least 27 °C")
    expect(ElmCup::Wish.read("dough.firmness>=12@25").words(ElmCup.shipped)).to eq("dough: firmness at least 12 kPa at 25 °C")
    {"holds to 27 °C" => "holds_to_c>=27", "hold its shape at 25" => "holds_to_c>=25", "firm to 86 F" => "holds_to_c>=30",
     "survives a hot car" => "holds_to_c>=40", "for the lunch box" => "holds_to_c>=27", "firm at room temperature" => "holds_to_c>=25",
     "shelf stable" => "water_activity<=0.7", "water activity at most 0.65" => "water_activity<=0.65"}
      .each { |text, wish| expect(words(text)).to eq(wish), text }
    expect(words("keeps longer")).to start_with("water_activity<=")
  end

  it "says where it stands" do
    states = ElmCup.assess(soft.merge("wishes" => ["holds_to_c>=27", "firmness>=20@-18", "water_activity<=0.9",
      "dough.holds_to_c>=5"]))["wishes"]
    expect(states.map { |state| state["met"] }).to eq([false, true, true, true])
    expect(states.first["now"]).to match(/\A\d+ °C\z/)
  end

  it "makes a soft dough hold by more of the dry side, measured by the ordinary path" do
    found = balance(soft, "holds_to_c>=27")
    expect(found["answers"]).not_to be_empty
    found["answers"].each do |answer|
      expect(ElmCup.cold(answer["formula"])["cold"]["holds_to_c"]).to be >= 27
      expect(answer["changes"]).not_to be_empty
      expect(patched(soft, answer["patch"])).to eq(answer["formula"].except("wishes"))
    end
  end

  it "tempers the coat where that alone does, and may take cocoa butter for coconut oil" do
    found = balance(truffles, "holds_to_c>=27")
    first = found["answers"].first
    expect(first).to include("why" => "Temper the shell: no amount has to change.", "size" => 0.05, "proved_optimal" => true)
    expect(first["patch"]).to eq([{"op" => "add", "path" => "/coat",
                                   "value" => {"kind" => "dip", "component" => "shell", "school" => "tempered"}}])
    found["answers"].each { |answer| expect(ElmCup.cold(answer["formula"])["cold"]["holds_to_c"]).to be >= 27 }
    swapped = balance(soft, "holds_to_c>=16", "lock:almond-flour", "lock:almond-butter")["answers"]
    expect(swapped.flat_map { |answer| answer["changes"].map { |change| change["text"] } }).to include("80 g cocoa butter, melted")
    kept = balance(soft, "holds_to_c>=16", "lock:coconut-oil")["answers"]
    expect(kept.flat_map { |answer| answer["changes"].map { |change| change["text"] } }).not_to include("80 g cocoa butter, melted")
  end

  it "makes it firmer at a temperature, and drier for what would grow" do
    firmer = balance(soft, "firmness>=12@20")["answers"].first
    made = ElmCup::Assessment.of(firmer["formula"], library: ElmCup.shipped).section("cold").parts.first.firmness
    expect(made.kpa(22)).to be >= 12
    drier = balance(formula("300 g soft dates", "100 g rolled oats", "40 g coconut oil"), "water_activity<=0.65")["answers"].first
    expect(ElmCup.cold(drier["formula"])["keep"]["parts"].first["water_activity_high"]).to be <= 0.65
  end

  it "stirs nothing wet into melted chocolate, and says where nothing was found" do
    bark = formula("200 g dark chocolate", "10 g coconut oil", shape: {"kind" => "bark", "thickness_mm" => 5})
    found = balance(bark, "holds_to_c>=30")
    expect(found["answers"].flat_map { |answer|
      answer["changes"].map { |change|
        change["ingredient"]
      }
    } & %w[water maple milk-plant honey]).to eq([])
    expect(found["notes"].join).to include("No amounts were found for “holds to at least 30 °C”") if found["answers"].empty?
  end
end
