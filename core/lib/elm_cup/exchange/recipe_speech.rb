# frozen_string_literal: true

module ElmCup
  module Exchange
    # Parts and amounts as they are spoken of in a message: "then for the middle: half a tin of caramel", "top is 150 g milk choc". For
    # RecipeText, which opens the part.
    module RecipeSpeech
      # "top is 150 g milk choc": a part and what it takes, in a sentence.
      PART_IS = /\A(?:(?:the|your)\s+)?(?<part>\p{L}+(?:\s\p{L}+)?)\s+(?:is|are|was|=|needs?|takes?|gets?|has)\s+(?:just\s+|about\s+)?(?=\S)/i
      # "and then for the middle: …", "next, the base: …"
      SPOKEN = /\A(?:(?:and|then|now|next|so|ok(?:ay)?|finally|lastly|after that|also)[,:]?\s+)+(?=for\s|the\s|[\d½⅓⅔¼¾⅛]|an?\s|half\s)/i
      # "Mix & roll. Dip in:" heads what it is dipped in.
      LAST_SENTENCE = /(?<=\p{L}[.!?])\s+/

      private

      # "top is 150 g milk choc" opens a part of that name.
      def part_said(line)
        found = PART_IS.match(line.text) or return
        return unless RecipeWords.part?(found[:part]) && amount_first?(found.post_match)

        inline(found[:part], found.post_match, line.text)
        true
      end
    end
  end
end
