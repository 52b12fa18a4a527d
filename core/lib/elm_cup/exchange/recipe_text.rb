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

      # document: a Hash that its schema takes; remarks: what was understood but not used, or taken for granted, in words.
      Result = Value.of(:document, :remarks)

      MOST_BYTES = 200_000
      MOST_LINES = 2_000
      # Lines as they come, empty ones and those of a page's frame too.
      MOST_RAW_LINES = 20_000
      MOST_REMARKS = 40
      MOST_STEPS = 100
      MOST_NOTE = 1_000
      GREETING = /\A(?:dear|hi|hello|hey)\b.*[,!:]\z/i
      OR = /\A(?:or|and)\s*:?\z/i
      # Parts of one line: "Shell – 250 g dark chocolate".
      DASH = /\s+[–—-]\s+/
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

        Result.new(document: @draft.document, remarks: @remarks.uniq.first(MOST_REMARKS))
      end

      private

      def refuse(code, **facts) = InvalidDocument.refuse("", code, **facts)

      # A letter says in sentences what a card says in lines.
      def by_sentences
        sentences = @text.gsub(ANY_SENTENCE, "\n")
        refuse(:no_line_reads) if sentences == @text

        self.class.read(sentences, library: @library, name: @name)
      end

      # The text itself says where its ingredients begin.
      def headed? = @lines.any? { |line| heading?(line) && RecipeWords.section(bare(line.text)) == :ingredients }

      def take(line)
        return step(line.text) if line.step
        return unused(line.text) if line.text.match?(GREETING) && !@draft.begun?
        return @instead = line.text.match?(/\Aor/i) if line.text.match?(OR) && @draft.begun?

        said = CardMarks.italic(line.text)
        return @draft.marked(said) if said && @draft.begun?
        return begin_section(line) if heading?(line) && begins?(line) && !chatter?(line)

        case @mode
        when :skip then nil
        when :notes then @draft.step(line.text)
        when :method then (@guessed && goes_back?(line.text)) ? ingredient(line.text) : @draft.step(line.text)
        else ingredient_or_else(line)
        end
      end

      # What stands below "Step 1" belongs to it.
      def step(text)
        @mode = :method if @draft.begun?
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
        return @draft.title(line.text) if section.nil? && title?(line)

        @mode = :ingredients
        @draft.component(words, line.text) if section.nil?
      end

      def ingredient_or_else(line)
        needed = needed(line.text)
        return ingredient(needed) if needed
        return if yielded?(line)
        return counted_title(line.text) if counted_title?(line)
        return line.fields.each { |field| field.match?(TITLE) ? @draft.title(field.sub(TITLE, "")) : unused(field) } if about?(line)

        columns = (@mode == :before) ? [] : in_columns(line)
        return columns.each { |text| ingredient(text) } if columns.any?

        headed, rest = line.text.split(/:\s+/, 2)
        headed, rest = line.text.split(/,\s+/, 2) if rest.nil? && line.text.match?(/\Afor\s/i)
        headed, rest = line.text.split(DASH, 2) if rest.nil? && line.text.match?(DASH) && RecipeWords.part?(line.text.split(DASH, 2).first)
        return inline(headed, rest, line.text) if rest && heads?(headed) && amount_first?(rest)
        return ingredient(line.text) if ingredient?(line.text) || listed?(line) || (@mode != :before && row?(line.text))
        return @draft.title(line.text.sub(TITLE, "")) if @draft.nameless? && !line.bullet && title_like?(line.text)

        begin_method(line)
      end

      # Words in front of amounts that may be a heading: "icing sugar – 90 g; honey 20 g" has none.
      def heads?(words) = words.split.size <= 5 && !amount_first?(words) && !matcher.known?(words)

      # A line of times, ratings or buttons.
      def about?(line) = line.fields.any? { |field| meta?(field) } && (line.text.match?(MULTIPLES) || !amount_first?(line.text))

      # Ingredients are over where the first sentence stands.
      def begin_method(line)
        return unused(line.text) if @mode == :before || (@mode == :either && !@draft.begun?)

        @mode = :method
        @guessed = true
        @draft.step(line.text)
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
