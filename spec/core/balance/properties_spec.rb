# frozen_string_literal: true

# What must hold of every answer, on made-up formulas and wishes.
RSpec.describe "Balance, whatever is asked" do
  library = ElmCup.shipped

  # Lines of a random bowl, readable every one.
  define_method(:random_formula) do |random|
    pool = ["%s cup rolled oats, ground", "%s cup almond flour", "%s cup peanut butter", "%s cup tahini", "%s cup honey",
      "%s cup maple syrup", "%d soft dates, to paste", "%s cup cocoa powder",
      "%d0 g coconut oil, melted", "%s cup dried cranberries", "%d tbsp ground flax", "1/2 tsp fine salt", "%s cup chopped walnuts",
      "%d tbsp date syrup"]
    lines = pool.sample(random.rand(4..8), random: random)
      .map { |text| text.sub("%s", ["1/4", "1/3", "1/2", "3/4", "1", "1 1/2"].sample(random: random)).sub("%d", random.rand(2..14).to_s) }
    process = %w[hand processor].sample(random: random)
    size = [{"piece_grams" => random.rand(12..30)}, {"pieces" => random.rand(10..40)}, {"scoop_ml" => 20}].sample(random: random)
    formula(*lines, process: process, shape: {"kind" => "ball", **size})
  end

  define_method(:random_wishes) do |random, answer|
    piece = answer["nutrition_per_piece"]
    near = ->(value, down) { (value * (down ? random.rand(0.75..0.98) : random.rand(1.02..1.25))).round(2) }
    all = ["texture=#{ElmCup::Binding::Texture::ALL[1..5].sample(random: random)}", "kcal<=#{near.call(piece["kcal"], true)}",
      "sugars<=#{near.call(piece["sugars_g"] + 0.02, true)}", "protein>=#{near.call(piece["protein_g"], false)}",
      "fibre>=#{near.call(piece["fibre_g"], false)}",
      "sweetness>=#{near.call(answer["sweetness_pct"], [true, false].sample(random: random))}",
      "grams=#{near.call(answer["grams"], [true, false].sample(random: random)).round}",
      "pieces=#{(answer.dig("pieces", "count") * random.rand(0.7..1.6)).round.clamp(2, 90)}",
      "fat<=#{near.call(piece["fat_g"] + 0.02, true)}", "without:peanut", "diet=vegan", "diet=gluten-free", "grease<=0.6",
      "lock:#{answer["components"][0]["lines"].sample(random: random)["ingredient"]}"]
    all.sample(random.rand(1..4), random: random).uniq { |wish| wish[/\A\w+/] }
  end

  define_method(:measures_of) { |formula| ElmCup::Document::Formula.from(formula).kitchen.measures }

  16.times do |seed|
    it "keeps its word, bowl #{seed}" do
      random = Random.new(seed)
      document = random_formula(random)
      before = assess(document)
      skip "a bowl that cannot be read" if ElmCup.flagged(before).any?
      wishes = random_wishes(random, before)
      found = balance(document, *wishes)

      found["answers"].each do |answer|
        wishes.each { |wish| expect([wish, holds?(answer["formula"], wish)]).to eq([wish, true]) }
        found["wishes"].select { |wish| wish["kept"] }.each { |wish| expect(holds?(answer["formula"], wish["wish"])).to be(true) }
        expect(patched(document, answer["patch"])).to eq(answer["formula"])
        locked = wishes.filter_map { |wish| wish[/\Alock:(.*)/, 1] }
        was, now = [document, answer["formula"]].map { |each|
          assess(each)["components"][0]["lines"].select { |line| locked.include?(line["ingredient"]) }.map { |line|
            line.slice("text", "grams")
          }
        }
        expect(now).to eq(was)
        after = assess(answer["formula"])
        expect(answer["after"].values_at("grams", "kcal", "pieces"))
          .to eq([after["grams"], after.dig("nutrition_per_piece", "kcal"), after.dig("pieces", "count")])
        measures = measures_of(answer["formula"])
        answer["changes"].filter_map { |change| change["now"] }.each do |text|
          terms = ElmCup::Quantity::LineReader.read(text).terms
          expect([text, terms.all? { |term| measures.exists?(term) }]).to eq([text, true])
        end
        answer["sums"].each do |sum|
          expect(Arithmetic.reckon(sum["formula"], sum["inputs"])).to be_within([sum["value"].abs * 1e-4, 1e-6].max).of(sum["value"])
        end
      end
      expect(found["answers"].map { |answer| answer["patch"] }.uniq.size).to eq(found["answers"].size)
      found["answers"].each_cons(2) do |one, other|
        edge = [one, other].any? { |each| each["why"].include?("only just") }
        expect(other["size"]).to be >= one["size"] - 1e-6 unless edge || found["answers"].any? { |answer| !answer["proved_optimal"] }
      end
      expect(found["answers"].any? || found["clashes"].any? || found["notes"].any?).to be(true)
      if wishes.all? { |wish| holds?(document, wish) }
        expect(found["answers"].map { |answer| answer["changes"] }).to eq([[]])
      end
    end
  end

  # Clashes: wishes that go too far, and what each would have to give.
  8.times do |seed|
    it "names only clashes that are real, at prices that are right, bowl #{seed}" do
      random = Random.new(500 + seed)
      document = random_formula(random)
      before = assess(document)
      skip "a bowl that cannot be read" if ElmCup.flagged(before).any?
      piece = before["nutrition_per_piece"]
      wishes = ["kcal<=#{(piece["kcal"] * 0.8).round(1)}", "protein>=#{(piece["protein_g"] * 1.8).round(2)}",
        "texture=#{%w[presses rolls tacky].sample(random: random)}", "sweetness>=#{(before["sweetness_pct"] * 1.3).round(1)}",
        "lock:#{before["components"][0]["lines"].max_by { |line| line["grams"] }["ingredient"]}"]
      found = balance(document, *wishes, have: %w[almond-flour])
      next expect(found["answers"]).not_to be_empty if found["clashes"].empty?

      kept = found["wishes"].select { |wish| wish["kept"] }.map { |wish| wish["wish"] }
      found["clashes"].each do |clash|
        question, = settler_of(document, [*clash["wishes"]], kept)
        expect(question.possible?(wishes_of(clash["wishes"]))).to be(false)
        clash["wishes"].each { |wish| expect([wish, question.possible?(wishes_of(clash["wishes"] - [wish]))]).to eq([wish, true]) }
        clash["relax"].select { |relax| relax["to"].is_a?(Numeric) }.each do |relax|
          from = relax["wish"][/[\d.]+\z/].to_f
          others = wishes + kept - [relax["wish"]]
          others = clash["wishes"] - [relax["wish"]] unless question.possible?(wishes_of(others))
          at = ->(share) { relax["wish"].sub(/[\d.]+\z/, format("%.6f", from + (relax["to"] - from) * share)) }
          expect(question.possible?(wishes_of([*others, at.call(1)]))).to be(true)
          expect(question.possible?(wishes_of([*others, at.call(0.99)]))).to be(false)
          expect(relax["enough"]).to eq(question.possible?(wishes_of(wishes + kept - [relax["wish"]])))
          next unless relax["enough"]

          # By the ordinary path too: the wish as the answer writes it, and all the others.
          granted = balance(document, relax["becomes"], *(wishes - [relax["wish"]]), have: %w[almond-flour])
          expect(granted["answers"].any? || granted["notes"].grep(/nearly be|Nothing was found/).any?).to be(true)
        end
      end
    end
  end

  define_method(:wishes_of) { |texts| texts.map { |text| ElmCup::Wish.read(text) } }

  # A Question of the document that knows which wishes hold, for asking about any of them.
  define_method(:settler_of) do |document, wishes, _kept|
    pace = ElmCup::Balance::Pace.new(clock: Balancing::CLOCK, seconds: 60.0)
    balancer = ElmCup::Balance::Balancer.new(document, wishes: wishes, have: %w[almond-flour], library: library, pace: pace)
    [balancer.question]
  end
end
