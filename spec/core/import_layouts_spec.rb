# frozen_string_literal: true

# Whatever way a list of ingredients is written and laid out, none of it is lost, doubled or taken for another: random lists of
# plain ingredients in every way of writing an amount, in every lay-out of a card or a page.
RSpec.describe "An import of any lay-out" do
  ids = {
    "rolled oats" => "oats-rolled", "tahini" => "tahini", "honey" => "honey", "soft dates" => "dates-soft", "cocoa powder" => "cocoa",
    "desiccated coconut" => "coconut-desiccated",
    "almond butter" => "almond-butter", "maple syrup" => "maple", "sea salt" => "salt", "pistachios" => "pistachios",
    "dark chocolate" => "chocolate-dark", "coconut oil" => "coconut-oil",
    "raisins" => "raisins", "ground almonds" => "almond-flour", "chia seeds" => "chia", "vanilla extract" => "vanilla-extract",
    "condensed milk" => "condensed-milk", "cream cheese" => "cream-cheese",
    "icing sugar" => "sugar-powdered", "lemon juice" => "citrus-juice", "chopped walnuts" => "walnuts", "dried apricots" => "apricots-dried"
  }
  # Ways to write an amount of something.
  ways = [
    ->(name, n) { "#{n} cups #{name}" }, ->(name, n) { "#{n}0g (2 cups) #{name}" }, ->(name, n) { "#{name}, #{n}5 g" },
    ->(name, n) { "#{name} – #{n}5g" }, ->(name, n) { "#{name}: #{n} tbsp" },
    ->(name, n) { "#{n} 1/2 cups (#{n}40 g) #{name}, packed" }, ->(name, n) { "#{n}0 g / 2 oz #{name}" },
    ->(name, n) { "#{name} #{n}5g (1 cup)" }, ->(name, n) { "#{name} .......... #{n}5 g" },
    ->(name, n) { "½ cup #{name} (about #{n}5g)" }, ->(name, n) { "#{n} tablespoons of #{name}, sifted or not" },
    ->(name, n) { "#{name.capitalize} (#{n}5 g)" }, ->(name, n) { "#{n} c. #{name}" },
    ->(name, _) { "1-2 tbsp #{name}*" }, ->(name, n) { "#{n}5ml #{name}, plus extra for dusting" },
    ->(name, n) { "#{name.capitalize}\t#{n}5 g" }, ->(name, _) { "¼ cup + 1 tbsp #{name}" }
  ]
  marks = ["", "- ", "• ", "* ", "▢ ", "   "]
  titles = ["Seed bites", "SEED BITES", "# Seed bites", "**Seed bites**", "Seed bites (makes 16)", "Recipe: Seed bites"]
  heads = ["", "Ingredients", "INGREDIENTS:", "Ingredients\nMakes 16", "For the dough:", "What you need", "## Ingredients"]
  methods = ["", "\nMethod\nMix and roll.", "\nMix everything. Roll into balls.", "\nDirections:\n1. Mix.\n2. Roll.",
    "\nStep 1\nMix.\nStep 2\nRoll."]
  parts = [["For the base:", "For the topping:"], ["Base", "Topping"], ["BASE", "TOPPING"], ["## Base", "## Topping"],
    ["**Base**", "**Topping**"], ["Base layer", "Top layer"], ["Crust:", "Caramel:"], ["Dough", "Coating"]]

  # lay-out => [text, number of parts] of names
  layouts = {
    "a list" => ->(names, random) {
      way, mark, gap = ways.sample(random: random), marks.sample(random: random), (random.rand < 0.2) ? "\n\n" : "\n"
      lines = names.map { |name| mark + way.call(name, random.rand(2..9)) }
      [[titles.sample(random: random), "", heads.sample(random: random), lines.join(gap), methods.sample(random: random)].join("\n"), 1]
    },
    "a list in many hands" => ->(names, random) {
      [["Seed bites", heads.sample(random: random),
        *names.map { |name| ways.sample(random: random).call(name, random.rand(2..9)) }].join("\n"), 1]
    },
    "two parts" => ->(names, random) {
      way, mark, (first, second) = ways.sample(random: random), marks.sample(random: random), parts.sample(random: random)
      above, below = names.map { |name| mark + way.call(name, random.rand(2..9)) }.each_slice((names.size / 2.0).ceil).to_a
      [["Seed bites", "", first, *above, "", second, *below, methods.sample(random: random)].join("\n"), 2]
    },
    "amounts above names" => ->(names, random) {
      [["Seed bites", "Ingredients",
        *names.flat_map { |name| ["#{random.rand(2..9)} tbsp", name] }, "Method", "Mix."].join("\n"), 1]
    },
    "names above amounts" => ->(names, random) {
      [["Seed bites", "Ingredients",
        *names.flat_map { |name| [name, "#{random.rand(2..9)}0 g"] }, "Method", "Mix."].join("\n"), 1]
    },
    "a table" => ->(names, random) {
      [["# Seed bites", "| Ingredient | Amount |", "|---|---|",
        *names.map { |name| "| #{name} | #{random.rand(2..9)}0 g |" }, "", "Mix and roll."].join("\n"), 1]
    },
    "a table with the unit in its head" => ->(names, random) {
      [["# Seed bites", "| Ingredient | g |", "|---|--:|",
        *names.map { |name| "| #{name} | #{random.rand(20..90)} |" }].join("\n"), 1]
    },
    "two columns" => ->(names, random) {
      [["Seed bites", "",
        *names.each_slice(2).map { |pair| pair.map { |name| "#{random.rand(1..3)} c. #{name}".ljust(30) }.join }, "",
        "Mix."].join("\n"), 1]
    },
    "aligned columns" => ->(names, random) {
      [["Seed bites", "Ingredients",
        *names.map { |name| name.capitalize.ljust(28) + "#{random.rand(20..90)} g" }].join("\n"), 1]
    },
    "semicolons" => ->(names, random) {
      way = ways.values_at(0, 1, 2, 3, 6, 12).sample(random: random)
      ["Seed bites\nIngredients: #{names.map { |name| way.call(name, random.rand(2..9)) }.join("; ")}\nMethod: Mix. Roll.", 1]
    },
    "sentences" => ->(names, random) {
      *most, last = names.map { |name| "#{random.rand(20..90)} g #{name}" }
      ["Seed bites. You will need #{most.join(", ")} and #{last}. Mix everything and roll into balls.", 1]
    },
    "numbers" => ->(names, random) {
      [["Seed bites", "Ingredients",
        *names.each.with_index(1).map { |name, at| "#{at}. #{random.rand(20..90)} g #{name}" }, "Method", "1. Mix."].join("\n"), 1]
    },
    "the source of a page" => ->(names, random) { ["<h1>Seed bites</h1><ul>#{names.map { |name| "<li><span>#{random.rand(20..90)}</span> <span>g</span> <b>#{name}</b></li>" }.join}</ul><p>Mix.</p>", 1] },
    "JSON-LD" => ->(names, random) {
      [JSON.generate("@type" => "Recipe", "name" => "Seed bites",
        "recipeIngredient" => names.map { |name| ways.sample(random: random).call(name, random.rand(2..9)) }), 1]
    }
  }

  layouts.each do |layout, write|
    it "keeps every ingredient of #{layout}" do
      random = Random.new(layout.sum)
      30.times do
        names = ids.keys.sample(random.rand(4..8), random: random)
        text, count = write.call(names, random)
        answer = ElmCup.import(text)
        expect(answer["lines"].map { |line| line["ingredient"] }).to eq(names.map { |name| ids.fetch(name) }), text
        expect([answer["formula"]["components"].size, answer["formula"]["name"].downcase]).to eq([count, "seed bites"]), text
      end
    end
  end

  # What keyboards, pages and mails do to a text on its way.
  twists = {
    "carriage returns" => ->(text) { text.gsub("\n", "\r\n") }, "hard spaces" => ->(text) { text.gsub(/(?<=\S) (?=\S)/, "\u00A0") },
    "spaces at the end" => ->(text) { text.gsub("\n", "  \n") },
    "capitals" => ->(text) { text.upcase }, "small letters" => ->(text) { text.downcase },
    "thin spaces" => ->(text) { text.gsub(/(\d) (g|tbsp|cups)/, "\\1\u2009\\2") },
    "more empty lines" => ->(text) { text.gsub("\n\n", "\n\n\n\n") }, "an indent" => ->(text) { text.gsub(/^/, "    ") },
    "quoting" => ->(text) { text.gsub(/^/, "> ") }, "other fractions" => ->(text) { text.gsub("1/2", "1⁄2").gsub("½", "1/2") }
  }
  twists.each do |twist, change|
    it "keeps every ingredient through #{twist}" do
      random = Random.new(twist.sum)
      layouts.except("JSON-LD", "the source of a page").each_value do |write|
        4.times do
          names = ids.keys.sample(random.rand(4..7), random: random)
          text, count = write.call(names, random)
          answer = ElmCup.import(change.call(text))
          expect(answer["lines"].map { |line| line["ingredient"] }).to eq(names.map { |name| ids.fetch(name) }), change.call(text)
          expect(answer["formula"]["components"].size).to eq(count), change.call(text)
        end
      end
    end
  end
end
