# frozen_string_literal: true

module ElmCup
  module Quantity
    # What is pasted from a page often carries other spaces, hyphens and digits than a keyboard types.
    module PlainText
      SPACES = "\t\u00a0\u1680\u2000-\u200b\u202f\u205f\u2060\u3000\ufeff"
      HYPHENS = "\u2010\u2011\u2212"

      # `text` in the characters of a keyboard, one for one, so that places in it are places in what was typed.
      def self.of(text)
        return text if text.ascii_only? && !text.include?("\t")

        text.tr(SPACES, " ").tr(HYPHENS, "-").tr("\uff10-\uff19", "0-9")
      end
    end
  end
end
