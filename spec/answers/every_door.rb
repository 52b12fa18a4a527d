# frozen_string_literal: true

require "json"

# What every door of the core answers of a document, refusals as their faults.
module EveryDoor
  PANTRY = JSON.parse(File.read(File.expand_path("../../server/demo/pantry.json", __dir__))).freeze

  module_function

  # door => answer. thorough: Balance and what uses it, too, each with all the time it needs.
  def answers(document, number, thorough:)
    library = ElmCup.pantry(number.odd? ? PANTRY : [])
    said = {
      "assess" => -> { ElmCup.assess(document, pantry: library) },
      "flagged" => -> { ElmCup.flagged(ElmCup.assess(document, pantry: library)) },
      "cold" => -> { ElmCup.cold(document, pantry: library) },
      "shape" => -> { ElmCup.shape(document, pantry: library) },
      "scale" => -> { ElmCup.scale(document, "3/2") },
      "scaling" => -> { ElmCup.scaling(document, pieces: 30, piece_grams: 17, pantry: library) },
      "scaling_grams" => -> { ElmCup.scaling(document, grams: 640, pantry: library) },
      "scaling_factor" => -> { ElmCup.scaling(document, factor: "1/3", pantry: library) },
      **%w[json jsonld md csv].to_h { |format| ["export_#{format}", -> { ElmCup.export(document, format, pantry: library) }] },
      "import" => -> { ElmCup.import(ElmCup.export(document, "md", pantry: library), pantry: library) },
      "compare" => -> { ElmCup.compare(document, changed(document), pantry: library) },
      "trial" => -> { ElmCup.trial(document, pieces: 2, pantry: library) },
      "wish" => -> { ElmCup.wish(document, "less sweet and under 90 kcal", pantry: library) },
      "leading" => -> { ElmCup.leading(document["components"]) },
      "line" => -> { document["components"].first["lines"].map { |line| line["text"] && ElmCup.read_line(line["text"], pantry: library) } }
    }
    said.merge!(searches(document, library)) if thorough
    said.transform_values { |door| answer(&door) }
  end

  def searches(document, library)
    options = {pantry: library, seconds: 20.0}
    id = document["components"].flat_map { |part| part["lines"] }
      .filter_map { |line| ElmCup.read_line(line["text"])["ingredient"] if line["text"] }.first
    {
      "balance_quick" => -> { ElmCup.balance(document, wishes: ["texture=rolls", "sweetness>=9"], quick: true, **options) },
      "balance_own" => -> { ElmCup.balance(document, quick: true, **options) },
      "balance" => -> { ElmCup.balance(document, wishes: ["texture=presses", "grams=500"], answers: 2, **options) },
      "clash" => -> { ElmCup.balance(document, wishes: ["protein>=9", "kcal<=12", "texture=rolls"], quick: false, **options) },
      "substitute" => -> { ElmCup.substitute(document, line: id, reason: "out-of-stock", **options) }
    }
  end

  def changed(document)
    first, *rest = document["components"]
    document.merge("components" => [first.merge("lines" => first["lines"].drop(1) + [{"text" => "3 tbsp honey"}]), *rest])
  end

  def answer
    yield
  rescue ElmCup::InvalidDocument => error
    {"refused" => error.faults.map { |fault| [fault.pointer, fault.message] }}
  rescue ElmCup::Error => error
    {"refused" => error.message}
  end

  # What has no formula document.
  def others
    have = %w[oats-rolled dates-soft tahini maple salt cocoa almonds].map { |id| {"ingredient" => id} }
    {
      "library" => answer { ElmCup.library }, "pantry_rows" => answer { ElmCup.pantry_rows(ElmCup.pantry(PANTRY)) },
      "label" => answer { ElmCup.label(PANTRY.first) },
      "convert" => ["1/2 c + 2 tbsp honey", "75 g honey", "3 blorps", "2 cups rolled oats, ground"].product(%w[g measure cups ml])
        .map { |text, to| answer { ElmCup.convert(text, to: to) } },
      "cupboard" => answer {
        ElmCup.cupboard({"elm_cup" => "cupboard/1", "have" => have, "shape" => {"kind" => "ball", "piece_grams" => 18},
              "wishes" => ["kcal<=100"]}, seconds: 20.0)
      },
      "rescue" => %w[oats dates].product(%w[crumbly tacky]).map { |family, seen|
        answer {
          ElmCup.rescue_bowl({"elm_cup" => "bowl/1",
              "family" => family, "grams" => 400, "seen" => seen, "want" => "rolls"})
        }
      },
      "wish" => ["rolls", "under 90 kcal", "no peanut", "two dozen", "less sweet", "zzz"].map { |text| answer { ElmCup.wish(nil, text) } },
      "nudge" => answer { ElmCup.nudge("1/2 cup honey", 2) }, "csv" => answer { ElmCup.write_pantry_csv(PANTRY) },
      "imports" => Dir[File.join(__dir__, "../core/import_texts/*.txt")].sort.map { |file| answer { ElmCup.import(File.binread(file)) } }
    }
  end
end
