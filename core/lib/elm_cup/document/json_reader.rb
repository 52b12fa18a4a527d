# frozen_string_literal: true

require "json"

module ElmCup
  module Document
    # From bytes to a parsed document, within limits.
    module JsonReader
      MOST_BYTES = 1_000_000
      MOST_NESTING = 20
      MOST_FOREIGN_NESTING = 60

      # The same for what other programs write: it may be nested deeper, and name a key twice.
      def self.read_foreign(bytes) = read(bytes, nesting: MOST_FOREIGN_NESTING, strict: false)

      # The parsed value. InvalidDocument for what is empty, too large, not UTF-8, not JSON, nested too deep, or names a key twice.
      def self.read(bytes, nesting: MOST_NESTING, strict: true)
        text = bytes.dup.force_encoding(Encoding::UTF_8).delete_prefix("\uFEFF")
        Schema.refuse("", "This is #{bytes.bytesize} bytes long; #{MOST_BYTES} is the most") if bytes.bytesize > MOST_BYTES
        Schema.refuse("", "This is not valid UTF-8 text; save it as UTF-8") unless text.valid_encoding?
        Schema.refuse("", "This is empty; a formula document is a JSON object") if text.strip.empty?

        Finite.check(JSON.parse(text, max_nesting: nesting, allow_duplicate_key: !strict))
      rescue JSON::NestingError
        Schema.refuse("", "This is nested deeper than can be read (#{nesting} levels)")
      rescue JSON::ParserError => error
        reason = error.message.lines.first.to_s.strip[0, 120]
        Schema.refuse("", reason.start_with?("duplicate key") ? "One key stands twice in one object (#{reason}); keep one of them" : "This is not JSON: #{reason}")
      end
    end
  end
end
