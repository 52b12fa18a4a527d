# frozen_string_literal: true

module ElmCup
  module Exchange
    # A recipe as it is pasted from a page, a message or a card becomes a formula document. Headings become components, lines
    # with amounts become lines, steps become notes. Nothing is guessed silently: what was not used is said.
    class RecipeText
      include RecipeKinds
      include RecipeHeadings
      include RecipeTitles
      include RecipeParting
      include RecipeIngredients
      include RecipeAmounts
      include RecipeSpeech

      # document: a Hash that its schema takes; remarks: what was understood but not used, or taken for granted, in words.
      Result = Value.of(:document, :remarks)

      MOST_BYTES = 200_000
      MOST_LINES = 2_000
      # Lines as they come, empty ones and those of a page's frame too.
      MOST_RAW_LINES = 20_000
      MOST_REMARKS = 40
      MOST_STEPS = 100
      MOST_NOTE = 1_000
      # A longer one is no letter with a recipe in it.
      MOST_LETTER = 10_000
      GREETING = /\A(?:dear|hi|hello|hey)\b.*[,!:]\z/i
      OR = /\A(?:or|and)\s*:?\z/i
      # Parts of one line: "Shell – 250 g dark chocolate".
      DASH = /\s+[–—-]\s+/
      # "Rum balls: crush 250 g biscuits", "Fridge cake. Melt 100 g butter"
      NAMED_FIRST = /\A(?<name>[^.:!?,\d]{3,60})[.:]\s/
      # The buttons of a page that make a batch larger there.
      MULTIPLES = /\A(?:\d+x\s*)+\z/i

      # The Result of a text. InvalidDocument for what holds no ingredient, or is too long.
      def self.read(text, library:, name: nil) = new(text, library: library, name: name).read

      # library: whose names tell a heading from an ingredient; name: the recipe's name where something else says it.
      def initialize(text, library:, name: nil)
        @text = text
        @library = library
        @name = name
        @remarks = []
        @at = nil
        @told = []
        @draft = RecipeDraft.new(@remarks)
        @draft.title(name) if name
      end

      # The Result.
      def read
        refuse(:text_too_many_bytes, count: @text.bytesize, most: MOST_BYTES) if @text.bytesize > MOST_BYTES
        refuse(:not_utf8) unless @text.valid_encoding?

        raw = @text.count("\n")
        refuse(:text_too_many_lines, count: raw, most: MOST_LINES) if raw > MOST_RAW_LINES
        @lines = RecipeLines.of(@text) { |long| unused(long) }
        refuse(:text_too_many_lines, count: @lines.size, most: MOST_LINES) if @lines.size > MOST_LINES
        @mode = headed? ? :before : :either
        @at = 0
        while @at < @lines.size
          take(@lines[@at])
          @at += 1
        end
        return by_sentences if @draft.empty?

        told_in_steps
        Result.new(document: @draft.document, remarks: @remarks.uniq.first(MOST_REMARKS))
      end

      private

      def refuse(code, **facts) = InvalidDocument.refuse("", code, **facts)

      # A letter says in sentences what a card says in lines.
      def by_sentences
        sentences = @text.gsub(ANY_SENTENCE, "\n")
        return by_amounts if sentences == @text

        self.class.read(sentences, library: @library, name: @name)
      end

      # A letter that has its amounts inside its sentences.
      def by_amounts
        refuse(:no_line_reads) if @text.length > MOST_LETTER

        text = RecipeMessages.plain(@text).gsub(/\s+/, " ").strip
        named = text.match(NAMED_FIRST)
        @draft = RecipeDraft.new(@remarks.clear)
        @draft.title(@name || named&.[](:name) || "")
        told = told_amounts(text)
        refuse(:no_line_reads) if told.empty?

        told.each { |each| @draft.told(each.text, each.type) }
        text.split(/(?<=\p{L}[.!?])\s+/).each { |sentence| @draft.step(sentence) }
        Result.new(document: @draft.document, remarks: @remarks.uniq.first(MOST_REMARKS))
      end

      # What the method alone has an amount of goes in, too: "Roll in 30 g cocoa". What is there already is not counted twice.
      def told_in_steps
        @told.flat_map { |step| told_amounts(step) }.each do |told|
          id = matcher.match(reading(told.text).name).entry&.id
          if told.more || !@draft.texts.any? { |text| names?(text, id) }
            @draft.told(told.text, told.type)
            @remarks << "“#{told.text}” is only in the method: added as a line"
          else
            @remarks << "“#{told.text}” is in the method too: it is counted once"
          end
        end
      end

      def names?(text, id)
        line = reading(text)
        line.readable? && matcher.match(line.name).entry&.id == id
      end

      # The text itself says where its ingredients begin.
      def headed? = @lines.any? { |line| heading?(line) && RecipeWords.section(bare(line.text)) == :ingredients }

      def take(line)
        return step(line.text) if line.step
        return unused(line.text) if line.text.match?(GREETING) && !@draft.begun?
        return @instead = line.text.match?(/\Aor/i) if line.text.match?(OR) && @draft.begun?

        said = CardMarks.italic(line.text)
        return if said && @draft.shaped_as(said)
        return @draft.marked(said) if said && @draft.begun?
        return begin_section(line) if heading?(line) && begins?(line) && !chatter?(line)

        case @mode
        when :skip then nil
        when :notes then @draft.step(line.text)
        when :method then (@guessed && goes_back?(line.text)) ? ingredient(line.text) : told(line.text)
        else ingredient_or_else(line)
        end
      end

      # What stands below "Step 1" belongs to it.
      def step(text)
        @mode = :method if @draft.begun?
        told(text)
      end

      # A step of the method, which may have amounts of its own.
      def told(text)
        @told << text[0, MOST_NOTE] if @told.size < MOST_STEPS
        @draft.step(text)
      end

      # In the middle of a method a heading begins a component only where ingredients follow.
      def begins?(line)
        return true if RecipeWords.section(bare(line.text))

        late = %i[method notes skip].include?(@mode)
        return @mode != :before || line.heading || named_part?(line.text) unless late

        amount_below?
      end

      def begin_section(line)
        words = bare(line.text)
        section = RecipeWords.section(words)
        return @mode = section if %i[method notes skip].include?(section)
        return @draft.flavour(CardMarks.flavour(line.text)) if CardMarks.flavour(line.text)
        return entitle(line.text) if section.nil? && title?(line)

        @mode = :ingredients
        @draft.component(words.split(LAST_SENTENCE).last || words, line.text) if section.nil?
      end

      def ingredient_or_else(line)
        line = line.with(text: line.text.sub(SPOKEN, ""))
        return if part_said(line)
        return entitle(line.text) if titled_yield?(line.text)

        needed = needed(line.text)
        return ingredient(needed) if needed
        return if yielded?(line)
        return counted_title(line.text) if counted_title?(line)
        return if pieces_alone?(line)
        return line.fields.each { |field| said_of_it(field) } if about?(line)

        columns = (@mode == :before) ? [] : in_columns(line)
        return columns.each { |text| ingredient(text) } if columns.any?

        headed, rest = line.text.split(/:\s+/, 2)
        headed, rest = line.text.split(/,\s+/, 2) if rest.nil? && line.text.match?(/\Afor\s/i)
        headed, rest = line.text.split(DASH, 2) if rest.nil? && line.text.match?(DASH) && RecipeWords.part?(line.text.split(DASH, 2).first)
        return inline(headed, rest, line.text) if rest && heads?(headed, rest) && amount_first?(rest)
        return ingredient(line.text) if ingredient?(line.text) || listed?(line) || (@mode != :before && row?(line.text))
        return entitle(line.text.sub(TITLE, "")) if @draft.nameless? && !line.bullet && title_like?(line.text)

        begin_method(line)
      end

      # Words in front of amounts that may be a heading: "icing sugar – 90 g; honey 20 g" has none, “Caramel: 200 g dates,
      # 4 tbsp tahini” has.
      def heads?(words, amounts)
        return false if words.split.size > 5 || amount_first?(words)

        !matcher.known?(words) || (RecipeWords.part?(words.split.last) && whole?(amounts.split(COMMA).first))
      end

      # A line of times, ratings or buttons.
      def about?(line) = line.fields.any? { |field| meta?(field) } && (line.text.match?(MULTIPLES) || !amount_first?(line.text))

      # A title, a number of pieces, or what is not used.
      def said_of_it(field)
        return @draft.title(field.sub(TITLE, "")) if field.match?(TITLE)

        RecipeYield.of(field)&.then { |made| @draft.pieces(*made) }
        unused(field)
      end

      # Ingredients are over where the first sentence stands.
      def begin_method(line)
        return unused(line.text) if @mode == :before || (@mode == :either && !@draft.begun?)

        @mode = :method
        @guessed = true
        told(line.text)
      end

      # "For the coating: 150 g dark chocolate", "Optional: 1 tbsp hemp hearts", "Ingredients: 1 cup oats; 10 dates".
      # "Oats: 1 cup" is an ingredient with its amount behind it.
      def inline(headed, rest, text)
        return ingredient("#{rest}, optional") if headed.match?(/\Aoptional/i)
        return ingredient(text) if amount_alone?(rest)

        if RecipeWords.section(bare(headed)).nil?
          if named_part?(headed) then @draft.component(bare(headed), headed)
          elsif @draft.nameless? then @draft.title(headed)
          end
        end
        @mode = :ingredients
        ingredient(rest)
      end

      # "24ish", "15 pieces", "cuts into 12": nothing else, and no ingredient.
      def pieces_alone?(line)
        found = RecipeYield.of_line(line.text) unless of_known?(line.text)
        found && (@draft.pieces(*found) || true)
      end

      # Takes the number of pieces of a line that says one.
      def yielded?(line)
        # A step that ends with what it makes is a step.
        return false if line.text.match?(RecipeWords::VERB)
        return false if whole?(line.text) && !RecipeYield.said?(line.text)

        found = line.fields.filter_map { |field| (line.fields.size > 1) ? RecipeYield.of_field(field) : RecipeYield.of(field) }.first ||
          RecipeYield.of(line.text)
        eaters = RecipeYield.eaters(line.text) unless amount_first?(line.text)
        return false unless found || eaters

        found ? @draft.pieces(*found) : @remarks << "“#{eaters}” is not taken as a number of pieces"
        line.fields.each { |field| named(field) }
        true
      end

      def unused(text) = @remarks << "“#{(text.length > 80) ? "#{text[0, 79]}…" : text}” is not used"
    end
  end
end
