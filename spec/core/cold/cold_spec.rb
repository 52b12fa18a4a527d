# frozen_string_literal: true

require_relative "../../answers/made_up"

RSpec.describe "The cold of a formula" do
  def cold(document, **more) = ElmCup.cold(document, **more)["cold"]

  def steps(document) = cold(document)["steps"].map { |step| step["id"] }

  def step(document, id) = cold(document)["steps"].find { |each| each["id"] == id }

  nut_butter = ["190 g peanut butter", "40 g coconut flour", "60 g maple syrup"]
  date_led = ["200 g soft dates", "120 g almonds", "80 g rolled oats"]

  let(:balls) { coated({"kind" => "ball", "piece_grams" => 18}, coat: {"kind" => "dip", "component" => "shell"}) }

  it "has a step for every stay in the cold that a shape and its coat ask for" do
    expect(steps(formula(*nut_butter))).to eq(["firm"])
    expect(steps(balls)).to eq(%w[dip shell])
    expect(steps(coated({"kind" => "slab"}, coat: {"kind" => "spread", "component" => "shell"}))).to eq(%w[cover shell])
    expect(steps(coated({"kind" => "slab"}, coat: {"kind" => "dip", "component" => "shell"}))).to eq(%w[cut dip shell])
    expect(steps(coated({"kind" => "cup", "pieces" => 24}, coat: {"kind" => "cup", "component" => "shell"}))).to eq(%w[lining set shell])
    expect(steps(formula("200 g dark chocolate", shape: {"kind" => "bark", "thickness_mm" => 5}))).to eq(["set"])
    expect(steps(formula(*nut_butter, shape: {"kind" => "log"}))).to eq(["slice"])
    expect(steps(formula("250 g almond butter", "80 g honey", shape: {"kind" => "ball", "piece_grams" => 18}))).to eq(%w[shape firm])
    layers = {"elm_cup" => "formula/1", "name" => "L", "shape" => {"kind" => "slab"}, "components" => [
      {"name" => "crust", "type" => "base", "lines" => [{"text" => "200 g digestive biscuits"}, {"text" => "80 g butter, melted"}]},
      {"name" => "top", "type" => "layer", "lines" => [{"text" => "200 g sunflower seed butter"}, {"text" => "30 g cocoa butter, melted"}]}
    ]}
    expect(cold(layers)["steps"].map { |each| each.values_at("id", "component") }).to eq([%w[layer crust], %w[cut top]])
    # Common practice: it is poured warm, and the crust was cold already.
    top = step(layers, "cut")
    expect(top.dig("fridge", "start_c")).to eq(35)
    expect(top["start_words"]).to eq("warm from the bowl at 35 °C")
  end

  it "gives minutes with a band, practice beside them and the touch that decides" do
    dip = step(balls, "dip")
    expect(dip["touch"]).to eq("dip")
    expect(dip["touch_test"]).to eq("press one: it does not dent")
    ready = dip["freezer"]
    expect(ready["state"]).to eq("ready")
    low, high = ready["ready"]
    expect(low).to be_between(5, high)
    expect(ready["middle"]).to be_between(low, high)
    expect(ready["practice"]).to eq([20, 30])
    expect(dip["fridge"]["ready"]&.first || Float::INFINITY).to be > low
    expect(cold(balls)["sentence"]).to start_with("Give it #{low} to #{high} minutes in the freezer")
      .and include("Press one: it does not dent.")
  end

  # Common practice: bark with dried fruit in it snaps as plain bark does; what is wet in the fruit stays there.
  it "leaves the water and the sugar of dried fruit in its pieces" do
    plain = formula("200 g dark chocolate, melted", shape: {"kind" => "bark", "thickness_mm" => 6})
    fruity = formula("200 g dark chocolate, melted", "80 g raisins", shape: {"kind" => "bark", "thickness_mm" => 6})
    at = ->(document) { cold(document)["hold"].to_h { |row| [row["celsius"], row["kpa"]] } }
    expect(at.call(fruity)[20]).to be > at.call(plain)[20]
    expect(cold(fruity)["holds_to_c"]).to eq(cold(plain)["holds_to_c"])
  end

  it "says already firm, and that it will not firm here and why" do
    firm = step(formula(*date_led, process: "processor"), "firm")
    expect([firm["freezer"]["state"], firm["fridge"]["state"]]).to eq(%w[already_firm already_firm])
    soft = step(formula("128 g almond butter", "60 g maple syrup", "60 g almond flour"), "firm")
    expect(soft["fridge"]).to include("state" => "will_not_firm", "why" => /still liquid at 4 °C.*Use the freezer/)
    expect(soft["freezer"]["state"]).to eq("ready")
    # A coat from a bowl that works at 32 °C flows, however firm chocolate is there at rest.
    tempered = coated({"kind" => "ball", "piece_grams" => 18}, coat: {"kind" => "dip", "component" => "shell", "school" => "tempered"},
      shell: ["170 g dark chocolate chips"])
    expect(step(tempered, "shell")["freezer"]).to include("state" => "ready", "start_c" => 32)
  end

  it "says of a freezer that is no colder than the room, of a bowl without fat and water, and of one that is very thick" do
    kitchen = {"freezer_c" => 0, "fridge_c" => 15, "room_c" => 0}
    expect(step(formula(*nut_butter, kitchen: kitchen), "firm")["freezer"]).to include("state" => "already_firm")
    cold_room = formula("128 g almond butter", "60 g maple syrup", kitchen: kitchen)
    expect(step(cold_room, "firm")["fridge"]["why"]).to eq("At 15 °C the fridge is no colder than what goes in.")
    dry = cold(formula("200 g granulated sugar", "1 g salt"))
    expect(dry["sentence"]).to be_a(String)
    expect(dry["hold"].map { |each| each["kpa"] }).to all(be_finite)
    thick = formula("20 kg peanut butter", "6 kg maple syrup", "1 kg cocoa butter, melted",
      shape: {"kind" => "slab", "tin_mm" => [150, 120]})
    answer = step(thick, "cut")["freezer"]
    expect(answer["state"]).to eq("will_not_firm")
    expect(answer["why"]).to include("longer than 4 hours").or include("never gets firm")
    expect(cold(formula("1 mystery"))).to be_nil
  end

  it "counts the tin, the tray and what is on the shelf" do
    slab = ->(material) {
      formula(*nut_butter, "30 g cocoa butter, melted", shape: {"kind" => "slab", "tin_mm" => [200, 200], "depth_mm" => 8},
        kitchen: {"tins" => [{"id" => "t", "mm" => [200, 200], "material" => material}]})
    }
    times = %w[steel glass].to_h { |material| [material, ElmCup::Assessment.of(slab.call(material), library: ElmCup.shipped).section("cold").leading_plan.tin] }
    expect(times).to eq("steel" => 3500.0, "glass" => 8400.0)
    few, many = [300, 2400].map { |grams| formula("#{grams} g peanut butter", "#{grams / 3} g maple syrup") }
    expect(cold(many)["notes"]).to include(/More than one tray/)
    expect(cold(few)["notes"]).not_to include(/More than one tray/)
    one, other = [few, many].map { |document| step(document, "firm")["freezer"]["middle"] }
    expect(other).to be > one
    # An estimate: the air of a freezer that two trays go into is 2 K warmer.
    warmer = few.merge("kitchen" => {"freezer_c" => -16.0})
    expect(step(warmer, "firm")["freezer"]["middle"]).to be_within(0.2).of(other)
  end

  it "follows the middle of a piece with its band, from the start on" do
    cold(balls)["curves"].each do |curve|
      minutes, middle, low, high = curve.values_at("minutes", "celsius", "low", "high")
      expect([minutes, middle, low, high].map(&:size).uniq.size).to eq(1)
      expect(minutes).to eq(minutes.sort)
      expect(middle.first).to eq(21)
      expect(middle).to eq(middle.sort.reverse)
      middle.zip(low, high).each { |at, least, most| expect(at).to be_between(least - 0.35, most + 0.35) }
    end
    expect(cold(balls)["curves"].map { |curve| curve["place"] }).to eq(%w[freezer fridge])
  end

  it "says how long it may be out in a room, and how many to take out at a time" do
    out = cold(balls)["out"]
    from_freezer = out.select { |each| each["from"] == "freezer" }
    expect(from_freezer.map { |each| each["room_c"] }).to eq([21, 20, 25, 30])
    rooms = from_freezer.sort_by { |each| each["room_c"] }
    %w[dip cut].each { |touch| rooms.map { |each| each[touch] || Float::INFINITY }.then { |all| expect(all).to eq(all.sort.reverse) } }
    expect(rooms.map { |each| each["at_once"] }).to all(be_between(0, 24))
    expect(rooms.first["dip_c"]).to be_between(-18, 15)
  end

  it "says what each part holds to and which fails first, from the freezer to a hot car" do
    answer = cold(balls)
    expect(answer["parts"].map { |part| part.values_at("component", "shell") }).to eq([["dough", false], ["shell", true]])
    expect(answer["fails_first"]).to eq("shell")
    expect(answer["holds_to_c"]).to eq(answer["parts"].last["holds_to_c"])
    shell = answer["hold"].select { |each| each["component"] == "shell" }
    expect(shell.map { |each| each["celsius"] }).to eq((-18..40).step(2).to_a)
    expect(shell.first["verdict"]).to eq("snaps")
    expect(answer["firmness"].map { |each| each["celsius"] }).to eq([-18, 4, 20, 25, 30, 40])
    tempered = coated({"kind" => "ball", "piece_grams" => 18}, coat: {"kind" => "dip", "component" => "shell", "school" => "tempered"})
    expect(cold(tempered)["holds_to_c"]).to be > answer["holds_to_c"]
  end

  it "says what it surely holds to where a part holds only just" do
    coconut = formula("1 1/2 cups desiccated coconut", "1/4 cup coconut milk", "1/4 cup rice syrup", "1 tbsp coconut flour",
      "2 tbsp crystallised ginger, chopped")
    answer = cold(coconut)
    expect(answer["holds_to_c"] - answer["surely_to_c"]).to be >= 4
    expect(answer["sentence"]).to end_with("The dough holds only just: count on #{answer["surely_to_c"]} °C.")
    # Source: docs/model.md, Firmness: 1.5 times softer than reckoned, two degrees warmer, and it still stands.
    hold = ElmCup::Assessment.of(coconut, library: ElmCup.shipped).section("cold").weakest
    kpa = [2, 3].map { |over| hold.substance.firmness.kpa(hold.surely_to_c + over) / 1.5 }
    expect(kpa).to match([be >= 1.5, be < 1.5])
    firm = cold(formula(*date_led, process: "processor"))
    expect([firm["surely_to_c"], firm["sentence"]]).to match([40, /It stands even at 40 °C\.\z/])
    [answer, firm, cold(balls)].each do |each|
      expect(each["parts"].map { |part| part["surely_to_c"] }.min).to eq(each["surely_to_c"])
      each["parts"].each { |part| expect(part["surely_to_c"]).to be <= part["holds_to_c"] }
    end
  end

  it "does not call firm what falls apart, unless a fat that sets will join it" do
    falls = "The dough comes out %s: chilling will not make it hold together. Add more binder first."
    expect(cold(formula("2 cups rolled oats", "1 cup almonds"))["sentence"]).to eq(format(falls, "loose"))
    expect(cold(formula("100 g sugar"))["sentence"]).to eq(format(falls, "loose"))
    crumbly = cold(formula("200 g dates", "100 g rolled oats", "20 g cocoa powder", process: "processor"))
    expect(crumbly["sentence"]).to eq(format(falls, "crumbly"))
    pasty = cold(formula("200 g ground almonds", "180 g powdered sugar", "25 g water"))["sentence"]
    expect(pasty).to start_with(format(falls, "loose")).and end_with("Press one: it keeps its shape.")
    dipped = formula("200 g rolled oats", "20 g honey").merge("coat" => {"kind" => "dip", "component" => "shell"})
    dipped["components"] << {"name" => "shell", "type" => "coating", "lines" => [{"text" => "200 g dark chocolate"}]}
    expect(cold(dipped)["sentence"]).to match(/\A#{format(falls, "loose")} It holds to \d+ °C; the shell gives way first\.\z/)
    # Common practice: coconut pressed with coconut oil crumbles warm and is one piece once it is cold.
    joined = formula("200 g desiccated coconut", "60 g coconut oil, melted", "60 g maple syrup")
    expect(bowl(*joined["components"].first["lines"].map { |line| line["text"] })["texture"]).to eq("crumbly")
    expect(cold(joined)["sentence"]).to start_with("Give it ").and end_with("gives way first.")
    # The same with oats: the oil holds them together cold, and nothing does in the heat, though oat on oat reads firm.
    expect(cold(formula("200 g rolled oats, ground", "40 g coconut oil, melted"))["sentence"])
      .to eq("The dough comes out loose: only its fat holds it together, so keep it cold.")
    rolls = formula("100 g rolled oats", "8 soft dates", "60 g peanut butter", process: "processor")
    expect(cold(rolls)["sentence"]).not_to include("comes out")
  end

  it "says where texture and firmness disagree, in place of what is firm and what stands" do
    differ = "The two estimates of the dough disagree: by its binder it %s, by its firmness it %s. Go by touch."
    figs = formula("300 g dried figs", "120 g walnuts", process: "processor")
    expect(cold(figs)["sentence"]).to eq(format(differ, "spreads", "cuts clean"))
    expect(cold(formula("150 g honey", "100 g rolled oats"))["sentence"]).to eq(format(differ, "pours", "stands"))
    wet = cold(formula("100 g rolled oats", "200 ml milk"))["sentence"]
    expect(wet).to match(/\AGive it \d+ to \d+ minutes .* #{format(differ, "pours", "stands")}\z/)
    # What spreads and is soft is the same by both; what was melted and sets is judged cold.
    caramel = formula("200 g dates", "60 g peanut butter", "2 tbsp water", process: "processor")
    expect(cold(caramel)["sentence"]).to end_with("It stands even at 40 °C.")
    fudge = formula("250 g tahini", "60 g coconut oil, melted", "60 g maple syrup")
    expect([bowl(*fudge["components"].first["lines"].map { |line| line["text"] })["texture"], cold(fudge)["sentence"]])
      .to match(["pours", /\AGive it .* gives way first\.\z/])
  end

  it "goes through a journey stretch by stretch" do
    stretches = ->(*said) { said.map { |minutes, celsius| {"minutes" => minutes, "celsius" => celsius} } }
    gone = cold(balls.merge("journey" => stretches.call([40, 28], [180, 6], [240, 32])))
    expect(gone["journey"].map { |each| each.values_at("minutes", "air_c") }).to eq([[40, 28], [180, 6], [240, 32]])
    expect(gone["journey"].map { |each| each["holds"] }).to eq([true, true, false])
    expect(gone["journey"].last).to include("component" => "shell")
    expect(gone["journey_from"]).to eq("fridge")
    frozen = cold(balls.merge("lives" => "freezer", "journey" => stretches.call([40, 28])))["journey"].first
    expect(frozen["celsius"]).to be < gone["journey"].first["celsius"]
    expect(cold(balls)).not_to have_key("journey")
  end

  it "refuses a journey that cannot be, at its place" do
    {[0, 20] => "/journey/0/minutes", [-5, 20] => "/journey/0/minutes",
     [10, -300] => "/journey/0/celsius", [10, 99] => "/journey/0/celsius",
     ["x", 20] => "/journey/0/minutes"}.each do |(minutes, celsius), pointer|
      expect { cold(balls.merge("journey" => [{"minutes" => minutes, "celsius" => celsius}])) }
        .to raise_error(ElmCup::InvalidDocument) { |error| expect(error.faults.first.pointer).to eq(pointer) }
    end
    expect { cold(balls.merge("journey" => [{"minutes" => 10, "celsius" => 20}] * 13)) }
      .to raise_error(ElmCup::InvalidDocument, %r{/journey: 13 stretches are too many; 12 is the most})
    expect { cold(balls.merge("kitchen" => {"freezer_c" => -300})) }.to raise_error(ElmCup::InvalidDocument, /-40/)
    expect { cold(balls.merge("kitchen" => {"freezer_c" => 30})) }.to raise_error(ElmCup::InvalidDocument, /freezer_c/)
  end

  it "shows the solid fat of each blend, and what coconut oil does to chocolate" do
    curves = cold(balls)["solid_fat"]
    shell = curves.find { |curve| curve["component"] == "shell" }
    expect(shell["fats"].keys).to match_array(%w[cocoa_butter coconut])
    now, before = %w[points without].map { |key| (100 * shell[key].find { |point| point["celsius"] == 20 }["solid"]).round }
    said = shell["words"].match(/\AAt 20 °C (\d+) % of its fat is solid; without the coconut oil it would be (\d+) %\./).captures
      .map(&:to_i)
    expect(said).to match([be_within(1).of(now), be_within(1).of(before)])
    shell["points"].zip(shell["without"]).each { |now, without|
      expect(now["solid"]).to be <= without["solid"] + 0.011 if now["celsius"].between?(5, 26)
    }
    expect(curves.find { |curve| curve["component"] == "dough" }).not_to have_key("without")
  end

  it "stands in the assessment in short, and in each component, only where it is asked for" do
    whole = ElmCup.assess(balls)
    expect(whole["cold"].keys).to include("sentence", "freezer_minutes", "fridge_minutes", "firmness", "holds_to_c", "fails_first")
    expect(whole["cold"].dig("freezer_minutes", "ready")).to eq(step(balls, "dip").dig("freezer", "ready"))
    expect(whole["components"].map { |each| each["cold_set"] }).to match([be_between(0, 1), be_between(0.5, 1)])
    quick = ElmCup.assess(balls, without: %w[cold keep])
    expect(quick.keys & %w[components findings cold keep]).to match_array(%w[components findings])
    expect(quick["components"].first.keys).not_to include("cold_set", "water_activity")
    expect { ElmCup.assess(balls, without: ["warmth"]) }.to raise_error(ElmCup::InvalidDocument, /no part of an assessment called “warmth”/)
  end

  it "opens its sums: each formula gives its value again" do
    why = cold(balls)["why"]
    expect(why.map { |each| each["figure"] }).to include("ready_from_freezer", "ready_to_freezer", "firmness_kpa", "ln_water_activity")
    why.each do |sum|
      expect(Arithmetic.reckon(sum["formula"], sum["inputs"])).to be_within(sum["value"].abs * 1e-3 + 1e-5).of(sum["value"]), sum["figure"]
      expect(sum["labels"].keys).to match_array(sum["inputs"].keys)
    end
    low, high = %w[ready_from_freezer ready_to_freezer].map { |name| why.find { |each| each["figure"] == name }["value"] }
    expect(step(balls, "dip").dig("freezer", "ready")).to eq([low.floor, high.ceil])
  end

  it "cuts before it dips, and dips what is cold on a cold piece" do
    slab = coated({"kind" => "slab", "tin_mm" => [150, 150]}, coat: {"kind" => "dip", "component" => "shell"})
    cut, dip, shell = %w[cut dip shell].map { |id| step(slab, id)["freezer"] }
    expect(cut["start_c"]).to eq(21)
    expect(dip["start_c"]).to be <= cut["start_c"]
    expect(shell["start_c"]).to eq(42)
    # Date-led balls are firm from the start, and cooks freeze them all the same: their shell sets on a cold centre.
    ball = ->(centre) {
      coated({"kind" => "ball", "piece_grams" => 18},
        coat: {"kind" => "dip",
               "component" => "shell"}).then { |document|
        document.merge("components" => [document["components"].first.merge("process" => "processor", "lines" => centre.map { |text|
          {"text" => text}
        }), document["components"].last])
      }
    }
    firm = ball.call(["200 g soft dates", "120 g almonds", "80 g rolled oats"])
    expect(step(firm, "dip")["freezer"]["state"]).to eq("already_firm")
    expect(step(firm, "shell")["freezer"]["ready"].last).to be < 15
  end

  it "answers for whatever formula there is" do
    # The last is all coat, round a piece with nothing in it.
    [*1..20, 1096].each do |number|
      answer = ElmCup.cold(MadeUp.document(number))
      expect(JSON.generate(answer)).not_to match(/NaN|Infinity/)
      ((answer["cold"] || {})["steps"] || []).each do |each|
        %w[freezer fridge].each { |place|
          each[place]["ready"]&.then { |low, high|
            expect([each[place]["middle"], high]).to match([be_between(low, high), be > 1])
          }
        }
      end
    rescue ElmCup::Error => error
      expect(error.message).not_to be_empty
    end
  end

  describe "properties" do
    def ready_in(place_c, layers, form: "sphere", kpa: 20)
      minutes(layers, form: form, kpa: kpa, air: air("freezer", celsius: place_c)) || Float::INFINITY
    end

    it "is never slower in the colder, and never faster when thicker" do
      dough = substance(Chilling::PEANUT)
      colder = [-6.0, -10.0, -14.0, -18.0, -24.0].map { |celsius| ready_in(celsius, [[dough, 12.5]]) }
      expect(colder).to eq(colder.sort.reverse)
      thicker = [6.0, 9.0, 12.5, 16.0, 22.0].map { |mm| ready_in(-18.0, [[dough, mm]]) }
      expect(thicker).to eq(thicker.sort)
      wind = %i[quick typical slow].map { |run| minutes([[dough, 12.5]], form: "sphere", kpa: 20, air: air("freezer", run)) }
      expect(wind).to eq(wind.sort)
    end

    it "moves with its inputs without a jump" do
      dough = ->(oil) { substance({"peanut_butter" => 190, "coconut_flour" => 40, "maple_syrup" => 60, "coconut_oil" => oil}) }
      size = (0..8).map { |step| ready_in(-18.0, [[substance(Chilling::PEANUT), 12.0 + step * 0.1]]) }
      oil = (0..8).map { |step| ready_in(-18.0, [[dough.call(20 + step * 0.5), 12.5]]) }
      warmth = (0..8).map { |step| ready_in(-18.0 + step * 0.25, [[substance(Chilling::PEANUT), 12.5]]) }
      start = (0..8).map { |step| ready_in(-18.0, [[substance(Chilling::PEANUT, start_c: 20 + step * 0.25), 12.5]]) }
      [size, oil, warmth, start].each do |times|
        times.each_cons(2) { |one, other| expect((other / one - 1).abs).to be < 0.03 }
      end
    end

    it "is firmer with more hard fat where it is cold" do
      firm = [0, 10, 20, 40, 80].map { |grams| ElmCup::Cold::Firmness.new(material({"peanut_butter" => 200, "cocoa_butter" => grams}, tempered: true)).kpa(4.0) }
      expect(firm).to eq(firm.sort)
    end
  end
end
