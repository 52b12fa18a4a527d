# frozen_string_literal: true

# What recipes say of tins, cutting, scoops, cups and coats, in the words of many cooks; each was written down before it was read.
RSpec.describe "An import of shape and coat" do
  dough = "Oat thing\n\n1 cup rolled oats\n1/2 cup peanut butter\n1/3 cup honey\n"
  coated = "#{dough}\nCoating\n150 g dark chocolate\n1 tsp coconut oil\n"
  rolled = "#{dough}\nTopping\n50 g desiccated coconut\n"
  read = ->(text, step) { ElmCup.import("#{text}\nMethod\n1. Mix everything.\n2. #{step}\n")["formula"] }

  {
    "Press into a 20x30cm lined tin, chill and slice into 24." => {"kind" => "slab", "tin_mm" => [200, 300], "pieces" => 24},
    "Press into an 8x8 inch pan and cut into 16 bars." => {"kind" => "slab", "tin_mm" => [203, 203], "pieces" => 16},
    "Line a 20 cm square tin. Press in, chill, cut into squares." => {"kind" => "slab", "tin_mm" => [200, 200]},
    "Press into a 9-inch round cake tin and cut into 12 wedges." => {"kind" => "slab", "tin_mm" => [229], "pieces" => 12},
    "Tip into a 23cm springform tin, press down, freeze, slice into 14." => {"kind" => "slab", "tin_mm" => [230], "pieces" => 14},
    "Press into a lined 2lb loaf tin; cut into 10 slices when set." => {"kind" => "slab", "tin_mm" => [229, 127], "pieces" => 10},
    "Press in a 9x13 pan. Cut into 24 squares." => {"kind" => "slab", "tin_mm" => [229, 330], "pieces" => 24},
    "Spread in a 18 x 28cm tin and cut into fingers" => {"kind" => "slab", "tin_mm" => [180, 280]},
    "Roll into tablespoon-size balls." => {"kind" => "ball", "scoop_ml" => 14.79},
    "Roll heaped teaspoon-sized balls with damp hands." => {"kind" => "ball", "scoop_ml" => 6.66},
    "Scoop tablespoons of the mixture and roll into balls." => {"kind" => "ball", "scoop_ml" => 14.79},
    "Use a small cookie scoop to portion, then roll into balls." => {"kind" => "ball", "scoop_ml" => 9.86},
    "Portion with a #40 scoop and roll." => {"kind" => "ball", "scoop_ml" => 23.66},
    "Roll into walnut-sized balls." => {"kind" => "ball", "diameter_mm" => 30},
    "Roll into 1-inch balls and chill." => {"kind" => "ball", "diameter_mm" => 25},
    "Shape into balls of about 20 g each." => {"kind" => "ball", "piece_grams" => 20},
    "Roll into 18 balls." => {"kind" => "ball", "pieces" => 18},
    "Roll into balls and flatten with a fork." => {"kind" => "cookie", "piece_grams" => 18},
    "Take tablespoons of mixture, roll and flatten each to a disc." => {"kind" => "cookie", "scoop_ml" => 14.79},
    "Shape into small eggs, about 20g each." => {"kind" => "egg", "piece_grams" => 20},
    "Roll into a log 4 cm thick, chill, cut into 1 cm slices." => {"kind" => "log", "diameter_mm" => 40, "slice_mm" => 10},
    "Shape into a log, wrap and freeze, then slice into 20 rounds." => {"kind" => "log", "pieces" => 20},
    "Divide between 12 mini muffin cases." => {"kind" => "cup", "diameter_mm" => 32, "depth_mm" => 20, "liner" => "paper"},
    "Spoon into a 12-hole muffin tin lined with paper cases." => {"kind" => "cup", "diameter_mm" => 50, "depth_mm" => 32,
                                                                  "liner" => "paper"},
    "Press into silicone moulds and freeze." => {"kind" => "mould", "cavity_ml" => 15},
    "Spread on a lined tray, freeze and break into pieces." => {"kind" => "bark", "thickness_mm" => 6},
    "Divide between 6 glasses and chill." => {"kind" => "glass", "pieces" => 6},
    "Press into a 450 g loaf tin and cut into 8 slices." => {"kind" => "slab", "tin_mm" => [216, 114], "pieces" => 8},
    "Spread into a 23cm round springform and cut into 12 wedges." => {"kind" => "slab", "tin_mm" => [230], "pieces" => 12},
    "Press into a rectangular dish about 30 by 20 centimetres and cut into 24 bars." => {"kind" => "slab", "tin_mm" => [300, 200],
                                                                                         "pieces" => 24},
    "Line an 11 x 7 in brownie tin, press it in, chill, cut in 3 rows of 5." => {"kind" => "slab", "tin_mm" => [279, 178], "pieces" => 15},
    "Press into a 20cm square tin and cut into 5 cm squares." => {"kind" => "slab", "tin_mm" => [200, 200], "side_mm" => 50},
    "Press into a 20 x 30 cm tin. Cut into 3cm x 8cm bars." => {"kind" => "slab", "tin_mm" => [200, 300], "grid" => [7, 4]},
    "Pat out on paper 1.5 cm thick, chill, cut into squares." => {"kind" => "slab", "depth_mm" => 15},
    "Divide among 12 muffin cups and chill." => {"kind" => "cup", "diameter_mm" => 50, "pieces" => 12},
    "Pour onto a lined tray, 5 mm thick, freeze and break into shards." => {"kind" => "bark", "thickness_mm" => 5},
    "Roll into balls, then flatten into discs 1 cm thick." => {"kind" => "cookie", "thickness_mm" => 10},
    "Take walnut-sized pieces, roll, and press flat with a fork." => {"kind" => "cookie", "scoop_ml" => 14.1},
    "Shape into small eggs of about 20 g." => {"kind" => "egg", "piece_grams" => 20},
    "Pipe into the cavities of a 10 ml bonbon mould." => {"kind" => "mould", "cavity_ml" => 10},
    "Fill 6 ramekins (120 ml each)." => {"kind" => "glass", "pieces" => 6},
    "Pour into glasses of 120 ml." => {"kind" => "glass", "ml" => 120},
    "Roll 3/4 tbsp sized balls." => {"kind" => "ball", "scoop_ml" => 11.09},
    "Roll into 2 tbsp-size balls." => {"kind" => "ball", "scoop_ml" => 29.58},
    "Use 3 tbsp of the mixture per ball and roll into balls." => {"kind" => "ball", "scoop_ml" => 44.37},
    "Scoop 1.5 tbsp and roll into balls." => {"kind" => "ball", "scoop_ml" => 22.19},
    "Roll 20 tablespoon-size balls." => {"kind" => "ball", "pieces" => 20},
    "With wet hands make balls as big as a golf ball." => {"kind" => "ball", "diameter_mm" => 42},
    "Use an ice cream scoop to make mounds on a tray." => {"kind" => "ball", "scoop_ml" => 44.36},
    "Press into mini muffin tins." => {"kind" => "cup", "diameter_mm" => 32},
    "Pour into a lined baking tray to 1/2 inch thick, chill, snap into pieces." => {"kind" => "bark", "thickness_mm" => 13},
    "Cut out rounds with a 5cm cutter." => {"kind" => "cookie", "diameter_mm" => 50},
    "Roll into balls, about 1 tablespoon each." => {"kind" => "ball", "scoop_ml" => 14.79},
    "Roll into balls (each about 1 oz)." => {"kind" => "ball", "piece_grams" => 28.4},
    "Roll into one-inch balls." => {"kind" => "ball", "diameter_mm" => 25},
    "Freeze in a 20cm tin, then cut into 3cm cubes." => {"kind" => "slab", "tin_mm" => [200, 200], "side_mm" => 30},
    "Pack into an oiled 15cm square dish and chill; cut in 9." => {"kind" => "slab", "tin_mm" => [150, 150], "pieces" => 9},
    "Drop heaped teaspoons onto baking paper and flatten slightly." => {"kind" => "cookie", "scoop_ml" => 6.66},
    "Divide into 20g portions, roll." => {"kind" => "ball", "piece_grams" => 20},
    "Layer in two jars." => {"kind" => "glass", "pieces" => 2},
    "Beat in the eggs, then roll into balls." => {"kind" => "ball"},
    "Chill until firm." => nil
  }.each do |step, shape|
    it "takes “#{step}”" do
      found = read[dough, step]["shape"]
      found = found.slice(*shape.keys) if found && shape
      expect(found).to eq(shape)
    end
  end

  {
    "Roll into balls. Dip in the chocolate." => {"kind" => "dip", "component" => "coating"},
    "Roll into balls, chill, then dip each in the melted chocolate. When set, dip again for a second coat." => {"kind" => "dip", "component" => "coating", "coats" => 2},
    "Roll into balls and dip half of each in chocolate." => {"kind" => "half_dip", "component" => "coating"},
    "Roll into balls. Drizzle with the melted chocolate." => {"kind" => "drizzle", "component" => "coating"},
    "Press into a 20 cm tin, spread the melted chocolate over the top, cut into 16 squares." => {"kind" => "spread", "component" => "coating"},
    "Line 10 cupcake cases with melted chocolate, chill, fill, top with more chocolate." => {"kind" => "cup", "component" => "coating"},
    "Press into a 20 cm tin and cut into bars. Zigzag melted chocolate over them." => {"kind" => "drizzle", "component" => "coating"},
    "Roll into balls. Enrobe in tempered chocolate." => {"kind" => "dip", "component" => "coating"},
    "Roll into balls and freeze." => nil
  }.each do |step, coat|
    it "takes “#{step}” for a coat" do
      expect(read[coated, step]["coat"]).to eq(coat)
    end
  end

  it "rolls in what the method says, where it stands among the toppings" do
    expect(read[rolled, "Roll into balls, then roll in the coconut."]["coat"]).to eq("kind" => "roll", "component" => "topping")
  end

  it "parts what pieces are only rolled in, and pours over a slab what the sentence names; what else is mixed in stays" do
    text = "Coconut bites\n\n1 cup rolled oats\n1/2 cup peanut butter\n40 g desiccated coconut\n100 g dark chocolate\n"
    parts = ->(method) {
      ElmCup.import("#{text}\nMethod\n#{method}")["formula"]["components"].to_h { |part| [part["name"], part["lines"].size] }
    }
    expect(parts["Mix oats and peanut butter. Roll into balls. Roll each in desiccated coconut."]).to eq("dough" => 3, "topping" => 1)
    expect(parts["Mix all the ingredients. Roll into balls. Roll each in desiccated coconut."]).to eq("dough" => 4)
    expect(parts["Mix oats, peanut butter and half the coconut. Roll into balls and roll in the coconut."]).to eq("dough" => 4)
    expect(parts["Press oats, coconut and peanut butter into a 20cm tin. Melt the chocolate and pour over the base. Cut into 16."])
      .to eq("dough" => 3, "coating" => 1)
  end

  it "parts chocolate that is only melted to dip in, and says so; what is stirred in stays" do
    text = "Dipped bites\n\n1 cup rolled oats\n1/2 cup peanut butter\n150 g dark chocolate\n1 tsp coconut oil\n"
    answer = ElmCup.import("#{text}\nMethod\n1. Mix oats and peanut butter, roll into 16 balls.\n2. Melt the chocolate with the oil and dip the balls in it.\n")
    expect(answer["formula"]["components"].to_h { |part| [part["name"], part["lines"].size] }).to eq("dough" => 2, "coating" => 2)
    expect(answer["notes"]).to include(/goes into a coating of its own, by the method/)
    stirred = ElmCup.import("#{text}\nMethod\n1. Melt the chocolate, mix the chocolate with peanut butter and oats, roll into 16 balls. Dip in cocoa.\n")
    expect(stirred["formula"]["components"].size).to eq(1)
  end

  it "says all that it took, and asks of a part what its place asks" do
    answer = ElmCup.import("Caramel slice\n\nBase\n200 g digestive biscuits\n80 g butter, melted\n\nFilling\n200 g dates\n100 g almond butter\n\n" \
      "Method\n1. Press the base into a 20x30cm lined tin.\n2. Spread the filling over it. Slice into 24.\n")
    expect(answer["notes"]).to include("“20x30cm lined tin” is taken as a 20 × 30 cm tin")
    expect(assess(answer["formula"])["components"].to_h { |part|
      part.values_at("name", "want")
    }).to eq("base" => "presses", "filling" => "spreads")
  end

  it "comes back from our own card, every shape and coat" do
    [{"kind" => "ball", "scoop_ml" => 23.66}, {"kind" => "slab", "tin_mm" => [200, 300], "grid" => [6, 4], "trim_mm" => 5},
      {"kind" => "slab", "tin_mm" => [200], "pieces" => 12},
      {"kind" => "log", "pieces" => 20, "fixed" => "slice_mm"}, {"kind" => "cup", "diameter_mm" => 32, "depth_mm" => 20.5,
                                                                 "liner" => "foil"},
      {"kind" => "mould", "cavity_ml" => 12, "joined" => true}, {"kind" => "bark", "thickness_mm" => 5, "pieces" => 20},
      {"kind" => "glass", "ml" => 80}].each do |shape|
      document = coated(shape, coat: {"kind" => "dip", "component" => "shell", "coats" => 2, "thickness_mm" => 1.5}, lives: "room")
      back = ElmCup.import(ElmCup.export(document, "md"))["formula"]
      expect(back.slice("shape", "coat", "lives")).to eq(document.slice("shape", "coat", "lives"))
      expect(ElmCup.import(ElmCup.export(document, "jsonld"))["formula"]).to eq(document)
    end
    slab = coated({"kind" => "slab", "tin_mm" => [200, 200], "grid" => [6, 4]})
    expect(ElmCup.export(slab, "md")).to include("24 pieces of 18 g: 33 × 50 mm, 10 mm deep, in a 20 × 20 cm tin cut 6 × 4.", "Spread over the top with shell: about")
    expect(JSON.parse(ElmCup.export(slab,
      "jsonld"))).to include("tool" => include("name" => "20 × 20 cm tin"), "description" => /cut 6 × 4\. Spread over the top/)
  end
end
