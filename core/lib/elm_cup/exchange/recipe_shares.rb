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
      # Less is nothing: thirds leave crumbs.
      LITTLE = 0.001
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

      # Gives the parts of a document shares that come to no more than there is, those of what is left last; yields the name of a part
      # and the take that finds less there than it asks for. What finds nothing is taken out.
      def self.settle(parts)
        left = Hash.new(1.0)
        open, known = parts.flat_map { |part| (part["takes"] || []).map { |take| [part, take] } }.select { |_, take| take.key?("share") }
          .partition { |_, take| take["share"].nil? }
        known.each do |part, take|
          there = left[take["component"]]
          over = take["share"] > there + LITTLE
          yield part["name"], take if over
          take["share"] = there.round(4) if over
          left[take["component"]] = [there - take["share"], 0.0].max
        end
        open.group_by { |_, take| take["component"] }.each do |name, same|
          yield same[0][0]["name"], same[0][1] unless left[name] > LITTLE
          same.each { |_, take| take["share"] = (left[name] / same.size).round(4) }
        end
        parts.each { |part| part["takes"]&.reject! { |take| take["share"] && take["share"] < LITTLE } }
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
