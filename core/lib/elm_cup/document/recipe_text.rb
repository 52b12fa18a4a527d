# frozen_string_literal: true

module ElmCup
  module Document
    # A recipe as it is pasted from a page, a message or a card becomes a formula document. Headings become components, lines
    # with amounts become lines, steps become notes. Nothing is guessed silently: what was not used is said.
    class RecipeText
      # document: a Hash that its schema takes; remarks: what was understood but not used, or taken for granted, in words.
      Result = Value.of(:document, :remarks)

      MOST_BYTES = 200_000
      MOST_LINES = 2_000
      MOST_REMARKS = 40
      MOST_NOTE = 1_000
      SAID_INSIDE = /(?<=[.;)]|\A)\s*\b(ingredients|method|directions|instructions)\s*:\s*(?=\S)/i
      HEADING_WORDS = 7
      MOST_TITLE_WORDS = 12
      # The buttons of a page that make a batch larger there.
      MULTIPLES = /\A(?:\d+x\s*)+\z/i
      FOR = /\A(?:for|to make)\s+(?:the\s+)?/i
      TITLE = /\A(?:recipe|title|name)\s*:\s*/i
      AMOUNT_ONLY = "Of what?"
      SECOND = /\ATwo ingredients/

      # The Result of a text. InvalidDocument for what holds no ingredient, or is too long.
      def self.read(text, name: nil) = new(text, name: name).read

      # name: the recipe's name where something else says it.
      def initialize(text, name: nil)
        @text = text
        @name = name
        @remarks = []
        @steps = []
        @parts = []
        @splits = []
        @list = "lines"
      end

      def read
        refuse("This text is #{@text.bytesize} bytes long; #{MOST_BYTES} is the most") if @text.bytesize > MOST_BYTES
        refuse("This is not valid UTF-8 text; save it as UTF-8") unless @text.valid_encoding?

        @lines = lines
        refuse("This text has #{@lines.size} lines; #{MOST_LINES} is the most") if @lines.size > MOST_LINES
        @mode = headed? ? :before : :either
        @at = 0
        take(@lines[@at]) && @at += 1 while @at < @lines.size
        refuse("No line of this reads as an amount of something, such as “1 cup rolled oats”") unless @parts.any? { |part| part["lines"].any? }

        Result.new(document: document, remarks: @remarks.uniq.first(MOST_REMARKS))
      end

      private

      def refuse(message) = Schema.refuse("", message)

      def lines
        spread = @text.delete_prefix("\uFEFF").gsub(SAID_INSIDE) { "\n#{$1}:\n" }
        spread.split(/\r\n|\r|\n/).each_with_object([]) do |raw, found|
          next found[-1] = found.last.with(heading: true) if raw.match?(/\A\s*(?:={3,}|-{3,})\s*\z/) && found.any?

          line = RecipeLine.from(raw)
          found << line if line
        end
      end

      # The text itself says where its ingredients begin.
      def headed? = @lines.any? { |line| heading(line) && RecipeWords.section(bare(line.text)) == :ingredients }

      def take(line)
        return step(line) if line.step
        said = CardMarks.italic(line.text)
        return marked(said) if said && @parts.any?
        return open(line) if heading(line) && opens?(line)

        case @mode
        when :skip then true
        when :notes then note(line.text)
        when :method then step(line)
        else ingredient_or_else(line)
        end
        true
      end

      # In the middle of a method a heading opens a component only where ingredients follow.
      def opens?(line)
        section = RecipeWords.section(bare(line.text))
        return true if section
        return @mode != :before || named_part?(line.text) unless %i[method notes skip].include?(@mode)

        following = @lines[@at + 1]
        !following.nil? && amount_first?(following.text)
      end

      def named_part?(text) = text.match?(FOR) || RecipeWords.part?(text)

      # The words of a heading when the line is one, else nil.
      def heading(line)
        text = line.text
        return text if line.heading && CardMarks.flavour(text)
        return text if line.heading && nameless?
        return if text.empty? || text.split.size > HEADING_WORDS || amount_first?(text) || RecipeYield.of(text) || meta?(text)
        return text if line.heading || text.end_with?(":") || RecipeWords.section(bare(text))
        return if line.bullet

        text if text.match?(/\A(?:for|to)\s+(?:the\s+)?\w+\z/i) || text.match?(/\Afor the\b/i) || lone_part?(text) || shouted?(text)
      end

      # "Base", "Chocolate coating": a line of nothing but the name of a part.
      def lone_part?(text) = text.split.size <= 3 && RecipeWords.part?(text) && text.match?(/\A\p{Lu}/) && !text.match?(/[.,;\d]/) && !certain?(text)

      def shouted?(text) = text.length > 3 && text == text.upcase && text.match?(/\p{Lu}{3}/) && !text.match?(/\d/) && !@title.nil?

      # The name is an ingredient's, so the line is no heading: "Caramel sauce".
      def certain?(text) = Ingredient::LineResolver.matcher(Ingredient::Library.default).known?(text)

      def bare(text) = text.sub(FOR, "").sub(/[:\s]+\z/, "")

      def meta?(text) = text.match?(RecipeWords::META)

      def open(line)
        words = bare(line.text)
        section = RecipeWords.section(words)
        if %i[method notes skip].include?(section) then @mode = section
        elsif section == :ingredients then @mode = :ingredients
        elsif section == :same
          @mode = :ingredients
        elsif (flavour = CardMarks.flavour(line.text))
          @splits << flavour
          @list = "lines"
        elsif title?(line) then titled(line.text)
        else
          @mode = :ingredients
          component(words, line.text)
        end
        true
      end

      # The first heading of a card is its name, where nothing of it names a part.
      def title?(line) = nameless? && @mode != :ingredients && (line.heading || !named_part?(line.text))

      def nameless? = @title.nil? && @name.nil? && @parts.empty?

      # What our own card says in italics; other italics under a part are its verdict, which is reckoned anew.
      def marked(said)
        return @list = "topping" if said == CardMarks::STREWN && @splits.any?

        CardMarks.put(said, @parts.last) if @splits.empty?
        true
      end

      def component(words, heading)
        words = RecipeWords.type(heading) if heading.match?(/\Ato\b/i) && RecipeWords.part?(heading)
        name = (words.empty? ? heading : words)[0, 70].sub(/\A\p{Lu}(?=\p{Ll})/) { |letter| letter.downcase }
        name = name.downcase if name == name.upcase
        same = @parts.count { |part| part["name"] == name || part["name"].match?(/\A#{Regexp.escape(name)} \d+\z/) }
        @parts << {"name" => same.zero? ? name : "#{name} #{same + 1}", "type" => RecipeWords.type(heading), "process" => "hand", "lines" => []}
      end

      def ingredient_or_else(line)
        return if yielded(line)
        return remark_meta(line) if line.fields.any? { |field| meta?(field) } && (line.text.match?(MULTIPLES) || !amount_first?(line.text))

        headed, rest = line.text.split(/:\s+/, 2)
        return inline(headed, rest) if rest && headed.split.size <= 5 && amount_first?(rest) && !amount_first?(headed)
        return ingredient(line.text) if ingredients?(line)
        return titled(line.text) if nameless? && title_like?(line.text)

        begin_method(line)
      end

      # Short, and no sentence: "Nib bites." is a name.
      def title_like?(text) = text.split.size <= (text.match?(/[.?]\z/) ? 4 : MOST_TITLE_WORDS)

      # A line of the list of ingredients: with an amount, or in a list that has begun, any that is no sentence.
      def ingredients?(line)
        return amount_first?(line.text) || amount_last?(line.text) if @mode == :either
        return false if @mode == :before

        amount_first?(line.text) || !sentence?(line.text)
      end

      def sentence?(text) = text.match?(RecipeWords::VERB) || text.split.size > 14 || (text.end_with?(".") && text.split.size > 4)

      # Ingredients are over where the first sentence stands.
      def begin_method(line)
        if @mode == :before || (@parts.empty? && @mode == :either) then unused(line.text)
        else
          @mode = :method
          step(line)
        end
      end

      # "For the coating: 150 g dark chocolate", "Optional: 1 tbsp hemp hearts", "Ingredients: 1 cup oats; 10 dates".
      def inline(headed, rest)
        return ingredient("#{rest}, optional") if headed.match?(/\Aoptional/i)

        section = RecipeWords.section(bare(headed))
        component(bare(headed), headed) if section.nil? && named_part?(headed)
        @mode = :ingredients
        ingredient(rest)
      end

      def ingredient(text)
        component("dough", "dough") if @parts.empty?
        several(with_name(text)).each { |each| (here[@list] ||= []) << {"text" => each[0, Quantity::LineReader::MAX_LENGTH]} }
      end

      # The component or flavour that lines go into.
      def here = @splits.last || @parts.last

      # "1 cup" on a line of its own goes with the line below it.
      def with_name(text)
        while @lines[@at + 1] && amount_alone?(text) && !heading(@lines[@at + 1])
          @at += 1
          text = "#{text} #{@lines[@at].text}"
        end
        text
      end

      def amount_alone?(text) = Quantity::LineReader.read(text).fault&.message.to_s.start_with?(AMOUNT_ONLY)

      # A line of several, "1 cup oats; 10 dates", "150 g chocolate + 1 tsp coconut oil".
      def several(text)
        parts = text.split(/\s*;\s*/)
        commas = text.split(/\s*,\s*/)
        parts = commas if parts.size == 1 && commas.size > 2 && commas.all? { |part| amount_first?(part) }
        parts.reject(&:empty?).flat_map { |part| apart(part.delete_suffix(".")) }
      end

      def apart(text)
        fault = Quantity::LineReader.read(text).fault
        return [text] unless fault&.message.to_s.match?(SECOND)

        [text[0...fault.from].sub(/[\s,]*(?:\+|&|and|plus|with)?\s*\z/i, ""), *apart(text[fault.from..])].reject(&:empty?)
      end

      def amount_first?(text)
        text.match?(/\A[^\p{L}]{0,3}[\d½⅓⅔¼¾⅛]/) ? amount?(text) : text.match?(AMOUNT_WORDS) && amount?(text)
      end

      AMOUNT_WORDS = /\A(?:an?|one|two|three|four|five|six|eight|ten|twelve|half|a few|pinch|dash|handful|drop|juice|zest|the (?:juice|zest)|scant|heap(?:ing|ed)|rounded|generous|small|large|about)\b/i

      def amount?(text)
        reading = Quantity::LineReader.read(text)
        reading.readable? ? (reading.terms.any? || !reading.weight.nil?) : reading.fault.message.start_with?(AMOUNT_ONLY, "Two ingredients")
      end

      # "Rolled oats, 90 g"
      def amount_last?(text)
        return false unless text.match?(/\d\s*\p{L}{0,12}\)?\z/) && text.split.size <= 8

        amount?(text)
      end

      def yielded(line)
        return if @mode == :ingredients && amount_first?(line.text) && !line.text.match?(/\b(?:makes|yields?|serves)\b/i)

        found = line.fields.filter_map { |field| RecipeYield.of(field) }.first
        eaters = RecipeYield.eaters(line.text)
        return unless found || (eaters && !amount_first?(line.text))

        found ? pieces(found) : @remarks << "“#{eaters}” is not taken as a number of pieces"
        line.fields.each { |field| named(field) }
        true
      end

      # What else stands on a line that says the yield: the card's name, in front of it or before a bracket.
      def named(field)
        words = field.sub(/\s*\([^)]*\)\s*\z/, "")
        titled(words) if @name.nil? && (field.match?(TITLE) || (@title.nil? && words != field)) && !RecipeYield.of(words)
      end

      def pieces(found)
        return if @pieces

        @pieces, words = found
        @remarks << "“#{words}” is taken as #{@pieces} pieces"
      end

      def titled(text)
        @title = text.sub(TITLE, "").sub(/\s*\((?:save|no bake|easy)[^)]*\)\s*\z/i, "").sub(/[\s.:]+\z/, "")
        true
      end

      def remark_meta(line)
        line.fields.each { |field| field.match?(TITLE) ? titled(field) : unused(field) }
        true
      end

      def unused(text)
        @remarks << "“#{(text.length > 80) ? "#{text[0, 79]}…" : text}” is not used"
        true
      end

      def step(line)
        return true if line.text.empty?

        note(line.text)
      end

      def note(text)
        @steps << text[0, MOST_NOTE]
        pieces_of_step = RecipeYield.of_step(text)
        @pieces_of_steps ||= pieces_of_step if pieces_of_step
        true
      end

      def document
        parts = @parts.select { |part| part["lines"].any? || part["takes"] }
        parts.first["type"] = "dough" if parts.all? { |part| %w[coating topping].include?(part["type"]) }
        by_machine(parts)
        pieces(@pieces_of_steps) if @pieces.nil? && @pieces_of_steps
        {
          "elm_cup" => "formula/1", "name" => title, "components" => parts, "shape" => @pieces && {"kind" => "ball", "pieces" => @pieces}, "splits" => @splits.empty? ? nil : @splits,
          "notes" => @steps.empty? ? nil : @steps.first(MOST_STEPS)
        }.compact
      end

      MOST_STEPS = 100

      def title
        words = (@name || @title || "").gsub(/\s+/, " ").strip
        return words[0, 120] unless words.empty?

        @remarks << "No name was found; give it one"
        "Imported formula"
      end

      # A method that names a machine makes it of dates and nuts; said, so that it can be changed.
      def by_machine(parts)
        return unless @steps.any? { |text| text.match?(RecipeWords::MACHINE) }

        parts.select { |part| %w[dough base filling].include?(part["type"]) && part["lines"].any? { |line| line["text"].match?(/\b(?:dates?|prunes?|figs?|nuts?|almonds|walnuts|cashews|pecans|hazelnuts|peanuts)\b/i) } }.each do |part|
          part["process"] = "processor"
          @remarks << "The method names a processor: #{part["name"]} is set to it"
        end
      end
    end
  end
end
