# frozen_string_literal: true

# Components that take a share of another, and flavours of one base.
RSpec.describe "A formula of several components" do
  def part(name, lines, **more) = {"name" => name, "lines" => lines.map { |text| {"text" => text} }, **more.transform_keys(&:to_s)}

  def layered(*parts, **more) = {"elm_cup" => "formula/1", "name" => "Layered", "components" => parts, **more.transform_keys(&:to_s)}

  def caramel(**more) = part("caramel", ["216 g soft dates", "3 tbsp cashew butter"], type: "filling", process: "processor", **more)

  def refusal(document) = begin
    assess(document).then { "taken" }
  rescue
    $!.message
  end

  it "sums a component from its lines and shares, and the formula from what is left" do
    answer = assess(layered(caramel,
      part("dough", ["100 g rolled oats, ground", "50 g tahini"], takes: [{"component" => "caramel", "share" => 0.25}])))
    filling, dough = answer["components"]
    expect(filling["grams"]).to eq(264.0)
    expect(filling["grams_left"]).to eq(198.0)
    expect(dough["grams"]).to eq(150 + 66.0)
    expect(dough["takes"]).to eq([{"component" => "caramel", "status" => "read", "share" => 0.25, "grams" => 66.0, "assumptions" => []}])
    expect(answer["grams"]).to eq(264.0 + 150)
  end

  it "says what each may take of without going round: not itself, nor what takes of it by any number of steps" do
    of = ->(name) { [{"component" => name, "share" => 0.1}] }
    answer = assess(layered(part("a", ["1 cup oats"]), part("b", ["1 cup oats"], takes: of["a"]),
      part("c", ["1 cup oats"], takes: of["b"]), part("d", ["1 cup oats"])))
    expect(answer["components"].to_h { |each| each.values_at("name", "may_take") })
      .to eq("a" => %w[d], "b" => %w[a d], "c" => %w[a b d], "d" => %w[a b c])
    answer["components"].each do |taker|
      answer["components"].map { |each| each["name"] }.each do |name|
        document = layered(*answer["components"].map { |each|
          part(each["name"], ["1 cup oats"],
            takes: {"b" => of["a"], "c" => of["b"]}.fetch(each["name"], []) + ((each == taker) ? of[name] : []))
        })
        expect(refusal(document) == "taken").to eq(taker["may_take"].include?(name))
      end
    end
  end

  it "takes by grams and by measure as well" do
    by = ->(take) {
      assess(layered(caramel,
        part("dough", ["100 g oats"], takes: [{"component" => "caramel", **take}])))["components"][1]["takes"][0]
    }
    expect(by.call("grams" => 60)).to include("grams" => 60.0, "share" => be_within(0.0001).of(60 / 264.0))
    measured = by.call("text" => "1/4 cup")
    expect(measured["grams"]).to be_between(60, 80)
    expect(measured["assumptions"]).to match([/“caramel” is taken to weigh 1\.\d+ g a mL/])
    expect(by.call("text" => "60 g")["grams"]).to eq(60.0)
    expect(by.call("text" => "20 g + 1 tbsp")).to include("status" => "waits", "message" => /is not a measure; write a share/)
    expect(by.call("text" => "20 g + 1 oz")["grams"]).to be_within(0.01).of(48.35)
    expect(by.call("text" => "a lump")).to include("status" => "waits", "message" => /is not a measure; write a share/)
  end

  it "brings what it takes as it was mixed: a paste stays a paste, and allergens come along" do
    answer = assess(layered(caramel,
      part("dough", ["100 g rolled oats, ground"], takes: [{"component" => "caramel", "share" => 0.5}])))
    dough = answer["components"][1]
    paste, nut = 216.0 / 2, 48.0 / 2
    expect(dough["binder_split_ml"]["pulp"]).to be_within(0.02).of(paste * 0.52)
    expect(dough["binder_split_ml"]["fat"]).to be_within(0.02).of(nut * 0.52)
    expect(dough["allergens"]).to eq(%w[gluten tree_nut])
    same = bowl("100 g rolled oats, ground", "108 g soft dates, to paste", "24 g cashew butter")
    expect(dough["saturation"]).to eq(same["saturation"])
    expect(dough["texture"]).to eq(same["texture"])
  end

  it "takes of what took, whatever the order in the document" do
    parts = [part("top", [], takes: [{"component" => "middle", "share" => 0.5}]),
      part("middle", ["100 g tahini"], takes: [{"component" => "bottom", "share" => 0.5}]), part("bottom", ["200 g honey"])]
    answer = assess(layered(*parts))
    expect(answer["components"].map { |each| each["grams"] }).to eq([100.0, 200.0, 200.0])
    expect(answer["components"].map { |each| each["grams_left"] }).to eq([100.0, 100.0, 100.0])
    expect(answer["grams"]).to eq(300.0)
  end

  it "sums to the whole for any shares" do
    random = Random.new(5)
    40.times do
      shares = Array.new(3) { random.rand(0.01..0.33).round(3) }
      parts = [part("a", ["#{random.rand(50..300)} g tahini", "#{random.rand(20..90)} g honey"])] + shares.each_with_index.map { |share, at|
        part("b#{at}", ["#{random.rand(10..90)} g oats"], takes: [{"component" => "a", "share" => share}])
      }
      answer = assess(layered(*parts))
      expect(answer["components"].sum { |each| each["grams_left"] }).to be_within(0.03).of(answer["grams"])
      answer["components"].each do |each|
        expect(each["lines"].sum { |line| line["grams"] } + (each["takes"] || []).sum { |take| take["grams"] })
          .to be_within(0.03).of(each["grams"])
      end
      expect(answer["grams"]).to be_within(0.01).of(answer["components"].sum { |each| each["lines"].sum { |line| line["grams"] } })
    end
  end

  it "refuses a loop and names it, a component that is not there, more than all, and two of one name" do
    loop = layered(part("a", ["1 cup oats"], takes: [{"component" => "b", "share" => 0.1}]), part("b", ["1 cup oats"],
      takes: [{"component" => "c", "share" => 0.1}]), part("c", ["1 cup oats"], takes: [{"component" => "a", "share" => 0.1}]))
    expect(refusal(loop))
      .to eq("/components/0/takes/0: Shares go round in a loop: “a” takes of “b” takes of “c” takes of “a”; take one of them out")
    expect(refusal(layered(part("a", ["1 cup oats"], takes: [{"component" => "a", "share" => 0.1}])))).to match(/loop: “a” takes of “a”/)
    expect(refusal(layered(part("a", [], takes: [{"component" => "x", "share" => 0.1}]))))
      .to eq("/components/0/takes/0/component: There is no component “x”; there are a")
    over = layered(caramel, part("d", [], takes: [{"component" => "caramel", "share" => 0.7}]),
      part("e", [], takes: [{"component" => "caramel", "share" => 0.6}]))
    expect(refusal(over)).to eq("/components/2/takes/0/share: 130 % of “caramel” is shared out; 100 % is all there is")
    expect(refusal(layered(caramel, caramel, part("d", [], takes: [{"component" => "caramel", "share" => 0.7}]))))
      .to match(%r{/components/1/name: Two components are called “caramel”})
    expect(refusal(layered(caramel, part("d", [], takes: [{"component" => "caramel", "share" => 1.5}]))))
      .to match(/1.5 is too much; 1 is the most/)
    expect(refusal(layered(caramel, part("d", [], takes: [{"component" => "caramel"}])))).to match(/Say one of share/)
    expect(refusal(layered(caramel, part("d", [], takes: [{"component" => "caramel", "share" => 1}])))).to eq("taken")
  end

  it "stays quick where everything takes of everything before it, and sums what comes by several ways" do
    parts = Array.new(24) { |at|
      part("p#{at}", ["100 g tahini", "50 g honey"], takes: (0...at).map { |source| {"component" => "p#{source}", "share" => 0.02} })
    }
    began = assess(layered(*parts))
    expect(began["components"].sum { |each| each["grams_left"] }).to be_within(0.3).of(24 * 150)
    expect(ElmCup::Assessment.of(layered(*parts), library: ElmCup.shipped).components.last.contents.size).to eq(4)
    chain = Array.new(40) { |at|
      part("p#{at}", ["10 g honey"], takes: at.zero? ? nil : [{"component" => "p#{at - 1}", "share" => 0.333}]).compact
    }
    expect(assess(layered(*chain))["grams"]).to eq(400.0)
    all = Array.new(40) { |at|
      part("p#{at}", [], takes: (0...40).reject { |other| other == at }.map { |source| {"component" => "p#{source}", "share" => 0.01} })
    }
    expect(refusal(layered(*all))).to match(/Shares go round in a loop/)
    expect(refusal(layered(*Array.new(13) { |at| part("p#{at}", ["1 cup oats"] * 100) }))).to match(/1300 lines in all are too many/)
  end

  it "flags grams that are not there and a source that waits, and judges nothing meanwhile" do
    answer = assess(layered(caramel, part("dough", ["100 g oats"], takes: [{"component" => "caramel", "grams" => 300}])))
    expect(ElmCup.flagged(answer)).to eq([{"component" => "dough", "pointer" => "/components/1/takes/0", "text" => "a share of caramel",
                                           "status" => "waits", "message" => "It takes 300 g of “caramel”, and only 264 g are mixed; take less, or mix more."}])
    expect(answer["components"][1]).not_to include("saturation")
    several = assess(layered(caramel, part("d", [], takes: [{"component" => "caramel", "grams" => 200}]),
      part("e", [], takes: [{"component" => "caramel", "share" => 0.5}])))
    expect(several["components"][2]["takes"][0]["message"]).to match(/More of “caramel” is taken than there is/)
    waiting = assess(layered(part("a", ["2 cups moon dust"]),
      part("b", ["1 cup oats"], takes: [{"component" => "a", "grams" => 20}])))
    expect(waiting["components"][1]["sentence"]).to match(/\AWithout its share of a: /)
  end

  describe "with flavours" do
    let(:document) do
      layered(part("base", ["200 g tahini", "100 g honey", "150 g rolled oats, ground"]), shape: {"kind" => "ball", "piece_grams" => 20},
        splits: [{"name" => "nib", "share" => 0.5, "lines" => [{"text" => "20 g cocoa nibs"}],
                  "topping" => [{"text" => "1 tsp flaky salt"}]},
          {"name" => "pistachio", "share" => 0.3, "lines" => [{"text" => "30 g chopped pistachios"}]}])
    end
    let(:answer) { assess(document) }

    it "divides the base, judges each part and sums to the whole" do
      nib, pistachio = answer["splits"]
      expect(nib["grams"]).to be_within(0.01).of(450 * 0.5 + 20 + nib["topping"][0]["grams"])
      expect(pistachio["grams"]).to be_within(0.01).of(450 * 0.3 + 30)
      expect(answer["grams"]).to be_within(0.02).of(450 + 20 + 30 + nib["topping"][0]["grams"])
      expect(pistachio["saturation"])
        .to eq(bowl("60 g tahini", "30 g honey", "45 g rolled oats, ground", "30 g chopped pistachios")["saturation"])
      expect(pistachio["allergens"]).to include("tree_nut")
      expect(nib["allergens"]).not_to include("tree_nut")
    end

    it "counts pieces of each, and of what stays plain" do
      expect(answer["splits"].map { |split| split["pieces"]["count"] }).to eq([12, 8])
      expect(answer["pieces"]["count"]).to eq(12 + 8 + 4)
      expect(answer["splits"][1]["nutrition_per_piece"]["kcal"]).not_to eq(answer["splits"][0]["nutrition_per_piece"]["kcal"])
    end

    it "loses no piece where their number is given" do
      [24, 7, 1, 100].each do |pieces|
        said = assess(document.merge("shape" => {"kind" => "ball", "pieces" => pieces}))
        plain = said["pieces"]["count"] - said["splits"].sum { |split| split["pieces"]["count"] }
        expect(said["pieces"]["count"]).to eq(pieces)
        expect(plain).to be_between(0, pieces)
      end
      said = assess(document.merge("shape" => {"kind" => "ball", "pieces" => 24}))
      expect(said["splits"].map { |split| split["pieces"]["count"] }).to eq([12, 8])
      expect(said["splits"][0]["pieces"]["piece_grams"]).to be_within(0.01).of(245 / 12.0)
    end

    it "offers doses that go into the flavour" do
      wet = document.merge("splits" => [{"name" => "wet", "share" => 0.2, "lines" => [{"text" => "2 tbsp honey"}]}])
      option = assess(wet)["splits"][0]["rescue"]["options"].find { |each| each["kind"] == "dose" }
      expect(option["patch"].first["path"]).to eq("/splits/0/lines/-")
      expect(assess(patched(wet, option["patch"]))["splits"][0]["texture"]).to eq("rolls")
    end

    it "refuses more than the whole, two of one name, and parts of different bases" do
      split = ->(name, share, **more) { {"name" => name, "share" => share, **more.transform_keys(&:to_s)} }
      expect(refusal(document.merge("splits" => [split["a", 0.6], split["b", 0.6]])))
        .to eq("/splits/1/share: The flavours come to 120 % of the base; 100 % is all there is")
      expect(refusal(document.merge("splits" => [split["a", 0.2], split["a", 0.2]])))
        .to match(%r{/splits/1/name: Two flavours are called “a”})
      expect(refusal(document.merge("splits" => [split["a", 0.2, component: "lid"]])))
        .to match(%r{/splits/0/component: There is no component “lid”})
      expect(refusal(document.merge("splits" => [split["a", 0]]))).to match(/0 is not an amount/)
      two = document.merge("components" => document["components"] + [part("lid", ["1 cup oats"])],
        "splits" => [split["a", 0.2], split["b", 0.2, component: "lid"]])
      expect(refusal(two)).to match(/Flavours are parts of one base/)
      thirds = document.merge("splits" => [split["a", 0.333], split["b", 0.333], split["c", 0.334]])
      expect(assess(thirds)["pieces"]["count"]).to be_between(21, 22)
    end
  end
end
