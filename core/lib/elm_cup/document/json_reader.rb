# frozen_string_literal: true

require "json"

module ElmCup
  module Document
    # From bytes to a parsed document, within limits.
    module JsonReader
      MOST_BYTES = 1_000_000
      MOST_NESTING = 20
      MOST_FOREIGN_NESTING = 60
      # JSON writes no control character but as an escape, and half of a character only so.
      ESCAPED = /\\u|\x7f/

      # The same for what other programs write: it may be nested deeper, and name a key twice.
      def self.read_foreign(bytes) = read(bytes, nesting: MOST_FOREIGN_NESTING, strict: false)

      # The parsed value. InvalidDocument for what is empty, too large, not UTF-8, not JSON, nested too deep, or names a key twice.
      def self.read(bytes, nesting: MOST_NESTING, strict: true)
        text = bytes.dup.force_encoding(Encoding::UTF_8).delete_prefix("\uFEFF")
        InvalidDocument.refuse("", :too_many_bytes, count: bytes.bytesize, most: MOST_BYTES) if bytes.bytesize > MOST_BYTES
        InvalidDocument.refuse("", :not_utf8) unless text.valid_encoding?
        InvalidDocument.refuse("", :json_empty) if text.strip.empty?

        value = JSON.parse(text, max_nesting: nesting, allow_duplicate_key: !strict)
        WholeCharacters.check(value) if text.match?(ESCAPED)
        Finite.check(value)
      rescue JSON::NestingError
        InvalidDocument.refuse("", :json_too_deep, levels: nesting)
      rescue JSON::ParserError => error
        reason = error.message.lines.first.to_s.strip[0, 120]
        InvalidDocument.refuse("", reason.start_with?("duplicate key") ? :json_key_doubled : :not_json, reason: reason)
      end
    end
  end
end
