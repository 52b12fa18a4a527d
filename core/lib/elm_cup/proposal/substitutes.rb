# frozen_string_literal: true

module ElmCup
  module Proposal
    # What can be taken instead of one ingredient, and how much of it keeps the texture.
    class Substitutes
      MOST = 5
      TRIED = 10
      # How far the texture number may move for it to be called kept, in classes.
      NEAR = 0.25
      # What is called lower in sugar has this share of it, or less.
      LOWER = 0.9
      OUT_OF_STOCK = "out-of-stock"
      LOWER_SUGAR = "lower-sugar"
      REASONS = ["nut-free", "peanut-free", "sesame-free", "soy-free", "dairy-free", "gluten-free", "grain-free", "vegan", "vegetarian", "raw", "refined-sugar-free",
        LOWER_SUGAR, OUT_OF_STOCK].freeze
      # As people say them.
      ALIASES = {"no refined sugar" => "refined-sugar-free", "no-refined-sugar" => "refined-sugar-free", "lower sugar" => LOWER_SUGAR, "less sugar" => LOWER_SUGAR,
                 "out of stock" => OUT_OF_STOCK}.freeze
      # An Entry with the Settler::Answer that takes it in, or why there is none.
      Tried = Value.of(:entry, :answer, :why)

      # line: an ingredient id, a name, a pointer, or what stands in the line; reason: one of REASONS.
      def initialize(document, line:, reason:, have:, library:, pace:)
        @opened = Opened.of(document, library)
        Asked.check_have(have, library)
        @library = library
        @pace = pace
        @have = have
        @reason = reason(reason)
        @line = SoughtLine.find(@opened.lines, @opened.answer, line) or refuse("/line", "No line holds “#{line.to_s.scrub[0, 60]}”; there are #{SoughtLine.names(@opened.lines)}")
        @entry = @library[@line["ingredient"]]
      end

      # A Hash ready for JSON ("substitute/1").
      def to_h
        tried = needless? ? [] : candidates.lazy.map { |entry| tried(entry) }.take_while { |each| each }.first(TRIED)
        good = tried.select(&:answer).first(MOST)
        {"elm_cup" => "substitute/1", "ingredient" => @entry.id, "name" => @entry.name, "line" => @line["text"], "reason" => @reason,
         "candidates" => good.map { |each| written(each) }, "refused" => tried.reject(&:answer).map { |each| {"ingredient" => each.entry.id, "name" => each.entry.name, "why" => each.why} },
         "notes" => notes(good)}
      end

      private

      def refuse(pointer, message) = Document::Schema.refuse(pointer, message)

      def reason(said)
        plain = said.to_s.scrub.strip.downcase
        known = ALIASES.fetch(plain, plain.tr(" ", "-"))
        REASONS.include?(known) ? known : refuse("/reason", "“#{plain[0, 60]}” is no reason; there are #{REASONS.join(", ")}")
      end

      def diet? = ![OUT_OF_STOCK, LOWER_SUGAR].include?(@reason)

      # It breaks no diet that it should be replaced for.
      def needless? = diet? && !@entry.breaks?(@reason)

      def candidates
        line = lines.first
        helpers = Helpers.new(@opened.answer, [], @have, @library)
        found = StandIns.new(@library) { |entry| helpers.fits?(entry) && better?(entry) }.for(line, nil, most: @library.all.size).map(&:first)
        # What there is comes first; what would have to be bought behind it.
        found.partition { |entry| helpers.here?(entry) }.flatten.first(TRIED)
      end

      # Every line of the ingredient, in flavours too.
      def lines
        flavours = @opened.read.flavours.flat_map { |flavour| [flavour.folded, flavour.topping] }
        (@opened.read.components + flavours).flat_map(&:lines).select { |line| line.entry == @entry }
      end

      def better?(entry)
        return !entry.breaks?(@reason) if diet?

        @reason == OUT_OF_STOCK || entry.composition.sugars <= LOWER * @entry.composition.sugars
      end

      # The stand-in alone first; where no amount of it keeps the texture, with a helper and other lines moving too. nil where the time is up.
      def tried(entry)
        return if @pace.over?

        answer = settled(entry, alone: true) || settled(entry, alone: false)
        Tried.new(entry: entry, answer: answer, why: answer ? nil : "no amount of it keeps the texture, with nothing else over twice or under half of what it is")
      end

      def settled(entry, alone:)
        wishes = [Balance::Wish.read("without:#{@entry.id}"), *@opened.part_wishes { |part| part["texture"] }, *lower_sugar]
        wishes += others.map { |id| Balance::Wish.read("lock:#{id}") } if alone
        helpers = Helpers.new(@opened.answer, wishes, @have && (@have | [entry.id]), @library, also: diet? ? [@reason] : [])
        reader = SituationReader.new(@opened.read, @opened.document, wishes, helpers, only: entry.id, helped: !alone)
        situation = reader.situation.with_met(wishes.select { |wish| @opened.wished.met?(wish) })
        question = Balance::Question.new(situation, wishes, @pace, near: alone ? NEAR : nil)
        answer = Settler.new(@opened.document, reader, question, @library).answer
        answer if answer&.amended&.changes&.any? { |change| change.kind == :instead }
      end

      def lower_sugar
        now = @opened.answer.dig("nutrition_per_piece", "sugars_g")
        (@reason == LOWER_SUGAR && now&.positive?) ? [Balance::Wish.read("sugars<=#{Balance::Wish.number(now - 0.01)}")] : []
      end

      def others = @opened.lines.filter_map { |line| line["ingredient"] }.uniq - [@entry.id]

      def written(tried)
        answer = Written.call(tried.answer, @opened.wished.figures, @library)
        change = answer["changes"].find { |each| each["kind"] == "instead" }
        answer.merge("ingredient" => tried.entry.id, "name" => tried.entry.name, "text" => change["now"], "family" => tried.entry.family, "source" => tried.entry.source,
          "here" => @have.nil? || @have.include?(tried.entry.id))
      end

      def notes(good)
        [
          ("#{@entry.name} is #{@reason} already." if needless?),
          ("Nothing in the pantry can take its place here." if good.empty? && !needless?),
          ("Traces and what the pack says are not looked into: read the pack." if diet? && good.any?)
        ].compact
      end
    end

    # The line of an assessment that words mean.
    module SoughtLine
      POINTER = %r{\A/(components|splits)/(\d{1,3})/(lines|topping)/(\d{1,3})\z}

      # A line as a Hash, nil for none: by pointer, ingredient id, name, or what stands in it. lines: all of them; answer: the assessment.
      def self.find(lines, answer, said)
        plain = said.to_s.scrub.strip.downcase
        return if plain.empty?

        by_pointer(answer, plain) || lines.find { |line| line["ingredient"] == plain } || lines.find { |line| line["name"]&.downcase == plain } ||
          lines.find { |line| line["text"].to_s.downcase.include?(plain) }
      end

      # "rolled oats, tahini"
      def self.names(lines) = lines.filter_map { |line| line["name"]&.downcase }.uniq.first(12).join(", ")

      def self.by_pointer(answer, said)
        list, part, key, line = said.match(POINTER)&.captures
        list && answer.dig(list, part.to_i, key, line.to_i)
      end
      private_class_method :by_pointer
    end
  end
end
