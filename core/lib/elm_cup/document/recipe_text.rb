# frozen_string_literal: true

module ElmCup
  module Document
    # A recipe as it is pasted from a page, a message or a card becomes a formula document. Headings become components, lines
    # with amounts become lines, steps become notes. Nothing is guessed silently: what was not used is said.
    class RecipeText
      include RecipeKinds
      include RecipeHeadings

      # document: a Hash that its schema takes; remarks: what was understood but not used, or taken for granted, in words.
      Result = Value.of(:document, :remarks)

      MOST_BYTES = 200_000
      MOST_LINES = 2_000
      MOST_REMARKS = 40
      MOST_STEPS = 100
      MOST_NOTE = 1_000
      SEASONINGS = %w[salt spice flavour].freeze
      SAID_INSIDE = /(?<=[.;)]|\A)\s*\b(ingredients|method|directions|instructions)\s*:\s*(?=\S)/i
      # "INGREDIENTS (makes 12 bars)", "Ingredients for 16 balls:" say two things.
      WITH_YIELD = /^(\W*ingredients)\b[\s:,–-]*\(?\s*((?:makes|for|yields?)\b[^)\n]*\d[^)\n]*?)\)?:?\s*$/i
      # "Ingredients (24 mini cups):"
      WITH_COUNT = /^(\W*ingredients)\s*\(\s*(\d[^)\n]*)\):?\s*$/i
      # Where a sentence ends and another begins.
      SENTENCE = /(?<=\p{L}{3}[.!?])\s+(?=\p{Lu}|\d)/
      # "• 100 g oats • 2 tbsp honey"
      BULLETS_IN_LINE = /(?<=\S)[^\S\n]+[•▢☐][^\S\n]*/
      # "1. Blend. 2. Add the oil."
      STEPS_IN_LINE = /(?<=[.!;])\s+(?=\d{1,2}[.)]\s+\p{Lu})/
      BLOCK_END = %r{</(?:li|p|div|h\d|tr|ul|ol|td)>|<br\s*/?>}i
      # "you need 1 cup of peanut butter, 2 cups oats"
      NEED = /\A(?:for\s+[^,.;]{1,40}?\s+)?(?:you(?:'ll|’ll| will)?\s+(?:need|take|want)|it takes|take|needs?)\b:?\s*/i
      # "Seed bars. Makes 12."
      SAID_FIRST = /\A([^.:]+)\.\s+(?:makes|yields?|serves)\b/i
      GREETING = /\A(?:dear|hi|hello|hey)\b.*[,!:]\z/i
      OR = /\A(?:or|and)\s*:?\z/i
      # "Fudge (16)": a name and how many.
      COUNTED = /\s*\((\d{1,3})\)\z/
      # Parts of one line: "Shell – 250 g dark chocolate".
      DASH = /\s+[–—-]\s+/
      TITLE = /\A(?:recipe|title|name|subject)\s*:\s*/i
      # The buttons of a page that make a batch larger there.
      MULTIPLES = /\A(?:\d+x\s*)+\z/i

      # The Result of a text. InvalidDocument for what holds no ingredient, or is too long.
      def self.read(text, name: nil) = new(text, name: name).read

      # name: the recipe's name where something else says it.
      def initialize(text, name: nil)
        @text = text
        @name = name
        @remarks = []
        @at = nil
        @draft = RecipeDraft.new(@remarks)
        @draft.title(name) if name
      end

      # The Result.
      def read
        refuse("This text is #{@text.bytesize} bytes long; #{MOST_BYTES} is the most") if @text.bytesize > MOST_BYTES
        refuse("This is not valid UTF-8 text; save it as UTF-8") unless @text.valid_encoding?

        @lines = lines
        refuse("This text has #{@lines.size} lines; #{MOST_LINES} is the most") if @lines.size > MOST_LINES
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

      def refuse(message) = Schema.refuse("", message)

      # A letter says in sentences what a card says in lines.
      def by_sentences
        sentences = @text.gsub(SENTENCE, "\n")
        refuse("No line of this reads as an amount of something, such as “1 cup rolled oats”") if sentences == @text

        self.class.read(sentences, name: @name)
      end

      def lines
        spread = @text.delete_prefix("\uFEFF").gsub(BLOCK_END, "\n").gsub(WITH_COUNT) { "#{$1}:\nMakes #{$2}" }.gsub(WITH_YIELD) { "#{$1}:\n#{$2.sub(/\Afor/i, "Makes")}" }.gsub(BULLETS_IN_LINE, "\n• ").gsub(STEPS_IN_LINE, "\n").gsub(SAID_INSIDE) { "\n#{$1}:\n" }
        apart = false
        spread.split(/\r\n|\r|\n/).each_with_object([]) do |raw, found|
          next found[-1] = found.last.with(heading: true) if raw.match?(/\A\s*(?:={3,}|-{3,})\s*\z/) && found.any?

          line = RecipeLine.from(raw)
          found << line.with(apart: apart) if line
          apart = raw.strip.empty?
        end
      end

      # The text itself says where its ingredients begin.
      def headed? = @lines.any? { |line| heading?(line) && RecipeWords.section(bare(line.text)) == :ingredients }

      def take(line)
        return step(line.text) if line.step
        return unused(line.text) if line.text.match?(GREETING) && !@draft.begun?
        return @instead = line.text.match?(/\Aor/i) if line.text.match?(OR) && @draft.begun?

        said = CardMarks.italic(line.text)
        return @draft.marked(said) if said && @draft.begun?
        return begin_section(line) if heading?(line) && begins?(line)

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

      # The first heading of a card is its name, where nothing of it names a part.
      def title?(line) = @draft.nameless? && !line.text.match?(CHATTER) && @mode != :ingredients && (line.heading || !named_part?(line.text) || (@at.zero? && !amount_below?))

      def ingredient_or_else(line)
        needed = needed(line.text)
        return ingredient(needed) if needed
        return if yielded?(line)
        return counted_title(line.text) if counted_title?(line)
        return line.fields.each { |field| field.match?(TITLE) ? @draft.title(field.sub(TITLE, "")) : unused(field) } if about?(line)

        return if @mode != :before && columns(line)

        headed, rest = line.text.split(/:\s+/, 2)
        headed, rest = line.text.split(DASH, 2) if rest.nil? && line.text.match?(DASH) && RecipeWords.part?(line.text.split(DASH, 2).first)
        return inline(headed, rest, line.text) if rest && headed.split.size <= 5 && amount_first?(rest) && !amount_first?(headed)
        return ingredient(line.text) if ingredient?(line.text) || listed?(line) || (@mode != :before && row?(line.text))
        return @draft.title(line.text.sub(TITLE, "")) if @draft.nameless? && !line.bullet && title_like?(line.text)

        begin_method(line)
      end

      # The ingredients of "For 25 pieces you need 250 g dates and 100 g nuts", nil for any other line.
      def needed(text)
        need = NEED.match(text) or return
        listed = need.post_match
        return unless amount_first?(listed) || several(listed).all? { |part| amount_first?(part) }

        found = RecipeYield.of(need[0]) and @draft.pieces(*found)
        listed
      end

      # "1 c. sugar          1/2 c. cocoa": two columns of ingredients; "Tahini     120 g     1/2 cup": one in columns.
      def columns(line)
        name, amount, *rest = line.fields
        return false unless amount
        return line.fields.each { |field| ingredient(field) } if line.fields.all? { |field| amount_first?(field) && !amount_alone?(field) }
        return false if amount_first?(name) || !amount_alone?(amount)

        ingredient(["#{amount} #{name}", *rest.reject { |field| amount_alone?(field) }].join(", "))
      end

      # A line of times, ratings or buttons.
      def about?(line) = line.fields.any? { |field| meta?(field) } && (line.text.match?(MULTIPLES) || !amount_first?(line.text))

      # A line of the list of ingredients: with an amount, or in a list that has begun, any that is no sentence.
      def ingredient?(text)
        case @mode
        when :either then amount_first?(text) || (amount_last?(text) && (@draft.begun? || matcher.known?(reading(text).name))) || (@draft.begun? && (between?(text) || amount_within?(text) || seasoning?(text)))
        when :before then false
        else amount_first?(text) || !sentence?(text)
        end
      end

      # Behind a bullet, as the one above it was.
      def listed?(line) = @mode == :either && @draft.begun? && line.bullet && @lines[@at - 1].bullet && !sentence?(line.text)

      # "flaky salt" with an ingredient above and one below.
      def between?(text)
        amount_below? && !sentence?(text)
      end

      # "salt": a word of its own.
      def seasoning?(text) = text.split.size <= 2 && SEASONINGS.include?(matcher.one(text)&.family)

      # "Peanut cups (20)" above a list of ingredients that stand each before its amount.
      def counted_title?(line) = @at.zero? && @draft.nameless? && line.text.match?(COUNTED) && matcher.one(line.text.sub(COUNTED, "")).nil?

      def counted_title(text)
        @draft.pieces(text[COUNTED, 1].to_i, text)
        @draft.title(text.sub(COUNTED, ""))
      end

      # Ingredients are over where the first sentence stands.
      def begin_method(line)
        return unused(line.text) if @mode == :before || (@mode == :either && !@draft.begun?)

        @mode = :method
        @guessed = true
        @draft.step(line.text)
      end

      # "3 cups quick oats" below a "boil 1 minute" in the middle of a list.
      def goes_back?(text) = amount_first?(text) && !text.end_with?(".") && reading(text).readable? && matcher.known?(reading(text).name)

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

      def ingredient(text)
        return unused_alternative(text) if @instead

        list, *sentences = text.split(SENTENCE)
        return several(with_name(text)).each { |each| @draft.line(to_taste(each)) } unless sentences.any? && sentences.all? { |each| sentence?(each) } && amount_first?(list)

        several(list).each { |each| @draft.line(to_taste(each)) }
        @mode = :method
        sentences.each { |each| @draft.step(each) }
      end

      # What stands below an "or" would be taken in the place of what stands above it.
      def unused_alternative(text)
        @instead = false
        @remarks << "“#{text}” stands behind an “or”: what stands before it is taken"
      end

      # Salt and spice without an amount are meant to taste; said.
      def to_taste(text)
        return text unless fault(text).start_with?("No amount found") && SEASONINGS.include?(matcher.one(text)&.family)

        @remarks << "“#{text}” has no amount: taken as to taste"
        "#{text}, to taste"
      end

      # "1 cup" on a line of its own goes with the line below it.
      def with_name(text)
        while amount_alone?(text) && goes_on?(@lines[@at + 1])
          @at += 1
          text = "#{text} #{@lines[@at].text}"
        end
        text
      end

      def goes_on?(line) = line && !line.bullet && !heading?(line) && !CardMarks.italic(line.text) && !meta?(line.text) && !RecipeYield.of(line.text)

      # Takes the number of pieces of a line that says one.
      def yielded?(line)
        # A step that ends with what it makes is a step.
        return false if line.text.match?(RecipeWords::VERB)
        return false if @mode == :ingredients && amount_first?(line.text) && !line.text.match?(/\b(?:makes|yields?|serves)\b/i)

        found = line.fields.filter_map { |field| RecipeYield.of(field) }.first || RecipeYield.of(line.text)
        eaters = RecipeYield.eaters(line.text) unless amount_first?(line.text)
        return false unless found || eaters

        found ? @draft.pieces(*found) : @remarks << "“#{eaters}” is not taken as a number of pieces"
        line.fields.each { |field| named(field) }
        true
      end

      # What else stands on a line that says the yield: the card's name, in front of it or before a bracket.
      def named(field)
        words = field.sub(/\s*\([^)]*\)\s*\z/, "")
        return @draft.title($1) if !@draft.titled? && field =~ SAID_FIRST && title_like?($1)

        @draft.title(words.sub(TITLE, "")) if (field.match?(TITLE) || (!@draft.titled? && words != field)) && !RecipeYield.of(words)
      end

      def unused(text) = @remarks << "“#{(text.length > 80) ? "#{text[0, 79]}…" : text}” is not used"
    end
  end
end
