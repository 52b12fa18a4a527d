# frozen_string_literal: true

# Whatever a document holds, the core answers or refuses in words; nothing else is raised. Promises hold at the edges too.
RSpec.describe "Any document at all" do
  let(:random) { Random.new(2026) }
  let(:library) { ElmCup.shipped.all }

  def pick(*from) = from.sample(random: random)

  def line_text
    entry = library.sample(random: random)
    amount = pick("1/2 c + 2 tbsp", "#{random.rand(1..900)} g", "3", "a pinch of", "2-3 tbsp", "heaping tsp", "1 scoop #40", "100000 g",
      "0.0001 g", "1/999 tsp", "1 packed cup", "1 can (400 g)",
      "2 x 50 g", "1 (8 oz) package", "½", "0", "-1", "1e9 g", "", "juice of", "two handfuls")
    "#{amount} #{[entry.name, *entry.names, *entry.assumed_names].sample(random: random)}#{pick("", ", melted", ", ground", ", chopped",
      ", to paste", " (optional)", "\u202E", "\u0000", "<b>")}"
  end

  def component
    lines = Array.new(random.rand(0..6)) do
      pick(true, false, false, false) ? {"ingredient" => library.sample(random: random).id,
                                         "grams" => pick(1e-9, 0.5, 250, 99_999)} : {"text" => line_text}
    end
    {"name" => "part", "type" => pick("dough", "base", "filling", "layer", "coating", "topping"), "process" => pick("hand", "processor"),
     "want" => pick("loose", "presses", "rolls", "pours"), "lines" => lines}
  end

  # One to three components, the later ones taking of the earlier, and now and then two flavours of the first.
  def layers
    parts = Array.new(random.rand(1..3)) { |index| component.merge("name" => "part #{index}") }
    parts.each_with_index do |part, index|
      if index.positive? && pick(true, false)
        part["takes"] = [{"component" => "part #{index - 1}",
                          **pick({"share" => 0.25}, {"grams" => 12.5}, {"text" => "1/4 cup"})}]
      end
    end
    splits = pick(true, false) ? [{"name" => "one", "share" => 0.5, "lines" => [{"text" => line_text}]},
      {"name" => "two", "share" => 0.25, "topping" => [{"text" => line_text}]}] : []
    {"components" => parts, "splits" => splits}
  end

  def shape
    size = random.rand(1..900)
    pick({"kind" => "ball", pick("piece_grams", "scoop_ml", "pieces") => size}, {"kind" => "egg", "length_mm" => random.rand(10..90)},
      {"kind" => "cookie", "pieces" => size}, {"kind" => "log", "slice_mm" => random.rand(3..60)}, {"kind" => "bark", "pieces" => size},
      {"kind" => "slab", "tin_mm" => [random.rand(80..400), random.rand(80..400)], "pieces" => random.rand(1..60)},
      {"kind" => "slab", "tin_mm" => [random.rand(80..400)], "piece_grams" => size, "trim_mm" => random.rand(0..20)},
      {"kind" => "slab", "depth_mm" => random.rand(1..60)}, {"kind" => "cup", "diameter_mm" => random.rand(12..90)},
      {"kind" => "mould", "cavity_ml" => random.rand(1..90), "joined" => pick(true, false)}, {"kind" => "glass", "pieces" => size})
  end

  def coat
    kind = pick("none", "dip", "half_dip", "drizzle", "spread", "cup", "roll")
    pick({}, {"coat" => {"kind" => kind, "coats" => random.rand(1..3)}},
      {"coat" => {"kind" => kind}, "lives" => pick("room", "fridge", "freezer")})
  end

  def document
    {"elm_cup" => "formula/1", "name" => "any", **layers, "needs" => ElmCup::Mixture::Diets::ALL.sample(random.rand(0..2), random: random),
     "shape" => shape, **coat,
     "kitchen" => {"room_c" => random.rand(0..45), "cup" => pick("us", "metric", "imperial", "australian", "us_legal"),
                   "spoons" => pick(["1/2 tsp"], ["1 tbsp"], ["1/8 tsp", "1 tsp", "2 tbsp"])}}
  end

  it "is answered, and every rescue and remedy in it keeps its promise" do
    kept = 0
    60.times do |number|
      given = document
      # The cold of one in six: what it says is held by tests of its own.
      answer = ElmCup.assess(given, without: (number % 6).zero? ? [] : %w[cold keep])
      expect(JSON.parse(JSON.generate(answer))).to eq(answer)
      answer["components"].each_with_index do |part, index|
        (part.dig("rescue", "options") || []).select { |option| option["kind"] == "dose" }.each do |option|
          after = ElmCup.assess(patched(given, option["patch"]), sections: ["components"])["components"][index]
          expect([after["texture"], after["saturation"]["value"]])
            .to match([option["after"]["texture"], be_within(0.0015).of(option["after"]["saturation"])])
          kept += 1
        end
      end
      answer["findings"].each do |finding|
        # The same thing about the same line: that one is gone, another may be all that is left.
        about = ->(other) { [*other.values_at("rule", "component"), other["message"][/“.*?”/]] }
        same = ->(other) { about[other] == about[finding] }
        after = ElmCup.assess(patched(given, finding["remedy"]["patch"]), sections: ["findings"])["findings"]
        expect(after.count(&same)).to be < answer["findings"].count(&same), "#{finding} stays in #{JSON.generate(given)}"
        kept += 1
      end
      scaled = ElmCup.scale(given, "1/3")
      expect(ElmCup.scale(scaled, 3)["components"].map { |each| each["lines"].size })
        .to eq(given["components"].map { |each| each["lines"].size })
    rescue ElmCup::InvalidDocument => error
      # Only scaling may refuse here: an amount that leaves the limits.
      expect(error.faults.map(&:message)).to all(match(/too much|too little|characters long|no knife cuts/))
    end
    expect(kept).to be > 40
  end

  it "is refused in words when a part of it is nonsense" do
    nonsense = [nil, 1, -1, 1e308, Float::INFINITY, "x" * 400, [], {}, true, [[]], {"a" => {"b" => []}}]
    refused = 0
    document.each_key do |key|
      nonsense.each do |value|
        ElmCup.assess(document.merge(key => value))
      rescue ElmCup::InvalidDocument => error
        refused += 1
        error.faults.each do |fault|
          expect([fault.pointer, fault.message]).to match([a_string_starting_with("/"), /\A(?!.*(?:#<|NilClass|undefined)).{10,200}\z/])
        end
      end
    end
    expect(refused).to be > 35
  end
end
