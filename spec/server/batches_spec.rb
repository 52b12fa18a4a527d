# frozen_string_literal: true

require "server_helper"

RSpec.describe "Batches", server: true do
  let(:document) { formula("1 cup rolled oats, ground", "3/4 cup almond butter", "1/4 cup maple syrup", name: "Interval bites") }
  let(:made) { ask(:post, "/api/formulas", document) }
  let(:version_id) { made["version"]["id"] }
  let(:uuid) { SecureRandom.uuid }
  let(:started) { happened("started", {version: version_id, formula: made["id"], scale: 1}) }
  let(:line) { "/components/0/lines/0" }

  def append(*events, to: uuid, **more) = ask(:post, "/api/batches/#{to}/events", {events: events, **more})

  it "are written down whole and shown as said" do
    batch = append(started, happened("weighed", {line: line, grams: 97.5, target: 95.0, mode: "set", by: "typed"}),
      happened("addition", {text: "1 tsp water"}), happened("addition", {text: "a splash of luck"}), happened("looked", {texture: 3}),
      happened("yield", {pieces: 24}), happened("took", {minutes: 35}), happened("note", {text: "Good <b>batch</b>"}))
    expect(last_response.status).to eq(200)
    expect(batch).to include("batch" => uuid, "texture" => "rolls", "pieces" => 24, "minutes" => 35, "note" => "Good <b>batch</b>",
      "formula_name" => "Interval bites", "made_at" => "2026-06-19T16:02:00Z")
    expect(batch["lines"]).to eq([{"line" => line, "component" => "dough", "text" => "1 cup rolled oats, ground", "planned_grams" => 95.0,
                                   "actual_grams" => 97.5}])
    expect(batch["additions"]).to eq([{"text" => "1 tsp water", "grams" => 4.93, "ingredient" => "water"}, {"text" => "a splash of luck"}])
    expect(batch["predicted"]["texture"]).to eq(ElmCup.assess(document)["components"][0]["texture"])
    row = ask(:get, "/api/batches")["rows"].first
    expect(row.keys).not_to include("lines")
    expect(row).to include("additions" => [{"text" => "1 tsp water", "grams" => 4.93}, {"text" => "a splash of luck"}],
      "changes" => [{"text" => "1 cup rolled oats, ground", "grams" => 2.5}], "told" => {"additions" => 2, "changes" => 1},
      **batch.slice("batch", "formula_id", "formula_name", "version_number", "made_at", "predicted", "texture", "pieces", "note"))
    expect(ask(:get, "/api/batches/#{uuid}")).to eq(batch)
  end

  it "say what the bowl is like and what would bring it right, and take what is said at the counter" do
    lines = [95, 190, 80].each_with_index.map { |grams, at| happened("weighed", {line: "/components/0/lines/#{at}", grams: grams}) }
    timer = happened("timer", {name: "Rest", did: "set", until: "2026-06-19T16:20:00Z"})
    batch = append(started, *lines, happened("step", {step: "mix_hand-dough", did: "done"}), timer, happened("looked", {texture: 5}))
    expect(batch).to include("steps" => {"mix_hand-dough" => "done"}, "texture" => "spreads",
      "timers" => [{"name" => "Rest", "until" => "2026-06-19T16:20:00Z"}])
    rescue_from = ask(:get, "/api/batches/#{uuid}/rescue?complaint=greasy")
    expect(rescue_from).to include("works_on" => "now", "component" => "dough", "want" => "rolls")
    expect(rescue_from["bowls"]["now"]["texture_number"]).to be > rescue_from["bowls"]["planned"]["texture_number"]
    expect(rescue_from["rescue"]["options"].map { |option| option["kind"] }).to include("dose")
    expect(rescue_from["advice"]["rows"].map { |row| row["ingredient"] }).to include("almond-flour")
    stopped = append(happened("timer", {name: "Rest", did: "stop"}), happened("corrected", {key: lines.last["key"]}),
      happened("finished", {}))
    expect(stopped).to include("over" => "finished")
    expect(stopped).not_to have_key("timers")
    expect(stopped["lines"].size).to eq(2)
    ask(:get, "/api/batches/#{uuid}/rescue?component=coat")
    expect([last_response.status, last_response.body]).to match([422, /There is no component “coat”; there are dough/])
    ask(:get, "/api/batches/#{uuid}/rescue?complaint=sadness")
    expect([last_response.status, last_response.body]).to match([422, /There is no complaint “sadness”; there are pit, /])
  end

  it "refuse what no counter says, at its place" do
    {"timer" => {name: "Rest", did: "set"}, "looked" => {texture: 3, mark: 2.0}, "corrected" => {key: "mine"},
     "rescaled" => {factor: 0, lines: [line]}, "measured" => {line: "/shape"},
     "temperature" => {what: "core", celsius: 900}}.each do |kind, data|
      append(started, happened(kind, data))
      expect([kind, last_response.status]).to eq([kind, 422])
      expect(last_response.body).to include("/events/1/data")
    end
  end

  it "read what was added by the cups of the formula's own kitchen" do
    made = ask(:post, "/api/formulas", document.merge("kitchen" => {"cup" => "australian"}))
    batch = append(happened("started", {version: made["version"]["id"]}), happened("addition", {text: "1 tbsp water"}))
    expect(batch["additions"]).to eq([{"text" => "1 tbsp water", "grams" => 20.0, "ingredient" => "water"}])
  end

  it "keep what was predicted with its inputs, the core and the pantry it was made by" do
    append(started)
    log = ask(:get, "/api/batches/#{uuid}/events")
    expect(log).to include("elm_cup" => "batch/1", "batch" => uuid)
    expect(log["events"].map { |event| event["kind"] }).to contain_exactly("started", "predicted")
    said = log["events"].find { |event| event["kind"] == "predicted" }["data"]
    assessed = ElmCup.assess(document)["components"][0]
    expect(said["odds"].map { |each| each.round(3) }).to eq(assessed["texture_odds"].values)
    # t = 3 + ln(S / 0.82) / ln 1.33 (docs/model.md, Binding).
    expect(said["t"]).to be_within(0.02).of(3 + Math.log(assessed["saturation"]["value"] / 0.82) / Math.log(1.33))
    expect(said["scale"]).to be >= 0.52
    expect(said["inputs"].map { |each| each.values_at("line", "ingredient") }).to eq(
      [[line, "oats-rolled"], ["/components/0/lines/1", "almond-butter"], ["/components/0/lines/2", "maple"]]
    )
    expect(said["inputs"].sum { |each| each["grams"] }).to be_within(0.1).of(assessed["grams"])
    expect(said).to include("core" => ElmCupServer::CoreVersion::CURRENT, "pantry_digest" => ElmCupServer::Pantry.now.digest,
      "figures_digest" => ElmCupServer::CoreVersion::FIGURES)
  end

  it "are begun once: the same beginning said twice is one batch, another is refused whole" do
    first = append(started)
    expect(append(happened("started", {version: version_id, formula: made["id"], scale: 1}))).to eq(first)
    other = ask(:post, "/api/formulas/#{made["id"]}/versions", {document: document.merge("name" => "Second")})
    expect(append(happened("started", {version: other["id"], formula: made["id"], scale: 1}), happened("looked", {texture: 2})))
      .to include("status" => 409, "detail" => a_string_matching(/begun otherwise/))
    expect(ask(:get, "/api/batches/#{uuid}")).to eq(first)
  end

  it "count an event once whatever is sent how often, and refuse another body under its key" do
    look = happened("looked", {texture: 2})
    first = append(started, look)
    seqs = ask(:get, "/api/batches/#{uuid}/events")["events"].map { |event| event.values_at("key", "seq") }
    expect(append(started, look)).to eq(first)
    expect(append(look)).to eq(first)
    expect(ask(:get, "/api/batches/#{uuid}/events")["events"].map { |event| event.values_at("key", "seq") }).to eq(seqs)
    [look.merge("data" => {texture: 5}), look.merge("at" => "2026-06-19T16:03:00Z"), look.merge("n" => 90)].each do |other|
      expect(append(other)).to include("status" => 409, "detail" => a_string_including(look["key"]))
    end
    other = SecureRandom.uuid
    append(happened("started", {version: version_id}), to: other)
    expect(append(look, to: other)["status"]).to eq(409)
    expect(ask(:get, "/api/batches/#{uuid}")).to eq(first)
  end

  it "are what was said in the order it happened, not in which it came in" do
    append(started, happened("looked", {texture: 4}, n: 9, at: "2026-06-19T16:30:00Z"))
    late = append(happened("looked", {texture: 1}, n: 8, at: "2026-06-19T16:20:00Z"))
    expect(late["texture"]).to eq("tacky")
    # A phone whose clock stands ten minutes early says so.
    phone = happened("looked", {texture: 2}, device: "phone", n: 1, at: "2026-06-19T16:25:00Z")
    now = (Time.now.utc - 600).iso8601(3)
    expect(append(phone, now: now)["texture"]).to eq("presses")
    expect(ask(:get, "/api/batches/#{uuid}/events")["events"].last["skew_ms"]).to be_within(20_000).of(600_000)
  end

  it "refuse nonsense with its place and keep nothing of it" do
    made
    counts = -> { [ElmCupServer::Batch.count, ElmCupServer::BatchEvent.count] }
    before = counts.call
    {
      happened("looked", {texture: 9}) => "/events/1/data/texture", happened("yield", {pieces: -1}) => "/events/1/data/pieces",
      happened("took", {minutes: 10**9}) => "/events/1/data/minutes", happened("note", {text: "n" * 3000}) => "/events/1/data/text",
      happened("weighed", {line: line, grams: -5}) => "/events/1/data/grams",
      happened("weighed", {line: "oats", grams: 5}) => "/events/1/data/line",
      happened("looked", {texture: 3, surprise: 1}) => "/events/1/data/surprise", happened("predicted", {}) => "/events/1/kind",
      happened("sung", {}) => "/events/1/kind", happened("note", {text: "x"}, at: "2026-13-45T99:00:00Z") => "/events/1/at",
      happened("note", {text: "x"}, key: "key-1") => "/events/1/key", happened("started", {version: version_id, document: {}}) => nil
    }.each do |event, pointer|
      answer = pointer ? append(started, event) : append(event)
      expect(answer["status"]).to eq(422), event.inspect
      expect(answer["errors"].map { |error| error["pointer"] }).to include(pointer) if pointer
    end
    expect(append(happened("note", {text: "of nothing"}))["status"]).to eq(404)
    expect(append(happened("started", {version: 999_999}))["status"]).to eq(404)
    expect(append(happened("started", {version: version_id, formula: 999_999}))["status"]).to eq(404)
    expect(append(started, now: "yesterday")).to include("status" => 422, "errors" => [a_hash_including("pointer" => "/now")])
    expect(counts.call).to eq(before)
  end

  it "of a trial are held against what was tried, with its lines" do
    tried = ask(:post, "/api/balance", {document: document, wishes: ["texture=tacky"]})["answers"].first["formula"]
    trial = ask(:post, "/api/trial", {document: tried, pieces: 2, scale: 0.1})
    logged = append(happened("started", {version: version_id, trial_pieces: 2, document: trial["document"]}),
      happened("weighed", {line: line, grams: 8.1, target: 8.05, mode: "set", by: "typed"}), happened("looked", {texture: 2}))
    expect(logged).to include("trial_pieces" => 2, "texture" => "presses", "predicted" => a_hash_including("texture" => "tacky"))
    expect(logged["lines"].first["text"]).to eq(trial["document"]["components"][0]["lines"][0]["text"])
    expect(append(happened("started", {version: version_id, trial_pieces: 9}), to: SecureRandom.uuid)["status"]).to eq(422)
    expect(append(started, to: SecureRandom.uuid)).not_to include("trial_pieces")
  end
end
