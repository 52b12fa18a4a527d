# frozen_string_literal: true

# Made-up formula documents in many hands: what a reshaping of the core is held against. The same number gives the same document.
module MadeUp
  AMOUNTS = ["%d g", "%d0 g", "1/%d cup", "%d tbsp", "%d tsp", "1 1/2 cups", "2-3 tbsp", "%d oz", "%d ml", "1 c + %d tbsp", "a pinch of",
    "%d heaping tbsp"].freeze
  THINGS = [
    "rolled oats", "rolled oats, ground", "oat flour", "almond flour", "coconut flour", "desiccated coconut", "cocoa powder",
    "ground flaxseed", "chia seeds",
    "soft dates", "dates, soaked 1 h", "dried apricots, chopped", "raisins", "cashew butter", "tahini", "peanut butter", "almond butter",
    "sunflower seed butter", "coconut oil, melted",
    "butter, melted", "honey", "maple syrup", "date syrup", "condensed milk", "powdered sugar", "granulated sugar", "fine salt",
    "vanilla extract", "water", "whole milk",
    "dark chocolate, melted", "chopped pistachios", "walnuts", "almonds, toasted", "cocoa nibs", "whey protein powder", "cream cheese",
    "black sesame seeds", "lemon juice", "house spice"
  ].freeze
  ODD = ["some of it", "3 blorps of zing", "1 cup milk and honey", "salt"].freeze
  NAMES = ["dough", "caramel", "crust", "nut/oat ~ layer"].freeze
  WISHES = ["texture=rolls", "texture=presses..rolls", "kcal<=%d0", "free_sugars<=%d", "protein>=%d", "diet=vegan", "without:peanut",
    "grams=%d00", "pieces=%d", "sweetness>=%d", "lock:honey", "cost<=0.%d", "dough.grease<=0.%d"].freeze

  module_function

  def document(number)
    random = Random.new(number)
    count = [1, 1, 2, 3].sample(random: random)
    components = Array.new(count) { |at| component(random, at) }
    {
      "elm_cup" => "formula/1", "name" => "Made-up bowl #{number}", "components" => components, "shape" => shape(random),
      "splits" => (splits(random, components) if random.rand < 0.2),
      "needs" => %w[vegan gluten-free nut-free].sample(random.rand(0..2), random: random),
      "wishes" => (wishes(random) if random.rand < 0.5),
      "muted" => (%w[no-salt pits] if random.rand < 0.2), "notes" => (["Press it flat."] if random.rand < 0.2), "kitchen" => kitchen(random)
    }.compact
  end

  def component(random, at)
    lines = Array.new(random.rand(2..7)) { line(random) }
    said = {"name" => NAMES[at], "type" => [nil, "dough", "base", "filling", "layer", "coating", "topping"].sample(random: random),
            "process" => [nil, "hand", "processor"].sample(random: random),
            "want" => [nil, nil, "rolls", "presses", "spreads"].sample(random: random), "lines" => lines}.compact
    return said if at.zero? || random.rand > 0.5

    said.merge("takes" => [{"component" => NAMES[at - 1],
                            **[{"share" => 0.25}, {"grams" => 12}, {"text" => "2 tbsp"}].sample(random: random)}])
  end

  def line(random)
    return {"text" => ODD.sample(random: random)} if random.rand < 0.015
    return {"ingredient" => %w[tahini oats-rolled maple salt].sample(random: random), "grams" => random.rand(3..160)} if random.rand < 0.1

    {"text" => "#{AMOUNTS.sample(random: random).gsub("%d") { random.rand(2..9).to_s }} #{THINGS.sample(random: random)}"}
  end

  def shape(random)
    [nil, {"kind" => "ball", "piece_grams" => random.rand(10..30)}, {"kind" => "ball", "piece_grams" => 18},
      {"kind" => "ball", "scoop_ml" => 15}, {"kind" => "ball", "pieces" => random.rand(6..40)}].sample(random: random)
  end

  def splits(random, components)
    [{"name" => "plain", "share" => 0.5}, {"name" => "nutty", "share" => [0.25, 0.5].sample(random: random),
                                           "component" => components.first["name"], "lines" => [line(random)], "topping" => [line(random)]}]
  end

  def wishes(random) = WISHES.sample(random.rand(1..3), random: random).map { |wish| wish.sub("%d") { random.rand(3..9).to_s } }

  def kitchen(random)
    [nil, nil, {"cup" => "metric", "room_c" => 26}, {"cup" => "us", "spoons" => ["1/2 tsp", "1 tbsp"]}, {"cup" => "au"}]
      .sample(random: random)
  end
end
