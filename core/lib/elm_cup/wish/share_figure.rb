# frozen_string_literal: true

module ElmCup
  module Wish
    # A share of all that goes into pieces: "sweetness>=18".
    class ShareFigure < Figure
      for_keys(*Key.of("share").map(&:key))

      def now(assessment) = assessment.nutrition.sweetness&.round(1)

      def ratio(rows) = rows.per_gram(key)

      private

      def plain_words(_library) = "#{row.name} #{bounded}"
    end
  end
end
