# frozen_string_literal: true

require "spec_helper"

# A formula while it is made: what goes in at each step, which one is on, and what to look at.
RSpec.describe ElmCup::Counter::Making do
  demo = Dir[File.expand_path("../../../server/demo/formulas/*.json", __dir__)].to_h { |file|
    [File.basename(file)[/\d+/].to_i, JSON.parse(File.read(file))]
  }

  def making(document, *said)
    ElmCup.making(document, [["started", {"version" => 1}], *said].map { |kind, data| happened(kind, data) })
  end

  def stage(answer, id) = answer["stages"].find { |each| each["id"] == id }

  it "has every line of every formula go in once" do
    demo.each_value do |document|
      assessment = ElmCup::Assessment.of(document, library: ElmCup.shipped)
      wanted = assessment.parts.flat_map { |part| part.pointers + part.takings.map(&:at) }.reject { |at| at.end_with?("/share") }
      found = making(document)["stages"].flat_map { |each| each["lines"] }.map { |line| line["line"] }
      expect(found).to match_array(wanted), document["name"]
    end
  end

  it "says what is on and what comes next, and goes on as steps are done, left out or begun" do
    truffles = demo.fetch(11)
    expect(making(truffles).values_at("current", "upcoming", "done")).to eq(["set_out", "mix_hand-centre", 0.0])
    later = making(truffles, ["step", {"step" => "set_out", "did" => "done"}], ["step", {"step" => "mix_hand-centre", "did" => "skipped"}],
      ["step", {"step" => "chill-dip", "did" => "begun"}])
    expect(later.values_at("current", "upcoming", "done")).to eq(["chill-dip", "melt-shell", 0.25])
    all = making(truffles, *making(truffles)["stages"].map { |each| ["step", {"step" => each["id"], "did" => "done"}] })
    expect([all["done"], all.key?("current"), all.key?("upcoming")]).to eq([1.0, false, false])
  end

  it "tells how much is to go in, how near, in which spoons, and what is in" do
    fresh = stage(making(demo.fetch(11)), "mix_hand-centre")
    expect(fresh["look"]).to eq("centre")
    butter, _, coffee = fresh["lines"]
    expect(butter).to include("text" => "3/4 cup hazelnut butter", "planned_grams" => 187.5, "over_grams" => 9.38, "status" => "to_come",
      "spoons" => "3/4 cup")
    expect(coffee).to include("coarse" => true)
    said = [["weighed", {"line" => butter["line"], "grams" => 190}], ["left_out", {"line" => coffee["line"]}]]
    lines = stage(making(demo.fetch(11), *said), "mix_hand-centre")["lines"]
    expect(lines.values_at(0, 2).map { |line| line.values_at("status", "actual_grams") }).to eq([["in", 190.0], ["left_out", nil]])
  end

  it "is as large as the batch, in its amounts and in its words" do
    twice = ElmCup.making(demo.fetch(11), [happened("started", {"version" => 1, "scale" => 2})])
    expect(stage(twice, "roll")["text"]).to eq("Roll 39 balls")
    expect(stage(twice, "mix_hand-centre")["lines"].first.values_at("planned_grams", "spoons")).to eq([375.0, "1 1/2 cups"])
  end

  it "puts powders in by halves, what is prepared before, and a share of another part as one thing" do
    cups = making(demo.fetch(12))
    powder = stage(cups, "powder-pistachio cream")["lines"]
    expect(powder.map { |line| line.values_at("ingredient", "halves") }).to eq([["almond-flour", true]])
    squares = making(demo.fetch(7))
    expect(stage(squares, "soak-caramel")["lines"].map { |line| line["ingredient"] }).to eq(["dates-soft"])
    expect(stage(squares, "mix_processor-crumb base")["lines"].last).to include("text" => "from caramel")
    whole = stage(squares, "mix_processor-crumb base")["lines"].last
    in_now = stage(making(demo.fetch(7), ["weighed", {"line" => whole["line"], "grams" => 90}]), "mix_processor-crumb base")["lines"].last
    expect(in_now).to include("status" => "in", "actual_grams" => 90.0)
  end

  it "keeps a line that nobody can read in its place" do
    odd = formula("200 g dates", "a thing nobody knows", "100 g almonds", process: "processor")
    lines = making(odd)["stages"].flat_map { |each| each["lines"] }
    expect(lines.map { |line| line["status"] }).to contain_exactly("to_come", "unread", "to_come")
  end
end
