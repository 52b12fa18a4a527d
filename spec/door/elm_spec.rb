# frozen_string_literal: true

require "open3"
require_relative "../../cli/command_line"

RSpec.describe "bin/elm" do
  let(:program) { File.expand_path("../../bin/elm", __dir__) }

  # [output, errors, status] of the command, run in this process; the program itself is run once below.
  def elm(*arguments, input: "")
    output, errors = 2.times.map { StringIO.new(+"".b) }
    status = ElmCup::CommandLine.new(input: StringIO.new(input), output: output, errors: errors).run(arguments.map(&:dup))
    [output.string, errors.string, instance_double(Process::Status, exitstatus: status)]
  end

  it "is a program: an answer on standard output and 0, or one line on standard error and 2" do
    run = ->(*arguments, input: "") { Open3.capture3(program, *arguments, stdin_data: input, binmode: true) }
    out, err, status = run.call("assess", "-", input: JSON.generate(document))
    expect([JSON.parse(out), err, status.exitstatus]).to eq([JSON.parse(JSON.generate(ElmCup.assess(document))), "", 0])
    out, err, status = run.call("assess", "-", input: "nonsense")
    expect([out, err.lines.size, status.exitstatus]).to eq(["", 1, 2])
  end

  let(:document) { formula("1 cup rolled oats, ground", "10 soft dates, to paste", "1/3 cup tahini", "2 tbsp maple syrup", "1/4 tsp salt") }

  it "assesses a file or standard input, with the same answer as the core" do
    out, err, status = elm("assess", "-", input: JSON.generate(document))
    expect([err, status.exitstatus]).to eq(["", 0])
    expect(JSON.parse(out)).to eq(JSON.parse(JSON.generate(ElmCup.assess(document))))
    Tempfile.create("formula") do |file|
      file.write(JSON.generate(document))
      file.close
      expect(elm("assess", file.path).first).to eq(out)
    end
  end

  it "computes what is asked for and nothing else, and names what there is where something is not" do
    out, err, status = elm("assess", "-", "--only", "pieces, diets", input: JSON.generate(document))
    whole = JSON.parse(JSON.generate(ElmCup.assess(document)))
    expect([err, status.exitstatus]).to eq(["", 0])
    expect(JSON.parse(out)).to eq(whole.slice("elm_cup", "name", "grams", "pieces", "allergens", "allergens_us", "allergens_eu",
      "allergen_lines", "possible_allergens", "traces", "diets", "diet_breaks", "needs", "breaches"))
    expect(elm("assess", "-", "--only", "colour", input: JSON.generate(document))[1].force_encoding("UTF-8"))
      .to match(/called “colour”; there are components, pieces/)
    expect(elm("assess", "-", "--only", "pieces", "--strict", input: JSON.generate(formula("1 cup moon dust")))[2].exitstatus).to eq(2)
  end

  it "converts a typed amount" do
    out, _, status = elm("convert", "1/2 c + 2 tbsp honey", "--to", "g")
    expect(status.exitstatus).to eq(0)
    expect(JSON.parse(out)).to include("grams" => 211.88, "text" => "211.9 g honey", "ingredient" => "honey")
    {"ml" => 147.8676, "tsp" => 30.0, "tbsp" => 10.0, "cups" => 0.625}.each do |unit, amount|
      expect(JSON.parse(elm("convert", "1/2 c + 2 tbsp honey", "--to", unit).first)["amount"]).to be_within(1e-3).of(amount)
    end
    expect(JSON.parse(elm("convert", "75 g honey", "--to", "measure").first)["text"]).to eq("3 tbsp + 1 1/2 tsp honey")
    expect(JSON.parse(elm("convert", "1 cup honey", "--to", "g", "--cup", "metric").first)["grams"]).to be_within(0.1).of(358.2)
  end

  it "says how it is used, and takes one document at a time" do
    [[], ["help"], ["--help"], ["assess", "-h"]]
      .each { |arguments| expect(elm(*arguments).first).to include("elm assess FILE|-", "elm convert TEXT", "elm scale FILE|-") }
    expect(elm("assess", "-", "other.json")[1]).to match(/\Aelm: One file at a time; .*other.json.* is one too many\n\z/n)
    expect(elm("--to", "g")[1]).to match(/\Aelm: Name a command/)
  end

  it "scales a document" do
    out, = elm("scale", "-", "--by", "1/2", input: JSON.generate(document))
    expect(JSON.parse(out)["components"][0]["lines"].first["text"]).to eq("1/2 cup rolled oats, ground")
  end

  {
    ["assess", "-", ""] => /empty/, ["assess", "-", "nonsense"] => /not JSON/, ["assess", "-", '{"elm_cup":"formula/9"}'] => /formula\/1/,
    ["assess", "-", '{"elm_cup":1e400}'] => /larger than any/, ["assess", "-", "[" * 10_000] => /nested deeper/,
    ["assess", "-", "\xff\xfe\x00"] => /UTF-8/, ["assess", "/nowhere/at/all.json"] => /cannot be read/, ["assess"] => /Name a file/,
    ["dance"] => /no command/,
    ["convert"] => /what to convert/, ["convert", "2 cups xyzzy"] => /not in the pantry/, ["convert", "2 tbsp moon"] => /not in the pantry/,
    ["convert", "1 cup honey", "--to", "furlong"] => /not a unit/, ["convert", "-5 g honey"] => /below zero/,
    ["convert", "- 5 g"] => /Of what/, ["convert", "\xff"] => /UTF-8/, ["convert", "1 cup honey", "--to"] => /--to needs a value/,
    ["convert", "1 cup honey", "--too", "g"] => /--too is no option/,
    ["assess", "-", '{"elm_cup":"formula/1","name":"a","name":"b"}'] => /is there twice.*name/,
    ["convert", "0 g honey"] => /zero/, ["convert", "1 cup honey", "--cup", "thimble"] => /not a cup standard/,
    ["scale", "-", "{}"] => /how large/, ["scale", "-", "--by", "x", "{}"] => /formula\/1/,
    ["import", "-", "nothing here"] => /No amount of anything/, ["import", "-", "{"] => /not JSON/,
    ["import", "-", "a" * 20_000_000] => /1000000 is the most/, ["import", "-", "[" * 10_000] => /nested deeper/,
    ["export", "-", "{}"] => /--format/, ["export", "-", "--format", "doc", "{}"] => /“doc” is not a format/,
    ["compare", "-"] => /two formula documents/,
    ["label", "-", '{"id":"own","starts_from":"tahini","label":{"fat_g":90,"carbohydrate_g":60,"protein_g":30}}'] => /come to 180 g in 100 g/,
    ["scale", "-", "--to-grams", "much", '{"elm_cup":"formula/1"}'] => /--to-grams must be a number/,
    ["assess", "-", '{"elm_cup":"formula/1","name":"x","components":[{"name":"a","lines":[],"takes":[{"component":"b","share":0.5}]},{"name":"b","lines":[],"takes":[{"component":"a","share":0.5}]}]}'] => /“a” takes of “b” takes of “a”/
  }.each do |(command, *rest), message|
    it("refuses “#{[command, *rest.map { |text| text.scrub[0, 20] }].join(" ")}” with exit 2 and one line") do
      input = (rest.first == "-") ? rest.pop : ""
      out, err, status = elm(command, *rest, input: input)
      expect([out, status.exitstatus, err.lines.size]).to eq(["", 2, 1])
      expect(err.force_encoding("UTF-8")).to match(message)
    end
  end

  it "balances, with wishes as they are kept or as they are said, and with what the document wants" do
    out, err, status = elm("balance", "-", "--want", "texture=tacky,less sweet", input: JSON.generate(document))
    expect([err, status.exitstatus]).to eq(["", 0])
    answer = JSON.parse(out)
    expect(answer["elm_cup"]).to eq("balance/1")
    expect(answer["answers"].first.keys).to include("formula", "changes", "before", "after", "proved_optimal", "why", "patch")
    answer["answers"].each do |each|
      assessed = JSON.parse(elm("assess", "-", input: JSON.generate(each["formula"])).first)
      expect(assessed["components"][0]["texture"]).to eq("tacky")
      expect(assessed["sweetness_pct"]).to be <= answer["wishes"][1]["wish"][/[\d.]+/].to_f
    end
    own = JSON.parse(elm("balance", "-", "--have", "maple, water", "--seconds", "5",
      input: JSON.generate(document.merge("wishes" => ["texture=tacky"]))).first)
    added = own["answers"].flat_map { |each| each["changes"].select { |change| change["kind"] == "added" } }
    expect(added.map { |change| change["ingredient"] } - %w[maple water]).to eq([])
    clash = JSON.parse(elm("balance", "-", "--want", "kcal<=60,kcal>=80", input: JSON.generate(document)).first)
    expect(clash["clashes"].first).to include("wishes" => ["kcal<=60", "kcal>=80"])
    expect(clash["clashes"].first["relax"].map { |relax| relax["to"] }).to all(be_a(Numeric))
  end

  it "reads wishes, finds substitutes, bowls, trials and doses" do
    json = JSON.generate(document)
    expect(JSON.parse(elm("wish", "-", "--say", "under 90 kcal", input: json).first)).to include("wish" => "kcal<=90")
    expect(JSON.parse(elm("wish", "-", "--say", "under 90 kcal",
      input: JSON.generate(document.merge("wishes" => %w[kcal<=95 diet=vegan]))).first)["wishes"]).to eq(%w[diet=vegan kcal<=90])
    expect(JSON.parse(elm("substitute", "-", "--line", "tahini", "--reason", "sesame-free", input: json).first)["candidates"])
      .not_to be_empty
    cupboard = {"elm_cup" => "cupboard/1", "have" => [{"ingredient" => "dates-soft"}, {"ingredient" => "almonds", "grams" => 200}],
                "use_up" => [], "shape" => {"kind" => "ball", "piece_grams" => 18}, "want" => "rolls", "wishes" => []}
    bowls = JSON.parse(elm("cupboard", "-", input: JSON.generate(cupboard)).first)
    expect([bowls["elm_cup"], bowls["answers"].first["family"]]).to eq(["balance/1", "date-led"])
    expect(JSON.parse(elm("trial", "-", "--pieces", "2", input: json).first)).to include("elm_cup" => "trial/1", "scale" => 0.1)
    bowl = {"elm_cup" => "bowl/1", "family" => "date-led", "grams" => 400, "roughly" => ["dates", "1 cup almonds"], "seen" => "presses",
            "want" => "rolls"}
    expect(JSON.parse(elm("rescue", "-", input: JSON.generate(bowl)).first)["rescue"]["options"].first["ingredient"]).to eq("water")
  end

  it "tells what a batch's bowl is like, of a batch as the server gives it too" do
    events = [happened("started", {"version" => 1}), happened("looked", {"texture" => 1}), happened("addition", {"text" => "1 tsp water"})]
    kept = events.map { |event| event.merge("seq" => 1, "received_at" => "2026-06-19T16:02:00Z", "skew_ms" => 0) }
    batch = {"elm_cup" => "batch/1", "batch" => SecureRandom.uuid}
    Dir.mktmpdir do |folder|
      file = File.join(folder, "formula.json")
      File.write(file, JSON.generate(formula("10 soft dates", "1/2 cup almond flour", "2 tbsp cocoa powder", process: "processor")))
      answers = [events, kept].map { |said|
        elm("rescue", "-", "--formula", file, "--complaint", "lumps", input: JSON.generate(batch.merge("events" => said)))
      }
      expect(answers.map { |_, err, status| [err, status.exitstatus] }).to eq([["", 0]] * 2)
      expect(answers.map { |out, _| JSON.parse(out) }.uniq.size).to eq(1)
      expect(JSON.parse(answers.first.first)).to include("elm_cup" => "rescue/1", "advice" => include("complaint" => "lumps"))
      [[[], /--formula FILE/], [["--formula", file, "--part", "roof"], /There is no component “roof”/],
        [["--formula", file, "--complaint", "x"], /There is no complaint “x”/]].each do |arguments, words|
        out, err, status = elm("rescue", "-", *arguments, input: JSON.generate(batch.merge("events" => events)))
        expect([out, err.lines.size, status.exitstatus]).to eq(["", 1, 2])
        expect(err.dup.force_encoding("UTF-8")).to match(words)
      end
    end
    _, err, status = elm("rescue", "-", input: JSON.generate(batch.merge("events" => [{"kind" => "sung"}])))
    expect([status.exitstatus, err.lines.size]).to eq([2, 1])
  end

  bites = '{"elm_cup":"formula/1","name":"x","components":[{"name":"d","lines":[{"text":"1 cup rolled oats"},{"text":"1/2 cup honey"}]}]}'
  {
    ["balance", "-", bites] => /Say what you want/,
    ["balance", "-", "--want", "colour=3", bites] => /“colour” cannot be a wish/,
    ["balance", "-", "--want", "kcal<=90", bites] => /how large a piece/,
    ["balance", "-", "--want", "colour=red", bites] => /cannot be a wish/,
    ["balance", "-", "--want", "kcal<=-5", bites] => /not a number from 0 up/, ["balance", "-", "--want", "crunchy", bites] => /try “rolls”/,
    ["balance", "-", "--want", "without:moon", bites] => /not an ingredient or allergen/,
    ["balance", "-", "--want", "rolls", "--have", "moon", bites] => /No ingredient has the id “moon”/,
    ["balance", "-", "--want", "rolls", "--seconds", "900", bites] => /--seconds must be/,
    ["balance", "-", "--want", "\xff", bites] => /UTF-8/,
    ["balance", "-", "--want", "rolls", bites.gsub(/"text":"[^"]*"/, '"text":"1 cup moon"')] => /nothing in it/,
    ["balance", "-", "--want", "rolls", "{}"] => /formula\/1/,
    ["wish", "-", "--say", "rolls", "--part", "moon", bites] => /There is no component “moon”/,
    ["wish", "-", "--say", "a" * 900, bites] => /too long for a wish/,
    ["balance", "-", "--want", "without:#{"a" * 900}", bites] => /too long for a wish/,
    ["wish", "-", bites] => /Say what you want: --say/, ["substitute", "-", "--line", "honey", bites] => /--reason sesame-free/,
    ["substitute", "-", "--line", "honey", "--reason", "mood", bites] => /not a reason/,
    ["trial", "-", "--pieces", "many", bites] => /--pieces must be a number/, ["trial", "-", "--pieces", "40", bites] => /1 to 6 pieces/,
    ["cupboard", "-", '{"elm_cup":"cupboard/1","have":[{"ingredient":"honey"}],"wishes":["crunchy"]}'] => /\/wishes\/0: .*try “rolls”/,
    ["cupboard", "-", "{}"] => /“elm_cup” and “have” must be given/,
    ["cupboard", "-", '{"elm_cup":"cupboard/1","have":[]}'] => /Tick at least one/,
    ["rescue", "-", '{"elm_cup":"bowl/1"}'] => /must be given/, ["rescue", "-", "[]"] => /JSON object/
  }.each do |(command, *rest), message|
    it("refuses #{command} #{rest.map { |text| text.scrub[0, 24] }.join(" ")}") do
      out, err, status = elm(command, *rest[0...-1], input: rest.last)
      expect([out, status.exitstatus, err.lines.size]).to eq(["", 2, 1])
      expect(err.force_encoding("UTF-8")).to match(message)
    end
  end

  it "imports a recipe, and exports what it made in each format" do
    out, err, status = elm("import", "-",
      input: "Nib bites\nMakes 16\n1 cup rolled oats\n10 dates, to paste\n1/3 cup tahini\n1 moon dust\n\nStir and roll.")
    expect([err, status.exitstatus]).to eq(["", 0])
    answer = JSON.parse(out)
    expect([answer["elm_cup"], answer["formula"]["name"], answer["formula"]["shape"], answer["notes"].first])
      .to eq(["import/1", "Nib bites", {"kind" => "ball", "pieces" => 16}, "Stir and roll."])
    expect(answer["lines"].map { |line| line.values_at("component", "text", "ingredient", "grams") }.first)
      .to eq(["dough", "1 cup rolled oats", "oats-rolled", 88.0])
    expect(answer["lines"].last["note"]).to match(/not in the pantry/)
    {"md" => /\A# Nib bites/, "jsonld" => /"@type": "Recipe"/, "csv" => /\Acomponent,type,line/, "json" => /"elm_cup": "formula\/1"/}
      .each do |format, begins|
      text, = elm("export", "-", "--format", format, input: JSON.generate(answer["formula"]))
      expect(text.force_encoding("UTF-8")).to match(begins)
      expect(JSON.parse(elm("import", "-", input: text).first)["formula"]).to eq(answer["formula"]) unless format == "csv"
    end
  end

  it "exports a saved formula by its number, with the household's own ingredients" do
    document["components"][0]["lines"] << {"text" => "1 tbsp corner paste"}
    Dir.mktmpdir do |folder|
      path = File.join(folder, "kitchen.sqlite3")
      asked = [%w[1 --format json], %w[1 --format csv], %w[999 --format json]]
      # In a process of its own: it opens a database. The server keeps the formula, the command line reads it.
      script = <<~RUBY
        require "#{File.expand_path("../../server/environment", __dir__)}"
        require "#{File.expand_path("../../cli/command_line", __dir__)}"
        ElmCupServer::Database.open("#{path}")
        ElmCupServer::OwnIngredient.keep([{"id" => "own-paste", "name" => "Corner paste", "starts_from" => "tahini"}])
        ElmCupServer::Formula.start(JSON.parse($stdin.read))
        said = #{asked.inspect}.map do |arguments|
          output, errors = StringIO.new(+"".b), StringIO.new(+"".b)
          ElmCup::CommandLine.new(input: $stdin, output: output, errors: errors).run(["export", *arguments])
          [output.string, errors.string].map { |text| text.force_encoding("UTF-8") }
        end
        puts JSON.generate(said)
      RUBY
      told, = Open3.capture2({"ELM_CUP_DATABASE" => path}, RbConfig.ruby, "-e", script, stdin_data: JSON.generate(document))
      (json, _), (csv, _), (_, missing) = JSON.parse(told)
      expect(JSON.parse(json)).to eq(document)
      expect(csv).to match(/1 tbsp corner paste,own-paste,Corner paste,smooth,15\.0/)
      expect(missing).to match(/There is no formula with the number 999/)
    end
    expect(Open3.capture3({"ELM_CUP_DATABASE" => "/nowhere/x.sqlite3"}, program, "export", "1", "--format", "md")[1])
      .to match(/There is no database at/)
  end

  it "scales to pieces and to grams, compares two, checks a label, and takes a pantry" do
    given = JSON.generate(document)
    expect(JSON.parse(elm("scale", "-", "--pieces", "24", "--piece-grams", "18", input: given).first)["shape"])
      .to eq("kind" => "ball", "piece_grams" => 18)
    expect(ElmCup.assess(JSON.parse(elm("scale", "-", "--to-grams=600", input: given).first))["grams"]).to be_within(0.4).of(600)
    Dir.mktmpdir do |folder|
      one, two, csv = %w[one.json two.json pantry.csv].map { |name| File.join(folder, name) }
      File.write(one, given)
      File.write(two, JSON.generate(ElmCup.scale(document, 2)))
      File.write(csv, "\uFEFFid;price;pack_grams\r\nhoney;6,00;500\r\ntahini;4,50;300\r\n")
      expect(JSON.parse(elm("compare", one, two).first)["figures"].first).to include("figure" => "grams")
      expect(JSON.parse(elm("assess", one, "--pantry", csv).first)["cost"]).to include("batch" => 1.2, "currency" => "EUR")
      expect(JSON.parse(elm("compare", one, two, "--pantry",
        csv).first)["figures"].find { |each| each["figure"] == "cost.batch" }.values_at("before", "after")).to eq([1.2, 2.4])
      File.write(csv, "id,starts_from,name\nown-paste,tahini,Corner paste\n")
      expect(JSON.parse(elm("import", "-", "--pantry", csv, input: "2 tbsp corner paste\n1 cup oats").first)["lines"].first)
        .to include("ingredient" => "own-paste", "grams" => 30.0)
      File.write(csv, "id,colour\nhoney,red\n")
      expect(elm("assess", one, "--pantry", csv)[1].force_encoding("UTF-8")).to match(/“colour” is not a column here/)
    end
    label = {"id" => "own", "starts_from" => "tahini",
             "label" => {"fat_g" => 54, "carbohydrate_g" => 10, "protein_g" => 20, "fibre_g" => 9}}
    expect(JSON.parse(elm("label", "-", input: JSON.generate(label)).first)["starts_from"]["id"]).to eq("tahini")
  end

  it "says the cold and the keeping as the core does, in the kitchen that it is told of, and names a journey that cannot be" do
    ball = coated({"kind" => "ball", "piece_grams" => 18}, coat: {"kind" => "dip", "component" => "shell"})
    given = JSON.generate(ball.merge("journey" => [{"minutes" => 40, "celsius" => 28}]))
    Dir.mktmpdir do |folder|
      kitchen = File.join(folder, "kitchen.json")
      File.write(kitchen,
        JSON.generate("elm_cup" => "kitchen/1", "places" => [{"id" => "f", "kind" => "freezer", "dial_c" => -20, "fan" => true}]))
      out, err, status = elm("cold", "-", "--kitchen", kitchen, input: given)
      expect([err, status.exitstatus]).to eq(["", 0])
      answer = JSON.parse(out)
      expect(answer["cold"]["places"]).to include("kind" => "freezer", "celsius" => -17.0, "fan" => true)
      expect(answer["cold"]["journey"].size).to eq(1)
      expect(answer["keep"].keys).to include("place", "days", "cautions")
    end
    out, err, status = elm("cold", "-", input: given.sub("40", "0"))
    expect([out, err.lines.size, status.exitstatus]).to eq(["", 1, 2])
    expect(err).to include("/journey/0/minutes")
  end

  it "drafts steps, and plans formulas as the core does, a request of its own too, with a calendar beside" do
    ball = JSON.generate(coated({"kind" => "ball", "pieces" => 12}, coat: {"kind" => "dip", "component" => "shell"}))
    out, _, status = elm("steps", "-", input: ball)
    expect([JSON.parse(out), status.exitstatus]).to eq([JSON.parse(JSON.generate(ElmCup.steps(JSON.parse(ball)))), 0])
    Dir.mktmpdir do |folder|
      file, calendar = %w[ball.json plan.ics].map { |name| File.join(folder, name) }
      File.write(file, ball)
      out, err, status = elm("plan", file, "--ready-by", "2030-06-20T18:00", "--zone", "Europe/Berlin", "--calendar", calendar)
      plan = JSON.parse(out)
      expect([err, status.exitstatus, plan["status"], plan["at"]]).to eq(["", 0, "fits", "2030-06-20T18:00:00+02:00"])
      expect(File.binread(calendar).scan("BEGIN:VEVENT").size).to eq(plan["tasks"].size)
      File.delete(calendar)
      out, err, status = elm("plan", file, "--start-at", "2030-06-20T18:00", "--zone", "UTC", "--away", "2030-06-01T00:00/2030-07-30T00:00",
        "--calendar", calendar)
      expect([JSON.parse(out)["status"], err, status.exitstatus, File.exist?(calendar)])
        .to eq(["none", "elm: no calendar was written, since there is no plan\n", 0, false])
      request = File.join(folder, "request.json")
      File.write(request, JSON.generate("elm_cup" => "plan-request/1", "at" => "2030-06-20T18:00", "zone" => "Europe/Berlin",
        "formulas" => [{"document" => JSON.parse(ball)}]))
      expect(JSON.parse(elm("plan", request).first).values_at("start", "tasks")).to eq(plan.values_at("start", "tasks"))
      {[file] => "Say when", [file, "--ready-by", "whenever"] => "/at", [] => "Name a formula document", [request, file] => "not both",
       [file, "--ready-by", "18:00", "--times", "lots"] => "--times takes numbers"}.each do |arguments, words|
        out, err, status = elm("plan", *arguments)
        expect([out, err.lines.size, status.exitstatus]).to eq(["", 1, 2])
        expect(err).to include(words)
      end
    end
  end

  it "shapes and coats as the core does, in the kitchen that it is told of, and writes the cut at its true size" do
    slab = JSON.generate(coated({"kind" => "slab", "tin_mm" => [200, 200], "grid" => [5, 4]}))
    out, err, status = elm("shape", "-", input: slab)
    expect([err, status.exitstatus]).to eq(["", 0])
    expect(JSON.parse(out)).to eq(JSON.parse(JSON.generate(ElmCup.shape(JSON.parse(slab)))))
    Dir.mktmpdir do |folder|
      pdf, kitchen = %w[cut.pdf kitchen.json].map { |name| File.join(folder, name) }
      expect(elm("shape", "-", "--template", pdf, input: slab)[2].exitstatus).to eq(0)
      expect(File.binread(pdf)).to start_with("%PDF-").and include("%%EOF")
      tin = {"id" => "mine", "name" => "my tin", "mm" => [150, 150], "depth_mm" => 45}
      File.write(kitchen, JSON.generate("elm_cup" => "kitchen/1", "tins" => [tin]))
      choices = JSON.parse(elm("shape", "-", "--kitchen", kitchen, input: slab).first)["choices"]
      expect(choices.select { |choice| choice["own"] }.map { |choice| choice.values_at("tool", "fits") }).to eq([["mine", true]])
      File.write(kitchen, JSON.generate("elm_cup" => "kitchen/1", "hob" => {}))
      out, err, status = elm("shape", "-", "--kitchen", kitchen, input: slab)
      expect([out, err.lines.size, status.exitstatus]).to eq(["", 1, 2])
      expect(err).to match(/hob/)
    end
    ball = JSON.generate(coated({"kind" => "ball", "pieces" => 20}))
    out, err, status = elm("shape", "-", "--template", File.join(Dir.tmpdir, "none.pdf"), input: ball)
    expect([out, err.lines.size, status.exitstatus]).to eq(["", 1, 2])
    expect(elm("shape", "-", input: slab.sub("slab", "pyramid"))[1]).to match(%r{/shape/kind: "pyramid" is not possible here})
  end

  it "judges without the lines that it cannot read and lists them, a line each; --strict makes that a fault" do
    json = JSON.generate(formula("1 cup oats", "3 tbsp honey", "1 cup moon dust", "what is this"))
    out, err, status = elm("assess", "-", input: json)
    part = JSON.parse(out)["components"][0]
    expect([status.exitstatus, part["left_out"].map { |each| each["line"] }]).to eq([0, [3, 4]])
    expect(part["sentence"]).to start_with("Without lines 3 and 4: ")
    expect(err.force_encoding("UTF-8").lines).to match([%r{left out: /components/0/lines/2 .*moon dust},
      %r{left out: /components/0/lines/3 .*No amount}])
    strict = elm("assess", "-", "--strict", input: json)
    expect([strict[0], strict[1].lines.size, strict[2].exitstatus]).to eq(["", 2, 2])
    expect(elm("assess", "-", "--strict", input: JSON.generate(formula("1 cup oats")))[2].exitstatus).to eq(0)
  end
end
