# frozen_string_literal: true

require "yaml"

# Recipes in many hands: chats, mails, notes, tables, sentences, with parts, yields and shares inside them.
RSpec.describe "An import from many hands" do
  folder = File.join(__dir__, "import_hands")
  meant = YAML.load_file(File.join(folder, "meant.yml"))
  everything = Dir[File.join(folder, "*.txt"), File.join(__dir__, "import_texts/*.txt")].sort

  def import(file) = ElmCup.import(File.binread(file))

  def ingredients(answer)
    answer["formula"]["components"].to_h { |part|
      [part["name"], answer["lines"].select { |line| line["component"] == part["name"] }.map { |line| line["ingredient"] }]
    }
  end

  def takes(answer)
    answer["formula"]["components"].select { |part| part["takes"] }
      .to_h { |part| [part["name"], part["takes"].to_h { |take| [take["component"], take["share"]] }] }
  end

  it "knows what every text means" do
    expect(meant.keys).to match_array(Dir[File.join(folder, "*.txt")].map { |file| File.basename(file, ".txt") })
  end

  meant.each do |name, said|
    it "reads #{name} as it is meant, and judges it as it comes" do
      answer = import(File.join(folder, "#{name}.txt"))
      expect(answer["formula"].dig("shape", "pieces")).to eq(said["pieces"])
      expect(ingredients(answer)).to eq(said["parts"])
      expect(takes(answer)).to eq(said["takes"] || {})
      assessment = assess(answer["formula"])
      expect(assessment["components"].map { |part| part["left_out"] }.compact).to eq([])
      expect(assessment["components"].select { |part| part["want"] }).to all(include("texture"))
    end
  end

  it "reads a chat that lost its line ends as the same chat" do
    together = ElmCup.import(File.read(File.join(folder, "aunt.txt")).delete("\n"))
    expect(ingredients(together)).to eq(meant["aunt"]["parts"])
  end

  describe "loses no amount" do
    # A number with a unit behind it.
    token = %r{(?<![\p{L}\d.,/])\d+(?:[.,]\d+)?\s*(?:g|kg|ml|oz|lb|tbsp|tsp|cups?|c|T|t)\b}i
    # Lines of nutrition, sizes of a piece or filling, and the second measure of the same thing in a column of its own.
    no_ingredient = /kcal|Calories|(?:Sugar|Fat): 13 g|21g Fat|15 g each|20 × 20 g|250 g\s+1 cup/

    def plain(text) = ElmCup::Quantity::PlainText.of(ElmCup::Exchange::Entities.decode(text))

    def squeezed(text) = plain(text).gsub(/<[^>]*>/, " ").gsub(/[*_`\\\s]/, "").downcase

    it "of any text: each stands in a line, a note or a remark" do
      lost = everything.flat_map { |file|
        answer = import(file)
        parts = answer["formula"]["components"]
        said = squeezed([parts.map { |part|
          [part["lines"], part["takes"]].inspect
        }, answer["formula"]["splits"].inspect, answer["notes"]].join("\n"))
        plain(File.read(file)).lines.reject { |line| line.match?(no_ingredient) }.flat_map { |line| line.scan(token) }
          .reject { |amount| said.include?(squeezed(amount)) }.map { |amount| [File.basename(file), amount] }
      }
      expect(lost).to eq([])
    end

    things = {"dark chocolate" => "chocolate-dark", "coconut oil" => "coconut-oil", "honey" => "honey", "tahini" => "tahini",
              "cocoa" => "cocoa", "instant coffee" => "coffee-instant"}
    joints = ["%s, melted w/ %s", "%s mixed with %s", "%s (+ %s)", "%s, plus %s", "%s and %s", "%s + %s", "%s dissolved in %s", "%s / %s"]

    it "behind another one, however they are joined" do
      things.keys.combination(2).each_with_index do |(one, other), at|
        joints.each do |joint|
          line = format(joint, "#{at + 2} tbsp #{one}", "#{at + 3} tsp #{other}")
          read = ElmCup.import("1 cup rolled oats\n#{line}\n2 tbsp chia seeds")["lines"]
          expect(read.map { |each| each["ingredient"] }).to eq(["oats-rolled", things[one], things[other], "chia"]), line
        end
      end
    end
  end

  it "tells a message from JSON, and JSON from a message" do
    expect(ElmCup.import("[14:02] Pell: 1 cup oats and 2 tbsp honey")["lines"].map { |line|
      line["text"]
    }).to eq(["1 cup oats", "2 tbsp honey"])
    expect { ElmCup.import('["1 cup oats"]') }.to raise_error(ElmCup::InvalidDocument, /schema.org/)
  end

  it "counts what the method tells once, more of it again, and what may go in not at all" do
    method = "1 cup oats\n1/3 cup honey\n2 tbsp cocoa\nStep 1: Stir in 1/3 cup honey.\nStep 2: Roll in 3 tbsp sesame seeds and another 1 tbsp cocoa.\nStep 3: If it is dry add 1 tbsp milk."
    answer = ElmCup.import(method)
    expect(answer["lines"].map { |line| [line["component"], line["text"]] })
      .to eq([["dough", "1 cup oats"], ["dough", "1/3 cup honey"], ["dough", "2 tbsp cocoa"], ["topping", "3 tbsp sesame seeds"],
        ["topping", "1 tbsp cocoa"]])
    expect(answer["notes"]).to include("“1/3 cup honey” is in the method too: it is counted once",
      "“1 tbsp milk” is only if needed: it is not counted", "“3 tbsp sesame seeds” is only in the method: added as a line")
  end

  it "takes shares of other parts, and of what is left" do
    text = "Dough:\n300 g dates\n\nCaramel:\n25% of the dough\n2 tbsp tahini\n\nTop:\n3 tbsp of the caramel\nthe rest of the dough"
    expect(ElmCup.import(text)["formula"]["components"].to_h { |part| [part["name"], part["takes"]] })
      .to eq("dough" => nil, "caramel" => [{"component" => "dough", "share" => 0.25}],
        "top" => [{"component" => "caramel", "text" => "3 tbsp"}, {"component" => "dough", "share" => 0.75}])
  end

  it "gives no more of a part than there is, and says so" do
    left = {"all of the caramel" => [["balls", 1.0], ["top", nil]], "2/3 of the caramel" => [["balls", 0.6667], ["top", 0.3333]]}
    left.each do |first, shares|
      answer = ElmCup.import("Caramel:\n200 g dates\n\nBalls:\n#{first}\n90 g oats\n\nTop:\nhalf of the caramel\n2 tbsp cocoa")
      expect(answer["formula"]["components"].drop(1).map { |part| [part["name"], part["takes"]&.dig(0, "share")] }).to eq(shares)
      expect(answer["notes"]).to include("top asks for more of “caramel” than is left: it gets what there is")
    end
  end
end
