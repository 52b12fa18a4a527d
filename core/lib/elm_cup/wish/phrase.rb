# frozen_string_literal: true

module ElmCup
  module Wish
    # What a cook types for a wish, "rolls", "less sweet", "under 90 kcal", "no peanut", "24 pieces", as the wish it means.
    class Phrase
      # What less and more come to where nothing says how much.
      A_TENTH = 0.1
      # How much less: "half the sugar", "a third less sugar", "20 % less sugar".
      SHARES = {
        "half" => 0.5, "a half" => 0.5, "a third" => 1.0 / 3, "a quarter" => 0.25, "a fifth" => 0.2, "a tenth" => 0.1, "much" => 0.3,
        "a lot" => 0.3, "a little" => 0.05, "a bit" => 0.05, "slightly" => 0.05
      }.freeze
      # What people say around a wish and mean nothing by.
      POLITE = /please,? |i(?:'d| would)? (?:want|like) (?:it )?(?:to )?(?:be )?|make it |(?:that )?it (?:should |must |is )?(?:be )?|it's /
      AROUND = /\A(?:#{POLITE}|(?:should|must|to) (?:be )?)+|(?: a (?:bit|little))?,? please\z| a (?:bit|little)\z/
      TEXTURES = DataTable.rows("wish_textures").to_h { |row| [row["texture"], /\A(?:#{row["typed"]})\z/] }.freeze
      # So many classes further from one of `range`: what is said of it.
      TextureMove = Value.of(:classes, :range, :typed)
      TEXTURE_MOVES = DataTable.rows("wish_texture_moves").map do |row|
        from, to = row.values_at("from", "to").map { |texture| Binding::Texture.index(texture) }
        typed = /\A(?:a (?:little|bit) |slightly |much )?(?:#{row["typed"]})\z/
        TextureMove.new(classes: row["classes"].to_i, range: (from..to), typed: typed)
      end.freeze
      # Times the batch => what is said of it.
      BATCH = /(?:(?: of)?(?: the| a)? (?:batch|recipe|amount|bowl|size)| as (?:many|much)| of it| it)/
      TIMES_THE_BATCH = {
        2 => /\A(?:double|twice)\z|\A(?:double|twice|two times|2 ?x|2 times)#{BATCH}\z/,
        3 => /\A(?:triple|thrice)\z|\A(?:triple|thrice|three times|3 ?x|3 times)#{BATCH}\z/, 0.5 => /\Ahalf#{BATCH}\z/
      }.freeze
      NO_SUGAR = /\A(?:no|without)(?: added)? sugars?\z|\Asugars?[- ]free\z|\Aunsweetened\z/
      DIETS = DataTable.rows("wish_diets").to_h { |row| [/\A(?:#{row["typed"]})\z/, row["diet"]] }.freeze
      ALLERGENS = {
        "peanuts" => "peanut", "tree nuts" => "tree_nut", "tree nut" => "tree_nut", "soya" => "soy", "eggs" => "egg",
        "sulphites" => "sulphite",
        "sulfites" => "sulphite"
      }.freeze
      KEEP = /\A(?:keep|lock|leave|(?:do not|don't) (?:touch|change)|without changing) (?:the )?(.+?)(?: as (?:it is|they are)| alone| in)?\z/
      SIZE = /\A(?:size|pieces?|piece size|pieces as large|size of (?:a|the) pieces?)\z/
      STAYS = /\A(?:the )?(.+) stays?\z/
      LINE = /\A(?:use |put in )?(?:less|more|fewer|a bit of|add|some) (?:of )?(?:the )?(.+)\z/

      # Between two wishes, and what the first says for the others, too.
      JOINED = /\s*(?:,(?!\d)|;|&|\band\b|\bor\b|\bbut\b)\s*/
      BEGUN = /\A(?:no|without|keep)\b/
      MOST_AT_ONCE = 6

      # parts: names of components; now: callable, a Key and a part's name (or nil) to its figure, nil for none; texture: callable, a part's
      # name (or nil) to the texture it has, nil for none; find: callable, a name to an ingredient id or nil.
      def initialize(parts:, now:, texture:, find:)
        @parts = parts
        @now = now
        @texture = texture
        @find = find
      end

      # The wishes, where several are said at once: "vegan and under 90 kcal", "no peanuts or sesame". Unreadable with the mend where
      # the words mean none, or two things of the same figure.
      def all(text)
        [read(text)]
      rescue Unreadable
        raise if text.to_s.length > LONGEST

        pieces = text.to_s.scrub.split(JOINED).map(&:strip).reject(&:empty?)
        raise unless pieces.size.between?(2, MOST_AT_ONCE)

        each(pieces).tap { |wishes| refuse_doubles(pieces, wishes) }
      end

      # The wish. Unreadable with the mend where the words mean none.
      def read(text)
        plain = text.to_s.scrub.strip.gsub(/\s+/, " ")
        Parser.too_long(plain) if plain.length > LONGEST

        part, words = parted(plain)
        found = found(words, part) and return Wish.read(part ? "#{part}.#{found}" : found)
        found = part && found(plain, nil) and return Wish.read(found)

        if Parser::GRAMMAR.match?(plain)
          Wish.read(plain)
        else
          refuse(of_a_line?(words) ? :phrase_of_line : :no_phrase, plain)
        end
      end

      private

      # "use less honey", "more oats"
      def of_a_line?(said) = said.downcase[LINE, 1]&.then { |name| @find.call(name) }

      # "no peanuts or sesame" is no peanuts and no sesame.
      def each(pieces)
        begun = pieces.first[BEGUN]
        pieces.map do |piece|
          read(piece)
        rescue Unreadable
          (begun && piece != pieces.first) ? read("#{begun} #{piece}") : raise
        end
      end

      def refuse_doubles(pieces, wishes)
        (one, _), (other, _) = pieces.zip(wishes).combination(2).find { |(_, first), (_, second)| first.replaces?(second) }
        Unreadable.because(:phrases_of_the_same, one: one, other: other) if one
      end

      def refuse(code, words, **facts) = Unreadable.because(code, words: words[0, 60], **facts)

      # The text of the wish; nil where the words mean none.
      def found(said, part)
        words = said.downcase.tr("’", "'").delete_suffix(".").strip.gsub(AROUND, "")
        texture(words) || other_texture(words, part) || diet(words) || WarmText.text(NumberWords.to_figures(words)) ||
          BoundText.text(NumberWords.to_figures(words)) ||
          times_the_batch(words) || relative(words, part) || no_sugar(words) || went(words) || stays(words)
      end

      # "caramel: spreads", "caramel spreads": [part or nil, the rest].
      def parted(text)
        name = @parts.sort_by { |each| -each.length }.find { |each| text.downcase.start_with?("#{each.downcase} ", "#{each.downcase}:") }
        name ? [name, text[name.length..].sub(/\A\s*:?\s*/, "")] : [nil, text]
      end

      # "rolls", "presses or rolls"
      def texture(words)
        named = ->(each) { TEXTURES.find { |_, pattern| pattern.match?(each) }&.first }
        ids = [named.call(words)]
        ids = words.split(/ (?:or|to) /).map(&named) unless ids.all?
        return unless ids.size.between?(1, 2) && ids.all?

        "texture=#{(ids.size == 1) ? ids.first : ids.sort_by { |id| Binding::Texture.index(id[/\A\w+/]) }.uniq.join("..")}"
      end

      # "wetter", "less sticky": the next class from the one that it is.
      def other_texture(words, part)
        move = TEXTURE_MOVES.find { |each| each.typed.match?(words) } or return
        now = @texture.call(part) or refuse(:phrase_without_texture, words)
        index = Binding::Texture.index(now)
        further = move.classes.positive? ? "wetter" : "drier"
        refuse(:phrase_of_other_texture, words, now: now, further: further) unless move.range.cover?(index)
        index += move.classes
        refuse(:phrase_past_textures, words, now: now, further: further) unless index.between?(0, Binding::Texture::ALL.size - 1)
        "texture=#{Binding::Texture::ALL[index]}"
      end

      # "double the batch", "twice as many", "half the recipe"
      def times_the_batch(words)
        times = TIMES_THE_BATCH.find { |_, pattern| pattern.match?(words) }&.first or return
        row = %w[pieces grams].map { |key| Key[key] }.find { |each| @now.call(each, nil) } or return
        BoundText.written(row, "=", (@now.call(row, nil) * times).round)
      end

      def no_sugar(words) = (refuse(:phrase_no_sugar, words) if NO_SUGAR.match?(words))

      def diet(words) = DIETS.find { |pattern, _| pattern.match?(words) }&.last&.then { |id| "diet=#{id}" }

      # "less sweet", "cheaper", "half the sugar", "a third less sugar", "20 % less sugar"
      def relative(words, part)
        Key.all.each do |row|
          less, more = [row.down, row.up].map { |phrases| share(words, phrases) }
          return moved(row, "<=", less, part) if less
          return moved(row, ">=", more, part) if more
          return moved(row, "<=", 0.5, part) if /\A(?:less than |at most )?half (?:the |as )(?:much )?(?:#{row.typed})\z/.match?(words)
        end
        nil
      end

      def share(words, phrases)
        phrase = phrases.find { |each| words == each || words.end_with?(" #{each}") } or return
        rest = words.delete_suffix(phrase).strip
        return A_TENTH if rest.empty?

        SHARES[rest] || (rest[/\A(\d{1,2})\s*(?:%|per ?cent)\z/, 1]&.to_f&./ 100)
      end

      def moved(row, op, share, part)
        now = @now.call(row, part) or Unreadable.because((row.key == PieceFigure::MONEY) ? :phrase_without_price : :phrase_without_figure,
          name: row.name)
        to = now * ((op == "<=") ? 1 - share : 1 + share)
        BoundText.written(row, op, to.round(decimals(row, to)))
      end

      # As many as a person would say.
      def decimals(row, value)
        return 0 if row.of == "batch" || row.key == "kcal"

        (value < 1 || row.key == PieceFigure::MONEY) ? 2 : 1
      end

      def went(words)
        name = words[/\A(?:no|without|leave out|not? any) (.+)\z/, 1] || words[/\A(.+?)[- ]free\z/, 1] or return
        id = ALLERGENS[name] || (Mixture::Allergens::ALL.include?(name) ? name : @find.call(name))
        id ? "without:#{id}" : Unreadable.because(:phrase_neither, name: name)
      end

      def stays(words)
        name = words[KEEP, 1] || words[STAYS, 1] or return
        return "lock:#{Lock::SIZE}" if SIZE.match?(name)

        id = @find.call(name)
        id ? "lock:#{id}" : Unreadable.because(:phrase_no_ingredient, name: name)
      end
    end
  end
end
