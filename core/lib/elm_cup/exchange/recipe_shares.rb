# frozen_string_literal: true

module ElmCup
  module Exchange
    # A line that takes of another part: "half of the caramel", "2/3 of the dough", "the remaining caramel, to drizzle", "3 tbsp of the
    # caramel".
    module RecipeShares
      WORDS = {"half" => 0.5, "one half" => 0.5, "a half" => 0.5, "a third" => 1 / 3r, "one third" => 1 / 3r, "two thirds" => 2 / 3r,
               "a quarter" => 0.25, "one quarter" => 0.25, "three quarters" => 0.75, "all" => 1}.freeze
      REST = /rest|remaining|remainder|leftover|left-over|other half/i
      NUMBER = %r{\d{1,2}\s*/\s*\d{1,2}|\d{1,3}(?:[.,]\d+)?\s*%|[½⅓⅔¼¾⅛]}
      SHARE = /\A(?:use\s+|about\s+|the\s+)*(?<share>#{WORDS.keys.sort_by { |word| -word.length }.join("|").gsub(" ", "[\\s-]")}|#{NUMBER}|#{REST})\b?\s*(?:of\s+)?(?:the\s+|your\s+)?(?<part>\p{L}[^,;(:]*?)\s*(?:[,;(].*|\b(?:from above|above|to|for|on)\b.*)?\z/io
      AMOUNT = /\A(?<amount>.{1,40}?)\s+of\s+the\s+(?<part>\p{L}[^,;(:]*?)\s*(?:[,;(].*|\b(?:from above|above|to|for|on)\b.*)?\z/i

      # A take of the document ({"component", "share"}; "text" of an amount; share nil for what is left), nil where the line takes of
      # no part with a name among `names`.
      def self.of(text, names)
        return if names.empty?

        if (found = SHARE.match(text)) && (part = part(found[:part], names))
          {"component" => part, "share" => share(found[:share])}
        elsif (found = AMOUNT.match(text)) && (part = part(found[:part], names)) && amount?(found[:amount])
          {"component" => part, "text" => found[:amount]}
        end
      end

      # Numbers of what is left, once every other share is known: `takes` of all parts in order, changed in place.
      def self.settle(takes)
        takes.group_by { |take| take["component"] }.each_value do |same|
          open, known = same.partition { |take| take.key?("share") && take["share"].nil? }
          left = [1 - known.sum { |take| take["share"] || 0 }, 0].max
          open.each { |take| take["share"] = (left / open.size.to_f).round(4) }
          takes.reject! { |take| take["share"]&.zero? }
        end
      end

      def self.part(words, names)
        said = words.downcase.strip.sub(/\s+(?:mix(?:ture)?|layer)\z/, "")
        names.find { |name| name == words.downcase.strip } || names.find { |name|
          name == said || name.sub(/\s+(?:mix(?:ture)?|layer)\z/, "") == said
        }
      end

      def self.share(words)
        return if words.match?(REST)

        plain = words.downcase.tr("-", " ").squeeze(" ")
        number = WORDS[plain] || (plain.end_with?("%") ? plain.tr(",", ".").to_f / 100 : Quantity::PlainText.of(plain).delete(" ").to_r)
        number.to_f.clamp(0, 1).round(4)
      end

      def self.amount?(words) = Quantity::LineReader.read(words).fault&.code == :of_what
      private_class_method :part, :share, :amount?
    end
  end
end
