# frozen_string_literal: true

require "yaml"

# Recipes as they come: a hundred and thirty-two texts of our own, written in the manner of pages, magazines, messages, letters and cards,
# and schema.org Recipe JSON-LD in the ways pages carry it.
RSpec.describe "An import" do
  # What was read, looked over line by line; an answer that changes is to be looked at before this file is.
  texts = YAML.load_file(File.join(__dir__, "import_texts/read_as.yml"))

  def import(text) = ElmCup.import(text)

  def read_as(line)
    return "#{line["status"]}: #{line["text"]}" unless line["status"] == "read"

    "#{line["ingredient"]} #{line["grams"].round(1).to_s.delete_suffix(".0")}"
  end

  def components(answer)
    answer["formula"]["components"].to_h do |part|
      [part.values_at("name", "type", "process").join("/"),
        answer["lines"].select { |line| line["component"] == part["name"] }.map { |line| read_as(line) }]
    end
  end

  texts.each do |file, said|
    it "reads #{file}" do
      answer = import(File.binread(File.join(__dir__, "import_texts/#{file}.txt")))
      expect(answer["kind"]).to eq("text")
      expect([answer["formula"]["name"], answer["formula"].dig("shape", "pieces"), (answer["formula"]["notes"] || []).size])
        .to eq(said.values_at("name", "pieces", "steps"))
      expect(components(answer)).to eq(said["parts"])
      expect { ElmCup.check(answer["formula"]) }.not_to raise_error
      answer["lines"].each do |line|
        expect(answer["formula"].dig(*line["pointer"].split("/").drop(1).map { |key| key.match?(/\A\d/) ? key.to_i : key })["text"])
          .to eq(line["text"])
      end
    end
  end

  it "is as sure of each line as its reading, and says what is wrong with one" do
    answer = import("Ingredients\n10 dates\n1 cup moon dust\n80 g butter\n1 cup tahini")
    expect(answer["lines"].map { |line| [line["status"], line["confidence"]] })
      .to eq([["read", 0.85], ["unknown", 0.0], ["read", 0.85], ["read", 0.98]])
    expect(answer["lines"][1]["note"]).to match(/not in the pantry/)
  end

  it "lets a weight in brackets win" do
    expect(import("1½ cups (135 g) rolled oats\n1 cup dates (about 200g)")["lines"].map { |line| line["grams"] }).to eq([135.0, 200.0])
  end

  it "says who eats and does not count them, and takes a card of nothing but a coating for a dough" do
    expect(import("Serves 12\n1 cup oats")["notes"]).to include("“Serves 12” is not taken as a number of pieces")
    expect(import("For the coating:\n1 cup oats\nFor the topping:\n1 tsp salt")["formula"]["components"].map { |part| part["type"] })
      .to eq(%w[dough topping])
    expect(import("1 cup oats\nflaky salt\n2 tbsp honey\n1 tbsp tahini and a pinch of salt")["formula"]["components"][0]["lines"].map { |line| line["text"] }).to eq(["1 cup oats", "flaky salt, to taste", "2 tbsp honey", "1 tbsp tahini", "a pinch of salt"])
  end

  it "knows a heading without its colon by what stands below it, and an ingredient without its amount by its name" do
    parts = import("Ingredients\nOat Mixture\n1 cup oats\n2 tbsp honey\nCaramel\n10 dates\nFlaky Sea Salt\n1 tbsp tahini\nGanache\n100 g dark chocolate")["formula"]["components"]
    expect(parts.map { |part| [part["name"], part["type"], part["lines"].map { |line| line["text"] }] })
      .to eq([["oat mixture", "dough", ["1 cup oats", "2 tbsp honey"]], ["caramel", "filling",
        ["10 dates", "Flaky Sea Salt, to taste", "1 tbsp tahini"]], ["ganache", "coating", ["100 g dark chocolate"]]])
  end

  it "counts the pieces that a step makes, and no lengths, tins, times or articles" do
    {
      "cut into 16." => 16, "Roll into 18, chill" => 18, "you should get 16-18" => 17, "press 20x20, chill, cut 5x4" => 20,
      "balls (about 48)" => 48, "roll 22 balls" => 22, "24 @ 20g" => 24,
      "14 balls of about 18g" => 14, "Yield: 2 1/2 dozen" => 30, "about thirty bites" => 30, "Scoop 24, chill" => 24,
      "press in a slice tin" => nil, "cut into 2.5 cm squares" => nil, "cut into 5 cm squares" => nil, "cut into 3 x 4 cm bars" => nil,
      "cut into 24 small round bites" => 24, "divide into 3." => nil,
      "press into a 20 cm tin" => nil, "cut in 20 x 20 cm" => nil, "chill for 30 min" => nil
    }.each { |step, pieces| expect(import("1 cup oats\n10 dates\nStep 1: #{step}")["formula"].dig("shape", "pieces")).to eq(pieces), step }
  end

  it "puts what is for the outside into a part of its own, and leaves what is only partly so" do
    parts = import("1 cup oats\n2 tbsp cocoa, for dusting\n150 g dark chocolate to dip\n2 tbsp sesame seeds, plus extra to sprinkle\n30 g coconut (for rolling)")["formula"]["components"]
    expect(parts.map { |part| [part["name"], part["type"], part["lines"].size] })
      .to eq([["dough", "dough", 2], ["topping", "topping", 2], ["coating", "coating", 1]])
    twice = import("1 cup oats\n150 g dark chocolate, for dipping\nCoating:\n1 tsp coconut oil")["formula"]["components"]
    expect(twice.map { |part| part["name"] }).to eq(["dough", "coating", "coating outside"])
  end

  it "knows “For biscuits” for a heading without a colon, where it names no part that is known" do
    parts = import("1 cup oats\nFor biscuits\n2 tbsp honey\nFor the van\n1 tbsp tahini")["formula"]["components"]
    expect(parts.map { |part| part["name"] }).to eq(%w[dough biscuits van])
  end

  def texts_of(text) = import(text)["formula"]["components"].flat_map { |part| part["lines"].map { |line| line["text"] } }

  it "puts a label above its value, and knows digits in boxes and circles for the numbers of steps" do
    answer = import("Recipe\nNut drops\n\nMakes\n14\nTime\n10 minutes\n\nIngredients\n100 g nuts\nMethod\n1️⃣ Grind.\n② Roll.")
    expect(answer["formula"]).to include("name" => "Nut drops", "shape" => {"kind" => "ball", "pieces" => 14},
      "notes" => ["Grind.", "Roll."])
  end

  it "takes no number of pieces that cannot be one, and no name for an amount that has none behind it" do
    ["Fudge (0)\n1 cup oats\n", "Fudge\n1 cup oats\nMethod\nPress, cut 0x4", "Fudge\n1 cup oats\nMethod\ncut 99 x 99, chill",
      "0 dozen\n1 cup oats"].each do |text|
      answer = import(text)
      expect(answer["lines"].map { |line| line["text"] }).to eq(["1 cup oats"]), text
      expect(answer["formula"].dig("shape", "pieces")).to be_nil.or(be_between(1, 10_000)), text
    end
    expect(texts_of("Ingredients\nsalt\n1 1/2 cups plus 2 tbsp\noats")).to eq(["salt, to taste", "1 1/2 cups plus 2 tbsp oats"])
  end

  it "keeps what is told above the ingredients only where nothing is told below them, and says so" do
    above = "Method\nBlitz and roll 18 balls.\nIngredients\n1 cup oats\n10 dates"
    answer = import(above)
    expect(answer["formula"]).to include("notes" => ["Blitz and roll 18 balls."], "shape" => {"kind" => "ball", "pieces" => 18})
    expect(answer["formula"]["components"][0]["process"]).to eq("processor")
    both = import("#{above}\nMethod\nStir.")
    expect(both["formula"]).to include("notes" => ["Stir."]).and(satisfy { |formula| !formula.key?("shape") })
    expect(both["notes"]).to include("Not used, above the ingredients: Blitz and roll 18 balls.")
  end

  it "puts names and amounts that stand on lines of their own together, whichever comes first" do
    expect(texts_of("Ingredients\n1 cup\nrolled oats\nsalt\n2 tbsp\nhoney")).to eq(["1 cup rolled oats", "salt, to taste", "2 tbsp honey"])
    expect(texts_of("Ingredients\nrolled oats\n1 cup\nsalt\n1 g\nhoney\n2 tbsp")).to eq(["1 cup rolled oats", "1 g salt", "2 tbsp honey"])
  end

  it "reads tables with the amount in any column, the unit in its head, and what is said behind" do
    expect(texts_of("| Item | g | cups |\n|--|--|--|\n| Oats | 200 | 2 1/4 |\n| Salt | 1 | |")).to eq(["200 g Oats", "1 g Salt"])
    expect(texts_of("| 2 tbsp | honey | runny |\n| tahini | 120 g | |")).to eq(["2 tbsp honey, runny", "120 g tahini"])
  end

  it "reads two columns of a card, and one ingredient in columns" do
    expect(texts_of("Ingredients\n1 c. oats          1/2 c. honey\n3/4 c    tahini     pinch  salt\n200   g   dried figs   stems off\nCocoa     20 g     1/4 cup"))
      .to eq(["1 c. oats", "1/2 c. honey", "3/4 c tahini", "pinch salt", "200 g dried figs, stems off", "20 g Cocoa"])
  end

  it "parts a line of several, and no line of one" do
    expect(texts_of("1/2 tsp each: cinnamon, ginger and cloves")).to eq(["1/2 tsp cinnamon", "1/2 tsp ginger", "1/2 tsp cloves"])
    expect(texts_of("Zest and juice of 1 lemon\n2 limes (zest + juice)\n1 orange, finely grated zest and 2 tbsp juice\n1 cup oats"))
      .to eq(["zest of 1 lemon", "juice of 1 lemon", "zest of 2 limes", "juice of 2 limes", "zest of 1 orange", "2 tbsp orange juice",
        "1 cup oats"])
    expect(texts_of("1 and 3/4 cups (210 g; 7 oz) oats, ground, 210 g in all\nhoney 150 g, tahini 40 g, salt 2 g"))
      .to eq(["1 and 3/4 cups (210 g; 7 oz) oats, ground, 210 g in all", "honey 150 g", "tahini 40 g", "salt 2 g"])
  end

  it "takes what stands before an “or”, says what stood behind it, and goes on" do
    answer = import("1 cup oats\n2 tbsp honey\nor\n2 tbsp maple syrup\n10 dates")
    expect(answer["formula"]["components"][0]["lines"].map { |line| line["text"] }).to eq(["1 cup oats", "2 tbsp honey", "10 dates"])
    expect(answer["notes"]).to eq(["“2 tbsp maple syrup” comes after an “or”: the first choice is taken",
      "No name was found; give it one"])
  end

  it "takes a marked heading for the name even where it names a part, and what a page says around it for none" do
    expect(import("# Caramel layer\n1 cup dates")["formula"]["name"]).to eq("Caramel layer")
    expect(import("Why we love it\nCan I freeze it?\nNut drops\nIngredients\n1 cup dates")["formula"]["name"]).to eq("Nut drops")
    expect(import("[Recipe] “Nut drops”\n1 cup dates")["formula"]["name"]).to eq("Nut drops")
  end

  it "uses no line that is longer than a recipe's, and says so" do
    long = "1 cup oats (#{"a;" * 1_500}"
    expect(import("#{long}\n10 dates")["notes"]).to include(/\A“1 cup oats \(a;a;.*…” is not used/)
    expect { import("1 cup oats;" * 17_000) }.to raise_error(ElmCup::InvalidDocument, /No amount of anything/)
    whole = Array.new(100) { |at| "#{at + 1} g oats" }.join("; ")
    expect(import(whole)["formula"]["components"][0]["lines"].size).to eq(100)
  end

  it "gives parts of one name a number" do
    names = import("For the base:\n1 cup oats\nFor the base:\n1 cup dates\nFor the base:\n1 tsp salt")["formula"]["components"]
      .map { |part| part["name"] }
    expect(names).to eq(["base", "base 2", "base 3"])
  end

  it "refuses what is no recipe, too long, or no text" do
    {"" => /empty/, "\xff\xfe" => /UTF-8/, "just some words about June" => /No amount of anything was found/,
     "1 cup oats\n" * 2_001 => /2000 is the most/, "x " * 150_000 => /200000 is the most/, "[1, 2]" => /no schema.org Recipe/,
     "{\"@type\": \"Recipe\"" => /not JSON/, "{\"a\": 1}" => /no “elm_cup” key/, "a" * 20_000_000 => /1000000 is the most/,
     "{\"a\":#{"[" * 10_000}" => /nested deeper/, "[" * 10_000 + "]" * 10_000 => /nested deeper/}
      .each { |text, message| expect { import(text.b) }.to raise_error(ElmCup::InvalidDocument, message), text[0, 40] }
  end

  it "decodes what entities stand for, and leaves those that stand for nothing" do
    {"1&frac12; cups oats" => "1½ cups oats", "1 cup&#160;oats" => "1 cup oats", "1 cup &#x6f;ats" => "1 cup oats",
     "1 cup oats (&#xD800;)" => "1 cup oats (&#xD800;)", "1 cup oats (&#x110000;)" => "1 cup oats (&#x110000;)",
     "1 cup oats (&#99999999;)" => "1 cup oats (&#99999999;)", "1 cup oats & honey" => "1 cup oats & honey"}
      .each { |raw, text| expect(ElmCup::Exchange::RecipeLine.from(raw).text).to eq(text), raw }
    expect(import(JSON.generate("@type" => "Recipe", "name" => "a &#xD800; b", "recipeIngredient" => ["1 cup oats"]))["formula"]["name"])
      .to eq("a &#xD800; b")
  end

  it "raises for nothing that is typed" do
    random = Random.new(7)
    pieces = ["1 cup oats", "For the base:", "Ingredients", "Method", "##", "**", "| a | b |", "|---|", "Makes", "Makes 16",
      "Serves 8 bites", "1.", "Step 2", "•", "{", "[", "&amp;", "<li>", "_x_", "_takes 25 % of dough_",
      "## Flavour: a (50 % of dough)", "_strewn on_", "\u0000", "🥥", "----", "½", "1 cup", "dates; oats; salt", ";", ":", "a: b", "\\",
      "Optional: 1 tsp salt", "to taste", "=1+1"]
    300.times do
      text = Array.new(random.rand(1..12)) { pieces.sample(random: random) }.join(["\n", " ", "\r\n"].sample(random: random))
      answer = import(text)
      expect { assess(answer["formula"]) }.not_to raise_error
    rescue ElmCup::InvalidDocument => error
      expect(error.message.length).to be_between(10, 400)
    end
  end

  describe "of JSON-LD" do
    let(:recipe) do
      {"@context" => "https://schema.org", "@type" => "Recipe", "name" => "Fig &amp; fennel bites", "recipeYield" => ["18", "18 bites"],
       "recipeIngredient" => ["1&frac12; cups rolled oats", "10 dates, pitted", "<b>1/3 cup</b> tahini", "2 tbsp&nbsp;honey"],
       "recipeInstructions" => [{"@type" => "HowToStep", "text" => "Stir."}, {"@type" => "HowToStep", "name" => "Roll."}]}
    end

    def ld(value) = import(JSON.generate(value))

    def summary(answer)
      [answer["formula"]["name"], answer["formula"].dig("shape", "pieces"), answer["lines"].map { |line| line["ingredient"] },
        answer["formula"]["notes"]]
    end

    let(:read) { ["Fig & fennel bites", 18, %w[oats-rolled dates-soft tahini honey], ["Stir.", "Roll."]] }

    it "reads a single one, a list, a graph, several types, and one inside a page" do
      {
        "single" => recipe, "list" => [{"@type" => "WebSite"}, recipe],
        "graph" => {"@context" => "https://schema.org", "@graph" => [{"@type" => "WebPage"}, recipe.except("@context")]},
        "types" => recipe.merge("@type" => %w[NewsArticle Recipe]), "full type" => recipe.merge("@type" => "http://schema.org/Recipe"),
        "main entity" => {"@type" => "WebPage", "mainEntity" => recipe},
        "list of items" => {"@type" => "ItemList", "itemListElement" => [{"@type" => "ListItem", "item" => recipe}]},
        "no context" => recipe.except("@context")
      }.each { |how, value| expect(summary(ld(value))).to eq(read), how }
      page = "<html><head><script type=\"application/ld+json\">{broken</script><script type='application/ld+json'>#{JSON.generate(recipe)}</script></head><body>Hello</body></html>"
      expect(summary(import(page))).to eq(read)
      marked = "<script class=\"schema\" type=\"application/ld+json\">\n//<![CDATA[\n#{JSON.generate(recipe)}\n//]]>\n</script><p>1 cup of noise</p>"
      expect(summary(import(marked))).to eq(read)
    end

    it "reads yields and instructions in each of their shapes" do
      {18 => 18, "Makes 18 balls" => 18, "18 servings" => nil, ["1 batch", "24"] => 24, ["1 log", "Makes 20 slices"] => 20, "a few" => nil,
       "1 (8-inch) pan, 16 squares" => 16, "2 loaves" => nil, "makes about 2 dozen balls" => 24,
       {"@type" => "QuantitativeValue", "value" => 12, "unitText" => "bars"} => 12, nil => nil}
        .each do |said, pieces|
          expect(ld(recipe.merge("recipeYield" => said))["formula"].dig("shape", "pieces")).to eq(pieces), said.inspect
        end
      {
        "Stir.<br>Roll." => ["Stir.", "Roll."], "Stir.\nRoll." => ["Stir.", "Roll."], "1. Stir.\n2. Roll." => ["Stir.", "Roll."],
        ["Stir.", "Roll."] => ["Stir.", "Roll."],
        [{"@type" => "HowToSection", "name" => "Dough", "itemListElement" => [{"@type" => "HowToStep", "text" => "Stir."}]},
          {"@type" => "HowToStep", "text" => "Roll."}] => ["Dough: Stir.", "Roll."],
        {"@type" => "ItemList", "itemListElement" => [{"@type" => "HowToStep", "text" => "Stir."}]} => ["Stir."], nil => nil
      }.each { |said, notes| expect(ld(recipe.merge("recipeInstructions" => said))["formula"]["notes"]).to eq(notes), said.inspect }
    end

    it "takes headings among the ingredients, parts, and old names" do
      headed = ld(recipe.merge("recipeIngredient" => ["For the base:", "1 cup oats", "2 tbsp honey", "For the topping:",
        "50 g dark chocolate"]))
      expect(headed["formula"]["components"].map { |part| [part["name"], part["type"], part["lines"].size] })
        .to eq([["base", "base", 2], ["topping", "topping", 1]])
      inner = ->(name, line) { {"@type" => "Recipe", "name" => name, "recipeIngredient" => [line]} }
      parts = ld(recipe.except("recipeIngredient").merge("hasPart" => [inner["Base", "1 cup oats"], inner["Filling", "1 cup tahini"]]))
      expect(parts["formula"]["components"].map { |part| part["name"] }).to eq(%w[base filling])
      expect(ld(recipe.except("recipeIngredient").merge("ingredients" => "1 cup oats\n2 tbsp honey"))["lines"].size).to eq(2)
      expect(ld([recipe, recipe.merge("name" => "Second")])["notes"]).to include(/“Second”, is not taken/)
    end

    it "reads ingredients that are objects" do
      lines = ld(recipe.merge("recipeIngredient" => [{"@type" => "PropertyValue", "value" => "2", "unitText" => "tbsp", "name" => "honey"},
        {"name" => "oats", "amount" => "1 cup"}, {"@value" => "x"}]))["lines"]
      expect(lines.map { |line| line["text"] }).to eq(["2 tbsp honey", "1 cup oats"])
    end

    it "refuses what has no recipe or no ingredients, and what is too large or too deep" do
      expect { ld({"@type" => "WebPage"}) }.to raise_error(ElmCup::InvalidDocument, /no schema.org Recipe/)
      expect { ld(recipe.except("recipeIngredient")) }.to raise_error(ElmCup::InvalidDocument, /names no ingredients/)
      expect { import(JSON.generate(recipe.merge("description" => "x" * 20_000_000))) }
        .to raise_error(ElmCup::InvalidDocument, /1000000 is the most/)
      expect { import("{\"@type\":\"Recipe\",\"x\":#{"[" * 10_000}#{"]" * 10_000}}") }
        .to raise_error(ElmCup::InvalidDocument, /nested deeper than can be read \(60 levels\)/)
      nested = (1..50).reduce(recipe) { |inner, _| {"@graph" => [inner]} }
      expect { import(JSON.generate(nested, max_nesting: 0)) }.to raise_error(ElmCup::InvalidDocument, /nested deeper/)
      expect {
        ld(recipe.merge("recipeIngredient" => {"a" => 1}, "name" => [[1]], "recipeYield" => [[]],
          "recipeInstructions" => [[[[[[[["x"]]]]]]]]))
      }.to raise_error(ElmCup::InvalidDocument)
    end
  end

  describe "of what was exported" do
    let(:document) do
      {"elm_cup" => "formula/1", "name" => "Layered *and* <odd> #1 | a\\b", "components" => [
        {"name" => "caramel", "type" => "filling", "process" => "processor", "want" => "spreads",
         "lines" => [{"text" => "12 soft dates, soaked 1 h"}, {"text" => "3 tbsp cashew butter"}]},
        {"name" => "dough", "type" => "dough", "process" => "hand", "want" => "presses",
         "lines" => [{"text" => "1 1/2 cups rolled oats, ground"}, {"text" => "2 tbsp house spice", "ingredient" => "spice-mixed"},
           {"text" => "1/3 cup [good] tahini"}],
         "takes" => [{"component" => "caramel", "share" => 0.25}]}
      ], "shape" => {"kind" => "ball", "piece_grams" => 18}, "splits" => [{"name" => "nib", "share" => 0.5, "component" => "dough",
                                                                           "lines" => [{"text" => "20 g cocoa nibs"}],
                                                                           "topping" => [{"text" => "1 tsp flaky salt"}]}],
       "needs" => ["vegan"], "notes" => ["Blend the dates.", "Roll into balls."]}
    end

    it "comes back the very same from JSON-LD and JSON" do
      expect(import(ElmCup.export(document, "jsonld"))["formula"]).to eq(document)
      expect(import(ElmCup.export(document, "json"))["formula"]).to eq(document)
    end

    it "names every line to other readers, flavours too, and knows the flavours again" do
      changed = JSON.parse(ElmCup.export(document, "jsonld"))
      expect(changed["recipeIngredient"])
        .to eq(document["components"].flat_map { |part| part["lines"].map { |line| line["text"] } } + ["20 g cocoa nibs",
          "1 tsp flaky salt"])
      changed["name"] = "Changed"
      back = import(JSON.generate(changed))["formula"]
      expect(back["components"].map { |part| part["name"] }).to eq(%w[caramel dough])
      expect(back["splits"]).to eq([{"name" => "nib", "share" => 0.5, "component" => "dough",
                                     "lines" => [{"text" => "20 g cocoa nibs"}, {"text" => "1 tsp flaky salt"}]}])
    end

    it "is read anew where someone changed the JSON-LD" do
      changed = JSON.parse(ElmCup.export(document, "jsonld"))
      changed["hasPart"][0]["recipeIngredient"][0] = "20 soft dates"
      expect(import(JSON.generate(changed))["formula"]["components"][0]["lines"][0]["text"]).to eq("20 soft dates")
    end

    it "comes back from the Markdown card with its parts, amounts, shares, flavours and steps" do
      back = import(ElmCup.export(document, "md"))["formula"]
      plain = document["components"].map { |part| part.merge("lines" => part["lines"].map { |line| line.slice("text") }) }
      expect(back["name"]).to eq(document["name"])
      expect(back["components"]).to eq(plain)
      expect([back["splits"], back["notes"]]).to eq([document["splits"], document["notes"]])
      again = ElmCup.export(back.merge("shape" => document["shape"]), "md")
      expect(import(again)["formula"].except("shape")).to eq(back.except("shape"))
    end

    it "leaves out shares and flavours of a part that someone took off the card, and says so" do
      card = ElmCup.export(document, "md").sub(/## caramel.*?(?=## dough)/m, "")
      answer = import(card)
      expect(answer["formula"]["components"].map { |part| part.slice("name", "takes") }).to eq([{"name" => "dough"}])
      expect(answer["notes"]).to include("There is no “caramel” that dough could take of")
    end

    it "prints and reads lines without changing them" do
      random = Random.new(11)
      library = ElmCup.shipped.all
      60.times do
        lines = Array.new(random.rand(1..6)) {
          {"text" => "#{["1 1/2 cups", "½ cup", "120 g", "2-3 tbsp", "1/3 cup + 1 tbsp",
            "10"].sample(random: random)} #{library.sample(random: random).name.downcase}#{["", ", melted", " (chopped)",
              ", soaked 2 h"].sample(random: random)}"}
        }
        formula = {"elm_cup" => "formula/1", "name" => "Any",
                   "components" => [{"name" => "dough", "type" => "dough", "process" => "hand", "lines" => lines}]}
        back = %w[md jsonld json].map { |format| import(ElmCup.export(formula, format))["formula"]["components"][0]["lines"] }
        expect(back).to all(eq(lines))
      end
    end
  end
end
