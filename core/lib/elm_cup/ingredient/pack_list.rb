# frozen_string_literal: true

module ElmCup
  module Ingredient
    # What a pack's ingredient list gives away: allergens, traces, diets it breaks, hard fat in a nut butter, cocoa per cent,
    # sugar-free sweeteners. Words are rows of pack_words.csv.
    class PackList
      Words = Value.of(:kind, :id, :pattern)
      WORDS = DataTable.rows("pack_words").map { |row| Words.new(kind: row["kind"], id: row["id"], pattern: /\b(?:#{row["words"]})\b/i) }.freeze
      TRACES = /\b(?:may (?:also )?contain|contains? traces|traces? of|(?:made|produced|packed|packaged) (?:in|on)|not suitable)\b/i
      COCOA = /cocoa(?: solids| mass| content)?\s*:?\s*\(?(?:minimum|min\.?|at least)?\s*(\d{2,3})\s*%|(\d{2,3})\s*%\s*(?:min(?:imum)?\s+)?cocoa(?! butter)/i
      # The list of a natural nut butter holds nuts or seeds and perhaps salt.
      PLAIN = /\A(?:(?:dry[- ])?(?:roasted|blanched|raw|organic|hulled|whole|\d+(?:\.\d+)?\s*%|sea|black|white|brown)\s+)*(?:\w+ )?(?:peanuts?|almonds?|cashews?(?: nuts?)?|hazelnuts?|pistachios?|pecans?|walnuts?|macadamias?|nuts|seeds?|sesame(?: seeds?)?|salt)(?:\s*\(?\d+(?:\.\d+)?\s*%\)?)?\z/i

      # text: the list as printed.
      def initialize(text)
        @text = text
        at = text.index(TRACES)
        @list = at ? text[0...at] : text
        @warning = at ? text[at..] : ""
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
      def items = @list.sub(/\A\s*ingredients?\s*:/i, "").split(/[,;.](?!\d)/).map(&:strip).reject(&:empty?)

      private

      def found(kind, text) = WORDS.select { |words| words.kind == kind && words.pattern.match?(text) }.map(&:id)
    end
  end
end
