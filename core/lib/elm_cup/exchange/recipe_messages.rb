# frozen_string_literal: true

module ElmCup
  module Exchange
    # What a copied message carries around its words: the stamp and the sender in front of each line of a chat, who wrote a mail, and
    # brackets of a kind that recipes seldom have.
    module RecipeMessages
      DATE = %r{\d{1,4}[/.-]\d{1,2}[/.-]\d{2,4}}
      TIME = /\d{1,2}[:.]\d{2}(?::\d{2})?(?:\s?[ap]\.?m\.?)?/i
      STAMP = /^[^\S\n]*+(?:\[(?:#{DATE},?[^\S\n]+)?#{TIME}\]|(?:#{DATE},?[^\S\n]+)?#{TIME}[^\S\n]+[-–])[^\S\n]*(?:[^:\n]{1,40}:[^\S\n])?/io
      # The next message, where the end of the line before it was lost.
      INSIDE = /(?<=[^\s])(?=\[#{DATE},?[^\S\n]+#{TIME}\][^\S\n])/io
      # "On 3 May at 09:12, Pell wrote:"
      WROTE = /^[^\S\n]*On[^\S\n][^\n]{0,100}\bwrote:?[^\S\n]*$/i
      # "[ganache] 200 g dark chocolate" begins a part; "Truffles [makes 20]" says something beside it. A box to tick is neither.
      HEAD = /^([^\S\n]*)\[(\p{L}[^\[\]\n]{0,40})\][^\S\n]*:?[^\S\n]*(?=[\d½⅓⅔¼¾⅛])/
      BESIDE = /(?<=[^\s\\])([^\S\n]+)\[(?!\s?[xX]?\])([^\[\]\n]{1,80})\](?!\()/

      # "coconut layer >> 200 g coconut", "base → 100 g oats"
      ARROW = /^([^\S\n]*\p{L}[\p{L} ]{1,30}?)[^\S\n]*(?:>{1,2}|=>|->|→|::)[^\S\n]*(?=[\d½⅓⅔¼¾⅛])/

      # The text without them.
      def self.plain(text)
        text.gsub(INSIDE, "\n").gsub(STAMP, "").gsub(WROTE, "").gsub(HEAD, '\1\2: ').gsub(ARROW, '\1: ').gsub(BESIDE, '\1(\2)')
      end
    end
  end
end
