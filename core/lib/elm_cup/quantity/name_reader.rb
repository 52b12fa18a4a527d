# frozen_string_literal: true

module ElmCup
  module Quantity
    # Parts the words behind the amount into name, preparations, flags.
    class NameReader
      FLAGS = {
        loose: /\b(?:loosely|lightly)[\s-]+packed\b/i, packed: /\b(?:(?:firmly|tightly|well)[\s-]+)?packed\b(?!\s+in\b)/i,
        to_taste: /\bto taste\b/i,
        as_needed: /\b(?:(?:just\ )?enough(?=\s+\p{L}+(?:\s+\p{L}+)?\s+to\b)|as\ needed|as\ required|
          if\ (?:it's\ |it\ is\ |too\ )*(?:needed|necessary|dry|required|you\ like))\b/ix,
        optional: /\boptional(?:ly)?\b/i, divided: /\bdivided\b/i
      }.freeze
      # A cheap look: one of these is in whatever is a flag.
      FLAGGED = /packed|taste|need|required|enough|necessary|dry|like|optional|divided/i
      # Words that say what the rest is for; they are kept as a note and not counted. An amount may stand in them, "plus 1/4 cup
      # for rolling", but no other ingredient.
      AMOUNT_MORE = /(?:\b(?:plus|and)|\+)\s+[\d½⅓⅔¼¾⅛][\d\s.,\/½⅓⅔¼¾⅛]*(?:#{Unit::PATTERN}\s+)?(?=(?:for|to)\b)/i
      DOING = /rolling|dusting|coating|dipping|drizzling|greasing|decorating|garnish|serving|topping|sprinkling/i
      FOR_WHAT = /#{DOING}|(?:the\s+)?(?:outside|top|coating|shell|drizzle|tin|pan)/i
      TO_WHAT = /bind|combine|moisten|loosen|cover|top|finish|serve|decorate|garnish|sprinkle|drizzle|dust|coat|dip|grease|roll(?:\s+in)?/i
      MORE = /(?:\b(?:plus|and)|\+)\s+(?:[^,;]*\s)?(?:more|extra|some)\b.*/i
      ASIDE = /#{MORE}|(?:#{AMOUNT_MORE})?\bfor\s+(?:#{FOR_WHAT})\b.*|(?:#{AMOUNT_MORE})?\bto\s+(?:#{TO_WHAT})\b.*/i
      # A cheap look for what an aside may begin with.
      ASIDE_BEGINS = /\b(?:plus|and|for|to)\b|\+/i
      # "dates soaked 1 h", "walnuts toasted and chopped": what is done stands behind the name without a comma.
      WHAT = /soaked|drained|toasted|roasted|blanched|skinned|rehydrated|chopped|ground|melted|mashed|crushed|softened|blitzed|whizzed|pulsed|
        processed|grated|cubed|diced|sliced|halved|quartered|cut|broken|torn|thawed|defrosted|cooled|chilled|warmed|pureed|crumbled|
        bashed|smashed/xi
      UNTIL = /\s*\z|\s+(?:and|&|in|into|up|down|for|overnight|until|with|then|over|to|half|an?|about|\d)\b/i
      DONE = /\s+(?:(?:finely|coarsely|roughly|lightly|well)\s+)?(?:#{WHAT})(?=#{UNTIL}).*|\s+(?:that|which)\s+.*/i
      # What may stand before a name and is none itself: "finely chopped and toasted".
      ONLY_DONE = /\A(?:(?:finely|coarsely|roughly|lightly|freshly|dry|well|and|pitted|peeled|shelled|#{WHAT})\s*)*\z/i
      # "chopped and toasted pecans": the and joins what is done, not two things.
      BOTH = /\b(#{WHAT}|pitted|peeled|shelled)\s+(?:and|&)\s+(?=(?:#{WHAT}|halved|sliced|salted|unsalted)\s+\p{L})/i
      JOINED = /\s(?:and|&)\s/i
      PART_ONLY = /\A(?:(?:just\s+)?(?:the\s+)?(?:juice|zest)(?:\s+only)?)\z/i
      OTHERWISE = %r{\s+or\s+|(?<!\d)\s*/\s*}i

      # What is said of another choice that is passed over.
      def self.first_taken(words) = "“#{words}” is not used: the first is taken"

      # name: the ingredient's words; alternative: what stood behind "or"; preparations: what stood behind commas and in brackets;
      # behind_commas: the former alone; modifiers: "heaping" and the like that stood there
      # aside: words that say what it is for stood there
      attr_reader :aside, :name, :alternative, :preparations, :behind_commas, :modifiers, :flags, :notes

      def initialize(text)
        @flags = []
        @notes = []
        rest = take_aside(take_flags(text.squeeze(" ")))
        brackets = []
        rest = rest.gsub(/\(([^()]*)\)/) { brackets << Regexp.last_match(1) && " " } if rest.include?("(")
        head, *tail = rest.split(/\s*[,;]\s*|\s+[–—-]\s+/)
        # "chopped, toasted pecans" has no name before its comma.
        head = [head, tail.shift].join(" ") while tail.any? && head.to_s.strip.match?(ONLY_DONE)
        head ||= ""
        head, done = parted(head.match?(JOINED) ? head.gsub(BOTH, '\1 ') : head)
        brackets.unshift(done) if done
        @name = clean(head)
        @name, @alternative = @name.split(OTHERWISE, 2)
        @name ||= ""
        pass_over("or #{@alternative}") if @alternative
        @behind_commas = parts(tail)
        @preparations = @behind_commas + parts(brackets)
        of_a_part
        @modifiers, @preparations = @preparations.partition { |part| TermReader::MODIFIERS.key?(part.downcase) }
      end

      private

      # "2 limes, juice only": the juice of them.
      def of_a_part
        said = @preparations.find { |part| part.match?(PART_ONLY) } or return
        @name = "#{@name} #{said[/juice|zest/i].downcase}"
        @preparations -= [said]
        @behind_commas -= [said]
      end

      # [name, what is done to it or nil]
      def parted(head)
        done = DONE.match(head)
        (done && !done.pre_match.strip.match?(ONLY_DONE)) ? [done.pre_match, done[0]] : [head, nil]
      end

      # What stands behind commas or in brackets and says something of the ingredient; another choice is passed over.
      def parts(texts)
        texts.map { |part| clean(part) }.reject do |part|
          part.empty? || (part.match?(/\Aor\s/i) && pass_over(part))
        end
      end

      def pass_over(words) = @notes << NameReader.first_taken(words)

      def take_flags(text)
        return text unless FLAGGED.match?(text)

        FLAGS.reduce(text) do |rest, (flag, pattern)|
          next rest unless rest.match?(pattern)

          @flags << flag
          rest.gsub(pattern, "")
        end
      end

      def take_aside(text)
        return text unless text.match?(ASIDE_BEGINS)

        text.sub(ASIDE) do |aside|
          @aside = true
          said = aside.strip
          said = said.delete_suffix(")") unless said.include?("(")
          more = said.match?(/\A(?:plus|and|\+)/i)
          @notes << (more ? "“#{said}” is not counted" : "“#{said}” changes nothing: what is written before it is counted")
          ""
        end
      end

      # Letters, digits and single spaces have nothing around them to take off.
      CLEAN = /\A(?!(?:of|the|some)\s)[a-z0-9]+(?: [a-z0-9]+)*\z/i

      def clean(text)
        plain = text.strip
        return plain if plain.match?(CLEAN)

        text.gsub(/[()\[\]"“”*]/, " ").gsub(/\s+/, " ").sub(/\A\s*(?:of|the|some)\s+/i, "").gsub(/\A[\s.,:;-]+|[\s.,:;-]+\z/, "")
      end
    end
  end
end
