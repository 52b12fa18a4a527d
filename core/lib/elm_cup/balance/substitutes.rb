# frozen_string_literal: true

module ElmCup
  module Balance
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
      REASONS = ["nut-free", "peanut-free", "sesame-free", "soy-free", "dairy-free", "gluten-free", "grain-free", "vegan", "vegetarian",
        "raw",
        "refined-sugar-free", LOWER_SUGAR, OUT_OF_STOCK].freeze
      # As people say them.
      ALIASES = {
        "no refined sugar" => "refined-sugar-free", "no-refined-sugar" => "refined-sugar-free", "lower sugar" => LOWER_SUGAR,
        "less sugar" => LOWER_SUGAR,
        "out of stock" => OUT_OF_STOCK
      }.freeze
      KEEPS_NO_TEXTURE = "no amount of it keeps the texture unless another line more than doubles or halves"
      # An Entry with the Answer that takes it in, nil where there is none.
      Attempt = Value.of(:entry, :answer)

      # line: Ingredient::Line that is replaced; entry: its Ingredient::Entry; reason: one of REASONS; answers: Attempts that do, the
      # likeliest first; refused: Attempts that do not
      attr_reader :line, :entry, :reason, :answers, :refused

      # line: an ingredient id, a name, a pointer, or what stands in the line; reason: one of REASONS, or as people say it.
      def initialize(document, line:, reason:, have:, library:, pace:)
        @open = OpenFormula.of(document, library)
        WishCheck.check_have(have, library)
        @library = library
        @pace = pace
        @have = have
        @reason = known_reason(reason)
        @line = SoughtLine.find(assessment, line) or
          InvalidDocument.refuse("/line", :no_line_holds, said: line.to_s.scrub[0, 60], names: SoughtLine.names(assessment))
        @entry = @line.entry
        tried = needless? ? [] : candidates.lazy.map { |candidate| tried(candidate) }.take_while { |each| each }.first(TRIED)
        @answers = tried.select(&:answer).first(MOST)
        @refused = tried.reject(&:answer)
      end

      # The cook has it.
      def here?(entry) = @have.nil? || @have.include?(entry.id)

      # What must be said, in words.
      def notes
        [
          ("#{entry.name} is #{reason} already." if needless?),
          ("Nothing in the pantry can take its place here." if answers.empty? && !needless?),
          ("We cannot see traces: read the pack." if diet? && answers.any?)
        ].compact
      end

      private

      def assessment = @open.assessment

      def known_reason(said)
        plain = said.to_s.scrub.strip.downcase
        known = ALIASES.fetch(plain, plain.tr(" ", "-"))
        REASONS.include?(known) ? known : InvalidDocument.refuse("/reason", :no_reason, said: plain[0, 60], reasons: REASONS.join(", "))
      end

      def diet? = ![OUT_OF_STOCK, LOWER_SUGAR].include?(reason)

      # It breaks no diet that it should be replaced for.
      def needless? = diet? && !entry.breaks?(reason)

      def candidates
        helpers = Helpers.new(assessment, [], @have, @library)
        choice = StandIns.new(@library) { |each| helpers.fits?(each) && better?(each) }
        found = choice.for(first_line, nil, most: @library.all.size).map(&:first)
        # What there is comes first; what would have to be bought behind it.
        found.partition { |each| helpers.here?(each) }.flatten.first(TRIED)
      end

      # The first line of the ingredient, in flavours too.
      def first_line = @open.lines.find { |each| each.entry == entry }

      def better?(other)
        return !other.breaks?(reason) if diet?

        reason == OUT_OF_STOCK || other.composition.sugars <= LOWER * entry.composition.sugars
      end

      # The stand-in alone first; where no amount of it keeps the texture, with a helper and other lines moving too. nil where the time is
      # up.
      def tried(candidate)
        return if @pace.over?

        settled = settled(candidate, alone: true) || settled(candidate, alone: false)
        Attempt.new(entry: candidate, answer: settled && Answer.new(settled, before))
      end

      def before = @before ||= Assessment::Outline.new(assessment)

      def settled(candidate, alone:)
        wishes = [Wish.read("without:#{entry.id}"), *@open.part_wishes(&:texture), *lower_sugar]
        wishes += others.map { |id| Wish.read("lock:#{id}") } if alone
        helpers = Helpers.new(assessment, wishes, @have && (@have | [candidate.id]), @library, also: diet? ? [reason] : [])
        reader = SituationReader.new(@open, wishes, helpers, only: candidate.id, helped: !alone)
        situation = reader.situation.with_met(wishes.select { |wish| wish.met?(assessment) })
        question = Question.new(situation, wishes, @pace, near: alone ? NEAR : nil)
        found = Settler.new(@open.document, reader, question, @library).answer
        found if found&.builder&.changes&.any? { |change| change.kind == :instead }
      end

      def lower_sugar
        now = assessment.nutrition.per_piece&.fetch(:sugars_g)&.round(2)
        (reason == LOWER_SUGAR && now&.positive?) ? [Wish.read("sugars<=#{Wish::Figure.number(now - 0.01)}")] : []
      end

      def others = @open.lines.map { |each| each.entry.id }.uniq - [entry.id]
    end
  end
end
