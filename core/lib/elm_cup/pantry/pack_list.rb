# frozen_string_literal: true

module ElmCup
  module Pantry
    # What a pack's ingredient list gives away: allergens, traces, diets it breaks, hard fat in a nut butter, cocoa per cent,
    # sugar-free sweeteners. Words are rows of pack_words.csv.
    class PackList
      # pattern: in small letters, for text in small letters; letters of both cases do not mix with words that must stand before.
      Words = Value.of(:kind, :id, :pattern)
      WORDS = DataTable.rows("pack_words").map { |row| Words.new(kind: row["kind"], id: row["id"], pattern: /\b(?:#{row["words"]})\b/) }
        .freeze
      # Where a warning begins: "may contain", "packed in a factory that handles". "Made in the UK" and "made in the UK with plant
      # oils" warn of nothing. What is doubtful counts as listed: an allergen too many is safer than one too few.
      PLACE = /(?:facilit(?:y|ies)|factor(?:y|ies)|bakery|kitchens?|equipment|lines?|machinery|plant|site|premises|environment)/i
      MADE_IN = /(?:made|produced|packed|packaged|processed|manufactured|prepared) (?:in|on)\s+(?:(?!(?:from|with|using|of)\b)[\w-]+\s+){0,4}?#{PLACE}(?!\s+(?:oils?|fats?|salt|milk|proteins?))/i
      TRACES = /\b(?:may (?:also )?contain|contains? traces|traces? of|#{MADE_IN}|not suitable)\b/i
      # A warning ends with its sentence, or where the list begins.
      SENTENCE = /(?<=[.!])\s+|(?=\bingredients?\s*:)/i
      ALLERGEN_WORD = /(?:milk|dairy|lactose|gluten|wheat|soya?|(?:tree )?nuts?|peanuts?|eggs?|sesame|fish|mustard|celery|lupin)/i
      # "free from milk, egg and soya", "contains no nuts", "dairy-free": said not to be there. "Gluten-free" goes with the oats behind
      # it; "free from gluten, milk" may go on with the list; "eggs free range" are eggs.
      ALLERGEN_WORDS = /#{ALLERGEN_WORD}(?:(?:\s*,\s*#{ALLERGEN_WORD})*\s*,?\s*(?:and|or|&)\s*#{ALLERGEN_WORD})?(?=\s*(?:[.,;)]|\z))/i
      ABSENT = /\b(?:free (?:from|of)|(?:contains )?no(?: added)?|without)\s+#{ALLERGEN_WORDS}|\b(?!gluten)#{ALLERGEN_WORD}[- ]free\b(?![- ](?:range|from|of))/i
      COCOA = /cocoa(?: solids| mass| content)?\s*:?\s*\(?(?:minimum|min\.?|at least)?\s*(\d{2,3})\s*%|(\d{2,3})\s*%\s*(?:min(?:imum)?\s+)?cocoa(?! butter)/i
      # The list of a natural nut butter holds nuts or seeds and perhaps salt.
      BEFORE_NUT = /(?:dry[- ])?(?:roasted|blanched|raw|organic|hulled|whole|\d+(?:\.\d+)?\s*%|sea|black|white|brown)/i
      NUT = /peanuts?|almonds?|cashews?(?: nuts?)?|hazelnuts?|pistachios?|pecans?|walnuts?|macadamias?|nuts|seeds?|sesame(?: seeds?)?|salt/i
      PLAIN = /\A(?:#{BEFORE_NUT}\s+)*(?:\w+ )?(?:#{NUT})(?:\s*\(?\d+(?:\.\d+)?\s*%\)?)?\z/i

      # text: the list as printed.
      def initialize(text)
        @text = text
        parted = text.gsub(ABSENT, " ").split(SENTENCE).map { |sentence| sentence.partition(/#{TRACES}.*\z/mio) }
        @list = parted.map(&:first).join(" ")
        @warning = parted.map { |sentence| sentence[1] }.join(" ")
      end

      # Ids of the allergens in the list.
      def allergens = found("allergen", @list)

      # Ids of allergens that the pack only warns of.
      def traces = found("allergen", @warning) - allergens

      # Diet ids that its words break, beside those its allergens break.
      def breaks = found("breaks", @list)

      # The polyol it is sweetened with, nil for none.
      def polyol = found("polyol", @list).first

      # A sweetener that is no sugar.
      def sugar_free? = (polyol || found("sweetener", @list).any?) && found("sugar", @list).empty?

      # Per cent of cocoa that it says, nil where it says none.
      def cocoa_percent = COCOA.match(@text)&.captures&.compact&.first&.to_i

      # :no_stir where hard fat was added, :natural where it is nuts or seeds and salt alone, :other otherwise; of a nut or seed butter.
      def butter
        return :no_stir if found("hard_fat", @list).any?

        (items.all? { |item| item.match?(PLAIN) }) ? :natural : :other
      end

      # The things it lists, in order.
      def items
        @list.sub(/\A\s*ingredients?\s*:/i, "").split(/[,;.](?!\d)/).map(&:strip)
          .reject { |item| item.empty? || item.match?(/\Acontains?\s*:/i) }
      end

      private

      def found(kind, text)
        small = text.downcase
        WORDS.select { |words| words.kind == kind && words.pattern.match?(small) }.map(&:id)
      end
    end
  end
end
