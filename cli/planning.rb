# frozen_string_literal: true

module ElmCup
  # The commands of bin/elm for steps and plans: what CommandLine takes in beside its own.
  module Planning
    USAGE = <<~TEXT
      elm steps FILE|- [--since FILE]          the method, drafted, with what differs from another version of the formula
      elm plan FILE… --ready-by|--start-at TIME    when to start: formula documents, or one plan request (docs/plan_request.schema.json)
      … [--zone NAME] [--times N,N…] [--away FROM/TO,…] [--beside PLANS] [--calendar FILE]    the plan as iCalendar into a file
    TEXT
    COMMANDS = %w[steps plan].freeze
    OPTIONS = %w[--since --ready-by --start-at --zone --times --away --beside --calendar].freeze
    # Where a machine says in which zone it stands.
    ZONE_LINK = "/etc/localtime"
    ZONE_FOLDER = "zoneinfo/"

    private

    def steps(arguments)
      before = @options["--since"]&.then { |path| document([path]) }
      ElmCup.steps(document(arguments), before: before, **pantry)
    end

    def plan(arguments)
      raise CommandLine::BadInput, "Name a formula document, or several" if arguments.empty?

      documents = arguments.map { |path| document([path]) }
      plan = ElmCup.plan(request(documents), now: Time.now, beside: beside, **pantry)
      if (path = @options["--calendar"])
        calendar(plan, path)
      end
      plan
    end

    # Where there is no plan, why is told all the same.
    def calendar(plan, path)
      return write(path, ElmCup.plan_calendar(plan, uid: "plan-#{plan["at"]}", stamp: Time.now)) if plan["tasks"]

      @errors.puts "elm: no calendar was written, since there is no plan"
    end

    # A request that was written by hand, or one of formula documents.
    def request(documents)
      asked = documents.find { |each| each.is_a?(Hash) && each["elm_cup"].to_s.start_with?("plan-request/") }
      return asked.merge(said) if asked && documents.size == 1
      raise CommandLine::BadInput, "Name one plan request, or formula documents, not both" if asked
      raise CommandLine::BadInput, "Say when: --ready-by 2026-06-20T18:00, or --start-at" unless time

      {"elm_cup" => "plan-request/1", "zone" => zone, "formulas" => formulas(documents), **said}
    end

    # What the options say.
    def said
      raise CommandLine::BadInput, "Say --ready-by or --start-at, not both" if @options["--ready-by"] && @options["--start-at"]

      mode = @options["--start-at"] ? "start_at" : "ready_by"
      {"mode" => (mode if time), "at" => (utf8(time) if time), "zone" => (zone if @options["--zone"]), "away" => away}.compact
    end

    def time = @options["--ready-by"] || @options["--start-at"]

    def formulas(documents)
      times = listed("--times") || []
      documents.each_with_index.map do |document, at|
        {"document" => document, "times" => times[at] && factor(times[at])}.compact
      end
    end

    def factor(text) = Float(text, exception: false) || raise(CommandLine::BadInput, "--times takes numbers, not “#{text}”")

    def away
      listed("--away")&.map do |stretch|
        from, to = stretch.split("/")
        {"start" => from.to_s, "end" => to.to_s}
      end
    end

    def beside = (listed("--beside") || []).map { |path| document([path]) }

    # As it is said, else as the machine says.
    def zone
      return utf8(@options["--zone"]) if @options["--zone"]

      named = ENV["TZ"].to_s
      return named unless named.empty?

      File.symlink?(ZONE_LINK) ? File.readlink(ZONE_LINK).split(ZONE_FOLDER).last : "UTC"
    end
  end
end
