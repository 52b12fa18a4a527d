# frozen_string_literal: true

module ElmCup
  # A recipe from elsewhere becomes a formula document, with the reading of every line to be looked over before it is taken.
  module Import
    MOST_BYTES = Document::JsonReader::MOST_BYTES
    # "[ ] 1 cup oats" is a box to tick, "[Recipe] Fudge" a tag; neither is a list.
    JSON_BEGINS = /\A\s*(?:\{|\[(?!\s?[xX]?\]\s+[^\s,])(?!\p{L}[^\]"\n]*\]))/
    # JSON-LD inside the source of a page.
    SCRIPT = %r{<script[^>]*type\s*=\s*["']?application/ld\+json["']?[^>]*>(.*?)</script>}im

    # A Hash: kind, formula, lines (component, pointer, text, status, ingredient, name, grams, confidence, note, candidates), notes.
    # InvalidDocument for what is too large, no text, or holds no ingredient.
    def self.call(bytes, library: Ingredient::Library.default)
      text = text_of(bytes)
      kind, result = read(text)
      formula = Document::Formula.from(result.document)
      {
        "elm_cup" => "import/1", "kind" => kind, "formula" => result.document, "lines" => lines(Assessment::ReadFormula.new(formula, library)),
        "notes" => (result.document["notes"] || []) + result.remarks
      }
    end

    class << self
      private

      def text_of(bytes)
        Document::Schema.refuse("", "This is #{bytes.bytesize} bytes long; #{MOST_BYTES} is the most") if bytes.bytesize > MOST_BYTES
        text = bytes.dup.force_encoding(Encoding::UTF_8).delete_prefix("\uFEFF")
        Document::Schema.refuse("", "This is not valid UTF-8 text; save it as UTF-8") unless text.valid_encoding?
        Document::Schema.refuse("", "This is empty; paste a recipe") if text.strip.empty?
        text
      end

      # [kind, RecipeText::Result]
      def read(text)
        scripts = text.scan(SCRIPT).flatten
        return ["json-ld", Document::JsonLd.read(scripts.filter_map { |script| script_value(script) })] if scripts.any?
        return ["text", Document::RecipeText.read(text)] unless text.match?(JSON_BEGINS)

        value = Document::JsonReader.read_foreign(text)
        return ["json-ld", Document::JsonLd.read(value)] if Document::JsonLd.like?(value)

        # Our own document is held to its own limits.
        ["formula", Document::RecipeText::Result.new(document: Document::JsonReader.read(text), remarks: [])]
      end

      # One broken script of a page does not spoil the others.
      def script_value(script)
        Document::JsonReader.read_foreign(script)
      rescue InvalidDocument
        nil
      end

      def lines(read)
        parts = [*read.components, *read.flavours.flat_map { |flavour| [flavour.folded, flavour.topping] }]
        parts.flat_map { |part| part.lines.each_with_index.map { |line, at| line(part, line, at) } }
      end

      def line(part, line, at)
        {
          "component" => part.name, "pointer" => "#{part.lines_at}/#{at}", **Assessment::LineAnswer.of(line, nil, 0.0, part.measures, part.library)
            .slice("text", "status", "ingredient", "name", "form", "grams", "confidence", "candidates", "message", "from", "to"),
          "note" => [line.message, *line.assumptions, *line.notes].compact.join("; ")
        }
      end
    end
  end
end
