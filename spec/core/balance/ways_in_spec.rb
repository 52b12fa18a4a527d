# frozen_string_literal: true

# Three ways in that start from no formula, or from a spoonful of one; and substitutes.
RSpec.describe "Other ways in" do
  # Common practice: shares of a bowl beyond which these taste or bind too strongly.
  most_of_a_bowl = {"cocoa" => 0.15, "coconut-flour" => 0.2, "protein-powder-plant" => 0.3, "chia" => 0.1, "flax-ground" => 0.15,
                    "cocoa-nibs" => 0.1}
  let(:bites) {
    formula("1 cup rolled oats, ground", "10 soft dates, to paste", "1/3 cup tahini", "2 tbsp maple syrup", "1/4 tsp fine salt",
      "1 pinch flaky salt")
  }

  def refusal
    yield
    nil
  rescue ElmCup::InvalidDocument => error
    error.message
  end

  describe "substitutes" do
    def substitute(line, reason, document = bites, **options)
      ElmCup.substitute(document, line: line, reason: reason, clock: Balancing::CLOCK, seconds: 20.0, **options)
    end

    it "keep the texture, break no diet they are asked for, and take the line's place" do
      {"tahini" => "sesame-free", "maple" => "lower-sugar", "oats-rolled" => "gluten-free", "dates-soft" => "out of stock"}
        .each do |line, reason|
        found = substitute(line, reason)
        expect([line, found["candidates"]]).not_to eq([line, []])
        found["candidates"].each do |candidate|
          expect(candidate["after"]["components"][0]["texture"]).to eq(candidate["before"]["components"][0]["texture"])
          expect(patched(bites, candidate["patch"])).to eq(candidate["formula"])
          after = assess(candidate["formula"])
          expect(after["components"][0]["lines"].map { |each| each["ingredient"] }).not_to include(line)
          expect(after["diets"]).to include(reason) if reason.end_with?("-free")
          expect(candidate["after"]["sugars_g"]).to be < candidate["before"]["sugars_g"] if reason == "lower-sugar"
          expect(after["allergens"] - assess(bites)["allergens"] - ["coconut"]).to eq([])
        end
      end
    end

    # Common practice: nut butter to seed butter, honey to syrup, dairy butter to coconut oil (four parts in five), oats to gluten-free
    # oats.
    it "begin with what cooks take" do
      nutty = formula("1 cup rolled oats, ground", "1/2 cup almond butter", "1/4 cup honey", "2 tbsp dairy butter, melted")
      expect(substitute("almond butter", "nut-free", nutty)["candidates"].first["ingredient"]).to eq("sunflower-seed-butter")
      expect(substitute("honey", "vegan", nutty)["candidates"].first["ingredient"]).to eq("maple")
      expect(substitute("dairy-butter", "dairy-free", nutty)["candidates"].first["ingredient"]).to eq("coconut-oil")
      expect(substitute("oats", "gluten-free", nutty)["candidates"].first["ingredient"]).to eq("oats-rolled-gluten-free")
    end

    it "put spices and flavours in no bulk's place, and say what is so already" do
      expect(substitute("oats-rolled", "out-of-stock")["candidates"].map { |each| each["family"] } & %w[spice flavour salt]).to eq([])
      sweet = formula("1 cup rolled oats, ground", "1/2 cup peanut butter", "1/3 cup honey", "1/4 tsp salt",
        shape: {"kind" => "ball", "piece_grams" => 20})
      lower = substitute("honey", "lower-sugar", sweet)["candidates"]
      expect(lower.map { |each| each["ingredient"] }).to include("maple").and(satisfy { |ids| (ids & %w[golden-syrup molasses]).empty? })
      expect(lower.map { |each| each["after"]["sugars_g"] / each["before"]["sugars_g"] }).to all(be < 0.97)
      expect(substitute("dates-soft", "vegan")).to include("candidates" => [], "notes" => ["Soft dates is vegan already."])
    end

    it "come first where they are in the cupboard" do
      found = substitute("tahini", "sesame-free", bites, have: %w[pumpkin-seed-butter])["candidates"]
      expect(found.first).to include("ingredient" => "pumpkin-seed-butter", "here" => true)
      expect(found.drop(1).map { |each| each["here"] }.uniq).to eq([false])
    end

    it "are found for what only a flavour holds, or is strewn on it, by name and by pointer" do
      flavoured = bites.merge("splits" => [{"name" => "green", "share" => 0.5, "lines" => [{"text" => "2 tbsp chopped pistachios"}],
                                            "topping" => [{"text" => "1 tbsp chopped almonds"}]}])
      {"pistachios" => "/splits/0/lines/0", "almonds" => "/splits/0/topping/0"}.each do |name, pointer|
        found = substitute(name, "nut-free", flavoured)
        expect(found).to include("ingredient" => name,
          "candidates" => a_collection_including(a_hash_including("patch" => [a_hash_including("path" => pointer)])))
        expect(substitute(pointer, "nut-free", flavoured)["candidates"]).to eq(found["candidates"])
      end
      expect(refusal { substitute("/splits/7/lines/0", "vegan", flavoured) }).to match(/No line has/)
    end

    it "refuse a line or a reason that is none" do
      expect(refusal { substitute("moon", "vegan") }).to match(/No line has “moon”; there are rolled oats, soft dates/)
      expect(refusal { substitute("", "vegan") }).to match(/No line has/)
      expect(refusal { substitute("tahini", "because") }).to match(/not a reason; choose from nut-free/)
      expect(refusal { substitute("xyzzy", "vegan", formula("1 cup xyzzy")) }).to match(/nothing in it/)
    end
  end

  describe "from the cupboard" do
    def cupboard(said, **options)
      ElmCup.cupboard({"elm_cup" => "cupboard/1"}.merge(said), clock: Balancing::CLOCK, seconds: 20.0, **options)
    end

    def have(*ids) = ids.map { |id| {"ingredient" => id} }

    def ingredients(answer) = answer["formula"]["components"][0]["lines"].map { |line| line["ingredient"] }

    let(:shape) { {"kind" => "ball", "piece_grams" => 18} }

    {
      "date-led" => %w[dates-soft almonds], "nut-butter-led" => %w[peanut-butter honey oat-flour],
      "oat-led" => %w[oats-rolled almond-butter maple], "coconut-fat-led" => %w[coconut-oil almond-flour maple],
      "cocoa-led" => %w[cocoa cashew-butter maple almond-flour]
    }.each do |family, ids|
      it "makes a #{family} bowl of #{ids.join(", ")}" do
        answer = cupboard({"have" => have(*ids), "shape" => shape, "want" => "rolls"})["answers"].find { |each| each["family"] == family }
        expect(answer).not_to be_nil
        expect(assess(answer["formula"])["components"][0]["texture"]).to eq("rolls")
        expect(answer["formula"]["components"][0]["lines"].map { |line| line["ingredient"] } - ids - ["water"]).to eq([])
      end
    end

    pool = %w[dates-soft dates-dry oats-rolled oats-quick oat-flour almond-flour almonds walnuts cashews peanut-butter almond-butter
      cashew-butter sunflower-seed-butter tahini maple honey date-syrup rice-syrup cocoa coconut-oil coconut-butter coconut-desiccated
      coconut-flour
      cranberries-dried apricots-dried chocolate-chips pumpkin-seeds sunflower-seeds protein-powder-plant sugar-powdered cookie-crumbs salt]
    15.times do |seed|
      it "keeps what it promises, pantry #{seed}" do
        random = Random.new(seed)
        ids = pool.sample(random.rand(8..16), random: random)
        stock = ids.map { |id| {"ingredient" => id, **((random.rand < 0.5) ? {"grams" => random.rand(60..500)} : {})} }
        want = %w[presses rolls tacky].sample(random: random)
        wishes = ["kcal<=95", "free_sugars<=3", "diet=vegan", "without:peanut", "pieces=20", "protein>=1.2"]
          .sample(random.rand(0..2), random: random)
        found = cupboard({"have" => stock, "use_up" => ids.sample(random.rand(0..1), random: random), "shape" => shape, "want" => want,
          "wishes" => wishes})
        found["answers"].each do |answer|
          after = assess(answer["formula"])
          expect(after["components"][0]["texture"]).to eq(want)
          wishes.each { |wish| expect([wish, holds?(answer["formula"], wish)]).to eq([wish, true]) }
          lines = after["components"][0]["lines"]
          expect(lines.map { |line| line["ingredient"] } - ids - ["water"]).to eq([])
          stock.select { |each| each["grams"] }.each do |each|
            expect(lines.select { |line| line["ingredient"] == each["ingredient"] }.sum { |line| line["grams"] })
              .to be <= each["grams"] + 0.5
          end
          expect(ElmCup.flagged(after)).to eq([])
          lines.each { |line| expect(line["grams"]).to be <= (most_of_a_bowl.fetch(line["ingredient"], 1.0) + 0.005) * after["grams"] }
          expect(answer["changes"].map { |change| change["grams"] }).to eq(lines.map { |line| line["grams"] })
          expect(answer["why"]).to match(/from a usual .* bowl that gives what you want; \d+ things go in|\AA usual .* bowl already gives/)
          measures = ElmCup::Document::Formula.from(answer["formula"]).kitchen.measures
          answer["formula"]["components"][0]["lines"].filter_map { |line| line["text"] }
            .each { |text| expect(ElmCup::Quantity::LineReader.read(text).terms.all? { |term| measures.exists?(term) }).to be(true) }
        end
        expect(found["answers"].map { |answer| answer["formula"]["components"] }.uniq.size).to eq(found["answers"].size)
        expect(found["answers"].any? || found["notes"].any?).to be(true)
      end
    end

    it "uses up what must be used up where a bowl has a place for it, and says where it has none" do
      found = cupboard({"have" => have("dates-soft", "almonds", "oats-rolled", "almond-butter", "maple"), "use_up" => %w[walnuts],
        "shape" => shape})["answers"]
      expect(found.first["formula"]["components"][0]["lines"].map { |line| line["ingredient"] }).to include("walnuts")
      spices = cupboard({"have" => have("dates-soft", "almonds"), "use_up" => %w[cinnamon nutmeg ginger-ground cardamom honey],
        "shape" => shape})["answers"].first
      expect(spices["why"]).to match(/There is no room in it for .+, .+ and \d others\.\z/)
      expect(found.map { |answer| answer["why"] }.join).to match(/has no place for walnuts/)
        .or(satisfy { found.all? { |answer| answer["formula"].to_s.include?("walnuts") } })
    end

    # What is in the cupboard is wanted in the bowl: dates, almonds and cocoa are known as date and almond balls, with cocoa or without.
    it "makes other bowls of one family where there are not three, with one thing more or another" do
      sets = ->(said) {
        cupboard({"shape" => shape, "want" => "rolls"}.merge(said))["answers"].map { |answer| ingredients(answer) - %w[water salt] }
      }
      expect(sets.call("have" => have("dates-soft", "almonds", "cocoa")))
        .to match_array([%w[dates-soft almonds], %w[dates-soft almonds cocoa]])
      expect(sets.call("have" => have("dates-soft", "walnuts", "cocoa", "coconut-desiccated")))
        .to match_array([%w[dates-soft walnuts], %w[dates-soft walnuts cocoa], %w[dates-soft coconut-desiccated]])
      expect(sets.call("have" => have("peanut-butter", "honey", "oats-rolled", "protein-powder"), "wishes" => ["5 g protein"]))
        .to eq([%w[peanut-butter honey protein-powder]])
      used = sets.call("have" => have("sunflower-seed-butter", "oats-rolled", "maple", "pumpkin-seeds", "cranberries-dried"),
        "use_up" => %w[cranberries-dried])
      expect(used).to all(include("cranberries-dried")).and(satisfy(&:any?))
    end

    it "takes what is usual where everything is there" do
      all = ElmCup.shipped.all.map(&:id)
      found = cupboard({"have" => have(*all), "shape" => shape, "wishes" => ["protein>=3"]})["answers"]
      expect(found.map { |answer| answer["family"] }.uniq.size).to eq(3)
      expect(found.map { |answer| answer["formula"]["components"][0]["lines"].map { |line| line["ingredient"] } })
        .to all(include("maple").or(include("dates-soft")))
      expect(found.flat_map { |answer| ingredients(answer) } & %w[jam oat-bran agave barley-malt-syrup watermelon-seed-butter]).to eq([])
    end

    # Raw flour is not for eating (trade caution); chia by the cupful is nobody's bite (common practice).
    it "proposes no raw flour, nothing that has to be cooked, and little of what gels" do
      found = cupboard({"have" => have("dates-soft", "flour-wheat", "rice-flour", "oats-steel-cut", "chia"), "use_up" => %w[flour-wheat],
        "shape" => shape})
      expect(found["answers"].flat_map { |answer| ingredients(answer) } & %w[flour-wheat rice-flour oats-steel-cut]).to eq([])
      dates = cupboard({"have" => have("dates-soft", "almonds", "chia", "flour-wheat"), "use_up" => %w[flour-wheat],
        "shape" => shape})["answers"]
      expect(dates.first["why"]).to match(/There is no room in it for wheat flour/)
    end

    it "takes no more than there is where a spoon or a date is more than that, and needs enough for one piece" do
      little = {"have" => [{"ingredient" => "dates-soft", "grams" => 70}, {"ingredient" => "almonds", "grams" => 40},
        {"ingredient" => "salt", "grams" => 1}], "shape" => shape, "want" => "rolls"}
      lines = assess(cupboard(little)["answers"].first["formula"])["components"][0]["lines"]
      little["have"].each do |each|
        expect(lines.select { |line| line["ingredient"] == each["ingredient"] }.sum { |line| line["grams"] }).to be <= each["grams"]
      end
      more = cupboard(little.merge("wishes" => ["12 pieces"]))
      expect([more["answers"], more["clashes"].first["wishes"]]).to match([[], a_collection_including("pieces=12")])
      least = little.merge("have" => [{"ingredient" => "dates-soft", "grams" => 9}, {"ingredient" => "almonds", "grams" => 5}],
        "wishes" => ["kcal<=95"])
      expect(cupboard(least)).to include("answers" => [], "notes" => ["There is too little of it for one piece of 18 g."])
    end

    it "makes no bowl of more cocoa than anyone likes, and says so" do
      said = {"have" => have("cocoa", "cashew-butter", "maple"), "shape" => shape, "want" => "rolls"}
      found = cupboard(said)
      expect([found["answers"], found["clashes"].first["words"]])
        .to match([[], /“rolls” is not possible here.*no more than 15 % cocoa powder/])
      expect(found["clashes"].first["relax"].first["to"]).to eq("tacky")
      lines = assess(cupboard(said.merge("want" => "tacky"))["answers"].first["formula"])["components"][0]["lines"]
      expect(lines.find { |line| line["ingredient"] == "cocoa" }["share"]).to be <= 0.155
    end

    it "takes wishes in words, and keeps to them" do
      said = {"have" => have("dates-soft", "almonds", "oats-rolled", "honey", "maple", "almond-butter"), "shape" => shape,
              "wishes" => ["under 95 kcal and 24 pieces", "vegan", "at most 95 kcal"]}
      found = cupboard(said)["answers"]
      expect(found.size).to be >= 2
      found.each do |answer|
        expect(%w[kcal<=95 pieces=24 diet=vegan].map { |wish| holds?(answer["formula"], wish) }).to eq([true, true, true])
        expect(answer["come"]["diets"]).to include("vegan")
        # In whole steps: nobody measures 2 tbsp and 3/4 tsp of oats.
        expect(answer["formula"]["components"][0]["lines"].map { |line| line["text"] })
          .to all(satisfy { |text| text.end_with?("salt") || !text.match?(%r{/[248] tsp}) })
        expect(answer["gone"]).to eq("allergens" => [], "diets" => [])
      end
      expect(found.map { |answer| answer["formula"] })
        .to eq(cupboard(said.merge("wishes" => %w[kcal<=95 pieces=24 diet=vegan]))["answers"].map { |answer| answer["formula"] })
    end

    it "says which wishes clash where no bowl comes to them, and that the price named is one that can be paid" do
      said = {"have" => have("dates-soft", "almonds", "water"), "shape" => shape, "want" => "rolls",
              "wishes" => ["without:sesame", "under 20 kcal"]}
      found = cupboard(said)
      expect(found["answers"]).to eq([])
      expect(found["notes"].first).to match(/No bowl gives what you want. With what is ticked, a date-led one comes nearest/)
      clash = found["clashes"].first
      expect(clash["wishes"]).to include("kcal<=20").and all(match(/kcal|texture/))
      expect(clash["words"]).to match(/halves its share of a usual date-led bowl/)
      change = clash["relax"].find { |each| each["wish"] == "kcal<=20" }
      expect(cupboard(said.merge("wishes" => [change["becomes"]]))["answers"].size).to eq(1)
      expect(cupboard(said.merge("wishes" => ["kcal<=#{(change["to"] * 0.99).round(2)}"]))["answers"]).to eq([])
    end

    it "asks for a price where cost is wished for and nothing has any" do
      expect(refusal { cupboard({"have" => have("dates-soft", "almonds"), "shape" => shape, "wishes" => ["cost<=0.1"]}) })
        .to match(%r{/wishes/0: .*nothing in it has a price yet})
      expect(refusal { cupboard({"have" => have("dates-soft", "almonds"), "shape" => shape, "wishes" => ["vegan", "cheaper"]}) })
        .to match(%r{/wishes/1: There is no cost to start from})
    end

    it "tells a bowl that cannot be measured out from one that was not found in time" do
      nearly = {"have" => [*have("oats-rolled", "coconut-butter"), {"ingredient" => "dates-dry", "grams" => 254}],
                "use_up" => %w[coconut-butter], "want" => "rolls", "wishes" => ["20 pieces", "kcal<=104"],
                "kitchen" => {"spoons" => ["1 tsp", "1/2 tbsp"], "cup" => "metric"}, "shape" => {"kind" => "ball", "piece_grams" => 24}}
      expect(cupboard(nearly)).to include("answers" => [], "clashes" => [],
        "notes" => [/\AIt nearly works, but no amounts that you can measure/])
      ticks = [0.0]
      late = ElmCup.cupboard({"elm_cup" => "cupboard/1", **nearly}, clock: -> { ticks.shift || 9.0 }, seconds: 2.0)
      expect(late["notes"]).to eq(["No bowl was found in 2.0 s; drop a wish, or tick more."])
    end

    it "takes an empty shape for none" do
      said = {"have" => have("dates-soft", "almonds"), "use_up" => [], "want" => "rolls", "wishes" => []}
      expect(cupboard(said.merge("shape" => {}))).to eq(cupboard(said))
      expect(cupboard(said)["answers"].first["formula"]).not_to have_key("shape")
      expect(refusal { cupboard(said.merge("shape" => {"kind" => "ball"})) })
        .to match(%r{\A/shape: Give one of piece_grams, scoop_ml, pieces and diameter_mm\z})
    end

    it "says what is missing, and refuses what is no cupboard" do
      expect(cupboard({"have" => have("honey")})["notes"].first).to match(/A bowl needs more than this: date-led lacks dates/)
      expect(refusal { cupboard({"have" => []}) }).to match(/Tick at least one/)
      expect(refusal { cupboard({"have" => have("moon"), "use_up" => ["sun"]}) })
        .to match(%r{/have/0/ingredient: No ingredient.*; /use_up/0})
      expect(refusal { cupboard({"have" => have("honey"), "wishes" => ["kcal<=90"]}) }).to match(/how large a piece is/)
      {"lock:honey" => /nothing to keep/, "rolls" => /say the texture with “want”/, "without:moon" => /not an ingredient or allergen/,
       "no moon" => /not an ingredient or allergen/, "top.grease<=0.3" => /only one part/}.each do |wish, message|
        expect([wish, refusal { cupboard({"have" => have("honey"), "wishes" => [wish]}) }]).to match([wish, message])
      end
      expect(refusal { cupboard({"have" => have("honey"), "moon" => 1}) }).to match(/not a key of a cupboard/)
      expect(refusal { ElmCup.cupboard([]) }).to match(/JSON object; this is a list/)
    end
  end

  describe "a trial spoonful" do
    def trial(document = bites, **options) = ElmCup.trial(document, **options)

    it "opens the sum of its share and of the texture that it is measured to" do
      found = trial(scale: 1, pieces: 2)
      found["sums"].each do |sum|
        expect(Arithmetic.reckon(sum["formula"], sum["inputs"])).to be_within([sum["value"].abs * 1e-4, 1e-6].max).of(sum["value"])
      end
      by_figure = found["sums"].to_h { |sum| [sum["figure"], sum["value"]] }
      expect(by_figure).to include("share" => be_within(1e-5).of(found["share"]),
        "saturation" => be_within(1e-3).of(found["components"][0]["saturation"]["value"]))
      expect(by_figure.keys).to include("demand_ml", "binder_ml", "grease")
    end

    it "is the same bowl for so many pieces, within what a scale shows" do
      [0.1, 1].product([1, 2, 4]).each do |scale, pieces|
        found = trial(scale: scale, pieces: pieces)
        expect(found["grams"]).to be_within(pieces * 1.5).of(pieces * 18)
        found["lines"].reject { |line| line["left_out"] }.each do |line|
          expect(line["text"]).to match(/\A(?:[\d.]+ g|\d+ drops?|[\d\/ ]+pinch(?:es)?) /)
          grams = line["text"][/\A([\d.]+) g/, 1]
          expect((Rational(grams) / Rational(scale.to_s)).denominator).to eq(1) if grams
        end
        read = assess(found["document"])
        expect(ElmCup.flagged(read)).to eq([])
        expect(read["components"][0]["texture"]).to eq(found["components"][0]["texture"])
      end
      fine = trial(scale: 0.1, pieces: 2)["components"][0]
      expect(fine["saturation"]["value"]).to be_within(0.03).of(fine["bowl_saturation"]["value"])
    end

    it "drops what flows and pinches what is dry where the scale is too coarse, and leaves out what is too little" do
      lines = trial(formula("2 cups rolled oats, ground", "1 cup honey", "1 tsp vanilla extract", "1 tsp cinnamon", "1 pinch flaky salt"),
        scale: 1, pieces: 1)["lines"].to_h { |line| [line["ingredient"], line["text"]] }
      expect(lines).to include("vanilla-extract" => a_string_matching(/drops?/), "cinnamon" => a_string_matching(/pinch/),
        "salt-flaky" => "a few grains")
    end

    it "keeps what was soaked soaked, shares shared, and says where measuring moves the texture" do
      soaked = trial(formula("12 soft dates, soaked 1 h", "1 cup almonds", process: "processor"))
      expect(soaked["document"]["components"][0]["lines"][0]["text"]).to match(/ g soft dates, soaked 1 h\z/)
      shared = {"elm_cup" => "formula/1", "name" => "Two", "components" => [
        {"name" => "a", "lines" => [{"text" => "1 cup tahini"}, {"text" => "1/2 cup honey"}]},
        {"name" => "b", "lines" => [{"text" => "1 cup oats"}], "takes" => [{"component" => "a", "text" => "1/4 cup"}]}
      ]}
      found = trial(shared)
      expect(found["notes"].join).to match(/took 18 g a piece/)
      expect(ElmCup.flagged(assess(found["document"]))).to eq([])
    end

    it "leaves what is taken of another part as it was said, where nobody can say how much that is" do
      takes = [{"component" => "a", "text" => "some of it"}]
      found = trial({"elm_cup" => "formula/1", "name" => "Two", "components" => [
        {"name" => "a", "lines" => [{"text" => "1 cup tahini"}]}, {"name" => "b", "lines" => [{"text" => "1 cup oats"}], "takes" => takes}
      ]})
      expect(found["document"]["components"][1]["takes"]).to eq(takes)
    end

    it "refuses too many pieces, another scale, and a bowl that cannot be read" do
      expect(refusal { trial(pieces: 9) }).to match(/1 to 6 pieces/)
      expect(refusal { trial(pieces: "2") }).to match(/1 to 6 pieces/)
      expect(refusal { trial(scale: 5) }).to match(/0.1 g or 1 g/)
      expect(refusal { trial(formula("1 moon")) }).to match(/nothing in it/)
      expect(refusal { trial(formula) }).to match(/nothing in it/)
    end
  end

  describe "an unknown bowl" do
    def bowl(said) = ElmCup.rescue_bowl({"elm_cup" => "bowl/1", "family" => "date-led", "grams" => 400, "seen" => "crumbly"}.merge(said))

    it "gives doses that move what is seen to what is wanted, half first, in a band that is wider than a known bowl's" do
      found = bowl({"seen" => "presses"})
      expect(found["rescue"]["options"].first).to include("ingredient" => "water", "after" => a_hash_including("texture" => "rolls"))
      found["rescue"]["options"].each do |option|
        expect(option["low_grams"]).to be < option["grams"]
        expect(option["high_grams"]).to be > option["grams"]
        half, whole = %w[first_text text].map { |key| ElmCup.read_line(option[key])["grams"] }
        expect(half).to be <= whole * 0.75
      end
      known = bowl_band("10 soft dates, to paste", "1 cup almond flour")
      band = found["saturation"]
      expect(Math.log(band["high"] / band["low"])).to be > Math.log(known["high"] / known["low"])
    end

    def bowl_band(*lines) = assess(formula(*lines))["components"][0]["saturation"]

    it "stands where the eye says it stands, whatever the lines say" do
      ElmCup::Binding::Texture::ALL.each_with_index do |seen, index|
        [nil, ["200 g dates", "1 cup almonds", "cocoa"]].each do |roughly|
          found = bowl({"seen" => seen, "roughly" => roughly}.compact)
          expect(ElmCup::Binding::Texture.number(found["saturation"]["value"])).to be_within(0.01).of(index + 0.5)
          expect(found["rescue"].nil?).to eq(seen == "rolls")
        end
      end
    end

    it "opens the sums of the bowl and of every dose and its ends; with its numbers put in each gives its figure again" do
      ElmCup::Binding::Texture::ALL.product([nil, ["200 g dates", "1 cup almonds", "cocoa"]]).each do |seen, roughly|
        found = bowl({"seen" => seen, "roughly" => roughly, "want" => (seen == "pours") ? "spreads" : "rolls"}.compact)
        sums = found["sums"].to_h { |sum| [sum["figure"], Arithmetic.reckon(sum["formula"], sum["inputs"])] }
        found["sums"].each { |sum| expect(sums[sum["figure"]]).to be_within(sum["value"].abs * 1e-4).of(sum["value"]) }
        expect(sums.values_at("seen_demand_ml", "seen_binder_ml", "seen_saturation")).to match([be_within(0.06).of(found["demand_ml"]),
          be_within(0.06).of(found["binder_ml"]), be_within(0.001).of(found["saturation"]["value"])])
        (found.dig("rescue", "options") || []).select { |option| option["kind"] == "dose" }.each do |option|
          grams = option["sums"].to_h { |sum| [sum["figure"], Arithmetic.reckon(sum["formula"], sum["inputs"])] }
          option["sums"].each { |sum| expect(grams[sum["figure"]]).to be_within([sum["value"].abs * 1e-3, 1e-3].max).of(sum["value"]) }
          expect(grams["dose"]).to be_between(option["low_grams"], option["high_grams"])
          expect(grams["dose_low"] || option["grams"]).to be_within(0.1).of(option["low_grams"])
          expect(grams["dose_high"] || option["grams"]).to be_within(0.1).of(option["high_grams"])
        end
      end
      expect(bowl({})["sentence"]).to match(/\AGive it .* first, squeeze a pinch, then the rest of .* if it needs it\.\z/)
    end

    it "knows more where it is told what is in it" do
      wide = bowl({"seen" => "tacky"})["rescue"]["options"].find { |option| option["ingredient"] == "almond-flour" }
      narrow = bowl({"seen" => "tacky", "roughly" => ["260 g soft dates", "140 g almonds"]})["rescue"]["options"]
        .find { |option| option["ingredient"] == "almond-flour" }
      expect(narrow["high_grams"] - narrow["low_grams"]).to be < wide["high_grams"] - wide["low_grams"]
      expect(bowl({})["notes"].last).to match(/mind allergens/)
    end

    it "gives a thing without an amount its usual share of the bowl, beside what is measured" do
      taken = ElmCup.rescue_bowl({"elm_cup" => "bowl/1", "family" => "date-led", "grams" => 350, "roughly" => ["dates", "1 cup almonds",
        "cocoa"], "seen" => "tacky"})["taken_as"].to_h { |line| [line["ingredient"], line["grams"]] }
      expect(taken.values.sum).to be_within(1).of(350)
      expect(taken["dates-soft"]).to be_within(20).of(350 * 0.5)
      expect(taken["cocoa"] / taken["dates-soft"]).to be_within(0.01).of(0.1)
      expect(taken["almonds"]).to be_between(120, 170)
    end

    it "refuses what is no bowl" do
      expect(refusal { bowl({"grams" => 3}) }).to match(/too little/)
      expect(refusal { bowl({"seen" => "odd"}) }).to match(/must be one of loose/)
      expect(refusal { bowl({"family" => "moon"}) }).to match(/date-led/)
      expect(refusal { bowl({"roughly" => ["1 cup oats", "moon"]}) }).to match(%r{/roughly/1: “moon”})
      expect(refusal { bowl({"roughly" => ["1 cup honey"]}) }).to match(%r{/roughly: What you listed has nothing dry in it})
      expect(refusal { bowl({"roughly" => ["100 g oats"]}) }).to match(/nothing in it that binds/)
      expect(bowl({"family" => "oat-led", "roughly" => %w[dates almonds]})["taken_as"].size).to eq(2)
      expect(refusal { ElmCup.rescue_bowl("bowl") }).to match(/JSON object/)
      expect(refusal { bowl({"grams" => Float::NAN}) }).not_to be_nil
    end
  end
end
