# frozen_string_literal: true

module ElmCup
  module Exchange
    # A formula document while it is put together from a pasted recipe, part by part.
    class RecipeDraft
      MOST_NAME = 120
      MOST_PART_NAME = 70
      # Lines that a component may have.
      MOST_LINES = Document::Schema::SCHEMA.value.dig("$defs", "component", "properties", "lines", "maxItems")
      # "[Recipe] Fudge"
      TAG = /\A\[[^\]]*\]\s*/
      ENDING = /\s*\((?:save|no bake|easy)[^)]*\)\s*\z/i
      # Things that a processor is for.
      FOR_MACHINE = /\b(?:dates?|prunes?|figs?|apricots?|cranberries|cherries|raisins|sultanas|dried fruits?|nuts?|almonds|walnuts|cashews|pecans|hazelnuts|peanuts)\b/i
      # What a line is for, by the words at its end.
      OUTSIDE = {
        "coating" => /(?:\bfor\s+(?:dipping|coating|drizzling|(?:the\s+)?(?:outside|coating|shell|drizzle))|\bto\s+(?:coat|dip|drizzle))\s*(?:\([^)]*\))?\s*\)?\z/i,
        "topping" => /(?:\bfor\s+(?:rolling|dusting|decorating|garnish|topping|sprinkling|(?:the\s+)?top)|\bto\s+(?:top|finish|decorate|garnish|sprinkle|dust|roll(?:\s+in)?))\s*(?:\([^)]*\))?\s*\)?\z/i
      }.freeze
      # "2 tbsp seeds, plus extra to sprinkle" is for both.
      MORE = /\b(?:plus|extra|more)\b|\+/i
      # "Blend" alone says a machine of fruit only: chocolate is blended in with a spoon.
      FOR_BLENDING = /\b(?:dates?|prunes?|figs?)\b/i

      # remarks: where what is taken for granted is said.
      def initialize(remarks)
        @remarks = remarks
        @parts = []
        @named = Hash.new(0)
        @splits = []
        @outside = {}
        @card = {}
        @marked = []
        @steps = []
        @talk = []
        @list = "lines"
      end

      # A component was begun.
      def begun? = @parts.any?

      # No line went into it.
      def empty? = all_parts.none? { |part| part["lines"].any? } && @marked.empty?

      def titled? = !@title.nil?

      # Neither a name nor a component yet.
      def nameless? = @title.nil? && @parts.empty?

      # Its name; the first that is said holds.
      def title(text)
        return if @title

        name = text.gsub(/\s+/, " ").strip.sub(TAG, "").sub(ENDING, "").sub(/[\s.:]+\z/, "").sub(/\A["“](.*)["”]\z/, '\1')
        @title = name unless name.empty?
      end

      # Begins the component that a heading names; words: the heading without “for the”.
      def component(words, heading)
        words = RecipeWords.type(heading) if heading.match?(/\Ato\b/i) && RecipeWords.part?(heading)
        # "Put in processor:" says how, not what.
        how = heading.match?(RecipeWords::MACHINE)
        words = RecipeWords.type(heading) if how && heading.match?(RecipeWords::VERB)
        name = (words.empty? ? heading : words)[0, MOST_PART_NAME].downcase
        @parts << {"name" => unused(name), "type" => RecipeWords.type(heading), "process" => how ? "processor" : "hand", "lines" => []}
      end

      # Begins a flavour (a Hash of the document).
      def flavour(split)
        @splits << split
        @list = "lines"
      end

      # What our own card says in italics; other italics under a part are its verdict, which is reckoned anew.
      def marked(said)
        return @list = "topping" if said == CardMarks::STREWN && @splits.any?

        @marked << @parts.last if @splits.empty? && CardMarks.put(said, @parts.last)
      end

      # Takes what our own card says of shape and coat; nil where the italics say something else.
      def shaped_as(said)
        key, value = CardMarks.shaped(said)
        @card[key] = value if key
      end

      # Adds a line to the component or flavour in hand; one that says it is for the outside goes there.
      def line(text)
        component("dough", "dough") if @parts.empty?
        part = @splits.empty? ? outside(text) || here : here
        line_of(part, text, @list)
      end

      # Adds a line that a sentence told of: to the coating or topping that it names, else to the last part that is no outside.
      def told(text, type)
        return line_of(outside_part(type), text) if type

        component("dough", "dough") if @parts.empty?
        line_of(@parts.reverse.find { |part| Document::PartType[part["type"]].judged? } || here, text)
      end

      # Takes of another part, where the text says so; nil where it does not.
      def take(text)
        return if @parts.empty? || @splits.any?

        found = RecipeShares.of(text, @parts.map { |part| part["name"] } - [here["name"]]) or return
        (here["takes"] ||= []) << found
      end

      # Texts of every line.
      def texts = (all_parts + @splits).flat_map { |part| [*part["lines"], *part["topping"]] }.map { |line| line["text"] }

      # The text of the line that was added last to the part in hand, nil where there is none.
      def last_line = here&.fetch(@list, nil)&.last&.fetch("text")

      # It is the only one there.
      def first_line? = here[@list].size == 1

      def last_line=(text)
        here[@list].last["text"] = text
      end

      # Adds a step of the method; a number alone is none. What stands above every ingredient may be a page's talk.
      def step(text)
        return if text.match?(/\A\d*\.?\z/)

        (begun? ? @steps : @talk) << text[0, RecipeText::MOST_NOTE]
      end

      # Takes a number of pieces, the first that is said and can be one; words: how it was said.
      def pieces(count, words)
        return if @pieces || !count.between?(1, RecipeYield::MOST)

        @pieces = count
        @counted = words
        @remarks << "“#{words}” is taken as #{count} pieces"
      end

      # The document (Hash).
      def document
        RecipeShares.settle(@parts) do |part, take|
          @remarks << "#{part} asks for more of “#{take["component"]}” than is left: it gets what there is"
        end
        parts = all_parts.select { |part| part["lines"].any? || part["takes"]&.any? || @marked.include?(part) }
        parts.first["type"] = "dough" if parts.none? { |part| Document::PartType[part["type"]].judged? }
        keep_links(parts)
        told = steps
        by_machine(parts, told)
        made = told.lazy.filter_map { |text| RecipeYield.of_step(text) }.first
        pieces(*made) if made
        return carded(parts, told) if @card.any?

        shape = shaped(told)
        coat = RecipeCoat.new(told, parts, @remarks).found(shape && shape["kind"])
        {
          "elm_cup" => "formula/1", "name" => name, "components" => parts, "shape" => shape, "coat" => coat,
          "splits" => @splits.empty? ? nil : @splits,
          "notes" => told.empty? ? nil : told.first(RecipeText::MOST_STEPS)
        }.compact
      end

      private

      # Of a card of ours: what it says, and nothing besides.
      def carded(parts, told)
        said = {"elm_cup" => "formula/1", "name" => name, "components" => parts, **@card, "splits" => @splits.empty? ? nil : @splits,
                "notes" => told.empty? ? nil : told.first(RecipeText::MOST_STEPS)}.compact
        broken = Piece::Shape.faults(said["shape"], "/shape").any? if said["shape"]
        broken ? said.except("shape") : said
      end

      # The shape that method, number and name tell of, said; so many balls where only a number is known.
      def shaped(told)
        found = RecipeShaping.new(told, @title, @counted).found
        shape = found&.shape(@pieces)
        @remarks << found.words if shape
        shape || (@pieces && Piece::Shape.of_count(@pieces))
      end

      def line_of(part, text, list = "lines")
        lines = (part[list] ||= [])
        refuse_more(lines.size) if lines.size >= MOST_LINES
        lines << {"text" => text.squeeze(" ").strip[0, Quantity::LineReader::MAX_LENGTH]}
      end

      # The coating or topping that is there, else one of its own.
      def outside_part(type)
        @parts.reverse.find { |part| part["type"] == type } || of_outside(type)
      end

      def of_outside(type) = @outside[type] ||= {"name" => type, "type" => type, "process" => "hand", "lines" => []}

      # A document with more is refused, so that none of them need be read.
      def refuse_more(count)
        InvalidDocument.refuse("/components/#{@parts.size - 1}/lines", :list_too_long, count: count + 1, items: "lines", most: MOST_LINES)
      end

      # The name, with a number behind it where parts have it already.
      def unused(name)
        same = @named[name]
        given = same.zero? ? name : "#{name} #{same + 1}"
        [given, given.sub(/ \d+\z/, "")].uniq.each { |each| @named[each] += 1 }
        given
      end

      # The coating or topping that a line of a dough names behind its ingredient, nil for any other line.
      def outside(text)
        return if !Document::PartType[here["type"]].judged? || text.match?(MORE) || @marked.include?(here)

        type = OUTSIDE.find { |_, words| words.match?(text) }&.first or return
        @remarks << "“#{text}” goes into a #{type} of its own"
        of_outside(type)
      end

      # Every part, those for the outside behind the others and under names of their own.
      def all_parts
        names = @parts.map { |part| part["name"] }
        @parts + @outside.values.map { |part| names.include?(part["name"]) ? part.merge("name" => "#{part["name"]} outside") : part }
      end

      def here = @splits.last || @parts.last

      def name
        return @title[0, MOST_NAME] if @title

        @remarks << "No name was found; give it one"
        "Imported formula"
      end

      # What was told above the ingredients is the method where nothing is told below them.
      def steps
        return @talk if @steps.empty?

        @remarks << "Not used, above the ingredients: #{@talk.map { |text| text[0, 40] }.join(" / ")[0, 200]}" if @talk.any?
        @steps
      end

      # A card that was changed by hand may take of a part that is gone.
      def keep_links(parts)
        names = parts.map { |part| part["name"] }
        parts.each do |part|
          there, gone = (part["takes"] || []).partition { |take| names.include?(take["component"]) && take["component"] != part["name"] }
          gone.each { |take| @remarks << "There is no “#{take["component"]}” that #{part["name"]} could take of" }
          there.empty? ? part.delete("takes") : part["takes"] = there
        end
        @splits, gone = @splits.partition { |split| names.include?(split["component"]) }
        gone.each { |split| @remarks << "There is no “#{split["component"]}” that “#{split["name"]}” could be a flavour of" }
      end

      # A method that names a machine makes it of dried fruit and nuts; said, so that it can be changed.
      def by_machine(parts, steps)
        named = steps.any? { |text| text.match?(RecipeWords::MACHINE) }
        return unless named || steps.any? { |text| text.match?(/\bblend(?:ed)?\b/i) }

        things = named ? FOR_MACHINE : FOR_BLENDING
        by_hand = parts.select { |part| Document::PartType[part["type"]].judged? && part["process"] == "hand" }
        by_hand.select { |part| part["lines"].any? { |line| line["text"].match?(things) } }.each do |part|
          part["process"] = "processor"
          @remarks << "By its method, #{part["name"]} is set to the processor"
        end
      end
    end
  end
end
