# frozen_string_literal: true

module ElmCup
  # The commands of bin/elm that answer with other formulas: what CommandLine takes in beside its own.
  module Proposals
    USAGE = <<~TEXT
      elm balance FILE|- --want WISHES         the least change that gives “texture=rolls,free_sugars<=3”, or why there is none
      elm wish FILE|- --say TEXT [--part NAME] the wish that words mean: “less sweet”, “under 90 kcal”, “no peanut”; of one part
      elm substitute FILE|- --line NAME --reason REASON    what can stand in for one ingredient, and how much of it
      elm cupboard FILE|-                      bowls of what there is (docs/cupboard.schema.json)
      elm trial FILE|- --pieces N [--scale G]  the formula for one or two pieces, in grams, drops and pinches
      elm rescue FILE|-                        doses for a bowl that nobody wrote down (docs/bowl.schema.json)
      elm rescue BATCH|- --formula FILE [--part NAME] [--complaint ID]    what the bowl of a batch is like now, and what would help it
      --have IDS                               with balance and substitute: the ingredients that there are, by id
      --seconds S                              with balance, substitute and cupboard: how long it may look (2)
    TEXT
    COMMANDS = %w[balance wish substitute cupboard trial rescue].freeze
    OPTIONS = %w[--want --say --part --line --reason --have --seconds --scale --formula --complaint].freeze
    # Between two wishes, not within a number.
    BETWEEN = /,(?!\d)/
    MOST_SECONDS = 60

    private

    def balance(arguments)
      wishes = @options["--want"]&.then { |text| utf8(text).split(BETWEEN).map(&:strip).reject(&:empty?) }
      ElmCup.balance(document(arguments), wishes: wishes, have: have, **pace, **pantry)
    end

    def wish(arguments)
      text = @options["--say"] or raise CommandLine::BadInput, "Say what you want: --say \"less sweet\""
      ElmCup.wish(document(arguments), utf8(text), component: @options["--part"]&.then { |name| utf8(name) }, **pantry)
    end

    def substitute(arguments)
      line, reason = %w[--line --reason].map { |name| @options[name] or raise CommandLine::BadInput, "Say which and why: --line tahini --reason sesame-free" }
      ElmCup.substitute(document(arguments), line: utf8(line), reason: utf8(reason), have: have, **pace, **pantry)
    end

    def cupboard(arguments) = ElmCup.cupboard(document(arguments), **pace, **pantry)

    def trial(arguments)
      ElmCup.trial(document(arguments), **{pieces: number("--pieces"), scale: number("--scale")}.compact, **pantry)
    end

    # Named for its command; `rescue` is a word of the language.
    def rescue_bowl(arguments)
      said = document(arguments)
      return ElmCup.rescue_bowl(said, **pantry) unless said.is_a?(Hash) && said["elm_cup"].to_s.start_with?("batch/")

      ElmCup.check_batch(said.slice("elm_cup", "batch").merge("events" => said_events(said)))
      part, complaint = %w[--part --complaint].map { |name| @options[name]&.then { |text| utf8(text) } }
      ElmCup.rescue_batch(made(said), said["events"], component: part, complaint: complaint, **pantry)
    end

    # Events that devices said, as they said them: what the server adds, and says itself, is left out.
    def said_events(said)
      events = said["events"]
      return events unless events.is_a?(Array)

      events.reject { |event| event.is_a?(Hash) && event["kind"] == "predicted" }
        .map { |event| event.is_a?(Hash) ? event.except("seq", "received_at", "skew_ms") : event }
    end

    # What the batch is of: a trial says it, else a file.
    def made(said)
      begun = said["events"].find { |event| event["kind"] == "started" }
      return begun["data"]["document"] if begun&.dig("data", "document")

      path = @options["--formula"] or raise CommandLine::BadInput, "Say what was made: --formula FILE"
      document([path])
    end

    def have = listed("--have")

    def pace
      seconds = number("--seconds") || Balance::Pace::SECONDS
      raise CommandLine::BadInput, "--seconds must be over 0 and up to #{MOST_SECONDS}" unless seconds.positive? && seconds <= MOST_SECONDS

      {seconds: seconds.to_f, clock: -> { Process.clock_gettime(Process::CLOCK_MONOTONIC) }}
    end

    def utf8(text)
      given = text.dup.force_encoding(Encoding::UTF_8)
      given.valid_encoding? ? given : raise(CommandLine::BadInput, "That text is not valid UTF-8")
    end
  end
end
