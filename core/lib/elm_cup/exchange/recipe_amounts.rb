# frozen_string_literal: true

module ElmCup
  module Exchange
    # Amounts of ingredients inside sentences: "Stir in 250 g crushed biscuits and a tin of condensed milk, then roll in 30 g cocoa". For
    # who knows what a line is by itself (RecipeKinds).
    module RecipeAmounts
      NUMBERS = "an?|one|two|three|four|five|six|half(?:\\s+an?)?"
      BEGINS = /(?<![\p{L}\d.,\/])(?<more>(?:another|a\s+further)\s+)?(?:about\s+)?(?:[\d½⅓⅔¼¾⅛]|(?:#{NUMBERS})\s+(?:(?:good|big|large|small|heaped|heaping|level|rounded)\s+)?#{Quantity::Unit::PATTERN}(?!\p{L})|(?<=another\s)#{Quantity::Unit::PATTERN}(?!\p{L}))/io
      DONE = "mixed|melted|dissolved|stirred|blended|whisked|warmed|heated"
      GOES_ON = "and|then|with|w/|into|in|over|until|for|to|on|before|while|plus|together|by|if|per|each"
      # Another amount: "add 3c quick oats 1/2 c pb 1 t vanilla"
      NEXT = %r{(?<=[\p{L})]\s)(?=[\d½⅓⅔¼¾⅛][\d.,/½⅓⅔¼¾⅛]*\s*#{Quantity::Unit::PATTERN}(?!\p{L}))}
      SIGNS = %r{[,;:!?()]|(?<=\s)[&+/](?=\s)|\.(?=\s|\z)}
      ENDS = %r{#{SIGNS}|(?<=\s)(?:#{GOES_ON})(?=\s)|(?<=\s)(?:#{DONE})(?=\s+(?:with|w/|in|into)\b)|#{NEXT}}io
      # Sentences that say perhaps.
      PERHAPS = /\b(?:if|unless|optional\w*|instead|substitut\w*|swap|or use|could|depending)\b/i
      # What the last of these words before an amount says it is for.
      PLACES = {
        "coating" => /\b(?:dip\w*|coat\w*|cover\w*|enrob\w*|drizzl\w*|spread\w*)\b/i,
        "topping" => /\broll\w*(?:\s+\p{L}+){0,3}?\s+(?:in|through)\b|\b(?:dust\w*|sprinkl\w*|scatter\w*|top|decorat\w*|garnish\w*|finish\w*)\b/i,
        nil => /\b(?:mix|stir|add|melt|crush|blend|combine|blitz|process|whizz|pulse|beat|whisk|fold|heat|warm|boil|tip|knead|take|need)(?:s|es|ing)?\b/i
      }.freeze
      Told = Value.of(:text, :type, :more)

      private

      # Told of every amount of a known ingredient in a text, in order: its words, the type of part that it is for (nil for the bowl),
      # whether it is said to be more of something. What perhaps goes in is said and left out.
      def told_amounts(text)
        text.split(/(?<=\p{L}[.!?])\s+/).flat_map do |sentence|
          found = amounts_of(sentence)
          next [] if sentence.match?(RecipeKinds::ENERGY)
          next found unless sentence.match?(PERHAPS)

          found.each { |told| @remarks << "“#{told.text}” is only if needed: it is not counted" }
          []
        end
      end

      def amounts_of(sentence)
        found = []
        from = 0
        while (begins = BEGINS.match(sentence, from))
          at = begins.begin(0) + begins[:more].to_s.length
          words = sentence[at..]
          ends = at + (words =~ ENDS || words.length)
          text = sentence[at...ends].strip
          text = "1 #{text}" if begins[:more] && !text.match?(/\A[\d½⅓⅔¼¾⅛]/)
          from = [ends, begins.end(0) + 1].max
          found << Told.new(text: text, type: place(sentence[0...begins.begin(0)]), more: !begins[:more].nil?) if known_amount?(text)
        end
        found
      end

      def known_amount?(text)
        !text.match?(RecipeKinds::NO_AMOUNT) && amount_first?(text) && of_known?(text) && reading(text).terms.any?(&:unit)
      end

      def place(before)
        PLACES.map { |type, words| [before.rindex(words) || -1, type] }.max_by(&:first).then { |at, type| type unless at.negative? }
      end
    end
  end
end
