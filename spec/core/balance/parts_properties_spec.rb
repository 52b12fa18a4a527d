# frozen_string_literal: true

# What must hold of every answer where parts take of each other, by share, weight or measure, and a base is divided into flavours.
RSpec.describe "Balance, whatever parts there are" do
  amounts = %w[1/4 1/3 1/2 3/4 1]
  base = ["%s cup rolled oats, ground", "%s cup almond flour", "%s cup peanut butter", "%s cup tahini", "%s cup honey",
    "%s cup maple syrup", "10 soft dates, to paste"]
  sauce = ["8 soft dates, to paste", "%s cup cashew butter", "%s cup maple syrup", "1 tbsp coconut oil, melted", "1/4 tsp fine salt"]
  fill = ->(lines, count, random) {
    lines.sample(count, random: random).map { |text| {"text" => text.sub("%s", amounts.sample(random: random))} }
  }

  define_method(:size_of) { |random| [{"piece_grams" => random.rand(14..26)}, {"pieces" => random.rand(14..40)}].sample(random: random) }

  define_method(:parts_of) do |random|
    take = [{"share" => random.rand(0.2..0.7).round(2)}, {"grams" => random.rand(20..60)},
      {"text" => %w[1/4 1/3].sample(random: random) + " cup"}].sample(random: random)
    splits = [
      {"name" => "nutty", "share" => random.rand(0.2..0.45).round(2), "lines" => [{"text" => "2 tbsp chopped walnuts"}]},
      {"name" => "dark", "share" => random.rand(0.2..0.45).round(2), "lines" => [{"text" => "1 tbsp cocoa powder"}],
       "topping" => [{"text" => "1 tbsp cacao nibs"}]}
    ]
    {"elm_cup" => "formula/1", "name" => "Parts", "components" => [
      {"name" => "dough", "process" => "processor", "lines" => fill.call(base, 5, random), "takes" => [{"component" => "sauce", **take}]},
      {"name" => "sauce", "type" => "filling", "process" => "processor", "lines" => fill.call(sauce, 4, random)}
    ], "splits" => (splits if random.rand < 0.6), "shape" => {"kind" => "ball", **size_of(random)}}.compact
  end

  # Wishes near what there is, most of them a way off it.
  define_method(:wishes_near) do |random, answer|
    piece = answer["nutrition_per_piece"] || answer["splits"]&.first&.fetch("nutrition_per_piece")
    all = ["kcal<=#{(piece["kcal"] * random.rand(0.82..0.97)).round(1)}",
      "protein>=#{(piece["protein_g"] * random.rand(1.02..1.15)).round(2)}", "grams=#{(answer["grams"] * random.rand(0.85..1.2)).round}",
      "dough.texture=#{%w[presses rolls tacky].sample(random: random)}", "sauce.texture=#{%w[tacky spreads pours].sample(random: random)}",
      "lock:#{answer["components"][1]["lines"].sample(random: random)["ingredient"]}"]
    all.sample(2, random: random)
  end

  # Exact grams of each line of a formula, by the place it stands in.
  define_method(:grams_of) { |answer| answer["components"].map { |part| part["lines"].sum { |line| line["grams"] } } }

  # What the sums rest on: whatever way a line goes, into parts that take of its own, into flavours or onto them, a gram of it counts there.
  9.times do |seed|
    it "sums parts as the assessment does #{seed}" do
      document = parts_of(Random.new(1700 + seed))
      assessment = ElmCup::Assessment.of(document, library: ElmCup.shipped)
      question, = settler(document, ["kcal<=10"])
      rows = ElmCup::Balance::Rows.new(question.situation)
      grams = (question.situation.amounts + question.situation.candidates).map(&:grams)
      assessment.components.each_with_index do |part, at|
        sides = rows.sides(at)
        value = [sides.p.at(grams), sides.q.at(grams)].max / sides.demand.at(grams)
        expect([part.name, value]).to match([part.name, be_within(0.005).of(part.verdict.saturation.value)])
      end
      # A number of pieces falls unevenly on flavours, which the sums leave to what they are corrected by.
      uneven = document["splits"] && document["shape"]["pieces"]
      (uneven ? {} : {"kcal" => :kcal, "sugars" => :sugars_g, "protein" => :protein_g}).each do |figure, field|
        expect([figure, rows.per_piece(figure).at(grams)])
          .to match([figure, be_within(0.5).percent_of(assessment.nutrition.per_piece[field])])
      end
      unless document["shape"]["pieces"]
        rolled = assessment.pieces.yields.map { |each| each.count + each.over_grams / each.piece_grams }
        expect(rows.pieces_apart.map { |apart| apart.at(grams) }).to match(rolled.map { |each| be_within(0.02).of(each) })
      end
      expect(rows.grams.at(grams)).to be_within(0.01).of(assessment.grams)
    end
  end

  9.times do |seed|
    it "keeps its word of parts #{seed}" do
      random = Random.new(900 + seed)
      document = parts_of(random)
      before = assess(document)
      expect(ElmCup.flagged(before)).to eq([])
      wishes = wishes_near(random, before)
      found = balance(document, *wishes)

      found["answers"].each do |answer|
        after = assess(answer["formula"])
        wishes.each { |wish| expect([wish, holds?(answer["formula"], wish)]).to eq([wish, true]) }
        found["wishes"].select { |wish| wish["kept"] }.each do |wish|
          expect([wish["wish"], holds?(answer["formula"], wish["wish"])]).to eq([wish["wish"], true])
        end
        expect(patched(document, answer["patch"])).to eq(answer["formula"])
        expect(answer["after"]["grams"]).to eq(after["grams"])
        # What is taken by a share goes with its part; what is taken by weight or measure stays what was said, but in a batch of another
        # size.
        take, now = [document, answer["formula"]].map { |each| each["components"][0]["takes"][0] }
        expect(now["share"]).to eq(take["share"]) if take["share"]
        taken = after["components"][0]["takes"][0]["grams"]
        expect(taken).to be_within(0.02).of(now["share"] * grams_of(after)[1]) if now["share"]
        expect(taken).to be_within(0.01).of(now["grams"]) if now["grams"]
        expect(answer["formula"]["splits"]&.map { |split| split["share"] }).to eq(document["splits"]&.map { |split| split["share"] })
        locked = wishes.filter_map { |wish| wish[/\Alock:(.*)/, 1] }
        was, is = [before, after].map { |each|
          lines = each["components"].flat_map { |part| part["lines"] }
          lines.select { |line| locked.include?(line["ingredient"]) }.map { |line| line["grams"] }
        }
        expect(is).to eq(was)
        # Nothing is there twice, and nothing is lost: the whole is what was put into the parts and flavours.
        strewn = (after["splits"] || []).sum { |split| (split["lines"] + split["topping"]).sum { |line| line["grams"] } }
        expect(after["grams"]).to be_within(0.05).of(grams_of(after).sum + strewn)
        answer["sums"].each do |sum|
          expect(Arithmetic.reckon(sum["formula"], sum["inputs"])).to be_within([sum["value"].abs * 1e-4, 1e-6].max).of(sum["value"])
        end
      end
      # A bowl that is answered is held to all of this; two of these cannot be had.
      expect(found["answers"].any?).to eq(seed != 2)
    end
  end
end
