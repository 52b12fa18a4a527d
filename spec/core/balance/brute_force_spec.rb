# frozen_string_literal: true

# Every count of spoons of small bowls, tried one after the other with sums written out here, against what Balance finds.
RSpec.describe "Balance beside all spoon counts" do
  # mL a gram: syrup, free water, pulp, fat, demand; g of loose sugar a gram; grams a cup (docs/model.md, Binding and Measures).
  stuff = {
    "rolled oats, ground" => [0, 0, 0, 0, 1.1, 0, 95.0], "almond flour" => [0, 0, 0, 0.07, 0.66, 0, 100.0],
    "honey" => [0.70, 0, 0, 0, 0, 0, 339.0], "maple syrup" => [0.75, 0, 0, 0, 0, 0, 315.0],
    "almond butter" => [0, 0, 0, 0.60, 0.36, 0, 256.0], "tahini" => [0, 0, 0, 0.63, 0.31, 0, 240.0],
    "date paste" => [0, 0, 0.52, 0, 0.46, 0.218, 270.0]
  }
  water = [0, 2.5, 0, 0, 0, 0]
  # Nothing in these bowls is like water: its coming in costs .30, each step .01 more.
  comes = 0.30
  cup = 236.5882365
  tsp = cup / 48
  # text => [mL, step in mL]: under 2 tsp 1/2 tsp, under 3 tbsp 1 tsp, under 1 cup 1 tbsp, else 1/4 cup.
  amounts = {"1 cup" => [cup, cup / 4], "1 1/2 cups" => [1.5 * cup, cup / 4], "1/2 cup" => [cup / 2, 3 * tsp],
             "1/4 cup" => [cup / 4, 3 * tsp], "1/3 cup" => [cup / 3, 3 * tsp], "2 tbsp" => [6 * tsp, tsp]}
  water_grams = 237.0 / 48

  define_method(:number) do |grams|
    syrup, free, pulp, fat, demand, sugar = 6.times.map { |at| grams.sum { |each, figures| each * figures[at] } }
    counted = [free, 0.54 * free + 0.6 * sugar].min
    3 + Math.log((syrup + counted + pulp + fat - 0.7 * [pulp, fat].min) / demand / 0.82) / Math.log(1.33)
  end

  44.times do |seed|
    it "finds what trying everything finds, bowl #{seed}" do
      random = Random.new(seed)
      dry, wet, third = %w[rolled\ oats,\ ground almond\ flour].sample(random: random), %w[honey maple\ syrup].sample(random: random),
        ["almond butter", "tahini", "date paste"].sample(random: random)
      lines = [[["1 cup", "1 1/2 cups"].sample(random: random), dry], [["1/4 cup", "1/3 cup", "2 tbsp"].sample(random: random), wet],
        [["1/2 cup", "1/4 cup", "1/3 cup"].sample(random: random), third]]
      want = %w[presses rolls tacky spreads].sample(random: random)
      class_number = ElmCup::Binding::Texture.index(want)
      per_gram = ->(text, name) { amounts[text].map { |ml| ml / cup * stuff[name].last } }
      all = lines.map { |text, name| [*per_gram.call(text, name), stuff[name]] }
      total = all.sum(&:first)
      most_water = (total / 4 / water_grams).floor
      ranges = all.map { |grams, step, _| (-((grams / 2 / step) + 1e-9).floor..((grams / step) + 1e-9).floor).to_a }
      tried = ranges[0].product(ranges[1], ranges[2], (0..most_water).to_a)
      least = lambda do |from, to|
        tried.filter_map { |*counts, spoons|
          lines = counts.zip(all).map { |count, (grams, step, figures)| [grams + count * step, figures] }
          # Water only where there is sugar to take it: .52 g a gram.
          next if spoons * water_grams > 0.52 * lines.sum { |grams, figures| grams * figures[5] } + 1e-9

          cost = counts.zip(all).sum { |count, (grams, step, _)| count.abs * step / grams } + (spoons.zero? ? 0 : comes + 0.01 * spoons)
          cost if number([*lines, [spoons * water_grams, water]]).between?(from, to)
        }.min
      end
      document = formula(*lines.map { |text, name| "#{text} #{name}" }, want: want)
      now = number(all.map { |grams, _, figures| [grams, figures] })
      # What holds already asks for nothing.
      expected = (now.floor == class_number) ? 0.0 : least.call(class_number + 0.29, class_number + 0.70) ||
        least.call(class_number + 0.002, class_number + 0.998)
      answers = balance(document, "texture=#{want}", have: [])["answers"]
      expect(answers.first&.fetch("size")&.round(4)).to eq(expected&.round(4))
    end
  end
end
