# frozen_string_literal: true

require "json"

module ElmCup
  module Document
    # From bytes to a parsed document, within limits.
    module JsonReader
      MOST_BYTES = 1_000_000
      MOST_NESTING = 20

      # The parsed value. InvalidDocument for what is empty, too large, not UTF-8, not JSON, or nested too deep.
      def self.read(bytes)
        text = bytes.dup.force_encoding(Encoding::UTF_8).delete_prefix("\uFEFF")
        Schema.refuse("", "This is #{bytes.bytesize} bytes long; #{MOST_BYTES} is the most") if bytes.bytesize > MOST_BYTES
        Schema.refuse("", "This is not valid UTF-8 text; save it as UTF-8") unless text.valid_encoding?
        Schema.refuse("", "This is empty; a formula document is a JSON object") if text.strip.empty?

        Finite.check(JSON.parse(text, max_nesting: MOST_NESTING))
      rescue JSON::NestingError
        Schema.refuse("", "This is nested deeper than a formula can be (#{MOST_NESTING} levels)")
      rescue JSON::ParserError => error
        Schema.refuse("", "This is not JSON: #{error.message.lines.first.to_s.strip[0, 120]}")
      end
    end
  end
end
