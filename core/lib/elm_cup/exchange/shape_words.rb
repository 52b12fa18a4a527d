# frozen_string_literal: true

module ElmCup
  module Exchange
    # Pieces and coat in one sentence each, as cards and files for others say them.
    module ShapeWords
      # "24 pieces of 17.5 g: 33 × 50 mm, 10 mm deep, in a 20 × 20 cm tin cut 6 × 4." of a Piece::Yield.
      def self.pieces(pieces)
        several = pieces.tin && ((pieces.tin.count > 1) ? "#{pieces.tin.count} times a" : "a")
        tin = pieces.tin && ", in #{several} #{pieces.tin.words} cut #{pieces.cut.words}"
        "#{pieces.words} of #{number(pieces.piece_grams)} g: #{pieces.size}#{tin}."
      end

      # "Dipped in shell: about 124 g on all of them; have 151 g ready." of a Coating::Need.
      def self.coat(need)
        with = need.component ? " with #{need.component}" : ""
        "#{need.words[0].upcase}#{need.words[1..]}#{with}: about #{need.grams_needed.round} g on all of them; have #{need.grams_with_spare.round} g ready."
      end

      def self.number(value) = value.round((value < 10) ? 1 : 0)
      private_class_method :number
    end
  end
end
