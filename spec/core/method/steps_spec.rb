# frozen_string_literal: true

# The method of a formula: drafted, with the recipe's own lines and the cook's edits among it.
RSpec.describe ElmCup::Method::Steps do
  def steps(document) = described_class.new(ElmCup::Assessment.of(document, library: ElmCup.shipped))

  def ids(document) = steps(document).all.map(&:id)

  def step(document, id) = steps(document).all.find { |each| each.id == id }

  def edited(document, edit) = ElmCup.edit_steps(document, edit)["formula"]

  def component(name, type, *lines, **more)
    {"name" => name, "type" => type, "lines" => lines.map { |text| {"text" => text} }}.merge(more.transform_keys(&:to_s))
  end

  def document(*components, **more)
    {"elm_cup" => "formula/1", "name" => "Trial", "components" => components}.merge(more.transform_keys(&:to_s))
  end

  balls = {"kind" => "ball", "pieces" => 24}
  nutty = ["200 g hazelnut butter", "60 g maple syrup", "120 g almond flour"]
  dipped = {"elm_cup" => "formula/1", "name" => "Dipped", "shape" => {"kind" => "ball", "pieces" => 24}, "lives" => "freezer",
            "components" => [{"name" => "centre", "lines" => nutty.map { |text| {"text" => text} }},
              {"name" => "shell", "type" => "coating", "lines" => [{"text" => "200 g dark chocolate"}]}],
            "coat" => {"kind" => "dip", "component" => "shell"}}

  describe "figures of the rows" do
    # Source: docs/model.md, Steps: common practice, with one pair of hands; fixed + each × n, rounded up.
    {"roll" => [24, 10], "dip" => [12, 8], "cut" => [16, 5], "flatten" => [20, 6], "box" => [24, 5], "dry_roll" => [20, 5],
     "first_pour" => [24, 8], "fill" => [24, 11], "unmould" => [24, 3], "set_out" => [1, 4], "soak" => [1, 3], "press" => [1, 4],
     "mix_processor" => [2, 9], "drizzle" => [24, 4], "blanch" => [2, 12], "melt" => [3, 8], "finish" => [24, 2]}
      .each do |row, (count, minutes)|
        it "has #{row} take #{minutes} minutes for #{count}" do
          hands = ElmCup::Method::Row.all.fetch(row).hands(count)
          expect(hands.minutes).to eq(minutes)
          expect([hands.low, hands.high]).to match([be < minutes, be > minutes - 1])
        end
      end

    it "gives waits their late end and keeps both: soaking, toasting, cooling, resting, baking" do
      waits = %w[soak toast cool rest bake blanch].to_h { |row| [row, ElmCup::Method::Row.all.fetch(row).wait] }
      expect(waits.transform_values { |wait| [wait.band, wait.least, wait.greatest, wait.place] })
        .to eq("soak" => [[45, 60], 60, 240, nil], "toast" => [[8, 12], 12, 14, "oven"], "cool" => [[30, 45], 45, nil, nil],
          "rest" => [[10, 15], 15, 60, nil], "bake" => [[18, 22], 22, 24, "oven"], "blanch" => [[20, 20], 20, nil, nil])
    end

    it "adds a quarter of an hour for tempering, and half the time to stay warm" do
      coat = {"kind" => "dip", "component" => "shell", "school" => "tempered"}
      tempered = step(dipped.merge("lives" => "room", "coat" => coat), "melt-shell")
      thinned = step(dipped, "melt-shell")
      expect([tempered.hands.minutes - thinned.hands.minutes, tempered.wait.greatest, thinned.wait.greatest]).to eq([15, 5, 10])
    end
  end

  describe "a draft" do
    it "dips what was chilled, in sets, and melts the chocolate in the last of the chill" do
      expect(ids(dipped)).to eq(%w[set_out mix_hand-centre powder-centre chill-shape roll chill-dip melt-shell dip chill-shell box])
      dip = step(dipped, "dip")
      expect(dip.after).to contain_exactly("chill-dip", "melt-shell")
      expect(dip.turns.sum).to eq(dip.hands.minutes)
      # The minute of putting them into the freezer comes on top of the last set.
      expect([*dip.turns[0...-1], dip.turns.last - 1]).to all(be <= ElmCup::Method::Sets::MOST_MINUTES)
      expect(step(dipped, "chill-dip").wait).to have_attributes(place: "freezer", source: "model", greatest: be >= 60)
    end

    it "prepares what a line says: soaks as long, toasts and cools, blanches before it toasts, grinds by hand but not in a machine" do
      lines = ["180 g dates, soaked 2 h", "100 g almonds, blanched and toasted", "90 g rolled oats, ground"]
      by_hand = document(component("dough", "dough", *lines), shape: balls)
      expect(ids(by_hand).first(7)).to eq(%w[set_out soak-dough blanch-dough toast-dough cool-dough grind-dough mix_hand-dough])
      expect(step(by_hand, "soak-dough").wait).to have_attributes(band: [120, 120], greatest: 300)
      expect(step(by_hand, "toast-dough")).to have_attributes(after: ["blanch-dough"], out: 1)
      by_machine = document(component("dough", "dough", *lines, process: "processor"), shape: balls)
      expect(ids(by_machine)).to include("mix_processor-dough").and(satisfy { |all| !all.include?("grind-dough") })
    end

    it "lays layers one on another, each when the one below is firm, and cuts when the top has set" do
      slab = document(component("base", "base", "200 g ground almonds", "80 g coconut oil, melted", "40 g honey"),
        component("cream", "layer", "200 g cashew butter", "60 g coconut oil, melted", "60 g maple syrup"),
        component("lid", "coating", "150 g dark chocolate"), shape: {"kind" => "slab", "tin_mm" => [200, 200], "grid" => [4, 4]})
      all = ids(slab)
      expect(all).to include("press-base", "next_layer-cream", "chill-cover", "melt-lid", "spread", "chill-shell", "cut", "box")
      expect(all.index("press-base")).to be < all.index("next_layer-cream")
      expect(all.last(3)).to eq(%w[chill-shell cut box])
      expect(all.tally.values).to all(eq(1))
    end

    it "fills cups between two pours, and empties a mould before it is filled again" do
      cream = component("cream", "filling", "150 g pistachio butter", "40 g maple syrup", "60 g almond flour")
      shell = component("shell", "coating", "300 g dark chocolate")
      cups = document(shell, cream, shape: {"kind" => "cup", "diameter_mm" => 32, "depth_mm" => 20, "pieces" => 12})
      expect(ids(cups)).to end_with("first_pour", "chill-lining", "fill", "chill-set", "rewarm", "second_pour", "chill-shell", "box")
      halves = document(shell, cream, shape: {"kind" => "mould", "cavity_ml" => 6, "pieces" => 60})
      expect(steps(halves).all.select(&:per_tray).map(&:trays).uniq).to eq([3])
    end

    it "mixes first what another part takes of, and everything once" do
      loop_free = document(component("dough", "dough", "100 g oats").merge("takes" => [{"component" => "caramel", "share" => 0.5}]),
        component("caramel", "filling", "200 g dates, soaked", process: "processor"), shape: balls)
      expect(step(loop_free, "mix_hand-dough").after).to include("mix_processor-caramel")
    end

    it "bakes where it is asked to, and says where it could" do
      bar = document(component("bar", "dough", "200 g rolled oats", "150 g dates", "60 g honey"),
        shape: {"kind" => "slab", "tin_mm" => [200, 200], "grid" => [4, 4]})
      expect(steps(bar).bakes?).to be(true)
      baked = edited(bar, {"kind" => "add", "step" => "bake", "after" => "press-bar", "text" => "Bake it"})
      expect(ids(baked)).to include("bake", "cool-baked")
      expect(ids(baked).index("bake")).to be < ids(baked).index("cut")
      expect(steps(dipped).bakes?).to be(false)
    end

    it "says nothing of an empty bowl, and of one without a shape only how it is mixed" do
      expect(ids(document(component("dough", "dough")))).to eq([])
      expect(ids(document(component("dough", "dough", *nutty)))).to eq(%w[set_out mix_hand-dough powder-dough])
    end

    it "is drafted for every shape of the demo, each step after those it waits for" do
      Dir[File.expand_path("../../../server/demo/formulas/*.json", __dir__)].each do |file|
        said = JSON.parse(File.read(file))
        all = steps(said).all
        places = all.each_with_index.to_h { |each, at| [each.id, at] }
        expect(places.size).to eq(all.size)
        all.each { |each| expect(each.after.map { |id| places.fetch(id) }).to all(be < places[each.id]) }
        expect(all.last.step).to eq("box")
        expect(all.map(&:text).join).not_to match(/%\{|the the|  /)
      end
    end
  end

  describe "lines of the recipe's own method" do
    notes = ["Line a tray.", "Melt the chocolate gently.", "Roll into balls and freeze for 45 minutes.", "Dip with two forks.",
      "Enjoy with a pot of tea."]

    it "take their places among the steps, with their minutes; what tells of no step stands by itself" do
      told = dipped.merge("notes" => notes)
      by_id = steps(told).all.to_h { |each| [each.id, each] }
      expect(by_id.transform_values(&:said).select { |_, said| said.any? })
        .to eq("set_out" => [notes[0]], "melt-shell" => [notes[1]], "roll" => [notes[2]], "dip" => [notes[3]])
      expect(by_id["chill-dip"].wait).to have_attributes(band: [45, 45], source: "cook")
      expect(by_id["note-5"]).to have_attributes(text: notes[4], step: "own", after: ["dip"])
    end

    it "never lose a line, whatever it says" do
      random = Random.new(5)
      words = %w[roll chill mix the dates for 30 minutes until firm then dip cut and bake it slowly]
      30.times do
        said = Array.new(1 + random.rand(6)) { Array.new(1 + random.rand(7)) { words[random.rand(words.size)] }.join(" ") }
        all = steps(dipped.merge("notes" => said)).all
        expect(all.flat_map(&:said) + all.select { |each| each.id.start_with?("note-") }.map(&:text)).to match_array(said)
      end
    end
  end

  describe "edits" do
    it "keep only what differs, and draft again around it when the formula changes" do
      changed = edited(dipped, {"kind" => "set", "id" => "roll", "set" => {"hands_minutes" => 30, "text" => "Roll them small"}})
      expect(changed["steps"]).to eq([{"id" => "roll", "step" => "roll", "hands_minutes" => 30, "text" => "Roll them small"}])
      more = changed.merge("shape" => {"kind" => "ball", "pieces" => 48})
      expect(step(more, "roll")).to have_attributes(text: "Roll them small", hands_minutes: 30, source: "cook", edited: %w[text hands])
      expect(step(more, "dip").text).to include("48 balls")
      expect(step(more, "roll").drafted["hands"].minutes).to be > step(dipped, "roll").hands_minutes
      expect(edited(more, {"kind" => "reset", "id" => "roll"})).not_to have_key("steps")
    end

    it "move a step right behind another, and what came after it with it" do
      moved = edited(dipped, {"kind" => "move", "id" => "melt-shell", "to" => 1})
      expect(ids(moved).first(3)).to eq(%w[set_out melt-shell mix_hand-centre])
      expect(step(moved, "mix_hand-centre").after).to eq(["melt-shell"])
      first = edited(dipped, {"kind" => "move", "id" => "roll", "to" => 0})
      expect(ids(first).first(2)).to eq(%w[roll set_out])
      all = ids(dipped)
      [["roll", 8], ["box", 0], ["dip", 1], ["set_out", 10]].each do |id, to|
        expect(ids(edited(dipped, {"kind" => "move", "id" => id, "to" => to}))).to match_array(all)
      end
    end

    it "leave out, take in again, add and take out" do
      without = edited(dipped, {"kind" => "drop", "id" => "chill-shell"})
      expect(steps(without).kept.map(&:id)).not_to include("chill-shell")
      expect(edited(without, {"kind" => "restore", "id" => "chill-shell"})).not_to have_key("steps")
      added = edited(dipped, {"kind" => "add", "after" => "roll", "text" => "Wash up"})
      expect(ids(added)).to eq(ids(dipped).insert(5, "own-1"))
      expect(step(added, "chill-dip").after).to eq(["own-1"])
      expect(edited(added, {"kind" => "reset", "id" => "own-1"})).not_to have_key("steps")
    end

    it "leave a step where it was drafted when what it was put behind is gone" do
      added = edited(dipped, {"kind" => "add", "after" => "roll", "text" => "Wash up"})
      behind = edited(added, {"kind" => "move", "id" => "melt-shell", "to" => (ids(added) - ["melt-shell"]).index("own-1") + 1})
      expect(step(behind, "melt-shell").after).to eq(["own-1"])
      gone = edited(behind, {"kind" => "reset", "id" => "own-1"})
      expect(step(gone, "melt-shell").after).to eq(["roll"])
      lost = dipped.merge("steps" => %w[box own].map { |kind| {"id" => kind, "step" => kind, "text" => "x", "after" => ["of-old"]} })
      expect(ids(lost)).to eq([*ids(dipped), "own"])
    end

    it "of a step that the formula no longer asks for stay, and are said" do
      soaked = document(component("dough", "dough", "180 g dates, soaked", "100 g oats"), shape: balls)
      changed = edited(soaked, {"kind" => "set", "id" => "soak-dough", "set" => {"wait" => {"least" => 90}}})
      now = changed.merge("components" => [component("dough", "dough", "180 g dates", "100 g oats")])
      expect(step(now, "soak-dough")).to have_attributes(asked: false, wait: have_attributes(least: 90))
      expect(ElmCup.steps(now, before: changed)["changes"]).to include(/Soak.*no longer needed; you changed it/)
    end

    it "follow their part when it gets another name" do
      changed = edited(dipped, {"kind" => "set", "id" => "mix_hand-centre", "set" => {"text" => "Beat it"}})
      renamed = ElmCup.edit_parts(changed, {"kind" => "rename_part", "at" => 0, "name" => "heart"})["formula"]
      expect(step(renamed, "mix_hand-heart")&.text).to eq("Beat it")
    end

    it "are refused at their place" do
      set = ->(id, more) { {"kind" => "set", "id" => id, "set" => more} }
      {{"kind" => "fly"} => "/kind", set["nope", {}] => "/id", set["roll", {"x" => 1}] => "/set/x",
       set["roll", {"hands_minutes" => -1}] => "/steps/0/hands_minutes", {"kind" => "move", "id" => "roll", "to" => "up"} => "/to",
       {"kind" => "add", "after" => "nope", "text" => "x"} => "/after", {"kind" => "add", "step" => "fly", "text" => "x"} => "/step",
       set["roll", {"wait" => {"least" => 9, "greatest" => 3}}] => "/steps/0/wait/greatest"}.each do |edit, pointer|
        refused = raise_error(ElmCup::InvalidDocument) { |error| expect(error.faults.first.pointer).to eq(pointer) }
        expect { ElmCup.edit_steps(dipped, edit) }.to refused
      end
    end

    it "in a circle are named" do
      whisk, fold = {"id" => "a", "text" => "Whisk", "after" => ["b"]}, {"id" => "b", "text" => "Fold", "after" => ["a"]}
      circle = dipped.merge("steps" => [whisk, fold])
      twice = dipped.merge("steps" => [{"id" => "a", "text" => "Whisk"}, {"id" => "a", "text" => "Fold"}])
      expect { ElmCup.steps(twice) }.to raise_error(ElmCup::InvalidDocument, /Two steps have the id “a”/)
      expect { ElmCup.steps(circle) }.to raise_error(ElmCup::InvalidDocument, /“Whisk” waits for “Fold” waits for “Whisk”/)
      other = dipped.merge("steps" => circle["steps"].first(1).map { |each| each.merge("after" => ["gone"]) })
      expect(ids(other)).to include("a")
    end
  end

  it "says what changed since, in a few sentences" do
    more = dipped.merge("shape" => {"kind" => "ball", "pieces" => 60})
    changes = ElmCup.steps(more, before: dipped)["changes"]
    expect(changes).to include(/“Roll 60 balls”: 23 min of work instead of 11/)
    expect(ElmCup.steps(dipped, before: dipped)["changes"]).to eq([])
  end

  it "stands on a strip of time, each step after the one before" do
    answer = ElmCup.steps(dipped)
    expect(answer["span_minutes"]).to be >= answer["steps"].sum { |each| each["hands_minutes"] }
    dip, chill = %w[dip chill-dip].map { |id| answer["steps"].find { |each| each["id"] == id }["at"] }
    expect(dip["from"]).to be >= chill["wait_from"] + 20
  end
end
