# frozen_string_literal: true

require "json"

module ElmCup
  # A formula document as it goes out.
  module Export
    # format => [media type, file ending]
    FORMATS = {
      "json" => ["application/json", "json"], "jsonld" => ["application/ld+json", "jsonld"], "md" => ["text/markdown", "md"], "csv" => ["text/csv", "csv"]
    }.freeze

    # The text in `format`, a key of FORMATS. InvalidDocument for another, or for a document that cannot be taken.
    def self.call(document, format, library: Ingredient::Library.default)
      Document::Schema.refuse("/format", "“#{format}” is no format; use #{FORMATS.keys.join(", ")}") unless FORMATS.key?(format)
      Document::Schema.check(document)
      return "#{JSON.pretty_generate(document)}\n" if format == "json"

      answer = Assessment.of(document, library: library)
      case format
      when "jsonld" then "#{JSON.pretty_generate(Document::JsonLdWriter.call(document, answer))}\n"
      when "md" then Document::MarkdownCard.new(document, answer).to_s
      else Document::LinesCsv.call(answer)
      end
    end
  end
end
