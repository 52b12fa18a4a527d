# frozen_string_literal: true

module ElmCup
  module Wish
    # What people say of warmth and keeping, as the text of a wish: "holds to 27 °C", "firm at 80 °F", "survives a hot car".
    module WarmText
      HOLDS = /(?:(?:it )?(?:holds?|stays? firm|firm|stands?|stays? solid|solid)(?: its shape)?|survives?)/
      AT = /\A#{HOLDS}(?: up)?(?: to| at| until)? (?<number>-?\d+(?:[.,]\d+)?) ?(?:°|degrees?)? ?(?:(?<fahrenheit>f)(?:ahrenheit)?|c(?:elsius)?)?\z/
      SAYINGS = DataTable.rows("wish_sayings").to_h { |row| [/\A(?:#{row["typed"]})\z/, row["wish"]] }.freeze

      # The text; nil where the words are no such thing.
      def self.text(words)
        found = AT.match(words)
        return SAYINGS.find { |pattern, _| pattern.match?(words) }&.last unless found

        number = found[:number].tr(",", ".").to_f
        number = ((number - 32) / 1.8).round if found[:fahrenheit]
        BoundText.written(Key["holds_to_c"], ">=", number) if number >= 0
      end
    end
  end
end
