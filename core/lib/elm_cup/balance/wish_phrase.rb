# frozen_string_literal: true

module ElmCup
  module Balance
    # What a cook types for a wish, "rolls", "less sweet", "under 90 kcal", "no peanut", "24 pieces", as the text of a Wish.
    class WishPhrase
      # What less and more come to where nothing says how much.
      A_TENTH = 0.1
      NUMBER = /(?:\d+(?:[.,]\d+)?|[½¼¾⅓⅔])/
      FRACTIONS = {"½" => 0.5, "¼" => 0.25, "¾" => 0.75, "⅓" => 1.0 / 3, "⅔" => 2.0 / 3}.freeze
      AT_MOST = /(?:<=?|≤|under|below|less than|fewer than|at most|no more than|not more than|not over|up to|max(?:imum)?(?: of)?)/
      AT_LEAST = /(?:>=?|≥|over|above|more than|at least|no less than|not less than|not under|min(?:imum)?(?: of)?)/
      BEHIND = {"<=" => /(?:or less|or fewer|or under|at most|max(?:imum)?|tops)/, ">=" => /(?:or more|or over|at least|min(?:imum)?)/}.freeze
      UNIT = /(?:(?:kg|kilos?|g|grams?|kcals?|calories|cals?|kilocalories|per cent|percent|cents?|c)(?![[:alpha:]])|[%€£$])/
      SMALL = /\s*(?:a|per|each|in a|in each|in one)\s+(?:piece|ball|bite|bar|truffle|cup|square|one)\s*|\s+each\s*/
      # How much less: "half the sugar", "a third less sugar", "20 % less sugar".
      SHARES = {"half" => 0.5, "a half" => 0.5, "a third" => 1.0 / 3, "a quarter" => 0.25, "a fifth" => 0.2, "a tenth" => 0.1, "much" => 0.3, "a lot" => 0.3, "a little" => 0.05,
                "a bit" => 0.05, "slightly" => 0.05}.freeze
      TEXTURES = DataTable.rows("wish_textures").to_h { |row| [row["texture"], /\A(?:(?:it )?(?:should|must|to|make it|that it)? ?)?(?:#{row["typed"]})\z/] }.freeze
      DIETS = {
        /\Avegan\z/ => "vegan", /\Avegetarian\z/ => "vegetarian", /\A(?:dairy|milk)[- ]free\z|\Ano (?:dairy|milk products)\z|\Awithout dairy\z/ => "dairy-free",
        /\Agluten[- ]free\z|\A(?:no|without) gluten\z|\Afor coeliacs?\z/ => "gluten-free", /\Anut[- ]free\z|\A(?:no|without) nuts?\z/ => "nut-free",
        /\Apeanut[- ]free\z/ => "peanut-free", /\Asesame[- ]free\z/ => "sesame-free", /\Asoya?[- ]free\z/ => "soy-free",
        /\Arefined[- ]sugar[- ]free\z|\A(?:no|without) refined sugar\z/ => "refined-sugar-free", /\Agrain[- ]free\z|\A(?:no|without) grains?\z/ => "grain-free",
        /\Araw\z/ => "raw", /\Alow[- ]net[- ]carb(?:ohydrate)?s?\z|\Alow[- ]carb(?:ohydrate)?s?\z/ => "low-net-carbohydrate"
      }.freeze
      ALLERGENS = {"peanuts" => "peanut", "tree nuts" => "tree_nut", "tree nut" => "tree_nut", "soya" => "soy", "eggs" => "egg", "sulphites" => "sulphite", "sulfites" => "sulphite"}.freeze

      MEND = "is no wish that can be reckoned; try “rolls”, “less sweet”, “under 90 kcal”, “vegan”, “no peanut”, “24 pieces” or “keep the oats”"

      # parts: names of components; now: callable, a WishKey and a part's name (or nil) to its figure, nil for none; find: callable, a name to an ingredient id or nil.
      def initialize(parts:, now:, find:)
        @parts = parts
        @now = now
        @find = find
      end

      # The Wish. WishReader::Unreadable with the mend where the words mean none.
      def read(text)
        plain = text.to_s.scrub.strip.gsub(/\s+/, " ")
        part, words = parted(plain)
        words = words.downcase.delete_suffix(".").strip
        found = texture(words) || diet(words) || bound(words) || relative(words, part) || went(words) || stays(words)
        return Wish.read(part ? "#{part}.#{found}" : found) if found

        Wish::GRAMMAR.match?(plain) ? Wish.read(plain) : raise(WishReader::Unreadable, "“#{plain[0, 60]}” #{MEND}")
      end

      private

      # "caramel: spreads", "caramel spreads": [part or nil, the rest].
      def parted(text)
        name = @parts.sort_by { |each| -each.length }.find { |each| text.downcase.start_with?("#{each.downcase} ", "#{each.downcase}:") }
        name ? [name, text[name.length..].sub(/\A\s*:?\s*/, "")] : [nil, text]
      end

      def texture(words)
        id = TEXTURES.find { |_, pattern| pattern.match?(words) }&.first
        "texture=#{id}" if id
      end

      def diet(words) = DIETS.find { |pattern, _| pattern.match?(words) }&.last&.then { |id| "diet=#{id}" }

      # "under 90 kcal", "90 kcal or less", "at least 3 g of protein a piece", "24 pieces", "600 g".
      def bound(words)
        plain = words.gsub(SMALL, " ").strip
        found = NUMBER_FIRST.match(plain) or return named_first(plain)
        row = row_of(found[:name].strip, found[:unit], found[:money], words) or return

        written(row, op(row, found[:most] || found[:behind], found[:least] || found[:over]), value(found[:number], found[:unit]))
      end

      LEAD = /(?:costs? |makes? |about |around |~ ?)?(?:(?<most>#{AT_MOST})|(?<least>#{AT_LEAST}))?\s*(?<money>[€£$])?/
      TAIL = /(?:\s*(?<behind>#{BEHIND["<="]})|\s*(?<over>#{BEHIND[">="]}))?/
      NUMBER_FIRST = /\A#{LEAD}(?<number>#{NUMBER})\s*(?<unit>#{UNIT})?(?:\s+of)?\s*(?<name>[[:alpha:]€£$ ]*?)#{TAIL}\z/
      NAME_FIRST = /\A(?<name>[[:alpha:] ]+?)\s*(?:(?<most>#{AT_MOST})|(?<least>#{AT_LEAST})|about|around|is|:|(?<=\s))\s*[€£$]?(?<number>#{NUMBER})\s*(?<unit>#{UNIT})?\z/
      private_constant :LEAD, :TAIL, :NUMBER_FIRST, :NAME_FIRST

      # "kcal under 90", "sugar at most 3 g"
      def named_first(words)
        found = NAME_FIRST.match(words) or return
        row = row_of(found[:name], nil, nil, words) or return

        written(row, op(row, found[:most], found[:least]), value(found[:number], found[:unit]))
      end

      def op(row, most, least)
        return "<=" if most

        least ? ">=" : usual(row)
      end

      def row_of(name, unit, money, words)
        return WishKey[by_unit(unit, money, words)] if name.empty?

        WishKey::ALL.values.find { |row| /\A(?:of )?(?:#{row.typed})\z/.match?(name) }
      end

      # unit pattern => key
      BY_UNIT = {/\Ak?cal/ => "kcal", /\A(?:g|grams?|kg|kilos?)\z/ => "grams", /\Ac(?:ents?)?\z/ => "cost"}.freeze

      def by_unit(unit, money, words)
        found = unit && BY_UNIT.find { |pattern, _| pattern.match?(unit) }
        return found.last if found
        return "cost" if money || words.start_with?("cost")

        "pieces" if words.start_with?("make")
      end

      # A number alone is what it should be about; of what is counted against a day, the most.
      def usual(row) = if %w[kcal sugars free_sugars fat cost grease].include?(row.key)
                         "<="
                       else
                         ((row.of == "batch") ? "=" : ">=")
                       end

      # unit pattern => what one is in the figure's own unit
      TIMES = {/\Ak(?:g|ilo)/ => 1000.0, /\Ac(?:ents?)?\z/ => 0.01}.freeze

      def value(number, unit)
        times = unit && TIMES.find { |pattern, _| pattern.match?(unit) }&.last
        (FRACTIONS[number] || number.tr(",", ".").to_f) * (times || 1)
      end

      def written(row, op, value) = "#{row.key}#{op}#{Wish.number(value)}"

      # "less sweet", "cheaper", "half the sugar", "a third less sugar", "20 % less sugar"
      def relative(words, part)
        WishKey::ALL.each_value do |row|
          less, more = [row.down, row.up].map { |phrases| share(words, phrases) }
          return moved(row, "<=", less, part) if less
          return moved(row, ">=", more, part) if more
          return moved(row, "<=", 0.5, part) if /\Ahalf (?:the |as )(?:much )?(?:#{row.typed})\z/.match?(words)
        end
        nil
      end

      def share(words, phrases)
        phrase = phrases.find { |each| words == each || words.end_with?(" #{each}") } or return
        rest = words.delete_suffix(phrase).strip.sub(/\A(?:make it|it should be|please)\s*/, "")
        return A_TENTH if rest.empty?

        SHARES[rest] || (rest[/\A(\d{1,2})\s*(?:%|per ?cent)\z/, 1]&.to_f&./ 100)
      end

      def moved(row, op, share, part)
        now = @now.call(row, part)
        raise WishReader::Unreadable, "There is no #{row.name} now to go by; say how much you want" unless now

        to = now * ((op == "<=") ? 1 - share : 1 + share)
        written(row, op, to.round(decimals(row, to)))
      end

      # As many as a person would say.
      def decimals(row, value)
        return 0 if row.of == "batch" || row.key == "kcal"

        (value < 1 || row.key == "cost") ? 2 : 1
      end

      def went(words)
        name = words[/\A(?:no|without|leave out|not? any) (.+)\z/, 1] || words[/\A(.+?)[- ]free\z/, 1] or return
        id = ALLERGENS[name] || (Mixture::Allergens::ALL.include?(name) ? name : @find.call(name))
        id ? "without:#{id}" : raise(WishReader::Unreadable, "“#{name}” is neither an ingredient nor an allergen that is known here")
      end

      def stays(words)
        name = words[/\A(?:keep|lock|leave) (?:the )?(.+?)(?: as it is| alone| in)?\z/, 1] || words[/\A(?:the )?(.+) stays\z/, 1] or return
        id = @find.call(name)
        id ? "lock:#{id}" : raise(WishReader::Unreadable, "“#{name}” is no ingredient that is known here")
      end
    end
  end
end
