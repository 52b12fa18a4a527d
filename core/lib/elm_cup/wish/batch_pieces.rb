# frozen_string_literal: true

module ElmCup
  module Wish
    # How many pieces the batch makes: "pieces=24". Pieces are whole: n of them are what weighs n to just under n + 1.
    class BatchPieces < Figure
      for_keys "pieces"
      # What = means beside the very number; and just under the next one.
      HALF_A_PIECE = 0.5
      OPEN = 1e-4
      # Whole pieces hide how little is missing, or over: bounds come in by so much of one.
      INWARD = 0.015

      def now(assessment) = assessment.pieces.together&.count

      def ratio(rows) = rows.piece_ratio

      def size? = true

      def in_pieces? = true

      def needs_shape? = true

      def constrain(problem)
        problem.situation.pieces&.apart? ? problem.pieces_apart(self) : super
      end

      def limits(met: false, lost: 0.0)
        least = value + lost
        case op
        when "<=" then [nil, least + 1 - OPEN]
        when ">=" then [least, nil]
        else [least, least + (met ? 1 - OPEN : HALF_A_PIECE)]
        end
      end

      def tighten(before, _seen, _sums) = before.with(inward: before.inward + INWARD)

      private

      def same?(now) = now == value

      def number_fault(number) = ([:wish_whole_pieces, {text: text}] if number < 1 || number % 1 != 0)

      def missing(_assessment) = Fault.at("", :not_reckoned_yet)

      def plain_words(_library) = "#{"#{BOUNDS.fetch(op)} " unless op == "="}#{row.said(value)} pieces"
    end
  end
end
