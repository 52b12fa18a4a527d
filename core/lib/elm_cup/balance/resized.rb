# frozen_string_literal: true

module ElmCup
  module Balance
    # The answer that leaves the bowl as it is and shapes it in pieces of another size.
    #   patch  on the document     was  Assessment of the formula as it is     least  nothing is less for sure
    Resized = Value.of(:document, :patch, :assessment, :was, least: false) do
      def before = Assessment::Outline.new(was)

      def after = Assessment::Outline.new(assessment)

      # How far a piece is from what it was, as a share of that: what a line counts that moves as far.
      def size = (assessment.pieces.piece_grams / was.pieces.piece_grams - 1).abs

      def proved? = least

      # None of that size counts less.
      def bound = size

      # The same, as the answer that it came to be among others.
      def ranked(least:, number:) = with(least: least && number.zero?)

      def times = 1

      def changes
        [Change.new(kind: :size, component: nil, ingredient: nil, name: "piece", text: text, grams: grams(assessment) - grams(was),
          was: sized(was), now: sized(assessment))]
      end

      def why
        least ? "#{text}: nothing else has to change, and it is the smallest change." : "#{text}: nothing else has to change."
      end

      # No line moved; its nutrition is summed as ever.
      def sums = [Sums::Sum.new(figure: "size", value: size.round(7), formula: "max(now / was - 1, 1 - now / was)",
        inputs: {"now" => grams(assessment).round(4), "was" => grams(was).round(4)},
        labels: {"now" => "grams of a piece, changed", "was" => "grams of a piece as it is"}, source: Sums::SIZE_SOURCE)]

      private

      def text = "Pieces of #{said(assessment)} g instead of #{said(was)} g"

      def sized(each) = "#{each.pieces.together.words} of #{said(each)} g"

      def grams(each) = each.pieces.piece_grams

      def said(each) = Quantity::FractionText.decimal(Rational(grams(each).round(1).to_s))
    end
  end
end
