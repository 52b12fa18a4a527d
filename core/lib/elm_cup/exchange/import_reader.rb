# frozen_string_literal: true

require "nokogiri"

module ElmCup
  module Exchange
    # Tells what bytes from elsewhere are, and reads them.
    class ImportReader
      MOST_BYTES = Document::JsonReader::MOST_BYTES
      # "[ ] 1 cup oats" is a box to tick, "[Recipe] Fudge" a tag, "[14:02] Pell: 1 cup oats" a message; none is a list.
      JSON_BEGINS = /\A\s*(?:\{|\[\s*(?:[{\["]|\]\s*\z|\z|-?\d[\d.]*\s*[,\]]))/
      # The type of a script of a page that holds JSON-LD.
      LINKED = "application/ld+json"

      # library: whose names tell a heading from an ingredient.
      def initialize(library)
        @library = library
      end

      # [kind, RecipeText::Result]. InvalidDocument for what is too large, no text, or holds no ingredient.
      def read(bytes)
        text = text_of(bytes)
        scripts = scripts(text)
        return ["json-ld", JsonLd.read(scripts.filter_map { |script| script_value(script) }, library: @library)] if scripts.any?
        return ["text", RecipeText.read(text, library: @library)] unless text.match?(JSON_BEGINS)

        value = Document::JsonReader.read_foreign(text)
        return ["json-ld", JsonLd.read(value, library: @library)] if JsonLd.like?(value)

        # Our own document is held to its own limits.
        ["formula", RecipeText::Result.new(document: Document::JsonReader.read(text), remarks: [])]
      end

      private

      def text_of(bytes)
        InvalidDocument.refuse("", :too_many_bytes, count: bytes.bytesize, most: MOST_BYTES) if bytes.bytesize > MOST_BYTES
        text = bytes.dup.force_encoding(Encoding::UTF_8).delete_prefix("\uFEFF")
        InvalidDocument.refuse("", :not_utf8) unless text.valid_encoding?
        InvalidDocument.refuse("", :recipe_empty) if text.strip.empty?
        text
      end

      # The texts of the JSON-LD scripts in the source of a page.
      def scripts(text)
        return [] unless text.match?(/#{Regexp.escape(LINKED)}/io)

        Nokogiri::HTML4(text, nil, "UTF-8").css("script")
          .select { |script| script["type"].to_s.strip.downcase.start_with?(LINKED) }.map(&:text)
      end

      # One broken script of a page does not spoil the others.
      def script_value(script)
        Document::JsonReader.read_foreign(script)
      rescue InvalidDocument
        nil
      end
    end
  end
end
