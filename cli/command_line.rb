# frozen_string_literal: true

require_relative "../core/lib/elm_cup"
require_relative "planning"
require_relative "proposals"

module ElmCup
  # What `bin/elm` does: one method a command. Nothing is computed here.
  class CommandLine
    include Planning
    include Proposals

    PANTRY_USAGE = <<~TEXT
      --pantry CSV                             wherever a formula, a cupboard or a bowl is read: the household's own ingredients
      --kitchen JSON                           … and its kitchen: cups, spoons, tins, moulds, scoops (docs/kitchen.schema.json)
    TEXT
    USAGE = (<<~TEXT + Planning::USAGE + Proposals::USAGE + PANTRY_USAGE).freeze
      elm assess FILE|- [--only NAMES]         the assessment of a formula document, or only “pieces,cost” and the like of it
      elm assess … --strict                    … refused where a line is not read; without it such lines are left out and listed
      elm shape FILE|- [--template PDF]        pieces, cut, coat and what your tins would make of it; the cut at true size into a file
      elm cold FILE|-                          when each step is firm enough, how warm it may get, where it lives and for how long
      elm convert TEXT --to UNIT [--cup ID]    a typed amount in g, ml, tsp, tbsp, cups, oz … or “measure” (nearest spoons and cups)
      elm scale FILE|- --by FACTOR             the formula document with every amount times FACTOR (2, 1/2, 0.75)
      elm scale FILE|- --to-grams G            … so that all of it weighs G grams
      elm scale FILE|- --pieces N --piece-grams G    … so that it makes N pieces of G grams
      elm import FILE|-                        a pasted recipe, schema.org JSON-LD or formula document, read and made a formula document
      elm export FILE|-|ID --format FORMAT     a formula document, or the saved formula with this number, as json, jsonld, md or csv
      elm compare FILE FILE                    two formula documents side by side, line by line
      elm label FILE|-                         an ingredient from its pack's label (JSON), checked
    TEXT
    COMMANDS = (%w[assess shape cold convert scale import export compare label] + Planning::COMMANDS + Proposals::COMMANDS).freeze
    # Options without a value.
    FLAGS = %w[--strict].freeze
    OPTIONS = (%w[--strict --only --to --cup --by --to-grams --pieces --piece-grams --format --pantry --template --kitchen] + Planning::OPTIONS + Proposals::OPTIONS).freeze
    # The longest file that is read at all; the core has its own, smaller limits.
    MOST_BYTES = 64_000_000
    # Bad input, said in one line.
    class BadInput < StandardError; end

    def self.run(arguments) = new.run(arguments)

    # input, output, errors: what is read from for “-”, and written to.
    def initialize(input: $stdin, output: $stdout, errors: $stderr)
      @input = input
      @output = output
      @errors = errors
    end

    # Exit status.
    def run(arguments)
      return @output.puts(USAGE) || 0 if arguments.empty? || arguments.first == "help" || arguments.intersect?(%w[-h --help])

      @options = options(arguments)
      command = arguments.shift or raise BadInput, "Name a command: #{COMMANDS.join(", ")}"
      raise BadInput, "“#{command.scrub}” is no command; there are #{COMMANDS.join(", ")}" unless COMMANDS.include?(command)

      answer = send((command == "rescue") ? :rescue_bowl : command, arguments)
      return 2 if @strict_fault

      @output.puts answer.is_a?(String) ? answer : JSON.pretty_generate(answer)
      @output.flush
      0
    rescue ElmCup::Error, BadInput => error
      fault(error.message)
    rescue Interrupt
      fault("Stopped")
    rescue Errno::EPIPE
      # Who reads went away; there is nobody to tell.
      2
    rescue SystemCallError => error
      fault("The answer could not be written: #{error.message.sub(/ @ .*/, "")}")
    rescue SystemStackError, NoMemoryError
      fault("This is too large to be taken")
    rescue => error
      fault(storage_words(error) || "Something went wrong here (#{error.class}): #{error.message.lines.first}")
    end

    private

    # One line, and the exit status of every fault.
    def fault(words)
      @errors.puts "elm: #{words.to_s.scrub.gsub(/\s+/, " ").strip[0, 600]}"
      2
    end

    # What the household's database is to blame for; nil where it is not. It is looked at only where it was opened.
    def storage_words(error)
      return unless defined?(ElmCupServer)

      error.is_a?(ElmCupServer::DatabaseFile::Unusable) ? error.message : ElmCupServer::StorageFault.of(error)&.words
    end

    # Takes `--name value` and `--name=value` out of the arguments; text may begin with a minus, such as "-1 cup".
    def options(arguments)
      words = arguments.dup
      arguments.clear
      {}.tap do |options|
        while (word = words.shift)
          name, value = word.scrub.split("=", 2)
          raise BadInput, "#{name} is no option; there are #{OPTIONS.join(", ")}" if word.start_with?("--") && !OPTIONS.include?(name)
          next arguments << word unless OPTIONS.include?(name)
          next options[name] = true if FLAGS.include?(name)

          options[name] = value || words.shift || raise(BadInput, "#{name} needs a value")
        end
      end
    end

    def assess(arguments)
      formula = document(arguments)
      answer = ElmCup.assess(formula, sections: listed("--only"), **pantry)
      leave_out(ElmCup.flagged(@options.key?("--only") ? ElmCup.assess(formula, sections: ["components"], **pantry) : answer))
      answer
    end

    # The cut of the tin goes into a file of its own.
    def shape(arguments)
      formula = document(arguments)
      answer = ElmCup.shape(formula, **pantry)
      if (path = @options["--template"])
        write(path, ElmCup.template(formula, **pantry))
      end
      leave_out(ElmCup.flagged(ElmCup.assess(formula, sections: ["components"], **pantry)))
      answer
    end

    def cold(arguments)
      formula = document(arguments)
      answer = ElmCup.cold(formula, **pantry)
      leave_out(ElmCup.flagged(ElmCup.assess(formula, sections: ["components"], **pantry)))
      answer
    end

    def write(path, bytes)
      File.binwrite(path, bytes)
    rescue SystemCallError => error
      raise BadInput, "#{path} cannot be written: #{error.message.sub(/ @ .*/, "")}"
    end

    # What a formula is judged without is listed, a line each; with --strict that is a fault.
    def leave_out(flagged)
      @strict_fault = flagged.any? && @options.key?("--strict")
      flagged.each do |line|
        words = "#{line["pointer"]} (#{line["component"]}) “#{line["text"]}”: #{line["message"]}"
        @errors.puts "elm: left out: #{words.scrub.gsub(/\s+/, " ").strip[0, 600]}"
      end
    end

    def convert(arguments)
      text = utf8(arguments.join(" "))
      raise BadInput, "Say what to convert: elm convert \"1/2 c + 2 tbsp honey\" --to g" if text.strip.empty?

      ElmCup.convert(text, **{to: @options["--to"], cup: @options["--cup"]}.compact, **pantry)
    end

    def scale(arguments)
      formula = document(arguments)
      return ElmCup.scale(formula, @options["--by"]) if @options["--by"]

      wanted = {grams: number("--to-grams"), pieces: number("--pieces"), piece_grams: number("--piece-grams")}.compact
      raise BadInput, "Say how large: --by 2, --to-grams 600, or --pieces 24 --piece-grams 18" if wanted.empty?

      ElmCup.scaling(formula, **wanted, **pantry)["document"]
    end

    def import(arguments) = ElmCup.import(bytes(arguments), **pantry)

    def export(arguments)
      format = @options.fetch("--format") { raise BadInput, "Say how: --format json, jsonld, md or csv" }
      number = arguments.first if arguments.first&.match?(/\A\d+\z/) && !File.exist?(arguments.first)
      number ? export_saved(number.to_i, format) : ElmCup.export(document(arguments), format, **pantry)
    end

    def compare(arguments)
      raise BadInput, "Name two formula documents" unless arguments.size == 2

      ElmCup.compare(*arguments.map { |path| document([path]) }, **pantry)
    end

    def label(arguments) = ElmCup.label(ElmCup.read_json(bytes(arguments)))

    # The names that an option lists, nil where it is not given.
    def listed(name) = @options[name]&.then { |text| utf8(text).split(",").map(&:strip).reject(&:empty?) }

    # The ingredients of --pantry, in the kitchen of --kitchen, as an option of the core.
    def pantry
      return {} unless @options["--pantry"] || @options["--kitchen"]

      library = @options["--pantry"] ? ElmCup.pantry(ElmCup.read_pantry_csv(bytes([@options["--pantry"]]))) : ElmCup.shipped
      {pantry: @options["--kitchen"] ? library.in_kitchen(kitchen(@options["--kitchen"])) : library}
    end

    # What formulas take of a kitchen document in a file.
    def kitchen(path)
      said = document([path])
      ElmCup.check_kitchen(said)
      ElmCup.kitchen_of(said)
    end

    def number(name)
      text = @options[name] or return
      Float(text, exception: false)&.then { |value| (value % 1).zero? ? value.to_i : value } ||
        raise(BadInput, "#{name} must be a number, not “#{text}”")
    end

    # The formula with this number in the household's database, with the ingredients that are kept there.
    def export_saved(number, format)
      path = ENV.fetch("ELM_CUP_DATABASE", File.expand_path("../data/elm_cup.sqlite3", __dir__))
      raise BadInput, "There is no database at #{path}; name a formula document instead" unless File.exist?(path)

      require_relative "../server/environment"
      ElmCupServer::Database.open(path)
      document = ElmCupServer::Formula.kept.find_by(id: number)&.current_version&.parsed or raise BadInput,
        "There is no formula with the number #{number}"
      ElmCup.export(document, format, pantry: ElmCupServer::Pantry.library, **pantry)
    end

    def document(arguments) = ElmCup.read_json(bytes(arguments))

    def bytes(arguments)
      path = arguments.shift or raise BadInput, "Name a file, or - for standard input"
      raise BadInput, "One file at a time; “#{arguments.first}” is one too many" if arguments.any?
      return @input.binmode.read(MOST_BYTES).to_s if path == "-"
      raise BadInput, "#{path} is larger than any file that is read here" if File.file?(path) && File.size(path) > MOST_BYTES

      File.binread(path)
    rescue SystemCallError => error
      raise BadInput, "#{path} cannot be read: #{error.message.sub(/ @ .*/, "")}"
    end
  end
end
