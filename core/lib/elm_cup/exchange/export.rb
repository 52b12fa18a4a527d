# frozen_string_literal: true

require "json"

module ElmCup
  module Exchange
    # A formula document as it goes out.
    module Export
      # format => [media type, file ending]
      FORMATS = {
        "json" => ["application/json", "json"], "jsonld" => ["application/ld+json", "jsonld"], "md" => ["text/markdown", "md"],
        "csv" => ["text/csv", "csv"]
      }.freeze

      # The text in `format`, a key of FORMATS. InvalidDocument for another, or for a document that cannot be taken.
      def self.call(document, format, library:)
        InvalidDocument.refuse("/format", :no_format, format: format, formats: FORMATS.keys.join(", ")) unless FORMATS.key?(format)
        Document::Schema.check(document)
        return "#{JSON.pretty_generate(document)}\n" if format == "json"

        assessment = Assessment.of(document, library: library)
        case format
        when "jsonld" then "#{JSON.pretty_generate(JsonLdWriter.call(document, assessment))}\n"
        when "md" then MarkdownCard.new(document, assessment).to_s
        else LinesCsv.call(assessment)
        end
      end
    end
  end
end
