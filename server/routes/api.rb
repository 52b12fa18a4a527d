# frozen_string_literal: true

module ElmCupServer
  # The JSON API: takes a request apart, calls the core or the store, answers. Described in openapi.yaml.
  class Api < Sinatra::Base
    configure do
      set :show_exceptions, false
      set :raise_errors, false
      set :dump_errors, false
      # Hosts and RequestGuard look at who asks before anything is done; what Sinatra has would do so afterwards.
      disable :protection
      set :host_authorization, permitted_hosts: []
      set :static, false
    end

    before { content_type "application/json" }

    error(ElmCup::Error) { halt Problem.for_document(env["sinatra.error"]) }
    error(ActiveRecord::RecordNotFound) { halt Problem.response(404, "There is nothing here with that number; it may have been deleted") }
    error(ActiveRecord::ConnectionNotEstablished) { halt Errors.answer(env["sinatra.error"]) }
    error(ActiveRecord::StatementInvalid, ActiveRecord::RecordInvalid) { halt refused_by_storage(env["sinatra.error"]) }
    error(Kitchen::Stale) { halt Problem.for_stale_kitchen(env["sinatra.error"]) }
    error(Plan::Stale) { halt Problem.for_stale_plan(env["sinatra.error"]) }
    error(Draft::Stale) { halt Problem.for_stale_draft(env["sinatra.error"]) }
    error(Deadline::Passed) { halt Problem.response(503, env["sinatra.error"].message) }
    error(Page::Lost) { halt Problem.response(422, env["sinatra.error"].message) }
    error(Devices::Workbench::NotDone) { halt Problem.response(404, env["sinatra.error"].message) }
    error(BatchLog::Conflict) { halt Problem.response(409, env["sinatra.error"].message) }
    error { halt Errors.answer(env["sinatra.error"]) }
    not_found { halt Problem.response(404, "There is no such address in the API") }

    get("/api/health") { answer("ok" => Integrity.sound?, "core_version" => CoreVersion::CURRENT, "storage" => Integrity.found || "being looked at") }
    get("/api/library") { answer(Pantry.choices) }
    post("/api/assess") {
      reckon { ElmCup.assess(body_json, pantry: Pantry.library, without: params["without"].to_s.split(",")) }
    }
    post("/api/assess/sections") {
      reckon { ElmCup.assess(body_json["document"], pantry: Pantry.library, sections: body_json["sections"]) }
    }
    post("/api/shape") { reckon { ElmCup.shape(body_json, pantry: Pantry.library) } }
    post("/api/cold") { reckon { ElmCup.cold(body_json, pantry: Pantry.library) } }
    post("/api/shape/template") { download(ElmCup.template(body_json, pantry: Pantry.library), "application/pdf", "cut.pdf") }
    post("/api/lines") { reckon { read_line(body_json) } }
    post("/api/nudge") { reckon { {"text" => ElmCup.nudge(body_json["text"], body_json["steps"])} } }
    post("/api/scale") { reckon { ElmCup.scale(body_json["document"], body_json["factor"]) } }
    post("/api/scaling") {
      reckon { ElmCup.scaling(body_json["document"], pantry: Pantry.library, **body_json.except("document").transform_keys(&:to_sym)) }
    }
    post("/api/parts") { reckon { ElmCup.edit_parts(body_json["document"], body_json["edit"]) } }
    post("/api/import") { reckon { ElmCup.import(body_json["text"], pantry: Pantry.library) } }
    post("/api/export") { reckon { {"text" => ElmCup.export(body_json["document"], body_json["format"], pantry: Pantry.library)} } }
    post("/api/compare") { reckon { ElmCup.compare(body_json["before"], body_json["after"], pantry: Pantry.library) } }
    post("/api/convert") {
      reckon { ElmCup.convert(body_json["text"], pantry: Pantry.library, **body_json.slice("to", "cup").transform_keys(&:to_sym)) }
    }

    post("/api/balance") { reckon { balance(body_json) } }
    delete("/api/balance/:ticket") { answer("called_off" => Searches.call_off(params["ticket"])) }
    post("/api/balance/:ticket/stream") { answer(stream_balance(body_json), 202) }
    get("/api/balance/:ticket/stream") { listen(BalanceStream.topic(params["ticket"])) }
    post("/api/wish") {
      body_json.then { |body|
        reckon { ElmCup.wish(body["document"], body["text"], component: body["component"], pantry: Pantry.library) }
      }
    }
    post("/api/substitute") { reckon { substitute(body_json) } }
    post("/api/cupboard") { reckon { search { |pace| ElmCup.cupboard(body_json, pantry: Pantry.library, **pace) } } }
    post("/api/trial") {
      reckon { ElmCup.trial(body_json["document"], pantry: Pantry.library, **body_json.slice("pieces", "scale").transform_keys(&:to_sym)) }
    }
    post("/api/rescue") { reckon { ElmCup.rescue_bowl(body_json, pantry: Pantry.library) } }
    get("/api/settings/cupboard") { answer("value" => ticked) }
    put("/api/settings/cupboard") { Setting.keep_list("cupboard", body_json["value"]) && answer("value" => ticked) }

    post("/api/steps") { reckon { ElmCup.steps(body_json["document"], before: body_json["before"], pantry: Pantry.library) } }
    post("/api/steps/edit") { reckon { ElmCup.edit_steps(body_json["document"], body_json["edit"], pantry: Pantry.library) } }

    get("/api/plans") { answer("rows" => Plan.listed) }
    post("/api/plans") { answer(Plan.start(body_json).to_answer, 201) }
    post("/api/plans/preview") {
      reckon { Plan.preview(body_json, but: params["plan"]&.to_i, sections: params["sections"].to_s.split(",")) }
    }
    get("/api/plans/:id") { answer(plan.to_answer) }
    put("/api/plans/:id") { answer(plan.tap { |plan| plan.write(body_json["request"], revision: body_json["revision"]) }.to_answer) }
    delete("/api/plans/:id") { plan.hide && answer({}) }
    post("/api/plans/:id/restore") { answer(Plan.find(id).tap(&:bring_back).to_answer) }
    get("/api/plans/:id/calendar") { download(plan.to_calendar, "text/calendar", "#{file_name(plan.name)}.ics") }

    get("/api/formulas") { answer(list(FormulaRow, "formula_id", "name")) }
    get("/api/formula-names") { answer(Formula.names) }
    post("/api/formulas") { answer(Formula.start(body_json).to_answer, 201) }
    get("/api/formulas/:id") { answer(formula.to_answer) }
    delete("/api/formulas/:id") { formula.hide && answer({}) }
    post("/api/formulas/:id/restore") { answer(Formula.find(id).tap(&:bring_back).to_answer) }
    post("/api/formulas/:id/copy") { answer(formula.copy.to_answer, 201) }
    get("/api/formulas/:id/versions") { answer(formula.versions.map { |version| version.to_answer.except("document") }) }
    post("/api/formulas/:id/versions") { answer(save_version.to_answer, 201) }
    get("/api/formulas/:id/draft") { answer(formula.standing_draft.to_answer) }
    put("/api/formulas/:id/draft") { answer(Draft.keep(formula, body_json).to_answer) }
    delete("/api/formulas/:id/draft") { answer(drop_draft.to_answer) }
    post("/api/drafts") { answer(begin_formula.standing_draft.to_answer, 201) }
    get("/api/versions/:id") { answer(FormulaVersion.find(id).to_answer) }

    get("/api/formulas/:id/export") { file(formula.standing, params["format"]) }

    get("/api/kitchen") { answer(Kitchen.document) }
    put("/api/kitchen") { answer(Kitchen.keep(body_json)) }
    post("/api/kitchen/glass") { answer(ElmCup.glass_test(body_json)) }
    post("/api/kitchen/by-water") { answer(ElmCup.tool_by_water(body_json)) }

    get("/api/pantry") { answer(pantry) }
    post("/api/pantry") {
      OwnIngredient.keep(body_json["ingredients"])
      answer(pantry)
    }
    delete("/api/pantry/:key") { answer(forget) }
    post("/api/pantry/label") { answer(ElmCup.label(body_json)) }
    post("/api/pantry/csv") { answer("ingredients" => ElmCup.read_pantry_csv(body_json["text"])) }
    get("/api/pantry/csv") { download(ElmCup.write_pantry_csv(Pantry.ingredients), "text/csv", "elm-cup-pantry.csv") }
    put("/api/settings/currency") { Setting.keep("currency", body_json["value"]) && answer("value" => Pantry.currency) }

    get("/api/devices") { answer("devices" => devices&.to_answer || []) }
    get("/api/devices/:device/stream") { bench.response(params["device"], after: env["HTTP_LAST_EVENT_ID"].to_i) }
    post("/api/devices/:device/command") { answer(bench.command(params["device"], body_json["key"], body_json["do"])) }
    post("/api/devices/:device/simulate") { answer(bench.simulate(params["device"], body_json["key"], simulated(body_json))) }
    post("/api/clock") { answer(drive_clock(body_json)) }

    get("/api/batches") { answer(list(BatchRow.of(params["formula"], params["texture"]), "batch_id", "-made")) }
    get("/api/batches/:batch") { answer(batch.to_answer) }
    get("/api/batches/:batch/rescue") { reckon { batch.rescue_answer(params["component"], params["complaint"]) } }
    get("/api/batches/:batch/make") { reckon { batch.making } }
    get("/api/batches/:batch/events") { answer(batch.to_document) }
    delete("/api/batches/:batch") { BatchRow.hide(batch) && answer({}) }
    post("/api/batches/:batch/restore") { BatchRow.bring_back(batch) && answer({}) }
    post("/api/batches/:batch/events") { answer(append_events.to_answer) }

    private

    # What the disk or the file is to blame for is said; else the data breaks what the database holds to.
    def refused_by_storage(error)
      StorageFault.of(error)&.tell&.response || Problem.response(409, "The data would not take this; nothing was changed")
    end

    def answer(value, status = 200) = [status, {"cache-control" => "no-store"}, JSON.generate(value)]

    # Answers what the block reckons, unless it takes too long.
    def reckon(&block) = answer(Deadline.within(&block))

    # A search that ends when who asked for it goes away.
    def search(ticket = nil, seconds: nil, &block)
      Searches.during(ticket, seconds: seconds, gone: -> { Asker.gone?(env["puma.socket"]) }, &block)
    end

    def body_json = @body_json ||= ElmCup.read_json(request.body.read)

    # What the kitchen has is ticked in its cupboard; where nothing is, everything may be used.
    def balance(body)
      search(body["ticket"], seconds: body["seconds"]) do |pace|
        ElmCup.balance(body["document"], wishes: body["wishes"], have: have(body), quick: body["quick"] || false, pantry: Pantry.library,
          **pace)
      end
    end

    def stream_balance(body)
      BalanceStream.start(params["ticket"], body["document"], wishes: body["wishes"], have: have(body), seconds: body["seconds"],
        pantry: Pantry.library)
      {"ticket" => params["ticket"]}
    end

    # A topic of the hub, from the message on that the browser has not heard.
    def listen(topic)
      raise ActiveRecord::RecordNotFound unless Hub.current.topic?(topic)

      Hub.current.response(topic, after: env["HTTP_LAST_EVENT_ID"].to_i)
    end

    def substitute(body)
      search { |pace|
        ElmCup.substitute(body["document"], line: body["line"], reason: body["reason"], have: have(body), pantry: Pantry.library, **pace)
      }
    end

    def have(body)
      body["have"] || ticked.then { |ids| ids unless ids.empty? }
    end

    # What is ticked, but for what the pantry knows no more.
    def ticked
      library = Pantry.library
      Setting.list("cupboard").select { |id| library[id] }
    end

    def id = params["id"].to_i

    def begin_formula = Formula.begin(body_json["document"] || ElmCup.empty_formula, device: body_json["device"])

    def drop_draft = formula.standing_draft.tap { |draft| draft.drop(params["revision"].to_i, params["device"]) if draft.persisted? }

    def devices = Devices::Household.current

    def bench = devices || raise(ActiveRecord::RecordNotFound)

    # What is done with a simulated device, with the body that the probe goes into where a formula is named.
    def simulated(body)
      return body unless body["formula"]

      document = Formula.kept.find(body["formula"]).standing
      inside, air = ElmCup.cooling_body(document, step: body["step"], place: body["to"].to_s, pantry: Pantry.library)
      body.merge("body" => inside, "air" => air)
    end

    def drive_clock(body)
      clock = bench.clock
      clock.set(ElmCup.read_time(body["set"], "/set")) if body["set"]
      clock.rate = body["rate"] if body["rate"]
      clock.advance(body["advance_s"]) if body["advance_s"]
      bench.catch_up
      {"now" => clock.now.iso8601(3), "rate" => clock.rate}
    end

    def batch = Batch.named(params["batch"])

    def append_events
      clock = body_json["now"] && ElmCup.read_time(body_json["now"], "/now")
      BatchLog.new(params["batch"], clock: clock).append(body_json["events"])
    end

    def formula = Formula.kept.find(id)

    def plan = @plan ||= Plan.kept.find(id)

    # A page of a list, how many there are in all, and the cursor of the next page where there is one. What is set aside is a list of its
    # own.
    def list(rows, id, order)
      aside = params["aside"] == "only"
      found = (aside ? rows.kept.set_aside : rows.kept.readable).searched(params["q"])
      page = Page.new(found, id: id, order: params["order"] || order, limit: params["limit"]&.to_i, cursor: params["cursor"])
      # A row that was made again just now may turn out to be set aside.
      told = found.klass.answers(page.rows).select { |row| row.key?("aside") == aside }
      {"rows" => told, "count" => found.count, "next" => page.cursor}.compact
    end

    # Every row of the pantry, the household's own documents, what of them cannot be read, and the currency of prices.
    def pantry
      aside = Pantry.now.aside.map { |key, each| {"key" => key, "ingredient" => each.said, "errors" => Problem.errors(each.faults)} }
      {"rows" => ElmCup.pantry_rows(Pantry.library), "own" => Pantry.ingredients, "aside" => aside, "currency" => Pantry.currency}
    end

    # Takes out what the household put over a row, or an ingredient of its own; answers what is gone, so that it can be brought back.
    def forget
      own = OwnIngredient.find_by!(key: params["key"])
      own.destroy!
      own.parsed
    end

    def file(document, format)
      text = ElmCup.export(document, format, pantry: Pantry.library)
      type, ending = ElmCup::Exchange::Export::FORMATS.fetch(format)
      download(text, type, "#{file_name(document["name"])}.#{ending}")
    end

    # A name in plain letters; a formula whose name has none is a "formula".
    def file_name(name)
      plain = name.unicode_normalize(:nfkd).gsub(/\p{Mn}/, "").gsub(/[^A-Za-z0-9]+/, "-").gsub(/\A-|-\z/, "").downcase[0, 60]
      plain.empty? ? "formula" : plain
    end

    def download(text, type, name)
      charset = (type == "application/pdf") ? "" : "; charset=utf-8"
      headers = {"content-type" => "#{type}#{charset}", "cache-control" => "no-store",
                 "content-disposition" => "attachment; filename=\"#{name}\""}
      [200, headers, text]
    end

    def read_line(body)
      options = body.slice("ingredient", "was", "process", "cup", "spoons").transform_keys(&:to_sym)
      ElmCup.read_line(body["text"], pantry: Pantry.library, **options)
    end

    def save_version
      parent = body_json["parent_id"] && formula.versions.find(body_json["parent_id"])
      formula.save_version(body_json["document"], parent: parent)
    end
  end
end
