# frozen_string_literal: true

module ElmCupServer
  # A plan that is kept: what was asked ("plan-request/1", formulas by their numbers) and what came of it ("plan/1"). Deleting hides it.
  class Plan < Record
    has_many :tasks, class_name: "ElmCupServer::PlanTask", inverse_of: :plan, dependent: :delete_all

    scope :kept, -> { where(deleted_at: nil) }

    # Someone else kept another since it was read; `now` is that, `mine` what was sent.
    class Stale < StandardError
      attr_reader :now, :mine

      def initialize(now, mine)
        @now = now
        @mine = mine
        super("The plan was changed elsewhere since")
      end
    end

    MOST_LISTED = 200
    # Plans that share the kitchen with another: more than anybody has before her.
    MOST_BESIDE = 40

    # The plan of a request (Hash), and nothing kept of it. but: the number of a plan that it would take the place of, nil for none;
    # sections: of what is slow. InvalidDocument where it cannot be asked.
    def self.preview(request, but: nil, sections: [])
      ElmCup.plan(with_documents(request), now: Time.now, beside: beside(but), have: have, sections: sections,
        pantry: Pantry.library)
    end

    # A new plan of a request.
    def self.start(request) = new.tap { |plan| plan.write(request) }

    # What is listed, the latest hour first.
    def self.listed = kept.order(at: :desc, id: :desc).limit(MOST_LISTED).map(&:to_row)

    # The request with the document of each formula that it names by its number, where there is one.
    def self.with_documents(request)
      return request unless request.is_a?(Hash) && request["formulas"].is_a?(Array)

      request.merge("formulas" => request["formulas"].map { |each| with_document(each) })
    end

    def self.with_document(said)
      return said unless said.is_a?(Hash) && said["formula"].is_a?(Integer) && !said.key?("document")

      formula = Formula.kept.find_by(id: said["formula"])
      version = said["version"] ? formula&.versions&.find_by(number: said["version"]) : formula&.current_version
      document = version ? version.parsed : formula && said["version"].nil? && formula.standing
      document ? said.merge({"document" => document, "version" => version&.number}.compact) : said
    end

    # "plan/1" of the other plans that are not over.
    def self.beside(but) = kept.where.not(id: but).where(ready_at: utc(Time.now)..).order(:ready_at).limit(MOST_BESIDE).map(&:parsed)

    def self.have
      library = Pantry.library
      Setting.list("cupboard").select { |id| library[id] }.map { |id| {"ingredient" => id} }
    end

    def self.utc(time) = time.utc.strftime("%Y-%m-%dT%H:%M:%SZ")
    private_class_method :with_document, :beside, :have

    # Takes a request, works it out, and keeps both. revision: the one that it goes on from. Deadline::Passed where it takes too long.
    def write(asked, revision: nil)
      result = Deadline.within { self.class.preview(asked, but: id) }
      transaction do
        lock! if persisted?
        raise Stale.new(to_answer, asked) if persisted? && revision != self.revision

        keep(asked, result)
        tasks.delete_all
        (result["tasks"] || []).each { |task| tasks.create!(row_of(task, result)) }
      end
    end

    def hide = update!(deleted_at: Time.now)

    def bring_back = update!(deleted_at: nil)

    # What came of it (Hash).
    def parsed = JSON.parse(result)

    # Number, name, times.
    def to_row
      {"id" => id, "name" => name, "mode" => mode, "at" => at, "start" => starts_at, "ready" => ready_at, "status" => status}.compact
    end

    # With what was asked and what came of it; formulas that have another version by now are said.
    def to_answer
      asked = JSON.parse(request)
      {"id" => id, "revision" => revision, "request" => asked, "plan" => parsed, "newer" => newer(asked)}
    end

    # iCalendar text.
    def to_calendar = ElmCup.plan_calendar(parsed, uid: "plan-#{id}-#{created_at.to_i}", sequence: revision - 1, stamp: Time.now)

    private

    def keep(asked, result)
      plain = self.class.with_documents(asked)
      kept = asked.merge("formulas" => plain["formulas"].map { |each| each["formula"] ? each.except("document") : each })
      assign_attributes(name: asked["name"] || result["formulas"].map { |each| each["name"] }.join(", ")[0, 120], mode: result["mode"],
        at: utc(result["at"]), starts_at: result["start"]&.then { |text| utc(text) }, ready_at: result["ready"]&.then { |text| utc(text) },
        status: result["status"], request: JSON.generate(kept), result: JSON.generate(result), revision: persisted? ? revision + 1 : 1)
      save!
    end

    def utc(text) = self.class.utc(Time.iso8601(text))

    def row_of(task, result)
      {task: task["id"], kind: task["kind"], formula_id: result["formulas"][task["formula"]]["formula"], starts_at: utc(task["start"]),
       ends_at: utc(task["end"]), pinned: task["pinned"], done: task["done"] || false}
    end

    def newer(asked)
      asked["formulas"].each_with_index.filter_map do |each, at|
        next unless each["formula"] && each["version"]

        number = Formula.find_by(id: each["formula"])&.current_version&.number
        {"index" => at, "version" => number} if number && number > each["version"]
      end
    end
  end
end
