# frozen_string_literal: true

# What must hold of every bowl, tried on bowls made at random (the same ones at each run).
RSpec.describe "Every bowl" do
  pool = {
    "soft dates" => 10..150, "date paste" => 10..100, "raisins" => 5..60, "peanut butter" => 10..120, "tahini" => 10..100,
    "cashew butter" => 10..90, "honey" => 5..80, "maple syrup" => 5..80, "water" => 1..20,
    "coconut oil, melted" => 5..40, "rolled oats" => 10..120, "rolled oats, ground" => 10..100, "almond flour" => 10..120,
    "coconut flour" => 5..40, "cocoa" => 3..30, "protein powder" => 10..60,
    "walnuts" => 10..60, "chocolate chips" => 10..60, "ground flax" => 5..40, "salt" => 1..3, "vanilla extract" => 1..6,
    "cream cheese" => 10..60
  }

  # [lines, process] of `count` bowls.
  define_method(:random_bowls) do |count, seed|
    random = Random.new(seed)
    Array.new(count) do
      names = pool.keys.sample(random.rand(2..7), random: random)
      [names.map { |name| "#{random.rand(pool[name])} g #{name}" }, %w[hand processor].sample(random: random)]
    end
  end

  def mix(lines, process)
    resolver = line_resolver(process)
    ElmCup::Binding::Mix.new(lines.map { |text| resolver.resolve(text) }, process: process, room_c: 21, library: ElmCup.shipped)
  end

  it "is wetter for water and drier for flour" do
    random_bowls(60, 11).each do |lines, process|
      before = mix(lines, process).saturation
      next unless before.value

      expect(mix([*lines, "5 g water"], process).saturation.value).to be > before.value
      expect(mix([*lines, "10 g almond flour"], process).saturation.value).to be < before.value if before.value > 0.05
    end
  end

  it "does not care in what order it was typed, nor how large it is" do
    random_bowls(40, 12).each do |lines, process|
      here = bowl(*lines, process: process)
      shuffled = bowl(*lines.shuffle(random: Random.new(1)), process: process)
      expect(shuffled["saturation"]).to eq(here["saturation"])
      doubled = lines.map { |text| text.sub(/\A\d+/) { |grams| (2 * grams.to_i).to_s } }
      next unless here["saturation"]

      expect(bowl(*doubled, process: process)["saturation"]["value"]).to be_within(0.0011).of(here["saturation"]["value"])
    end
  end

  it "weighs what its lines weigh, and its shares make one" do
    random_bowls(40, 13).each do |lines, process|
      part = bowl(*lines, process: process)
      expect(part["grams"]).to be_within(0.02).of(part["lines"].sum { |line| line["grams"] })
      expect(part["lines"].sum { |line| line["share"] }).to be_within(0.002).of(1)
      expect(part["binder_split_ml"].values.sum).to be_within(0.15).of(part["binder_ml"])
      expect(part["lines"].sum { |line| line["demand_ml"] }).to be_within(0.15).of(part["demand_ml"])
    end
  end

  it "keeps within its own composition: constituents sum to its mass" do
    random_bowls(30, 14).each do |lines, process|
      made = ElmCup::Mixture::Bowl.new(mix(lines, process).lines)
      parts = ElmCup::Ingredient::Composition::PARTS.sum { |part| made.composition.public_send(part) }
      expect(parts).to be_within(0.01).of(made.grams)
      facts = assess(formula(*lines, process: process))["nutrition_per_100g"]
      expect(facts["free_sugars_g"]).to be <= facts["free_sugars_if_blended_fruit_counts_g"] + 0.01
      expect(facts["free_sugars_if_blended_fruit_counts_g"]).to be <= facts["sugars_g"] + 0.02
      expect(facts["sugars_g"] + facts["fibre_g"]).to be <= facts["carbohydrate_g"] + 0.02
      expect(facts["saturates_g"]).to be <= facts["fat_g"] + 0.01
      expect(facts["kcal"]).to be_between(0, 900)
    end
  end

  it "reaches its target exactly by the exact dose" do
    helpers = {"water" => :to_wet, "maple syrup" => :to_wet, "tahini" => :to_wet, "date paste" => :to_wet, "almond flour" => :to_dry,
               "coconut flour" => :to_dry, "cocoa" => :to_dry}
    tried = random_bowls(60, 15).sum do |lines, process|
      made = mix(lines, process)
      next 0 unless made.saturation.value&.positive?

      helpers.count do |name, way|
        sample = made.portion_of(line_resolver("hand").resolve("1 g #{name}"))
        target = (way == :to_wet) ? made.saturation.value * 1.2 : made.saturation.value * 0.8
        grams = ElmCup::Binding::Dose.new(made.saturation, sample).public_send(way, target) or next false
        portions = made.portions + [ElmCup::Binding::Portion.new(sample.line.with(grams: Rational(grams.to_s)), sample.figures,
          sample.liquid)]
        expect(ElmCup::Binding::Saturation.of(portions).value).to be_within(1e-6).of(target)
      end
    end
    expect(tried).to be > 200
  end

  it "is rescued by doses that land well inside the texture, in measures that a cook has" do
    single = %r{\A(?:1/4|1/2|1|2) tsp|(?:1|2|3|1 1/2) tbsp|(?:\d+ )?(?:1/4|1/3|1/2|2/3|3/4) cups?|\d+ cups?|[\d.]+ g\b}
    doses = random_bowls(80, 16).flat_map do |lines, process|
      part = assess(formula(*lines, process: process))["components"].first
      (part.dig("rescue", "options") || []).select { |option| option["kind"] == "dose" }.map { |option| [part, option] }
    end
    expect(doses.size).to be >= 30
    doses.each { |part, option| expect([option["text"], option["grams"]]).to match([single, be <= part["grams"] * 0.5 + 0.1]) }
    inside = doses.count { |part, option|
      (ElmCup::Binding::Texture.number(option["after"]["saturation"]) - ElmCup::Binding::Texture.index(part["want"])).between?(0.04, 0.76)
    }
    expect(inside).to be >= doses.size * 0.9
  end

  it "answers in the words of the contract, whatever is in it" do
    random_bowls(30, 17).each do |lines, process|
      answer = assess(formula(*lines, "60 g moon dust", "gibberish", process: process))
      part = answer["components"][0]
      expect(part["left_out"].map { |each| each["line"] }).to eq([lines.size + 1, lines.size + 2])
      expect(part["sentence"]).to start_with("Without lines #{lines.size + 1} and #{lines.size + 2}: ")
      # The likelier texture is named first.
      shares = part["sentence"].scan(/\((\d+) %\)/).flatten.map(&:to_i)
      expect(shares).to eq(shares.sort.reverse)
      expect(JSON.parse(JSON.generate(answer))).to eq(answer)
    end
  end
end
