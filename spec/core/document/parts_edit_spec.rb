# frozen_string_literal: true

RSpec.describe "A change to the parts of a formula" do
  let(:layered) do
    {"elm_cup" => "formula/1", "name" => "Layered", "components" => [
      {"name" => "caramel", "type" => "filling", "lines" => [{"text" => "12 dates"}]},
      {"name" => "dough", "type" => "dough", "lines" => [], "takes" => [{"component" => "caramel", "share" => 0.25}]},
      {"name" => "shell", "type" => "coating", "lines" => []}
    ]}
  end

  # The formulas that edits lead to, one after the other.
  def edited(document, *edits)
    edits.reduce(document) { |formula, (kind, said)| ElmCup.edit_parts(formula, {"kind" => kind, **said.to_h})["formula"] }
  end

  def refusal(document, edit)
    ElmCup.edit_parts(document, edit)
    nil
  rescue ElmCup::InvalidDocument => error
    [error.faults.first.pointer, error.faults.first.code]
  end

  def names(formula) = formula["components"].map { |part| part["name"] }

  it "adds parts under names of their own, with the place of each and what was done" do
    given = Marshal.load(Marshal.dump(layered))
    first = ElmCup.edit_parts(layered, {"kind" => "add_part", "type" => "filling"})
    expect(first.slice("place", "words")).to eq("place" => {"list" => "components", "index" => 3}, "words" => "adding a filling")
    expect(names(edited(first["formula"], ["add_part", "type" => "filling"])).last(2)).to eq(["filling", "filling 2"])
    expect(layered).to eq(given)
  end

  it "renames a part in all that names it, and never to a name that another has" do
    formula = edited(layered, ["add_flavour"], ["rename_part", "at" => 0, "name" => " date caramel "],
      ["rename_part", "at" => 1, "name" => "oat dough"], ["rename_part", "at" => 2, "name" => "oat dough"])
    expect(names(formula)).to eq(["date caramel", "oat dough", "oat dough 2"])
    expect(formula["components"][1]["takes"]).to eq([{"component" => "date caramel", "share" => 0.25}])
    expect(formula["splits"].map { |split| split["component"] }).to eq(["oat dough"])
    expect { ElmCup.check(formula) }.not_to raise_error
    expect(refusal(layered, {"kind" => "rename_part", "at" => 0, "name" => "  "})).to eq(["/edit/name", "name_missing"])
    expect(refusal(layered, {"kind" => "rename_part", "at" => 0, "name" => "x" * 90})&.first).to eq("/components/0/name")
  end

  it "takes what is wished of a part along to its next name, or out with it" do
    wishes = ["a.lock:tahini", "a.b.texture=rolls", "pistachio.texture=rolls", "kcal<=90", "no wish at all"]
    formula = layered.merge("components" => %w[a a.b dough].map { |name| {"name" => name, "lines" => []} },
      "splits" => [{"name" => "pistachio", "share" => 0.5, "component" => "dough", "lines" => []}], "wishes" => wishes)
    expect(edited(formula, ["rename_part", "at" => 0, "name" => "nut"])["wishes"]).to eq(["nut.lock:tahini", *wishes.drop(1)])
    expect(edited(formula, ["rename_flavour", "at" => 0, "name" => "green"])["wishes"])
      .to eq(["a.lock:tahini", "a.b.texture=rolls", "green.texture=rolls", "kcal<=90", "no wish at all"])
    without = ["a.lock:tahini", "a.b.texture=rolls", "kcal<=90", "no wish at all"]
    expect(edited(formula, ["remove_flavour", "at" => 0])["wishes"]).to eq(without)
    expect(edited(formula, ["remove_part", "at" => 2])["wishes"]).to eq(without)
    expect(edited(formula, ["remove_part", "at" => 1])["wishes"])
      .to eq(["a.lock:tahini", "pistachio.texture=rolls", "kcal<=90", "no wish at all"])
    expect(edited(formula.merge("wishes" => ["a.b.texture=rolls"]), ["remove_part", "at" => 1])).not_to have_key("wishes")
  end

  it "leaves what is wished of another part of the same name" do
    formula = layered.merge("components" => %w[dough dough base].map { |name| {"name" => name, "lines" => []} },
      "wishes" => ["dough.texture=rolls"])
    expect(edited(formula, ["remove_part", "at" => 1])["wishes"]).to eq(["dough.texture=rolls"])
    expect(edited(formula, ["rename_part", "at" => 1, "name" => "top"])["wishes"]).to eq(["dough.texture=rolls"])
  end

  it "takes a part out with what was taken of it and with its flavours, and says so" do
    formula = edited(layered, ["add_flavour"], ["add_flavour"])
    gone = ElmCup.edit_parts(formula, {"kind" => "remove_part", "at" => 0})
    expect(gone["said"]).to eq("“caramel” is removed, and its shares with it.")
    expect(names(gone["formula"])).to eq(%w[dough shell])
    expect(gone["formula"]["components"][0]).not_to have_key("takes")
    expect(gone["formula"]["splits"].size).to eq(2)
    expect(edited(gone["formula"], ["remove_part", "at" => 0])).not_to have_key("splits")
    one = layered.merge("components" => layered["components"].first(1))
    expect(refusal(one, {"kind" => "remove_part", "at" => 0})).to eq(["/edit/at", "last_part"])
  end

  it "leaves flavours with their base, whatever part comes to lead" do
    filling = layered.merge("components" => [{"name" => "caramel", "type" => "filling", "lines" => []},
      {"name" => "shell", "type" => "coating", "lines" => []}],
      "splits" => [{"name" => "nib", "share" => 0.5, "lines" => []}])
    [["move_part", "at" => 1, "to" => 0], ["type_part", "at" => 1, "type" => "dough"], ["add_part", "type" => "dough"]].each do |edit|
      expect([edit, edited(filling, edit)["splits"].map { |split| split["component"] }]).to eq([edit, ["caramel"]])
    end
    moved = ElmCup.edit_parts(layered, {"kind" => "move_part", "at" => 2, "to" => 0})
    expect([names(moved["formula"]), moved["place"]]).to eq([%w[shell caramel dough], {"list" => "components", "index" => 0}])
  end

  it "divides into flavours that never come to more than the whole" do
    shares = ->(formula) { formula["splits"].map { |split| split["share"] } }
    two = edited(layered, ["add_flavour"], ["add_flavour"])
    expect(shares[two]).to eq([0.5, 0.5])
    three = edited(two, ["add_flavour"])
    expect(shares[three]).to eq([0.3333, 0.3333, 0.3333])
    expect(three["splits"].map { |split| split["name"] }).to eq(["flavour", "flavour 2", "flavour 3"])
    expect { ElmCup.check(three) }.not_to raise_error
    expect(shares[edited(layered, ["add_flavour"], ["share_flavour", "at" => 0, "percent" => 83.3], ["add_flavour"])]).to eq([0.833, 0.167])
    named = edited(three, ["rename_flavour", "at" => 1, "name" => "nib"], ["rename_flavour", "at" => 2, "name" => "nib"])
    expect(named["splits"].map { |split| split["name"] }).to eq(["flavour", "nib", "nib 2"])
    expect(refusal(three, {"kind" => "share_flavour", "at" => 0, "percent" => 140})&.first).to eq("/splits/0/share")
  end

  it "takes of another part what a cook types: a share, grams or a measure" do
    typed = {"25 %" => {"share" => 0.25}, "12,5%" => {"share" => 0.125}, "25 per cent" => {"share" => 0.25}, "half" => {"share" => 0.5},
             "half of it" => {"share" => 0.5}, "a quarter" => {"share" => 0.25}, "a third" => {"share" => 0.333333},
             "1/4" => {"share" => 0.25},
             "0.25" => {"share" => 0.25}, "all of it" => {"share" => 1}, "the lot" => {"share" => 1}, "60 g" => {"grams" => 60},
             "12.5 grams" => {"grams" => 12.5}, "1/4 cup" => {"text" => "1/4 cup"}, "2 tbsp of it" => {"text" => "2 tbsp"},
             "some" => {"text" => "some"}}
    typed.each do |amount, take|
      formula = edited(layered, ["take", "at" => 2, "of" => "caramel", "amount" => amount])
      expect([amount, formula["components"][2]["takes"]]).to eq([amount, [{"component" => "caramel", **take}]])
      changed = edited(layered, ["take", "at" => 1, "take" => 0, "amount" => amount])
      expect([amount, changed["components"][1]["takes"]]).to eq([amount, [{"component" => "caramel", **take}]])
    end
    expect(edited(layered, ["take", "at" => 1, "take" => 0, "amount" => " "])["components"][1]).not_to have_key("takes")
    expect(refusal(layered, {"kind" => "take", "at" => 2, "of" => "caramel", "amount" => "120 %"})).to eq(["/edit/amount", "take_over_all"])
    expect(refusal(layered, {"kind" => "take", "at" => 2, "of" => "caramel", "amount" => " "})).to eq(["/edit/amount", "take_nothing"])
    expect(refusal(layered, {"kind" => "take", "at" => 2, "of" => "moon", "amount" => "half"}))
      .to eq(["/components/2/takes/0/component", "no_such_component"])
    expect(refusal(layered, {"kind" => "take", "at" => 2, "amount" => "half"})&.last).to eq("no_such_component")
    expect(refusal(layered, {"kind" => "take", "at" => 0, "of" => "dough", "amount" => "half"})&.last).to eq("share_loop")
    expect(edited(layered, ["take", "at" => 2, "of" => "caramel", "amount" => "90 %"])["components"][2]["takes"])
      .to eq([{"component" => "caramel", "share" => 0.9}])
  end

  it "refuses what names no place, no kind and no formula" do
    expect(refusal(layered, {"kind" => "explode"})).to eq(["/edit/kind", "edit_unknown"])
    [nil, -1, 3, "0", 1.5].each do |at|
      expect([at, refusal(layered, {"kind" => "remove_part", "at" => at})]).to eq([at, ["/edit/at", "no_such_place"]])
    end
    expect(refusal(layered, {"kind" => "remove_flavour", "at" => 0})).to eq(["/edit/at", "no_such_place"])
    expect(refusal(layered, {"kind" => "add_part", "type" => "moon"})&.first).to eq("/components/3/type")
    expect(refusal({"elm_cup" => "formula/1", "name" => "x"}, {"kind" => "add_flavour"})).to eq(["", "missing_keys"])
  end
end
