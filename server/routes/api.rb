# frozen_string_literal: true

module ElmCupServer
  # The JSON API: takes a request apart, calls the core or the store, answers. Described in openapi.yaml.
  class Api < Sinatra::Base
    configure do
      set :show_exceptions, false
      set :raise_errors, false
      set :dump_errors, false
      set :host_authorization, permitted_hosts: ["localhost", IPAddr.new("127.0.0.0/8"), IPAddr.new("::1")]
      set :static, false
    end

    before { content_type "application/json" }

    error(ElmCup::InvalidDocument) { halt Problem.for_document(env["sinatra.error"]) }
    error(ElmCup::Error) { halt Problem.response(422, env["sinatra.error"].message) }
    error(ActiveRecord::RecordNotFound) { halt Problem.response(404, "There is nothing here with that number; it may have been deleted") }
    error(ActiveRecord::StatementInvalid, ActiveRecord::RecordInvalid) { halt Problem.response(409, "The data would not take this; nothing was changed") }
    error do
      warn env["sinatra.error"].full_message(highlight: false)
      halt Problem.response(500, "Something went wrong here; nothing was changed. Try again")
    end
    not_found { halt Problem.response(404, "There is no such address in the API") }

    get("/api/health") { answer("ok" => true, "core_version" => CoreVersion::CURRENT) }
    get("/api/library") { answer(Library.answer) }
    post("/api/assess") { answer(ElmCup.assess(body_json)) }
    post("/api/lines") { answer(read_line(body_json)) }
    post("/api/nudge") { answer("text" => ElmCup.nudge(body_json["text"], body_json["steps"])) }
    post("/api/scale") { answer(ElmCup.scale(body_json["document"], body_json["factor"])) }
    post("/api/convert") { answer(ElmCup.convert(body_json["text"], to: body_json["to"], cup: body_json["cup"] || "us")) }

    get("/api/formulas") { answer(Formula.kept.includes(current_version: :kept_summary).order(:name, :id).map(&:to_summary)) }
    post("/api/formulas") { answer(Formula.start(body_json).to_answer, 201) }
    get("/api/formulas/:id") { answer(formula.to_answer) }
    delete("/api/formulas/:id") { formula.hide && answer({}) }
    post("/api/formulas/:id/restore") { answer(Formula.find(id).tap(&:bring_back).to_answer) }
    post("/api/formulas/:id/copy") { answer(formula.copy.to_answer, 201) }
    get("/api/formulas/:id/versions") { answer(formula.versions.map { |version| version.to_answer.except("document") }) }
    post("/api/formulas/:id/versions") { answer(save_version.to_answer, 201) }
    get("/api/versions/:id") { answer(FormulaVersion.find(id).to_answer) }

    get("/api/batches") { answer(Batch.includes(:events, :formula_version).order(id: :desc).map(&:to_answer)) }
    post("/api/batches") { answer(Batch.write_down(body_json).to_answer, 201) }
    get("/api/batches/:id") { answer(Batch.find(id).to_answer) }

    private

    def answer(value, status = 200) = [status, {"cache-control" => "no-store"}, JSON.generate(value)]

    def body_json = @body_json ||= ElmCup.read_json(request.body.read)

    def id = params["id"].to_i

    def formula = Formula.kept.find(id)

    def read_line(body) = ElmCup.read_line(body["text"], **body.slice("ingredient", "was", "process", "cup", "spoons").transform_keys(&:to_sym))

    def save_version
      parent = body_json["parent_id"] && formula.versions.find(body_json["parent_id"])
      formula.save_version(body_json["document"], parent: parent)
    end
  end
end
